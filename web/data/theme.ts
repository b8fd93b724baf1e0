// How this device looks: day, or lights out for a room kept dark. Kept on the device: it is the room that is dark, not the person.
import { useSyncExternalStore } from 'react';

export type Theme = 'day' | 'out';
const KEPT = 'daily-crate-theme';
const PAPER: Record<Theme, string> = { day: '#FFFEFA', out: '#1D1812' };
const listeners = new Set<() => void>();

const themeNow = (): Theme => (document.documentElement.dataset.theme === 'out' ? 'out' : 'day');

export function setTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  document.querySelector('meta[name="theme-color"]')?.setAttribute('content', PAPER[theme]);
  try {
    localStorage.setItem(KEPT, theme);
  } catch {
    // It holds until the page is left.
  }
  listeners.forEach((listener) => listener());
}

export function useTheme(): Theme {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  }, themeNow);
}
