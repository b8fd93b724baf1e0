// How much a lot is given at one meal: grams by its heads, their length, the ration of its phase, who it is and what the food is. Estimates: eyes at the tank beat them.
import { massOf, USUAL_MASS } from '../bench/index.ts';
import type { FoodFacts, MealPhase, Mouth } from '../feeding/index.ts';
import { mouthOf } from '../feeding/index.ts';
import type { Guild } from '../species/index.ts';

/** What a lead decides: percent of their own mass a day, as wet food, of fish of 3 to 10 cm; and how long thawed food keeps. Judgements to start from. */
export type KitchenRules = {
  ordinaryPercent: number;
  quarantinePercent: number;
  conditioningPercent: number;
  firstDayPercent: number;
  fryPercent: number;
  thawedKeepsH: number;
};
export const STARTING_KITCHEN_RULES: KitchenRules = {
  ordinaryPercent: 4,
  quarantinePercent: 3,
  conditioningPercent: 2,
  firstDayPercent: 1,
  fryPercent: 8,
  thawedKeepsH: 6,
};

/** Mass of a fish, g, as the bench has it. A judgement for what is no fish. */
export const gramsOfLength = (lengthCm: number): number => massOf({ n: 1, lengthCm, ...USUAL_MASS });

const percentOf = (phase: MealPhase, rules: KitchenRules): number =>
  ({
    'first day': rules.firstDayPercent,
    conditioning: rules.conditioningPercent,
    fry: rules.fryPercent,
    quarantine: rules.quarantinePercent,
    ordinary: rules.ordinaryPercent,
  })[phase];
/** The smaller the fish, the more of its own mass it eats. */
const BY_MOUTH: Record<Mouth, number> = { tiny: 2, small: 1, large: 0.5 };
/** Plants feed less than flesh. */
const BY_GUILD: Partial<Record<Guild, number>> = { grazer: 1.5 };
/** Against wet food: dry food holds four times as much in a gram, a half shell is half shell. */
const BY_FORM: Record<FoodFacts['form'], number> = { frozen: 1, live: 1, paste: 1, dry: 0.25, sheet: 0.25, 'on the half shell': 2 };

export type Ration = {
  n: number;
  lengthCm?: number;
  guild?: Guild;
  phase: MealPhase;
  mealsADay: number;
  form: FoodFacts['form'];
};
/** Grams of one meal; undefined where nobody knows how long they are. */
export function rationG({ n, lengthCm, guild, phase, mealsADay, form }: Ration, rules: KitchenRules): number | undefined {
  if (lengthCm === undefined) return undefined;
  const share = (percentOf(phase, rules) / 100) * BY_MOUTH[mouthOf(lengthCm)] * (guild === undefined ? 1 : (BY_GUILD[guild] ?? 1));
  return (n * gramsOfLength(lengthCm) * share * BY_FORM[form]) / mealsADay;
}
