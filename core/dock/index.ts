export {
  BAG_CONDITIONS,
  CAME_ALONG,
  CARTONS,
  CLAIM_FROM,
  CONDITIONS,
  INSIDES,
  isFoul,
  isSoft,
  PACKS,
  PACKED_WITH,
  SEXES_SEEN,
  TRANSITS,
  withSign,
  type BagAbsent,
  type BagAssigned,
  type BagLanded,
  type BagOpening,
  type BagRouted,
  type BoxOpened,
  type Carton,
  type ClaimRule,
  type Condition,
  type CrateArrived,
  type CrateChanged,
  type CrateExpected,
  type CrateFields,
  type CrateTold,
  type DockEntries,
  type ListedBag,
  type ListedLot,
  type StatedWater,
  type Transport,
  type SupplierAdded,
  type SupplierChanged,
  type SupplierFacts,
  type SupplierFields,
  type SupplierTaught,
} from './entries.ts';
export {
  CLAIM_ANSWERS,
  claimStage,
  claimWindow,
  headsOf,
  isFew,
  sayClaimed,
  type ClaimAnswer,
  type ClaimCounts,
  type ClaimEntries,
  type ClaimFacts,
  type ClaimStage,
} from './claims.ts';
export {
  SEXES_WANTED,
  type OrderDropped,
  type OrderEntries,
  type OrderFacts,
  type OrderLine,
  type OrderPlaced,
  type WishNoted,
} from './orders.ts';
export { MOST_ORDERED, orderQuantity, ORDER_SURE, type OrderQuantity } from './orderQuantity.ts';
export { landingOf, tankOf } from './links.ts';
export type { BagPlanned, CrateGivenUp, PlanEntries } from './plans.ts';
export { CRATE_QUESTIONS, openQuestions, type CrateQuestion } from './openQuestions.ts';
export { dockRules, isWeak } from './rules.ts';
export { tallyCrate, type TalliedBag, type Tally } from './tally.ts';
export {
  headsIn,
  routeOf,
  ROUTES,
  ROUTES_FOR,
  TRIAGE_FACTS,
  worstOf,
  type Advised,
  type EachFish,
  type Route,
  type Triaged,
  type TriageFact,
  type TriageRules,
} from './triage.ts';
export { unpackingOrder, type UnpackBag, type UnpackHands, type UnpackPlan, type UnpackState, type UnpackStep } from './unpacking.ts';
export { adviseBag, needOf, needs, type BagTimes, type Landed, type Seen } from './need.ts';
export { transit, type Transit } from './urgency.ts';
export { DOCK_REFUSALS } from './refusals.ts';
export type { BagFacts, CrateFacts, DockState } from './state.ts';
export { STARTING_DOCK, type DockSettings } from './settings.ts';
