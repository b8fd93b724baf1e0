// What every lot in every tank is to be given next, and whether that is due: from its quarantine, its meals, and the foods that are kept here.
import type Database from 'better-sqlite3';
import { appetiteClass, isAsked, isMeal, mealDue, mealFor, mealTimes, type Fast, type Meal, type MealRules } from '#core/feeding/index.ts';
import type { Response } from '#core/rounds/index.ts';
import type { SpeciesFacts } from '#core/species/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { CUT_LOTS } from '../stock/line.ts';
import { prepareFoods } from './state.ts';

export type Planned = Meal & { due: boolean; nextMs?: number };
type Lot = {
  lot: string;
  species?: SpeciesFacts;
  sizeCm?: number;
  quarantine?: { openedAtMs: number };
  fast?: Fast;
  lastOffered?: { response: Response; atMs: number };
  seenMs?: number;
  /** A check said so last. */
  notEatingMs?: number;
};
type Tank = { id: string; volumeL: number };
type Now = { now: number; zone: string; rules: MealRules };

export function prepareMeals(client: Database.Database) {
  const ask = makeAsk(client);
  const foods = prepareFoods(client);
  // What some of a lot took once, wherever that was; or some of the lot that it was cut from, until then. Of each lot the next food by the alphabet is looked up: a
  // handful of them, where a look at each of the house's foods would be ten times as many.
  const nextTaken = (lot: string, after = '') =>
    `(select min(f.food) from p_feed f indexed by p_feed_taken where f.lot = ${lot} and f.response in ('ate', 'charged') and f.voided_by is null${after})`;
  const taken = ask.all(
    { lot: text, food: text },
    `with recursive took(lot, food) as (
      select x.lot, ${nextTaken('x.lot')} from (select distinct b.lot from p_tank t cross join now_standing b on b.place = t.id) x
      union all select took.lot, ${nextTaken('took.lot', ' and f.food > took.food')} from took where took.food is not null
    ) select lot, food from took where food is not null`,
  );
  const takenBefore = ask.all(
    { lot: text, food: t.feed.food },
    `with ${CUT_LOTS} select distinct line."of" lot, f.food from line cross join p_feed f indexed by p_feed_taken
    on f.lot = line.lot and f.response in ('ate', 'charged') and f.voided_by is null and f.at_ms <= line.until`,
  );
  const heavy = ask.map(
    t.balance.place,
    number,
    `
    select b.place, max(f.at_ms) atMs from now_standing b cross join p_feed f on f.tank = b.place and f.lot = b.lot and f.at_ms > ?
    where f.voided_by is null and lower(trim(f.food)) in (select lower(trim(name)) from p_food where json_extract(facts, '$.heavy')) group by b.place`,
  );
  return () => {
    const kept = foods();
    const accepted = grouped([...taken(), ...takenBefore()], ({ lot }) => lot);
    return (given: Now) => {
      const heavyIn = heavy(given.now - (given.rules.heavyEveryDays + 1) * DAY_MS);
      const times = new Map<number, number[]>();
      const timesOf = (mealsADay: number) => {
        const known = times.get(mealsADay) ?? mealTimes(mealsADay, given);
        times.set(mealsADay, known);
        return known;
      };
      const mealOf = ({ lot, species, sizeCm, quarantine, fast, lastOffered, seenMs, notEatingMs }: Lot, tank: Tank): Planned => {
        const meal = mealFor(
          {
            guild: species?.guild,
            lengthCm: sizeCm,
            adultCm: species?.adultCm,
            appetite: appetiteClass({ sizeCm, species }),
            quarantineSinceMs: quarantine?.openedAtMs,
            hasEaten: fast !== undefined && !fast.first,
            hungry: fast?.hungry === true,
            refused:
              (lastOffered !== undefined && !isMeal(lastOffered.response)) ||
              (notEatingMs !== undefined && notEatingMs > (seenMs ?? -Infinity)),
            seenMs,
            accepted: (accepted.get(lot) ?? []).map(({ food }) => food),
            tankL: tank.volumeL,
            heavyMs: heavyIn.get(tank.id),
          },
          kept,
          given,
        );
        const { due, nextMs } = mealDue(timesOf(meal.mealsADay), lastOffered?.atMs, given.now);
        return { ...meal, due: due && ('food' in meal || isAsked(meal)), ...(nextMs === undefined ? {} : { nextMs }) };
      };
      return { foods: kept, mealOf };
    };
  };
}
