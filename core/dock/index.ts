export {
  BAG_STATES,
  CARTONS,
  CONDITIONS,
  type BagAbsent,
  type BagAssigned,
  type BagLanded,
  type BagState,
  type Carton,
  type Condition,
  type CrateArrived,
  type CrateExpected,
  type DockEntries,
  type ListedBag,
  type ListedLot,
  type SupplierAdded,
  type SupplierTaught,
} from './entries.ts';
export { dockRules, landingOf } from './rules.ts';
export { tallyCrate, type TalliedBag, type Tally } from './tally.ts';
export { transit, triage, type Transit, type Triage } from './urgency.ts';
