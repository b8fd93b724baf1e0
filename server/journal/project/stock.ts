// Legs and balances: commutative sums over whatever the entries move. Shared by all kinds, so no kind can forget them.
import { sql } from 'drizzle-orm';
import { legsOf, linksOf, type Recorded } from '#core/journal/index.ts';
import { isOutside } from '#core/stock/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import type { Drizzle } from '../../db/open.ts';

export type StockProjector = ReturnType<typeof makeStockProjector>;

export function makeStockProjector(db: Drizzle) {
  const leg = prepareInsert(db, tables.leg);
  const need = prepareInsert(db, tables.need);
  const { balance } = tables;
  const place = sql.placeholder;
  const addToBalance = db.insert(balance).values({ lot: place('lot'), place: place('place'), inside: place('inside'), n: place('n') } as never)
    .onConflictDoUpdate({ target: [balance.lot, balance.place], set: { n: sql`${balance.n} + excluded.n` } }).prepare();

  return {
    /** Posts the legs and notes what the entry rests on. Gives the legs, for judging the balances after the act. */
    post(entry: Recorded) {
      const legs = legsOf(entry);
      for (const [ord, one] of legs.entries()) {
        leg({ entry: entry.id, ord, ...one, atMs: entry.occurredAtMs, by: entry.actor });
        addToBalance.run({ ...one, inside: !isOutside(one.place) });
      }
      for (const ref of new Set(linksOf(entry).needs)) need({ ref, entry: entry.id, actId: entry.actId });
      return legs;
    },
    /** Takes back what `post` did for an entry; the rows themselves are voided with its facts. */
    takeBack(entry: Recorded) {
      const legs = legsOf(entry).map((one) => ({ ...one, n: -one.n }));
      for (const one of legs) addToBalance.run({ ...one, inside: !isOutside(one.place) });
      return legs;
    },
  };
}
