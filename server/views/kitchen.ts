// The kitchen sheet of a meal: who eats at it, how much of what, what is thawed already, who gets medicine in it and who does not.
import type { CourseCard, KitchenLine } from '#contract/views.ts';
import { eatsAt, mealTimes } from '#core/feeding/index.ts';
import { kitchenSheet, type SheetTank } from '#core/kitchen/index.ts';
import { walkingOrder } from '#core/room/index.ts';
import { DAY_MS, HOUR_MS, houseDay, startOfHouseDay } from '#core/time/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareEaters, type LotEater } from '../feeding/eaters.ts';
import { prepareMedicated, type OnCourse } from '../kitchen/medicated.ts';
import { prepareSuspects } from '../rounds/suspects.ts';
import { prepareFeedLess } from '../waterTests/feedLess.ts';
import { prepareOnHand } from '../supplies/onHand.ts';
import { itemOf } from '../supplies/state.ts';
import { WALKED } from './rounds.ts';
import type { MakeView, ViewRequest } from './view.ts';

/** A meal that nobody was given yet is still prepared so long after its hour. */
const LATE_MS = 2 * HOUR_MS;

/** So many meals are tried for one at which somebody eats. */
const TRIED = 3;

export const makeKitchenView: MakeView<'kitchen'> = (client) => {
  const tanks = makeAsk(client).all(
    { ...pick(t.tank, 'id', 'code', 'row', 'column', 'system', 'volumeL'), walk: t.rack.walk, rack: t.rack.name },
    `select t.id, t.code, r.name rack, r.walk, t."row", t."column", t.system, t.volume_l volumeL from p_tank t join p_rack r on r.id = t.rack where ${WALKED}`,
  );
  const eaters = prepareEaters(client);
  const medicated = prepareMedicated(client);
  const suspects = prepareSuspects(client);
  const here = prepareOnHand(client);
  const feedLess = prepareFeedLess(client);

  return ({ now, zone, rules, query }) => {
    const { systems, oddByTank } = suspects(now);
    const ordered = walkingOrder(tanks().map((tank) => ({ ...tank, suspect: systems.has(tank.system) })));
    const meals = mealsAhead({ now, zone, rules });
    const asked = Number(query.at);
    const keepsH = rules.kitchen.thawedKeepsH;
    const { mixes, batches, coursesIn } = medicated({ now, zone, keepsH });
    const eatersAt = eaters({ zone, rules });
    const today = houseDay(now, zone);
    // What a lot is to eat, and where its course stands, is the same all day.
    const onDay = remembered((day) => {
      const { foods, eatersIn } = eatersAt(Math.max(now, startOfHouseDay(day, zone)));
      const coursesThen = day === today ? coursesIn : medicated({ now: startOfHouseDay(day, zone), zone, keepsH }).coursesIn;
      const walked = ordered.map((tank) => {
        const lots = eatersIn(tank, oddByTank.get(tank.id) ?? []);
        return { tank, lots, on: coursesThen(lots) };
      });
      const timesOf = remembered((mealsADay) => mealTimes(mealsADay, { now: startOfHouseDay(day, zone), zone, rules: rules.meals }));
      return { foods, walked, timesOf };
    });
    const at = (mealMs: number) => {
      const { walked, timesOf, ...day } = onDay(houseDay(mealMs, zone));
      return { ...day, walked, toFeed: walked.flatMap(({ tank, ...eaters }) => fedAt(tank, { ...eaters, mealMs, timesOf })) };
    };
    const atMs = meals.includes(asked) ? asked : (meals.slice(0, TRIED).find((mealMs) => at(mealMs).toFeed.length > 0) ?? meals[0]);
    if (atMs === undefined) return { meals, lines: [], tanks: [], batches, mixes, courses: [], noFoods: true };
    const { foods, walked, toFeed } = at(atMs);
    const less = feedLess({ now, rules: rules.waterTests });
    const systemOf = new Map(ordered.map(({ id, system }) => [id, system]));
    const onLess = toFeed.map((tank) => (less.has(systemOf.get(tank.id)!) ? { ...tank, less: true as const } : tank));
    const sheet = kitchenSheet(onLess, { foods, mixes, rules: rules.kitchen, mealMs: atMs });
    const onHand = here(
      foods.map((food) => itemOf(food.id, food)),
      now,
    );
    const lines = sheet.lines.map((line): KitchenLine => {
      const food = foods.find(({ name }) => name === line.food)!;
      const begunG = batches
        .filter(({ forMs }) => forMs === atMs)
        .flatMap((batch) => batch.foods.filter(({ food: id }) => id === food.id))
        .reduce((sum, { g, mixes: portions }) => {
          const own = portions.reduce((total, portion) => total + (line.mix === undefined || portion.mix === line.mix ? portion.g : 0), 0);
          return sum + (line.mix === undefined ? g - own : own);
        }, 0);
      const { thawH, strain, soakMin, prepared, portionG } = food;
      return {
        ...line,
        id: food.id,
        ...Object.fromEntries(Object.entries({ thawH, strain, soakMin, prepared, portionG }).filter(([, value]) => value !== undefined)),
        ...(onHand.has(food.id) ? { here: onHand.get(food.id)! } : {}),
        begunG,
      };
    });
    return {
      meals,
      atMs,
      lines,
      tanks: sheet.tanks,
      batches,
      mixes,
      courses: courseCards(walked, coursesIn),
      noFoods: foods.length === 0,
    };
  };
};

/** Meals of today and tomorrow, those of every phase, from a little ago on. */
function mealsAhead({ now, zone, rules }: Pick<ViewRequest, 'now' | 'zone' | 'rules'>): number[] {
  const { ordinaryMeals, conditioningMeals, fryMeals } = rules.meals;
  const all = [now, now + DAY_MS].flatMap((day) =>
    [1, ordinaryMeals, conditioningMeals, fryMeals].flatMap((mealsADay) => mealTimes(mealsADay, { now: day, zone, rules: rules.meals })),
  );
  return [...new Set(all)].filter((mealMs) => mealMs > now - LATE_MS && mealMs <= now + DAY_MS).toSorted((a, b) => a - b);
}

/** Worked out once for each. */
function remembered<T>(work: (asked: number) => T): (asked: number) => T {
  const known = new Map<number, T>();
  return (asked) => {
    const answer = known.get(asked) ?? work(asked);
    known.set(asked, answer);
    return answer;
  };
}

type Fed = {
  lots: readonly LotEater[];
  on: ReadonlyMap<string, OnCourse>;
  mealMs: number;
  timesOf: (mealsADay: number) => readonly number[];
};
function fedAt(tank: { id: string; code: string; rack: string }, { lots, on, mealMs, timesOf }: Fed): SheetTank[] {
  const eating = lots.filter(({ meal, lastFed }) => 'food' in meal && eatsAt(timesOf(meal.mealsADay), lastFed?.atMs, mealMs));
  if (eating.length === 0) return [];
  return [
    {
      id: tank.id,
      code: tank.code,
      rack: tank.rack,
      lots: eating.map(({ lot, label, n, sizeCm, facts, meal }) => {
        const course = on.get(lot);
        const gets = course?.now.is === 'on' && course.timesToday < course.mix.timesADay;
        return {
          lot,
          label,
          n,
          ...(sizeCm === undefined ? {} : { lengthCm: sizeCm }),
          ...(facts?.guild === undefined ? {} : { guild: facts.guild }),
          meal,
          ...(gets ? { medicated: { mix: course.mix.id, ...(course.held ? { held: course.held } : {}) } } : {}),
        };
      }),
    },
  ];
}

/** A lot in several tanks is on one course; what holds it back in one of them is said. */
function courseCards(
  walked: readonly { tank: { code: string }; lots: readonly LotEater[] }[],
  coursesIn: (lots: readonly LotEater[]) => ReadonlyMap<string, OnCourse>,
): CourseCard[] {
  const cards = new Map<string, CourseCard>();
  for (const { tank, lots } of walked) {
    const on = coursesIn(lots);
    for (const { lot, label, n } of lots) {
      const course = on.get(lot);
      if (!course) continue;
      const known = cards.get(lot);
      const held = known?.held ?? course.held;
      cards.set(lot, {
        lot,
        label,
        n: (known?.n ?? 0) + n,
        tanks: [...(known?.tanks ?? []), tank.code],
        mix: course.mix.id,
        now: course.now,
        timesToday: course.timesToday,
        ...(held ? { held } : {}),
      });
    }
  }
  return [...cards.values()];
}
