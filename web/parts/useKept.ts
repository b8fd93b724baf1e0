// What was typed into a form and not sent yet: it outlives the form, the page and a reload, for the person who typed it. A bag that is poured leaves the list
// at once and is back with its form when the house refuses; a tab that is reloaded has lost nothing. It ends with the sitting: yesterday's temperature is no draft.
import { use, useState } from 'react';
import { MeContext } from '../data/me.ts';

const STORE = 'daily-crate-drafts';
const kept = new Map<string, unknown>(read());

function read(): [string, unknown][] {
  try {
    return JSON.parse(sessionStorage.getItem(STORE) ?? '[]') as [string, unknown][];
  } catch {
    return [];
  }
}

function write(): void {
  try {
    sessionStorage.setItem(STORE, JSON.stringify([...kept]));
  } catch {
    // It lasts as long as the page does.
  }
}

type Next<T> = T | ((now: T) => T);

/** State that outlives its component, by form and field. */
export function useKept<T>(form: string, field: string, initial: T): [T, (next: Next<T>) => void] {
  const who = use(MeContext)?.person.id ?? '';
  const key = `${form} ${field} ${who}`;
  const [value, setValue] = useState<T>(() => (kept.has(key) ? (kept.get(key) as T) : initial));
  return [
    value,
    (next) => {
      const now = kept.has(key) ? (kept.get(key) as T) : value;
      const then = typeof next === 'function' ? (next as (now: T) => T)(now) : next;
      kept.set(key, then);
      write();
      setValue(then);
    },
  ];
}

/** The form is done with. */
export function forgetKept(form: string): void {
  for (const key of [...kept.keys()]) if (key.startsWith(`${form} `)) kept.delete(key);
  write();
}

/** For tests: what an earlier one typed is none of the next. */
export function forgetAllKept(): void {
  kept.clear();
  write();
}
