// Legs and balances: commutative sums over whatever the entries move. Shared by all kinds, so no kind can forget them.
import { legsOf, linksOf, type RecordedEntry } from '#core/catalogue/index.ts';
import { findUnbalancedLot, negate, type Leg } from '#core/journal/index.ts';
import { isOutside } from '#core/stock/index.ts';
import { clientOf, prepareInsert } from '../db/insert.ts';
import type { Drizzle } from '../db/open.ts';
import * as tables from '../db/projectionTables.ts';

export function makeStockProjector(db: Drizzle) {
  const leg = prepareInsert(db, tables.leg);
  const need = prepareInsert(db, tables.need);
  const made = prepareInsert(db, tables.made);
  const upsert = clientOf(db).prepare(
    'insert into p_balance (lot, place, inside, n) values (?, ?, ?, ?) on conflict (lot, place) do update set n = n + excluded.n',
  );
  const voidMade = clientOf(db).prepare('update p_made set voided_by = ? where ref = ? and entry = ?');
  const addToBalance = ({ lot, place, n }: Leg) => upsert.run(lot, place, isOutside(place) ? 0 : 1, n);

  return {
    /** Posts the legs and notes what the entry rests on. Gives the legs, for judging the balances after the act. */
    post(entry: RecordedEntry) {
      const legs = legsOf(entry);
      const unbalanced = findUnbalancedLot(legs);
      if (unbalanced) throw new Error(`the legs of ${entry.kind} ${entry.id} make or lose fish of lot ${unbalanced}`);
      for (const [ord, part] of legs.entries()) {
        leg({ entry: entry.id, ord, ...part, atMs: entry.occurredAtMs, by: entry.actor });
        addToBalance(part);
      }
      const links = linksOf(entry);
      for (const ref of new Set(links.needs)) need({ ref, entry: entry.id, actId: entry.actId });
      for (const ref of new Set(links.makes)) made({ ref, entry: entry.id, atMs: entry.occurredAtMs });
      return legs;
    },
    /** Takes back what `post` did for an entry; its legs and needs are voided with its facts, what it made by name: an index by entry would cost each act. */
    takeBack(entry: RecordedEntry, by: string) {
      for (const ref of new Set(linksOf(entry).makes)) voidMade.run(by, ref, entry.id);
      const legs = negate(legsOf(entry));
      legs.forEach(addToBalance);
      return legs;
    },
  };
}
