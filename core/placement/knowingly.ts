// Costs of a place taken knowingly: what a keeper's one tap adds to an act, for those who write without a screen.
import { passingOver, takenAs, type Refusal, type Written } from '../journal/index.ts';
import { isCost } from './placeFacts.ts';

export const KNOWINGLY = 'taken knowingly';

/** The act with its costs taken; undefined when something else stands against it. */
export function takenKnowingly<Act extends { entries: readonly Written[] }>(act: Act, refusals: readonly Refusal[]): Act | undefined {
  if (refusals.length === 0 || !refusals.every(({ code }) => isCost(code))) return undefined;
  return { ...act, entries: passingOver(act.entries, refusals, (refusal) => takenAs(refusal, KNOWINGLY)) };
}
