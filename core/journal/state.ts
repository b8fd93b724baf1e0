// What decide functions may ask of the house: a port that declares only what they use. The server answers it from
// its projections inside the transaction, so that each entry sees what the ones before it in the act have done.
import type { KnownBag, KnownTank } from '../bench/facts.ts';
import type { Change, Floated } from '../bench/release.ts';
import type { ToolFacts } from '../exposure/entries.ts';
import type { HoldClock } from '../holds/clock.ts';
import type { HoldFacts } from '../holds/entries.ts';
import type { SlipFacts } from '../moves/entries.ts';
import type { CourseFacts } from '../remedies/entries.ts';
import type { PersonFacts } from '../people/entries.ts';
import type { HouseRules, RackFacts, TankFacts, WaterFacts } from '../room/entries.ts';
import type { SystemFacts } from '../room/placeFacts.ts';
import type { SpeciesFacts, WaterType } from '../species/entries.ts';
import type { LotFacts } from '../stock/entries.ts';
import type { Recorded } from './entry.ts';

/** Who did something and when, for words such as “Bram landed it at 07:12”. */
export type Mark = { entry: string; by: string; atMs: number };

export type CrateFacts = { id: string; label: string; arrived?: Mark };
export type BagFacts = {
  id: string;
  crate: string;
  label: string;
  lot: string;
  listed: number;
  landing?: Mark & { lot: string; condition: string; bagState: string };
  absence?: Mark;
  assignment?: Mark & { tank: string; overruled: string[] };
  /** Afloat. */
  run?: Mark & { id: string };
  /** Poured into the vessel of a run. */
  taken?: Mark & { run: string };
  release?: Mark;
};

/** The way chosen last for a bag: the tank that was meant then, and what was passed over. */
export type Chosen = { method: string; tank?: string; passed: { code: string; size?: number }[] };

/** `home` = the tanks that its fish came from: back there nothing is new. `cleared` = they came from a tank, so their hold is known; `holdDone` = their hold is over; `passed` = what was passed over of `tank` when it was chosen. */
export type RunKnown = {
  id: string;
  lot: string;
  tank: string;
  vessel: string;
  cleared: boolean;
  holdDone: boolean;
  home: string[];
  passed: string[];
  released?: Mark;
};

export interface HouseState {
  findZone(): string | undefined;
  hasLead(): boolean;
  findPerson(id: string): PersonFacts | undefined;
  /** Known, and not gone. */
  worksHere(person: string): boolean;
  /** Ids of the leads who work here, the longest here first. */
  leads(): string[];
  findRules(): HouseRules | undefined;
  findRack(id: string): RackFacts | undefined;
  findWater(id: string): WaterFacts | undefined;
  findTank(id: string): TankFacts | undefined;
  findTankByCode(code: string): TankFacts | undefined;
  findTankAt(rack: string, row: number, column: number): TankFacts | undefined;
  /** Ids of the tanks on a water, or on a rack, that are in the house still. */
  tanksOn(water: string): string[];
  tanksOnRack(rack: string): string[];
  /** Codes of the boxes and dividers in a tank. */
  hangingIn(tank: string): string[];
  /** What is in hand and to go to a tank, by lot: heads, and bags or vessels; `except` = without that bag or run. */
  comingTo(tank: string, except?: string): { lot: string; n: number; bags: number }[];
  /** It came in poor shape, or a sign of weakness was seen on it, in the last two days. */
  isWeak(lot: string, atMs: number): boolean;
  findTool(id: string): ToolFacts | undefined;
  /** Tanks from which a tool, or hands, are wet still at an instant, since they were last clean. */
  wetFrom(tool: string, atMs: number): string[];
  /** When a tool, or hands, were wet last. */
  lastUseOf(tool: string): number | undefined;
  findSlip(id: string): SlipFacts | undefined;
  /** Remedies that run in a water now. */
  openCourses(water: string): CourseFacts[];
  /** What a system is under, has held, and who was ill on it within a quarantine that is open. */
  systemOf(water: string): SystemFacts;
  /** Lots of a system, by label, that were weak or did not eat in the last two days. */
  frailOn(water: string, atMs: number): string[];
  /** Something was odd on a system of late. */
  isSuspect(water: string, atMs: number): boolean;
  /** What was passed over when a tank was chosen for other bags of a lot. */
  passedFor(lot: string, tank: string): string[];
  /** The house's rules as they were at an instant, by when a lead said so. */
  rulesAt(atMs: number): HouseRules | undefined;
  /** Kinds of water in which a lot lives or is to live. */
  waterTypesOf(lot: string): WaterType[];
  findSpecies(id: string): SpeciesFacts | undefined;
  /** Changes of a record (`species:firefish`, `tank:G1`) recorded after an entry, with the names of the fields they set. */
  changesSince(of: string, entry: string): (Mark & { fields: string[] })[];
  findSupplier(id: string): { id: string; name: string } | undefined;
  findCrate(id: string): CrateFacts | undefined;
  hasBag(id: string): boolean;
  /** A tank, a bag or a vessel where fish can be. */
  isPlace(id: string): boolean;
  findBag(id: string): BagFacts | undefined;
  /** All that is known of the water in a bag, and of a tank's; undefined for what is none. */
  findKnownBag(id: string): KnownBag | undefined;
  findKnownTank(id: string): KnownTank | undefined;
  findChosen(bag: string): Chosen | undefined;
  /** A float that runs. */
  findFloated(run: string): Floated | undefined;
  /** The water of an acclimation's vessel as it is believed at an instant, by its readings and what was done to it. */
  findVesselWater(run: string, atMs: number): Change | undefined;
  findLot(id: string): LotFacts | undefined;
  /** A vessel in which fish are brought to their tank, begun and not void. */
  findRun(id: string): RunKnown | undefined;
  /** The hold of a lot that has not been signed off. */
  findOpenHold(lot: string): HoldFacts | undefined;
  /** The clock of its open hold at an instant; throws when it has none. */
  clockOf(lot: string, atMs: number): HoldClock;
  /** The same of several lots, those without an open hold left out. */
  clocksOf(lots: readonly string[], atMs: number): Map<string, HoldClock>;
  /** It is of that lot, and neither void nor lifted. */
  isPromiseOpen(id: string, lot: string): boolean;
  /** Something was called so once, whatever it was, void or not. */
  isTaken(id: string): boolean;
  /** When what others rest on was made last, void left out. */
  madeAt(ref: string): number | undefined;
  hasEntry(id: string): boolean;
  hasLoss(entry: string): boolean;
  /** An arrangement with an end is written for a lot in a place: at that instant, or at any. */
  hasStay(lot: string, place: string, atMs?: number): boolean;
  balance(lot: string, place: string): number;
  /** The same as it was at an instant, by what is dated until then. */
  balanceAt(lot: string, place: string, atMs: number): number;
  /** Some of the lot came to that place once. */
  wasIn(lot: string, place: string): boolean;
  /** When the first of a lot came into the house. */
  firstSeenOf(lot: string): number | undefined;
  /** Tanks in which some of the lot stand. */
  tanksOf(lot: string): string[];
  /** Some fish of the lot stand in a tank of the house. */
  isInTank(lot: string): boolean;
  /** Living fish at a place now, by lot. */
  occupants(place: string): { lot: string; n: number }[];
  /** Heads of a lot that the house answers for, and how many of them are promised. */
  lotCount(lot: string): { inHouse: number; promised: number };
  /** The last movement at a place, for telling who was quicker; `exceptAct` leaves out the act being judged. */
  lastMove(place: string, exceptAct?: string): Mark | undefined;
  actEntries(actId: string): Recorded[];
  findReversal(actId: string): Mark | undefined;
  /** Entries outside the act, not void, that rest on something that these ids made. */
  dependents(madeIds: string[], actId: string): Recorded[];
}
