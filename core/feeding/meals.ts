// What a lot is to be given next, and whether it is time: by its phase, by what its kind lives on, by what it has taken before. What nobody knows is asked, never guessed.
import type { Guild } from '../species/index.ts';
import { atLocal, HOUR_MS, houseDay } from '../time/index.ts';
import type { AppetiteClass } from './appetite.ts';
import { MOUTHS, type FoodFacts, type FoodForm, type Mouth } from './entries.ts';

/** What a lead decides of meals; judgements to start from. */
export type MealRules = {
  /** Meals a day of fish in no other phase, of those that are to begin to eat, and of fry. */
  ordinaryMeals: number;
  conditioningMeals: number;
  fryMeals: number;
  /** Wall hours between which the meals of a day lie. */
  firstMealHour: number;
  lastMealHour: number;
  /** On the day of their release: nothing, or a first meal that somebody watches. */
  firstDayMeal: boolean;
  /** In quarantine in less water than this, heavy food is given only every so many days. */
  smallTankL: number;
  heavyEveryDays: number;
};
export const STARTING_MEALS: MealRules = {
  ordinaryMeals: 1,
  conditioningMeals: 3,
  fryMeals: 4,
  firstMealHour: 8,
  lastMealHour: 20,
  firstDayMeal: false,
  smallTankL: 80,
  heavyEveryDays: 2,
};

export const MEAL_PHASES = ['first day', 'conditioning', 'fry', 'quarantine', 'ordinary'] as const;
export type MealPhase = (typeof MEAL_PHASES)[number];
export type Eats = {
  guild?: Guild;
  /** As measured or listed; and full grown. */
  lengthCm?: number;
  adultCm?: number;
  appetite: AppetiteClass;
  /** Its quarantine is open, since then. */
  quarantineSinceMs?: number;
  /** It has eaten since it came to this tank; and by the house's rule it has gone without for too long. */
  hasEaten: boolean;
  hungry: boolean;
  /** What it was offered last it did not take, or a check since its last meal said that it does not eat. */
  refused: boolean;
  /** When somebody saw it eat last. */
  seenMs?: number;
  /** Foods that some of the lot took before, by the names that the foods have. */
  accepted: readonly string[];
  tankL: number;
  /** When heavy food was given in this tank last. */
  heavyMs?: number;
};
/** `watched` = how it takes it is for somebody to say: no tap asserts it. */
export type Meal = { phase: MealPhase; mealsADay: number } & (
  { food: string; watched: boolean } | { nothing: 'first day' | 'rest day' | 'not known' | 'no food' | 'no list' }
);

const FIRST_TRIED: readonly FoodForm[] = ['live', 'frozen', 'on the half shell', 'paste', 'sheet'];
const [TINY_BELOW_CM, SMALL_BELOW_CM] = [3, 10];
export const mouthOf = (lengthCm: number): Mouth => (lengthCm < TINY_BELOW_CM ? 'tiny' : lengthCm < SMALL_BELOW_CM ? 'small' : 'large');

/** Of a fish that nobody measured, what every mouth takes; where there is none, what the full grown take, and somebody watches. */
function fitting(foods: readonly FoodFacts[], { lengthCm, adultCm }: Eats): { foods: readonly FoodFacts[]; sure: boolean } {
  const taking = (mouth: Mouth) => foods.filter(({ mouths }) => mouths.includes(mouth));
  if (lengthCm !== undefined) return { foods: taking(mouthOf(lengthCm)), sure: true };
  const any = foods.filter(({ mouths }) => mouths.length === MOUTHS.length);
  return any.length > 0 || adultCm === undefined ? { foods: any, sure: true } : { foods: taking(mouthOf(adultCm)), sure: false };
}

export function phaseOf({ appetite, quarantineSinceMs, hasEaten, hungry }: Eats, given: { now: number; zone: string }): MealPhase {
  if (quarantineSinceMs !== undefined) {
    if (houseDay(quarantineSinceMs, given.zone) === houseDay(given.now, given.zone) && !hasEaten) return 'first day';
    if (!hasEaten || hungry) return 'conditioning';
  }
  if (appetite === 'fry') return 'fry';
  return quarantineSinceMs === undefined ? 'ordinary' : 'quarantine';
}

const mealsOf = (phase: MealPhase, rules: MealRules): number =>
  phase === 'conditioning' ? rules.conditioningMeals : phase === 'fry' ? rules.fryMeals : phase === 'first day' ? 1 : rules.ordinaryMeals;

/** What a lot is to be given at its next meal: foods that it took before take turns by the day; while it took none, those that tempt where it is to begin to eat, else all that suit. A food that is new to it is offered by hand, and has its turn once it was taken. */
export function mealFor(lot: Eats, foods: readonly FoodFacts[], given: { now: number; zone: string; rules: MealRules }): Meal {
  const { now, zone, rules } = given;
  const phase = phaseOf(lot, given);
  const base = { phase, mealsADay: mealsOf(phase, rules) };
  if (foods.length === 0) return { ...base, nothing: 'no list' };
  if (phase === 'first day' && !rules.firstDayMeal) return { ...base, nothing: 'first day' };
  const took = (food: FoodFacts) => lot.accepted.includes(food.name);
  // Nobody knows what it lives on: only what it took before.
  const { guild } = lot;
  const fits =
    guild === undefined
      ? { foods: foods.filter(took), sure: true }
      : fitting(
          foods.filter(({ guilds }) => guilds.includes(guild)),
          lot,
        );
  const suits = fits.foods;
  if (suits.length === 0) return { ...base, nothing: guild === undefined ? 'not known' : 'no food' };
  const rests = phase === 'quarantine' && lot.tankL < rules.smallTankL && isRestDay(lot.heavyMs, given);
  const light = rests ? suits.filter(({ heavy }) => !heavy) : suits;
  if (light.length === 0) return { ...base, nothing: 'rest day' };
  const isToBegin = phase === 'conditioning' || phase === 'first day';
  const known = light.filter(took);
  const tempting = isToBegin ? light.filter(({ form }) => FIRST_TRIED.includes(form)) : [];
  const turn = [known, tempting, light].find((list) => list.length > 0)!.toSorted((a, b) => (a.name < b.name ? -1 : 1));
  const food = turn[houseDay(now, zone) % turn.length]!;
  return {
    ...base,
    food: food.name,
    watched: isToBegin || !fits.sure || isLongUnseen(lot, given) || lot.refused || lot.hungry || !took(food),
  };
}

/** A tap for a whole tank goes on saying that they eat when they do not any more: so many days after somebody saw it, somebody looks again. Judgements. */
const [SEEN_WITHIN_DAYS, SEEN_WITHIN_DAYS_CLEARED] = [2, 7];
function isLongUnseen({ seenMs, quarantineSinceMs }: Eats, { now, zone }: { now: number; zone: string }): boolean {
  if (seenMs === undefined) return true;
  const days = houseDay(now, zone) - houseDay(seenMs, zone);
  return days > (quarantineSinceMs === undefined ? SEEN_WITHIN_DAYS_CLEARED : SEEN_WITHIN_DAYS);
}

/** Heavy food was given here on one of the last days, today left out: today it may have been this very meal. */
function isRestDay(heavyMs: number | undefined, { now, zone, rules }: { now: number; zone: string; rules: MealRules }): boolean {
  if (heavyMs === undefined) return false;
  const days = houseDay(now, zone) - houseDay(heavyMs, zone);
  return days > 0 && days < rules.heavyEveryDays;
}

/** They are to be fed, and somebody has to say what: nobody knows what they live on, or nothing here suits them. */
export const isAsked = (meal: Meal): boolean => 'nothing' in meal && (meal.nothing === 'not known' || meal.nothing === 'no food');

/** A meal may be given so long before its hour. */
const EARLY_MS = HOUR_MS;

/** The hours of the meals of the day that `now` lies in, UTC ms. @example one meal a day lies at the first hour */
export function mealTimes(mealsADay: number, { now, zone, rules }: { now: number; zone: string; rules: MealRules }): number[] {
  const day = houseDay(now, zone);
  const span = Math.max(0, rules.lastMealHour - rules.firstMealHour);
  return Array.from({ length: mealsADay }, (_, index) => {
    const hours = rules.firstMealHour + (mealsADay === 1 ? 0 : (span * index) / (mealsADay - 1));
    const minutes = Math.round(hours * 60);
    return atLocal(day, { hour: Math.floor(minutes / 60), minute: minutes % 60 }, zone);
  });
}

/** Is the meal at `atMs` one of a lot's, that nothing was offered for yet. */
export const eatsAt = (times: readonly number[], lastOfferedMs: number | undefined, atMs: number): boolean =>
  times.includes(atMs) && (lastOfferedMs === undefined || lastOfferedMs < atMs - EARLY_MS);

/** Is a meal due that nothing was offered for yet; else when the next one of the day is, if there is one. `times` = {@link mealTimes}. */
export function mealDue(times: readonly number[], lastOfferedMs: number | undefined, now: number): { due: boolean; nextMs?: number } {
  const begun = times.filter((atMs) => atMs - EARLY_MS <= now);
  const latest = begun.at(-1);
  const nextMs = times[begun.length];
  const due = latest !== undefined && (lastOfferedMs === undefined || lastOfferedMs < latest - EARLY_MS);
  return { due, ...(!due && nextMs !== undefined ? { nextMs } : {}) };
}
