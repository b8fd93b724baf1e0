// How this device looks: day, or lights out for a room kept dark. Kept on the device: it is the room that is dark, not the person.
import { useSyncExternalStore } from 'react';

export type Look = 'day' | 'out';
const KEPT = 'daily-crate-look';
const PAPER: Record<Look, string> = { day: '#FFFEFA', out: '#1D1812' };
const listeners = new Set<() => void>();

const lookNow = (): Look => (document.documentElement.dataset.look === 'out' ? 'out' : 'day');

export function setLook(look: Look): void {
  document.documentElement.dataset.look = look;
  document.querySelector('meta[name="theme-color"]')?.setAttribute('content', PAPER[look]);
  try {
    localStorage.setItem(KEPT, look);
  } catch {
    // It holds until the page is left.
  }
  listeners.forEach((listener) => listener());
}

export function useLook(): Look {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  }, lookNow);
}
