// What the walk needs of healing: whose measure is due.
import type Database from 'better-sqlite3';
import { houseDay } from '#core/time/index.ts';
import type { RoundTank } from '#contract/views.ts';
import { grouped } from '../now/rows.ts';
import { prepareHealings } from './cards.ts';

type Lot = RoundTank['lots'][number];

export function prepareHealingHere(
  client: Database.Database,
): (given: { now: number; zone: string }) => (lot: string) => Pick<Lot, 'healings'> {
  const { running } = prepareHealings(client);
  return ({ now, zone }) => {
    const byLot = grouped(running(), ({ lot }) => lot);
    return (lot) => {
      const here = byLot.get(lot);
      if (!here) return {};
      return {
        healings: here.map(({ healing, what, by, until, now: stands }) => ({
          healing,
          what,
          by,
          until,
          ...(stands.last ? { last: stands.last.value } : {}),
          // On the day on which it is due any round will do.
          due: !stands.met && houseDay(stands.nextMs, zone) <= houseDay(now, zone),
        })),
      };
    };
  };
}
