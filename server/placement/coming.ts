// What is in hand or on its way to each tank, and how many of a lot have no tank yet: for the racks, with something in hand.
import type Database from 'better-sqlite3';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export type ComingLot = { tank: string; lot: string; label: string; n: number; bags: number; species: string | null; sizeCm?: number };

export function prepareComing(client: Database.Database) {
  const ask = makeAsk(client);
  const coming = ask.all(
    { tank: t.benchRun.tank, lot: t.balance.lot, ...pick(t.lot, 'label', 'species'), sizeCm: orNull(number), n: number, bags: number },
    `
    select c.tank, c.lot, l.label, l.species, l.size_cm sizeCm, sum(c.n) n, count(*) bags
    from now_coming c join now_lot l on l.id = c.lot group by c.tank, c.lot order by c.lot`,
  );
  const untanked = ask.only(
    number,
    `select coalesce(sum(x.n), 0) from (
       select g.id bag, b.n from now_standing b join p_bag g on g.id = b.place where b.lot = @lot
       union all select g.id, g.listed from p_bag g join p_crate c on c.id = g.crate and c.voided_by is null
         where g.lot = @lot and g.voided_by is null
           and not exists (select 1 from p_landing l where l.bag = g.id and l.voided_by is null)
           and not exists (select 1 from p_absence a where a.bag = g.id and a.voided_by is null)
           and (not exists (select 1 from p_given_up u where u.crate = c.id and u.voided_by is null) or exists (select 1 from p_arrival i where i.crate = c.id and i.voided_by is null))
     ) x where not exists (select 1 from now_coming w where w.place = x.bag)`,
  );
  return {
    byTank(): Map<string, ComingLot[]> {
      const lots = new Map<string, ComingLot[]>();
      for (const { sizeCm, ...row } of coming())
        lots.set(row.tank, [...(lots.get(row.tank) ?? []), { ...row, ...(sizeCm === null ? {} : { sizeCm }) }]);
      return lots;
    },
    /** Heads of a lot in bags, here or on their way, for which no tank is chosen or meant. */
    untanked: (lot: string) => untanked({ lot }),
  };
}
