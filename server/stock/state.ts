// Lots, where their fish stand, and what is promised and arranged, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, number, text, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareOrderedFor } from '../dock/orders.ts';
import { withoutNull } from '../now/rows.ts';
import { IN_HOUSE, personName } from '../now/sqlFragments.ts';

type Asked =
  | 'findLot'
  | 'balance'
  | 'balanceAt'
  | 'tanksOf'
  | 'isInTank'
  | 'occupants'
  | 'lotCount'
  | 'lastMove'
  | 'isPlace'
  | 'wasIn'
  | 'hasStayLimit'
  | 'isPromiseOpen'
  | 'orderedFor';

export function stockState(client: Database.Database): Pick<HouseState, Asked> {
  const ask = makeAsk(client);
  const lot = ask.get(
    {
      ...pick(t.lot, 'species', 'heardAs', 'sure', 'supplier'),
      id: orNull(t.lot.id),
      label: orNull(t.lot.label),
      sizeCm: orNull(number),
      origin: orNull(t.lot.origin),
    },
    `select id, label, species, heard_as heardAs, sure, size_cm sizeCm, origin, supplier from now_lot where id = ? and voided_by is null`,
  );
  const balance = ask.value(t.balance.n, 'select n from p_balance where lot = ? and place = ?');
  const balanceAt = ask.value(number, 'select sum(n) from p_leg where place = ? and lot = ? and at_ms <= ? and voided_by is null');
  const lotCount = ask.get(
    { inHouse: number, promised: number },
    `
    select coalesce((select sum(b.n) from p_balance b left join p_tank t on t.id = b.place
      where b.lot = @lot and b.inside = 1 and (t.id is null or t.purpose <> 'customer')), 0) inHouse,
    coalesce((select sum(p.n) from now_promise p where p.lot = @lot), 0) promised`,
  );
  const lastMove = ask.get(
    { ...pick(t.leg, 'entry', 'atMs'), by: text },
    `select entry, ${personName('by')} by, at_ms atMs from p_leg where place = ? and voided_by is null and entry not in (select id from entry where act_id = ?) order by at_ms desc, entry desc limit 1`,
  );
  const place = ask.is(
    `select 1 from p_tank t where id = ? and ${IN_HOUSE('t')} union all select 1 from p_bag where id = ? and voided_by is null union all select 1 from p_bench_run where id = ? and voided_by is null`,
  );
  const was = ask.is('select 1 from p_leg where place = ? and lot = ? and n > 0 and voided_by is null limit 1');
  const stayLimit = ask.is(
    'select 1 from p_stay_limit where place = ? and lot = ? and at_ms = coalesce(?, at_ms) and voided_by is null limit 1',
  );
  return {
    orderedFor: prepareOrderedFor(client),
    findLot(id) {
      const row = lot(id);
      return row && withoutNull(row);
    },
    balance: (lot, place) => balance(lot, place) ?? 0,
    balanceAt: (lot, place, atMs) => balanceAt(place, lot, atMs) ?? 0,
    tanksOf: ask.values(
      t.balance.place,
      'select b.place from now_standing b join p_tank t on t.id = b.place where b.lot = ? order by t.code',
    ),
    isInTank: ask.is("select 1 from now_standing b join p_tank t on t.id = b.place where b.lot = ? and t.purpose <> 'customer' limit 1"),
    occupants: ask.all(pick(t.balance, 'lot', 'n'), 'select lot, n from now_standing where place = ? order by lot'),
    lotCount: (lot) => lotCount({ lot })!,
    lastMove: (place, exceptAct = '') => lastMove(place, exceptAct),
    isPlace: (id) => place(id, id, id),
    wasIn: (lot, place) => was(place, lot),
    hasStayLimit: (lot, place, atMs) => stayLimit(place, lot, atMs ?? null),
    isPromiseOpen: ask.is(`select 1 from now_promise p where p.id = ? and p.lot = ?`),
  };
}
