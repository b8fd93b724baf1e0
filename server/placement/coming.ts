// What is in hand or on its way to each tank, and how many of a lot have no tank yet: for the racks, with something in hand.
import type Database from 'better-sqlite3';
import type { Certainty } from '#core/lots/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export type ComingLot = {
  tank: string;
  lot: string;
  label: string;
  n: number;
  bags: number;
  species: string | null;
  sizeCm?: number;
  sure?: Certainty;
};

export function prepareComing(client: Database.Database) {
  const ask = makeAsk(client);
  const coming = ask.all(
    {
      tank: t.benchRun.tank,
      lot: t.balance.lot,
      ...pick(t.lot, 'label', 'species', 'sure'),
      sizeCm: orNull(number),
      n: number,
      bags: number,
    },
    `
    select c.tank, c.lot, l.label, l.species, l.sure, l.size_cm sizeCm, sum(c.n) n, count(*) bags
    from now_coming c cross join now_lot l on l.id = c.lot group by c.tank, c.lot order by c.lot`,
  );
  const untanked = ask.only(
    number,
    `select coalesce(sum(b.n), 0) from now_standing b join p_bag g on g.id = b.place where b.lot = ?
       and not exists (select 1 from now_coming w where w.place = g.id)`,
  );
  return {
    byTank(): Map<string, ComingLot[]> {
      const lots = new Map<string, ComingLot[]>();
      for (const { sizeCm, sure, ...row } of coming())
        lots.set(row.tank, [
          ...(lots.get(row.tank) ?? []),
          { ...row, ...(sizeCm === null ? {} : { sizeCm }), ...(sure === null ? {} : { sure }) },
        ]);
      return lots;
    },
    /** Heads of a lot in bags that are here, for which no tank is chosen or meant. */
    untanked,
  };
}
