// The title of the browser's tab: what is in front, its station, the program. A page says what is in front; the frame puts it together.
import { useEffect, useSyncExternalStore } from 'react';

let front: string | undefined;
const listeners = new Set<() => void>();

function setFront(next: string | undefined): void {
  if (front === next) return;
  front = next;
  listeners.forEach((listener) => listener());
}

/** This page shows `name` (a tank, a lot, a crate) for as long as it is there. */
export function useTitle(name: string | undefined): void {
  useEffect(() => {
    setFront(name);
    return () => setFront(undefined);
  }, [name]);
}

/** What the tab says at `station`. */
export function useTabTitle(station: string | undefined): void {
  const named = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    () => front,
  );
  useEffect(() => {
    document.title = [named, station, 'Daily Crate'].filter(Boolean).join(' · ');
  }, [named, station]);
}
