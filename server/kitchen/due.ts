// What is due of the kitchen and of what is used up, for Today and for the running strip.
import type Database from 'better-sqlite3';
import { mealTimes } from '#core/feeding/index.ts';
import { beginBy } from '#core/kitchen/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import type { DueFacts } from '#core/today/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareFoods } from '../feeding/state.ts';
import { prepareOnHand } from '../supplies/onHand.ts';
import { itemOf, prepareSupplies } from '../supplies/state.ts';
import { prepareBatches, standing } from './batches.ts';

/** What nobody took out in two days is not there any more. */
const STILL_IN_MS = 2 * DAY_MS;
/** A house that begun no batch for so long prepares its meals without one. */
const PREPARES_MS = 14 * DAY_MS;

/** Food that is in a tank still; of one meal of several lots once. `took` = somebody said that it is out. */
export function prepareStillIn(client: Database.Database) {
  const all = makeAsk(client).all(
    {
      ...pick(t.feed, 'entry', 'atMs', 'outMs'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.feed.food,
    },
    `select min(f.entry) entry, f.at_ms atMs, f.out_ms outMs, f.food what, t.id tank, t.code tankCode, k.walk, t."row", t."column"
    from p_feed f indexed by p_feed_out join p_tank t on t.id = f.tank join p_rack k on k.id = t.rack
    where f.out_ms > ? and f.out_ms is not null and f.voided_by is null group by f.tank, lower(trim(f.food)), f.at_ms`,
  );
  return (now: number) =>
    all(now - STILL_IN_MS).map(({ walk, row, column, outMs, ...rest }) => ({ ...rest, outMs: outMs!, walk: [walk, row, column] as const }));
}

type Given = { now: number; zone: string; rules: HouseRules };
type Facts = Pick<DueFacts, 'stillIn' | 'oldFood' | 'kitchen' | 'supplies'>;

export function prepareKitchenDue(client: Database.Database): (given: Given) => Facts {
  const ask = makeAsk(client);
  const foods = prepareFoods(client);
  const others = prepareSupplies(client);
  const here = prepareOnHand(client);
  const batches = prepareBatches(client);
  const stillIn = prepareStillIn(client);
  const lastBatch = ask.value(orNull(number), 'select max(for_ms) from p_batch where at_ms > ? and voided_by is null');
  const lastFlow = ask.value(orNull(number), 'select max(at_ms) from p_supply_flow where item = ? and voided_by is null');
  return ({ now, zone, rules }) => {
    const kept = foods();
    const items = [...kept.map((food) => ({ ...itemOf(food.id, food), entry: food.entry })), ...others()];
    const amounts = here(items, now);
    return {
      stillIn: stillIn(now),
      oldFood: batches(now).flatMap((batch) =>
        batch.foods.flatMap((line) => {
          const { food, name } = line;
          const stands = standing(batch, line, { now, keepsH: rules.kitchen.thawedKeepsH });
          const keepsUntilMs = stands.is === 'old' ? stands.fromMs : stands.is === 'ready' ? stands.keepsUntilMs : undefined;
          return keepsUntilMs === undefined ? [] : [{ entry: batch.entry, food, what: name, keepsUntilMs }];
        }),
      ),
      kitchen: nextKitchen({ kept, lastMs: lastBatch(now - PREPARES_MS), now, zone, rules }),
      supplies: items.flatMap(({ id, entry, name }) => {
        const amount = amounts.get(id);
        if (!amount) return [];
        const sinceMs = lastFlow(id) ?? now;
        return [
          ...(amount.low ? [{ entry, what: name, is: 'low' as const, sinceMs }] : []),
          ...(amount.past > 0 ? [{ entry, what: name, is: 'past' as const, sinceMs }] : []),
        ];
      }),
    };
  };
}

/** The next meal that nothing was begun for; none where nobody prepares, or nothing takes its time. */
function nextKitchen({
  kept,
  lastMs,
  now,
  zone,
  rules,
}: Given & { kept: ReturnType<ReturnType<typeof prepareFoods>>; lastMs: number | undefined }): Facts['kitchen'] {
  const slowest = kept.toSorted((a, b) => beginBy(a, 0) - beginBy(b, 0))[0];
  if (lastMs === undefined || !slowest || beginBy(slowest, 0) === 0) return [];
  const { ordinaryMeals } = rules.meals;
  const next = [now, now + DAY_MS]
    .flatMap((day) => mealTimes(ordinaryMeals, { now: day, zone, rules: rules.meals }))
    .find((mealMs) => mealMs > now && mealMs > lastMs);
  return next === undefined ? [] : [{ entry: slowest.entry, mealMs: next, beginMs: beginBy(slowest, next) }];
}
