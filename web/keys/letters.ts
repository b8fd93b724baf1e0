// Whether keys of one character act on this device: off for who speaks to the screen, or types beside it. Enter, arrows and Esc always do.
import { useSyncExternalStore } from 'react';

const KEPT = 'daily-crate-letter-keys';
const listeners = new Set<() => void>();

function keptNow(): boolean {
  try {
    return localStorage.getItem(KEPT) !== 'off';
  } catch {
    return true;
  }
}
let on = keptNow();

export const areLettersOn = (): boolean => on;

export function setLetters(next: boolean): void {
  on = next;
  try {
    localStorage.setItem(KEPT, next ? 'on' : 'off');
  } catch {
    // It holds until the page is left.
  }
  listeners.forEach((listener) => listener());
}

export function useLetters(): boolean {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  }, areLettersOn);
}
