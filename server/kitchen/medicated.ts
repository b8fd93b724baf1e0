// What of a meal comes out of the kitchen: the batch that is ready, and medicine by the course of each lot, or why not.
import type Database from 'better-sqlite3';
import type { BatchCard, MedicatedMeal, PlannedMeal } from '#contract/views.ts';
import { medicatedIn, type HeldBack, type MixFacts } from '#core/kitchen/index.ts';
import type { LotEater } from '../feeding/eaters.ts';
import { prepareBatches, standing } from './batches.ts';
import { prepareCourses, type MixToday, type OneLot } from './courses.ts';

/** What is ready of a batch. */
type Ready = Pick<BatchCard, 'batch' | 'foods'>;
type Given = { now: number; zone: string; keepsH: number };
export type OnCourse = MixToday & { held?: HeldBack };

export function prepareMedicated(client: Database.Database) {
  const courses = prepareCourses(client);
  const batches = prepareBatches(client);
  return (given: Given) => {
    const { mixes, todayOf } = courses(given);
    const known = batches(given.now);
    const ready = known.map((batch) => ({
      batch: batch.batch,
      foods: batch.foods.filter((food) => standing(batch, food, given).is === 'ready'),
    }));
    const mealIn = (eaters: readonly LotEater[]): ((eater: LotEater) => PlannedMeal) => {
      const on = coursesIn(eaters, mixes, todayOf);
      return ({ lot, meal }) => {
        if (!('food' in meal)) return meal;
        const own = on.get(lot);
        const medicated = own?.now.is === 'on' && own.timesToday < own.mix.timesADay ? medicatedMeal(own, meal.food, ready) : undefined;
        const batch = readyOf(meal.food, medicated?.is === 'given' ? medicated.mix : undefined, ready);
        return { ...meal, ...(batch === undefined ? {} : { batch }), ...(medicated ? { medicated } : {}) };
      };
    };
    return { mixes, batches: known, mealIn, coursesIn: (eaters: readonly LotEater[]) => coursesIn(eaters, mixes, todayOf) };
  };
}

/** The lots of a tank that are on a course, in its break or through it; with what holds it back today. */
function coursesIn(
  eaters: readonly LotEater[],
  mixes: readonly MixFacts[],
  todayOf: (some: OneLot) => MixToday | undefined,
): Map<string, OnCourse> {
  if (mixes.length === 0) return new Map();
  const today = new Map(
    eaters.flatMap(({ lot, tank }) => {
      const course = todayOf({ lot, tank });
      return course ? [[lot, course] as const] : [];
    }),
  );
  const held = new Map(
    mixes.flatMap((mix) => [
      ...medicatedIn(
        eaters.map(({ lot, facts, guessed, fast }) => {
          const course = today.get(lot);
          return {
            lot,
            ...(facts ? { species: facts } : {}),
            guessed,
            hasEaten: fast !== undefined && !fast.first,
            ...(course?.mix.id === mix.id ? { course: course.now, had: course.timesToday >= mix.timesADay } : {}),
          };
        }),
        mix,
      ),
    ]),
  );
  return new Map([...today].map(([lot, course]) => [lot, { ...course, ...held.get(lot) }]));
}

const medicatedMeal = ({ mix, now, held }: OnCourse, food: string, ready: readonly Ready[]): MedicatedMeal => ({
  mix: mix.id,
  name: mix.name,
  day: now.is === 'over' ? 0 : now.day,
  of: now.is === 'over' ? 0 : now.of,
  is: held ?? (readyOf(food, mix.id, ready) === undefined ? 'not ready' : 'given'),
});

/** The latest batch in which that food is ready, with that mix or without any. */
function readyOf(food: string, mix: string | undefined, batches: readonly Ready[]): string | undefined {
  const holds = ({ foods }: Ready) =>
    foods.some(({ name, mixes, g }) => {
      if (name !== food) return false;
      const medicatedG = mixes.reduce((sum, portion) => sum + portion.g, 0);
      return mix === undefined ? g > medicatedG : mixes.some((portion) => portion.mix === mix);
    });
  return batches.find(holds)?.batch;
}
