// How much of everything is here: from what was counted last, and what came and was used since.
import type Database from 'better-sqlite3';
import { onHand, type Item, type OnHand, type Piles } from '#core/supplies/index.ts';
import { makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';

/** SQL of when item `item` was counted last; of two at one instant the later entry. */
const COUNTED = (item: string) =>
  `(select c.at_ms from p_supply_flow c where c.item = ${item} and c.how = 'counted' and c.voided_by is null order by c.at_ms desc, c.entry desc limit 1)`;
const AMOUNT = (item: string) => `(
  coalesce((select c.amount from p_supply_flow c where c.item = ${item} and c.how = 'counted' and c.voided_by is null order by c.at_ms desc, c.entry desc limit 1), 0)
  + coalesce((select sum(case f.how when 'came' then f.amount when 'washed' then f.amount when 'used' then -f.amount else 0 end) from p_supply_flow f
      where f.item = ${item} and f.voided_by is null and f.at_ms > coalesce(${COUNTED(item)}, -1)), 0))`;
const TRACKED = (item: string) =>
  `exists (select 1 from p_supply_flow f where f.item = ${item} and f.how in ('came', 'counted') and f.voided_by is null)`;

/** Of one item; undefined where nobody keeps count. */
export function prepareAmount(client: Database.Database): (item: string) => number | undefined {
  const amount = makeAsk(client).value(orNull(number), `select iif(${TRACKED('@item')}, ${AMOUNT('@item')}, null)`);
  return (item) => amount({ item }) ?? undefined;
}

/** Of something that is washed: dirty and out since the dirty were counted last. Never below nothing: records have gaps, heaps have none. */
export function preparePiles(client: Database.Database): (item: string) => Piles {
  const ask = makeAsk(client);
  const dirtyCount = ask.get(
    pick(t.supplyFlow, 'atMs', 'amount'),
    "select at_ms atMs, amount from p_supply_flow where item = ? and how = 'dirty' and voided_by is null order by at_ms desc, entry desc limit 1",
  );
  const sums = ask.one(
    { used: number, returned: number, gone: number },
    `select coalesce(sum(iif(how = 'used', amount, 0)), 0) used, coalesce(sum(iif(how = 'returned', amount, 0)), 0) returned,
      coalesce(sum(iif(how in ('washed', 'thrown'), amount, 0)), 0) gone from p_supply_flow where item = ? and at_ms > ? and voided_by is null`,
  );
  const amount = prepareAmount(client);
  return (item) => {
    const counted = dirtyCount(item);
    const { used, returned, gone } = sums(item, counted?.atMs ?? -1);
    return {
      clean: Math.max(0, amount(item) ?? 0),
      dirty: Math.max(0, (counted?.amount ?? 0) + returned - gone),
      out: Math.max(0, used - returned),
    };
  };
}

/** Deliveries that may be here still: a box that came longer ago is not asked about. */
const MOST_DELIVERIES = 20;

export function prepareOnHand(client: Database.Database): (items: readonly Item[], now: number) => Map<string, OnHand> {
  const ask = makeAsk(client);
  const amounts = ask.all(
    { item: text, amount: number },
    `select i.id item, ${AMOUNT('i.id')} amount from (select id from p_food union all select id from p_supply) i where ${TRACKED('i.id')}`,
  );
  const deliveries = ask.all(
    { item: text, ...pick(t.supplyFlow, 'amount'), bestBeforeMs: orNull(number) },
    `select i.id item, d.amount, d.best_before_ms bestBeforeMs from (select id from p_food union all select id from p_supply) i
    join p_supply_flow d on d.rowid in (select f.rowid from p_supply_flow f where f.item = i.id and f.how = 'came' and f.voided_by is null order by f.at_ms desc limit ${MOST_DELIVERIES})`,
  );
  const piles = preparePiles(client);
  return (items, now) => {
    const came = grouped(deliveries(), ({ item }) => item);
    const here = new Map(amounts().map(({ item, amount }) => [item, amount]));
    return new Map(
      items.flatMap(({ id, reorderAt, reused }) => {
        const amount = here.get(id);
        if (amount === undefined) return [];
        const heap = reused ? piles(id) : undefined;
        const elsewhere = heap ? heap.dirty + heap.out : 0;
        const dated = (came.get(id) ?? []).map((delivery) => ({
          amount: delivery.amount,
          ...(delivery.bestBeforeMs === null ? {} : { bestBeforeMs: delivery.bestBeforeMs }),
        }));
        return [[id, onHand(amount, dated, { reorderAt, now, elsewhere })] as const];
      }),
    );
  };
}
