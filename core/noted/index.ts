export {
  ARRANGED,
  BEHAVIOURS,
  type Arranged,
  type Behaviour,
  type BehaviourSeen,
  type LotSexed,
  type NotedEntries,
  type TankArranged,
} from './entries.ts';
export { NOTED_REFUSALS } from './refusals.ts';
export { notedRules } from './rules.ts';
export type { NotedState } from './state.ts';
