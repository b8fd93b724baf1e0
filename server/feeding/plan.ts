// What every lot in every tank is to be given next, and whether that is due: from its quarantine, its meals, and the foods that are kept here.
import type Database from 'better-sqlite3';
import { appetiteClass, isAsked, isMeal, mealDue, mealFor, mealTimes, type Fast, type Meal, type MealRules } from '#core/feeding/index.ts';
import type { Response } from '#core/rounds/index.ts';
import type { SpeciesFacts } from '#core/species/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { LINE_OF } from '../stock/line.ts';
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
  // Some of the lot took that food once, wherever that was, or some of the lot that it was cut from, until then.
  const taken = ask.all(
    { lot: text, food: t.food.name },
    `
    with ${LINE_OF('select distinct b.lot from p_tank t cross join now_standing b on b.place = t.id')}
    select line."of" lot, k.name food from line cross join p_food k
    where exists (select 1 from p_feed f where f.lot = line.lot and f.food = k.name and f.response in ('ate', 'charged') and f.voided_by is null and f.at_ms <= line.until)
      and json_extract(k.facts, '$.gone') is not 1`,
  );
  const heavy = ask.map(
    t.balance.place,
    number,
    `
    select b.place, max(f.at_ms) atMs from now_standing b cross join p_feed f on f.tank = b.place and f.lot = b.lot and f.at_ms > ?
    where f.voided_by is null and lower(trim(f.food)) in (select lower(trim(name)) from p_food where json_extract(facts, '$.heavy')) group by b.place`,
  );
  return (given: Now) => {
    const kept = foods();
    const accepted = grouped(taken(), ({ lot }) => lot);
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
}
