// The kitchen sheet of one meal: grams of each food from who is to eat, rounded up to what it is sold in; each tank's portions in walking order.
import type { FoodFacts, Meal } from '../feeding/index.ts';
import type { Guild } from '../species/index.ts';
import { beginBy } from './batch.ts';
import { amountFor } from './dose.ts';
import type { MixFacts } from './entries.ts';
import type { HeldBack } from './medicated.ts';
import { gramsOfLength, rationG, type KitchenRules } from './ration.ts';

export type SheetLot = {
  lot: string;
  label: string;
  n: number;
  lengthCm?: number;
  guild?: Guild;
  meal: Meal;
  medicated?: { mix: string; held?: HeldBack };
};
/** `less` = its water asks for half. */
export type SheetTank = { id: string; code: string; rack: string; lots: readonly SheetLot[]; less?: true };
/** Of a meal while a value of the water is over its limit; a dose is not halved. A judgement. */
const LESS = 0.5;

/** `heads` of whom `unmeasured` are in no gram. */
export type Portion = {
  food: string;
  mix?: string;
  g: number;
  heads: number;
  unmeasured: number;
  lots: string[];
  watched: boolean;
};
export type SheetLine = {
  food: string;
  mix?: string;
  g: number;
  heads: number;
  unmeasured: number;
  tanks: number;
  /** What is taken out: whole portions of the label. */
  takeG: number;
  portions?: number;
  /** To be begun by, so that it is ready. */
  beginMs: number;
  /** By the label, for what is taken out; left out where the label counts fish and some are not measured. `fishG` = those it is for. */
  dose?: { amount: number; fishG?: number };
};
export type Sheet = { lines: SheetLine[]; tanks: { id: string; code: string; rack: string; portions: Portion[]; less?: true }[] };

const keyOf = ({ food, mix = '' }: { food: string; mix?: string }) => `${food}\n${mix}`;

/** Whole portions of a label; what has none is weighed as it is. */
export function taken(g: number, portionG: number | undefined): { takeG: number; portions?: number } {
  if (portionG === undefined) return { takeG: g };
  // 3.0000001 portions are three.
  const portions = Math.max(0, Math.ceil(g / portionG - 1e-6));
  return { takeG: portions * portionG, portions };
}

/** The sheet of the meal at `mealMs`. `tanks` = in walking order, with those of their lots that are to eat at it. */
export function kitchenSheet(
  tanks: readonly SheetTank[],
  { foods, mixes, rules, mealMs }: { foods: readonly FoodFacts[]; mixes: readonly MixFacts[]; rules: KitchenRules; mealMs: number },
): Sheet {
  const foodOf = new Map(foods.map((food) => [food.name, food]));
  const fishOf = new Map<string, { g: number; unmeasured: number }>();
  const portioned = tanks.flatMap(({ id, code, rack, lots, less }) => {
    const portions = new Map<string, Portion>();
    for (const { label, n, lengthCm, guild, meal, medicated } of lots) {
      if (!('food' in meal)) continue;
      const food = foodOf.get(meal.food);
      if (!food) continue;
      const mix = medicated && medicated.held === undefined ? medicated.mix : undefined;
      const key = keyOf({ food: meal.food, mix });
      const full = rationG({ n, lengthCm, guild, phase: meal.phase, mealsADay: meal.mealsADay, form: food.form }, rules);
      const g = full === undefined || !less || mix !== undefined ? full : full * LESS;
      const known = portions.get(key);
      portions.set(key, {
        food: meal.food,
        ...(mix === undefined ? {} : { mix }),
        g: (known?.g ?? 0) + (g ?? 0),
        heads: (known?.heads ?? 0) + n,
        unmeasured: (known?.unmeasured ?? 0) + (g === undefined ? n : 0),
        lots: [...(known?.lots ?? []), `${n} ${label}`],
        watched: (known?.watched ?? false) || meal.watched,
      });
      if (mix === undefined) continue;
      const fish = fishOf.get(key) ?? { g: 0, unmeasured: 0 };
      fishOf.set(
        key,
        lengthCm === undefined ? { ...fish, unmeasured: fish.unmeasured + n } : { ...fish, g: fish.g + n * gramsOfLength(lengthCm) },
      );
    }
    return portions.size === 0 ? [] : [{ id, code, rack, portions: [...portions.values()], ...(less ? { less } : {}) }];
  });
  const lines = new Map<string, SheetLine>();
  for (const portion of portioned.flatMap(({ portions }) => portions)) {
    const key = keyOf(portion);
    const known = lines.get(key);
    lines.set(key, {
      food: portion.food,
      ...(portion.mix === undefined ? {} : { mix: portion.mix }),
      g: (known?.g ?? 0) + portion.g,
      heads: (known?.heads ?? 0) + portion.heads,
      unmeasured: (known?.unmeasured ?? 0) + portion.unmeasured,
      tanks: (known?.tanks ?? 0) + 1,
      takeG: 0,
      beginMs: beginBy(foodOf.get(portion.food)!, mealMs),
    });
  }
  const finished = [...lines.entries()].map(([key, line]): SheetLine => {
    const mix = mixes.find(({ id }) => id === line.mix);
    // Where the label counts fish, all that is mixed is theirs: a whole piece for half a piece's fish would be half the dose.
    const take = mix?.per === 'kg of fish a day' ? { takeG: line.g } : taken(line.g, foodOf.get(line.food)!.portionG);
    const dose = mix && doseOf(mix, take.takeG, fishOf.get(key));
    return { ...line, ...take, ...(dose ? { dose } : {}) };
  });
  return { lines: finished.toSorted((a, b) => a.beginMs - b.beginMs || (a.food < b.food ? -1 : 1)), tanks: portioned };
}

/** By what is taken out, not by what is needed: all of it is medicated. Where the label counts fish, all of them must have been measured. */
function doseOf(mix: MixFacts, takeG: number, fish: { g: number; unmeasured: number } | undefined): SheetLine['dose'] {
  if (takeG === 0) return undefined;
  if (mix.per === 'g of food') return { amount: amountFor(mix, { g: takeG })! };
  if (!fish || fish.unmeasured > 0) return undefined;
  return { amount: amountFor(mix, { g: takeG, fishG: fish.g })!, fishG: fish.g };
}
