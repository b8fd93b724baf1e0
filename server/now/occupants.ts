// Who lives where: every living lot in every tank, in one read.
import type Database from 'better-sqlite3';
import { calledApart, type Certainty } from '#core/lots/index.ts';
import { flag, json, makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { SPECIES_COLUMNS, speciesOf, SPECIES_SHAPE } from './rows.ts';

export type Living = {
  lot: string;
  label: string;
  species: ReturnType<typeof speciesOf>;
  n: number;
  /** Open still. */
  quarantine?: { id: string; days: number; openedAtMs: number };
  promised: boolean;
  sizeCm?: number;
  /** Of its species, where somebody said so. */
  sure?: Certainty;
  sinceMs?: number;
  supplier?: string;
};

/** Living lots by tank; `sinceMs` = when the lot came to that tank for its present stay: none of it was there before. */
export function prepareOccupants(client: Database.Database): (zone: string) => Map<string, Living[]> {
  const ask = makeAsk(client);
  const living = ask.all(
    {
      ...pick(t.balance, 'lot', 'n'),
      label: t.lot.label,
      tank: t.balance.place,
      quarantine: orNull(json<NonNullable<Living['quarantine']>>()),
      promised: flag,
      sizeCm: orNull(number),
      sure: t.lot.sure,
      ...SPECIES_SHAPE,
      sinceMs: orNull(number),
      supplier: orNull(t.supplier.name),
    },
    `
    select b.place tank, b.lot, l.label, b.n, 
      (select json_object('id', h.id, 'days', json_extract(h.policy, '$.days'), 'openedAtMs', h.at_ms) from now_quarantine h where h.lot = b.lot order by h.at_ms desc limit 1) quarantine,
      exists (select 1 from now_promise p where p.lot = b.lot) promised, l.size_cm sizeCm, l.sure, ${SPECIES_COLUMNS},
      (select max(at_ms) from (
        select g.at_ms, g.n, sum(g.n) over (order by g.at_ms, g.entry) stood from p_leg g where g.lot = b.lot and g.place = b.place and g.voided_by is null
      ) where n > 0 and stood - n <= 0) sinceMs, (select u.name from p_supplier u where u.id = l.supplier) supplier
    from p_tank t cross join now_standing b on b.place = t.id join now_lot l on l.id = b.lot left join p_species s on s.id = l.species
    order by b.place, b.lot`,
  );
  return (zone) => {
    const byTank = new Map<string, Living[]>();
    for (const row of living()) {
      const { lot, label, n } = row;
      const resident: Living = {
        lot,
        label,
        n,
        species: speciesOf(row),
        quarantine: row.quarantine ?? undefined,
        promised: row.promised,
        sizeCm: row.sizeCm ?? undefined,
        ...(row.sure ? { sure: row.sure } : {}),
        sinceMs: row.sinceMs ?? undefined,
        supplier: row.supplier ?? undefined,
      };
      byTank.set(row.tank, [...(byTank.get(row.tank) ?? []), resident]);
    }
    // Two of one kind in a tank are told apart wherever they are named.
    for (const lots of byTank.values()) {
      const called = lots.length < 2 ? undefined : calledApart(lots, zone);
      for (const resident of lots) {
        resident.label = called?.get(resident.lot) ?? resident.label;
        // Told in the name where it is needed; nobody else asks for it here.
        delete resident.supplier;
      }
    }
    return byTank;
  };
}
