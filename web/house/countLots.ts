// The lots of a list, each an act of its own: what stands against one keeps none of the others waiting, and is asked about together at the end.
import { passingOver, takenAs, type Refusal } from '#core/journal/index.ts';
import type { Draft } from '../data/house.ts';
import type { SendOutcome } from '../data/outbox.ts';

export const LIVES_THERE = 'lives there already';
export type CountedLot = { key: string; words: string; drafts: readonly Draft[] };
/** A lot that the house did not take, with why. */
export type AskedLot = CountedLot & { refusals: readonly Refusal[]; code: string };
export type SendLot = (words: string, drafts: readonly Draft[]) => Promise<SendOutcome>;

/** Tries each once; gives those that were not taken. */
export async function countLots(lots: readonly CountedLot[], send: SendLot, onEach: (done: number) => void): Promise<AskedLot[]> {
  const asked: AskedLot[] = [];
  for (const [index, lot] of lots.entries()) {
    const outcome = await send(lot.words, lot.drafts);
    if (outcome.status === 'refused') asked.push({ ...lot, refusals: outcome.refusals, code: outcome.code });
    onEach(index + 1);
  }
  return asked;
}

/** Only what somebody may say all the same can be said so. */
export const mayStand = ({ refusals }: AskedLot): boolean =>
  refusals.length > 0 && refusals.every(({ overrule }) => overrule !== undefined);

/** The lot with what stood against it passed over: it lives there, whatever one thinks of it. */
export const standing = ({ refusals, code: _code, ...lot }: AskedLot): CountedLot => ({
  ...lot,
  drafts: passingOver(lot.drafts, refusals, (refusal) => takenAs(refusal, LIVES_THERE)),
});
