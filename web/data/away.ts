// Reading while the house may be away: an answer of the house when there is one, else what was last seen here, and since when that is.
import { useSyncExternalStore } from 'react';
import { paths } from '#contract/paths.ts';
import type { MeView } from '#contract/views.ts';
import { ServerAway } from './api.ts';
import { houseNow } from './clock.ts';
import { seenStore, type Seen } from './seen.ts';

/** A house that is slower than this is shown as it was, until it answers. */
const SLOW_MS = 1500;

let isAway = false;
/** Grows with each sign-out: what was asked for before it is kept no more. */
let sitting = 0;
/** What this page has from the house itself: newer than anything that is kept. */
const answered = new Set<string>();
/** What this page shows from before, and of when that is. */
const fromBefore = new Map<string, number>();
const listeners = new Set<() => void>();
const tell = () => listeners.forEach((listener) => listener());

/** The house itself said this. */
export function noteAnswer(path: string, body: unknown): void {
  isAway = false;
  answered.add(path);
  if (fromBefore.delete(path)) tell();
  seenStore.keep(path, body, houseNow());
}

type Reading<T> = {
  path: string;
  /** Asks the house. */
  ask: () => Promise<T>;
  /** Takes the house's answer where what was seen before is shown already. */
  later: (answer: T) => void;
  /** What was seen before as it is to be taken now. */
  asNow?: (seen: Seen) => T;
};

/** The house's answer; or, when nobody answers soon enough and nothing of it is on this page yet, what was last seen. */
export async function readOrSeen<T>({ path, ask, later, asNow = ({ body }) => body as T }: Reading<T>): Promise<T> {
  let shown = false;
  const asOf = sitting;
  const asked = ask().then(
    (answer) => {
      if (asOf === sitting) noteAnswer(path, answer);
      if (shown) later(answer);
      return answer;
    },
    (error: unknown) => {
      if (error instanceof ServerAway && error.how === 'away') isAway = true;
      // A no is an answer too: it is shown as from before no longer.
      if (!(error instanceof ServerAway) && fromBefore.delete(path)) tell();
      throw error;
    },
  );
  if (answered.has(path)) return asked;
  const slow = new Promise<undefined>((resolve) => setTimeout(() => resolve(undefined), isAway ? 0 : SLOW_MS));
  const first = await Promise.race([asked.then((answer) => ({ answer })), slow]).catch((error: unknown) => {
    if (error instanceof ServerAway) return undefined;
    throw error;
  });
  if (first) return first.answer;
  const seen = await seenStore.last(path);
  if (!seen || answered.has(path)) return asked;
  shown = true;
  asked.catch(() => undefined);
  fromBefore.set(path, seen.atMs);
  tell();
  return asNow(seen);
}

/** This answer is shown as it was before. */
export const isFromBefore = (path: string): boolean => fromBefore.has(path);

/** What is to be asked for again when the house is back, whether it is on the screen now or not. */
export const pathsFromBefore = (): string[] => [...fromBefore.keys()];

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
const oldest = () => (fromBefore.size > 0 ? Math.min(...fromBefore.values()) : undefined);

/** House time of the oldest that this page shows from before; undefined when all of it is the house's. */
export const useFromBefore = (): number | undefined => useSyncExternalStore(subscribe, oldest);

/** What is kept for somebody else goes, when another is signed in here than was. */
export async function keepOnlyFor(me: MeView): Promise<void> {
  const before = await seenStore.last(paths.me);
  if (!before || (before.body as MeView).person.id === me.person.id) return;
  await forgetSeen();
  noteAnswer(paths.me, me);
}

/** Another person, or nobody: nothing of the last one stays, here or in the store. */
export async function forgetSeen(): Promise<void> {
  sitting += 1;
  answered.clear();
  fromBefore.clear();
  tell();
  await seenStore.forget();
}
