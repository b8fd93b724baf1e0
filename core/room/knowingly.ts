// Costs of a place taken knowingly: what a keeper's one tap adds to an act, for those who write without a screen.
import type { Act, Overrule } from '../journal/entry.ts';
import type { Refusal } from '../journal/refusal.ts';
import { isCost } from './placeFacts.ts';

export const KNOWINGLY = 'taken knowingly';

/** The overrule that takes a refusal as large as it is now. */
export const takenAs = ({ code, facts }: Pick<Refusal, 'code' | 'facts'>, reason = KNOWINGLY): Overrule => ({
  code,
  reason,
  ...(typeof facts.size === 'number' ? { size: facts.size } : {}),
});

/** The act with its costs taken; undefined when something else stands against it. */
export function takenKnowingly(act: Act, refusals: readonly Refusal[]): Act | undefined {
  if (refusals.length === 0 || !refusals.every(({ code }) => isCost(code))) return undefined;
  const taken = refusals.map((refusal) => takenAs(refusal));
  const more = (overrules: readonly Overrule[] = []) => [
    ...overrules.filter(({ code }) => !taken.some((one) => one.code === code)),
    ...taken,
  ];
  return { ...act, entries: act.entries.map((entry) => ({ ...entry, overrules: more(entry.overrules) })) };
}
