// What the walk needs of healing: whose measure is due, and which lots in quarantine are not ready for a medicine yet.
import type Database from 'better-sqlite3';
import type { RoundTank } from '#contract/views.ts';
import type { LotEater } from '../feeding/eaters.ts';
import { grouped } from '../now/rows.ts';
import { prepareHealings } from './cards.ts';
import { prepareCondition } from './condition.ts';

type Lot = RoundTank['lots'][number];
/** On the day on which it is due any round will do. */
const EARLY_MS = 8 * 3_600_000;

export function prepareHealingHere(client: Database.Database): (now: number) => (lot: string) => Pick<Lot, 'healings'> {
  const { running } = prepareHealings(client);
  return (now) => {
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
          due: !stands.met && stands.nextMs - EARLY_MS <= now,
        })),
      };
    };
  };
}

export function prepareNotReady(
  client: Database.Database,
): (now: number) => (eater: Pick<LotEater, 'lot' | 'inQuarantine'>) => Pick<Lot, 'notReady'> {
  const conditionOf = prepareCondition(client);
  return (now) =>
    ({ lot, inQuarantine }) => {
      if (!inQuarantine) return {};
      const lacks = conditionOf(lot, now).flatMap(({ is, ok }) => (ok ? [] : [is]));
      return lacks.length > 0 ? { notReady: lacks } : {};
    };
}
