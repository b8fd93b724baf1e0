// Whether the one line is open: the key, the links and More all open the same one.
import { useSyncExternalStore } from 'react';

let open = false;
const listeners = new Set<() => void>();

export function setLineOpen(next: boolean): void {
  open = next;
  listeners.forEach((listener) => listener());
}

export const isLineOpen = (): boolean => open;

export function useLineOpen(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    () => open,
  );
}
