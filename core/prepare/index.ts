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
export { PREPARE_REFUSALS } from './refusals.ts';
export { prepareRules, residentOf, type PrepareState } from './rules.ts';
export { STARTING_PREPARE, type PrepareSettings } from './settings.ts';
