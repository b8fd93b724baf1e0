// What was typed into a form and not sent yet: it outlives the form, the page and a reload, for the person who typed it. A bag that is poured leaves the list
// at once and is back with its form when the house refuses; a tab that is reloaded has lost nothing. It ends with the sitting: yesterday's temperature is no draft.
import { use, useState } from 'react';
import { HOUR_MS } from '#core/time/index.ts';
import { MeContext } from '../data/me.ts';

const STORE = 'daily-crate-drafts';
/** A sitting: a temperature that was typed this morning and never sent is no reading of this afternoon. */
const KEPT_FOR_MS = 2 * HOUR_MS;
type Kept = { value: unknown; atMs: number };
const kept = new Map<string, Kept>(read());

function read(): [string, Kept][] {
  try {
    return JSON.parse(sessionStorage.getItem(STORE) ?? '[]') as [string, Kept][];
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

/** Nothing when it was never typed, or too long ago. By this device's clock: a demo's house clock may stand. */
function recall(key: string): Kept | undefined {
  const found = kept.get(key);
  return found && Date.now() - found.atMs < KEPT_FOR_MS ? found : undefined;
}

type Next<T> = T | ((now: T) => T);

/** State that outlives its component, by form and field. */
export function useKept<T>(form: string, field: string, initial: T): [T, (next: Next<T>) => void] {
  const who = use(MeContext)?.person.id ?? '';
  const key = `${form} ${field} ${who}`;
  const [value, setValue] = useState<T>(() => (recall(key)?.value ?? initial) as T);
  return [
    value,
    (next) => {
      const now = (recall(key)?.value ?? value) as T;
      const then = typeof next === 'function' ? (next as (now: T) => T)(now) : next;
      kept.set(key, { value: then, atMs: Date.now() });
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
