// The order of unpacking of a crate, made anew whenever a bag is landed, chosen a tank, afloat or out; the last good one stays until then.
import { useMemo, useState } from 'react';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useAsker } from '../data/useAsker.ts';
import type { UnpackAnswer, UnpackQuestion } from './tasks.ts';

const make = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
/** Bags do not age by the second: a plan that jumps with the clock helps nobody. */
const ANEW_EVERY_MS = 5 * MINUTE_MS;

export function usePlan(crate: string | undefined, pinned: string | undefined) {
  const { data: view, error, mutate } = useView('unpacking', crate ? { crate } : {});
  const { house } = useMe();
  const now = Math.floor(useHouseNow(MINUTE_MS) / ANEW_EVERY_MS) * ANEW_EVERY_MS;
  const [answer, setAnswer] = useState<UnpackAnswer>();
  const question = useMemo<UnpackQuestion | undefined>(
    () => (view?.crate ? { view, rules: house.rules, now, ...(pinned ? { pinned } : {}) } : undefined),
    [view, house.rules, now, pinned],
  );
  const { failed, again } = useAsker<UnpackQuestion, UnpackAnswer>({ make, question, onAnswer: setAnswer });
  return { view, error, mutate, answer: view?.crate ? answer : undefined, failed, again };
}
