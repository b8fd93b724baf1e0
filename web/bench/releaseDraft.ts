// Net out: what becomes of a bag's fish, as the entries of one act. What follows from it for those who live in the tank is added by who asks.
import type { BenchBag } from '#contract/views.ts';
import type { ReleaseBy } from '#core/bench/index.ts';
import { quarantineClassOf, type QuarantinePolicy } from '#core/quarantine/index.ts';
import type { Mishap } from '#core/rounds/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { newId, type Draft } from '../data/house.ts';

export type DueFloat = { bag: BenchBag; floatId: string };

type Release = {
  bag: BenchBag;
  floatId?: string;
  alive: number;
  dead: number;
  by: ReleaseBy;
  mishap?: Mishap;
  /** Other bags that go in with it, as they are on the records: a count that differs is told bag by bag. */
  along: readonly DueFloat[];
  policy: QuarantinePolicy;
};

/** The quarantine that the fish of this bag would have, by what they are and whose water it is. */
export const policyFor = (bag: BenchBag, rules: Pick<HouseRules, 'quarantine'>): QuarantinePolicy =>
  rules.quarantine[quarantineClassOf({ is: bag.kind?.is }, bag.system!.type)];

/** Living fish of a lot that has no quarantine yet, into water of the house: one begins with them. */
export const beginsQuarantine = (bag: BenchBag, alive: number): boolean =>
  !bag.holdKnown && alive > 0 && bag.system!.purpose !== 'customer';

/** A count other than the records', a quarantine that begins, the release itself, and a mishap on the way: in this order, for a place is judged by who was in quarantine before. */
export function releaseEntries({ bag, floatId, alive, dead, by, mishap, along, policy }: Release): Draft[] {
  const found = alive + dead;
  const tank = bag.tank!.id;
  const entries: Draft[] = [];
  if (found !== bag.alive) {
    const against = found < bag.alive ? 'missing' : 'discrepancy';
    entries.push({ kind: 'stock.counted', payload: { place: bag.bag, lot: bag.lot, found, onRecord: bag.alive, against } });
  }
  if (beginsQuarantine(bag, alive))
    entries.push({ kind: 'quarantine.opened', payload: { quarantine: newId(), lot: bag.lot, policy, zero: 'arrival' } });
  entries.push({
    kind: 'fish.released',
    payload: { bag: bag.bag, lot: bag.lot, tank, ...(floatId ? { floatId } : {}), alive, dead, by },
  });
  for (const { bag: next, floatId: float } of along)
    entries.push({
      kind: 'fish.released',
      payload: { bag: next.bag, lot: next.lot, tank, floatId: float, alive: next.alive, dead: 0, by },
    });
  if (mishap && alive > 0) entries.push({ kind: 'mishap.recorded', payload: { lot: bag.lot, tank, n: 1, what: mishap } });
  return entries;
}
