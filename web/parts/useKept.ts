// What was typed into a form that its own act takes off the screen: a bag that is poured leaves the list at once, and is back with its form when the house
// refuses. It lasts as long as the page does.
import { useState } from 'react';

const kept = new Map<string, unknown>();

/** State that outlives its component, by form and field. */
export function useKept<T>(form: string, field: string, initial: T): [T, (next: T) => void] {
  const key = `${form} ${field}`;
  const [value, setValue] = useState<T>(() => (kept.has(key) ? (kept.get(key) as T) : initial));
  return [
    value,
    (next) => {
      kept.set(key, next);
      setValue(next);
    },
  ];
}

/** The form is done with. */
export function forgetKept(form: string): void {
  for (const key of [...kept.keys()]) if (key.startsWith(`${form} `)) kept.delete(key);
}
