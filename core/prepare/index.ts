export type { BackStep, MatchPlanned, PrepAdded, PrepareEntries, PrepMoved, PrepTicked } from './entries.ts';
export {
  offerFor,
  prepLines,
  READ_QUANTITIES,
  type LaidMatch,
  type MatchOffer,
  type PrepFacts,
  type PrepLine,
  type PrepLot,
  type PrepNote,
  type PrepSystem,
  type PrepTank,
  type PrepWhat,
  type ReadQuantity,
} from './lines.ts';
export { gentlest, livesOutside, matchPlan, wayBack, type MatchAsked, type MatchPlan, type Resident, type SwapStep } from './match.ts';
export { againstLaid, backFrom, reachedBy, type MatchedWater, type SettledStep } from './laid.ts';
export { PREPARE_REFUSALS } from './refusals.ts';
export { matchedWater, prepareRules, residentOf, type MatchedState, type PrepareState } from './rules.ts';
export { STARTING_PREPARE, type PrepareSettings } from './settings.ts';
