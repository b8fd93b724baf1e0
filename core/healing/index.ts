export { conditionOf, FRAIL_MS, isReady, type Condition, type ConditionFacts, type Criterion } from './condition.ts';
export {
  HEALED_HOW,
  HEALING_BY,
  type HealedHow,
  type HealingBegun,
  type HealingBy,
  type HealingEntries,
  type HealingFacts,
} from './entries.ts';
export { healingNow, type HealingNow, type Measure } from './heal.ts';
export { HEALING_REFUSALS } from './refusals.ts';
export { healingRules } from './rules.ts';
export type { HealingState } from './state.ts';
