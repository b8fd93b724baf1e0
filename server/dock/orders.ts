// Wishes and orders: for core's questions, and as the screens show them.
import type Database from 'better-sqlite3';
import type { OrderCard, WishCard } from '#contract/views.ts';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Mark } from '#core/journal/index.ts';
import { flag, json, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, IS_EXPECTED, personName } from '../now/rows.ts';

/** The end of an order or a wish as a mark; `column` names it. */
const ended = (table: string, column: string, id: string) =>
  `(select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms) from ${table} where ${column} = ${id} and voided_by is null order by at_ms limit 1)`;
/** The crate of order `o`: on its way or here; one that was given up is none. */
const CRATE_OF = `p_crate c where c.of_order = o.id and c.voided_by is null and ${IS_EXPECTED}`;
const ORDERED = `exists (select 1 from p_order_line l where l.wish = w.id and l.voided_by is null
  and not exists (select 1 from p_order_end e where e.of_order = l.of_order and e.voided_by is null))`;

/** Somebody wrote a promise for whom this lot was ordered, of it or of what was cut from it; lifted later or not. */
export const promisedOf = (lot: string, forWhom: string): string =>
  `exists (select 1 from p_lot m cross join p_promise p on p.lot = m.id where m.crate = ${lot}.crate and m.line = ${lot}.line and p.voided_by is null and lower(trim(p.for_whom)) = lower(trim(${forWhom})))`;
/** What the line of the order that a lot came of asked for: a JSON object, or nothing. */
export const orderedOf = (lot: string): string =>
  `(select json_object('n', json_extract(ol.facts, '$.n'), 'sizeCm', json_extract(ol.facts, '$.sizeCm'), 'sex', json_extract(ol.facts, '$.sex'), 'forWhom', json_extract(ol.facts, '$.forWhom'),
    'kept', iif(${promisedOf(lot, "json_extract(ol.facts, '$.forWhom')")}, json('true'), null))
  from p_crate oc cross join p_order_line ol on ol.of_order = oc.of_order and ol.line = ${lot}.line and ol.voided_by is null where oc.id = ${lot}.crate limit 1)`;

/** For whom so many of a lot were ordered, while no promise was ever written for them. */
export const prepareOrderedFor = (client: Database.Database): ((lot: string) => { n: number; forWhom: string } | undefined) =>
  makeAsk(client).get(
    { n: number, forWhom: text },
    `
    select json_extract(ol.facts, '$.n') n, json_extract(ol.facts, '$.forWhom') forWhom from p_lot l join p_crate c on c.id = l.crate
    join p_order_line ol on ol.of_order = c.of_order and ol.line = l.line and ol.voided_by is null
    where l.id = ? and json_extract(ol.facts, '$.forWhom') is not null and not ${promisedOf('l', "json_extract(ol.facts, '$.forWhom')")}`,
  );

export function orderState(client: Database.Database): Pick<HouseState, 'findOrder' | 'findWish'> {
  const ask = makeAsk(client);
  const order = ask.get(
    { ...pick(t.order, 'id', 'supplier'), dropped: orNull(json<Mark>()), crate: orNull(t.crate.label) },
    `select o.id, o.supplier, ${ended('p_order_end', 'of_order', 'o.id')} dropped, (select c.label from ${CRATE_OF} limit 1) crate
    from p_order o where o.id = ? and o.voided_by is null`,
  );
  const wish = ask.get(
    { ...pick(t.wish, 'id'), ordered: flag, dropped: orNull(json<Mark>()) },
    `select w.id, ${ORDERED} ordered, ${ended('p_wish_end', 'wish', 'w.id')} dropped from p_wish w where w.id = ? and w.voided_by is null`,
  );
  return {
    findOrder(id) {
      const row = order(id);
      return (
        row && {
          id: row.id,
          supplier: row.supplier,
          ...(row.dropped ? { dropped: row.dropped } : {}),
          ...(row.crate === null ? {} : { crate: { label: row.crate } }),
        }
      );
    },
    findWish(id) {
      const row = wish(id);
      return row && { id: row.id, ordered: row.ordered, ...(row.dropped ? { dropped: row.dropped } : {}) };
    },
  };
}

/** What came alive and dead of each supplier, by species; '' where nobody named it. */
export function prepareCame(client: Database.Database) {
  return makeAsk(client).all(
    { supplier: t.crate.supplier, species: text, lived: number, died: number },
    `select c.supplier, coalesce(l.species, '') species, sum(g.alive) lived, sum(g.dead) died
    from p_landing g join p_crate c on c.id = g.crate join p_lot l on l.id = g.lot where g.voided_by is null group by 1, 2 order by 1, 2`,
  );
}

export function prepareOrders(client: Database.Database): (sinceMs: number) => { orders: OrderCard[]; wishes: WishCard[] } {
  const ask = makeAsk(client);
  const orders = ask.all(
    {
      order: t.order.id,
      facts: t.order.facts,
      supplierId: t.order.supplier,
      supplier: t.supplier.name,
      atMs: t.order.atMs,
      by: text,
      actId: t.entry.actId,
      dropped: orNull(json<NonNullable<OrderCard['dropped']>>()),
      crate: orNull(json<NonNullable<OrderCard['crate']>>()),
    },
    `
    select o.id "order", o.facts, o.supplier supplierId, s.name supplier, o.at_ms atMs, ${personName('o."by"')} by, (select act_id from entry where id = o.entry) actId,
      (select json_object('by', ${personName('e."by"')}, 'atMs', e.at_ms, 'actId', (select act_id from entry where id = e.entry), 'why', e.why) from p_order_end e where e.of_order = o.id and e.voided_by is null limit 1) dropped,
      (select json_object('crate', c.id, 'label', c.label, 'arrived', json(iif(exists (select 1 from p_arrival a where a.crate = c.id and a.voided_by is null), 'true', 'false'))) from ${CRATE_OF} limit 1) crate
    from p_order o join p_supplier s on s.id = o.supplier where o.voided_by is null and o.at_ms > ? order by o.at_ms desc, o.id`,
  );
  const lines = ask.all(
    {
      ofOrder: t.orderLine.ofOrder,
      line: t.orderLine.line,
      facts: t.orderLine.facts,
      species: t.orderLine.species,
      wish: t.orderLine.wish,
      common: orNull(t.species.common),
    },
    `select l.of_order ofOrder, l.line, l.facts, l.species, l.wish, k.common from p_order_line l join p_order o on o.id = l.of_order left join p_species k on k.id = l.species
    where l.voided_by is null and o.at_ms > ? order by l.of_order, l.ord`,
  );
  const wishes = ask.all(
    {
      wish: t.wish.id,
      facts: t.wish.facts,
      species: t.wish.species,
      common: orNull(t.species.common),
      atMs: t.wish.atMs,
      by: text,
      actId: t.entry.actId,
    },
    `select w.id wish, w.facts, w.species, k.common, w.at_ms atMs, ${personName('w."by"')} by, (select act_id from entry where id = w.entry) actId
    from p_wish w left join p_species k on k.id = w.species
    where w.voided_by is null and not ${ORDERED} and not exists (select 1 from p_wish_end e where e.wish = w.id and e.voided_by is null) order by w.at_ms, w.id`,
  );
  return (sinceMs) => {
    const byOrder = grouped(lines(sinceMs), ({ ofOrder }) => ofOrder);
    return {
      orders: orders(sinceMs).map(({ facts, dropped, crate, ...row }) => ({
        ...row,
        ...facts,
        ...(dropped ? { dropped } : {}),
        ...(crate ? { crate } : {}),
        lines: (byOrder.get(row.order) ?? []).map(({ line, facts: said, species, wish, common }) => ({
          line,
          ...said,
          ...(species === null ? {} : { species }),
          ...(wish === null ? {} : { wish }),
          label: common ?? said.heardAs ?? '?',
        })),
      })),
      wishes: wishes().map(({ facts, species, common, ...row }) => ({
        ...row,
        ...facts,
        ...(species === null ? {} : { species }),
        label: common ?? facts.heardAs ?? '?',
      })),
    };
  };
}
