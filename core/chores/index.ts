export { choreStand, type ChoreStand, type Done } from './due.ts';
export {
  AGAINST_TREATMENT,
  CHORE_KINDS,
  CHORE_PER,
  IS_WATER,
  type ChoreEntries,
  type ChoreFacts,
  type ChoreFields,
  type ChoreKind,
  type ChorePer,
} from './entries.ts';
export { kitOf, type KitLine } from './kit.ts';
export { namesOf, placesOf, type ChorePlace, type ChoreTank } from './places.ts';
export { CHORE_REFUSALS } from './refusals.ts';
export { againstWaterTwice, choreRules } from './rules.ts';
export type { ChoreState } from './state.ts';
export { topUp, type TopUp } from './topUp.ts';
