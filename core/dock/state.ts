// What the dock asks of the house, and what it is told of crates and bags.
import type { ChangeState, Mark } from '../journal/index.ts';
import type { PlaceNeed, PlacementState } from '../placement/index.ts';
import type { ClaimState } from './claims.ts';
import type { OrderState } from './orders.ts';
import type { BagOpening, Condition, CrateFields, SupplierFields } from './entries.ts';

export type CrateFacts = { id: string; arrived?: Mark; givenUp?: Mark } & CrateFields;
export type BagFacts = {
  id: string;
  crate: string;
  label: string;
  lot: string;
  listed: number;
  landing?: Mark & { lot: string; condition: Condition; bagCondition: BagOpening };
  absence?: Mark;
  /** Its fish stand in clean water. */
  clean?: Mark;
  assignment?: Mark & { tank: string; overruled: string[] };
  /** Afloat. */
  float?: Mark & { id: string };
  /** Poured into the vessel of a run. */
  taken?: Mark & { run: string };
  release?: Mark;
};

export interface DockState extends PlacementState, ChangeState, ClaimState, OrderState {
  findSupplier(id: string): ({ id: string } & SupplierFields) | undefined;
  findCrate(id: string): CrateFacts | undefined;
  hasBag(id: string): boolean;
  /** A bag of the crate is listed in that box, or was found in it. */
  hasBox(crate: string, box: number): boolean;
  /** How often something was said of its boxes. */
  boxesOpened(crate: string): number;
  /** What the way of a landed bag asks of its first tank (./need). */
  needOfBag(bag: string): PlaceNeed | 'nothing';
  findBag(id: string): BagFacts | undefined;
  /** What was passed over when a tank was chosen for other bags of a lot. */
  passedFor(lot: string, tank: string): string[];
}
