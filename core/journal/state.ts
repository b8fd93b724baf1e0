// What decide functions may ask of the house: a port that declares only what they use. The server answers it from
// its projections inside the transaction, so that each entry sees what the ones before it in the act have done.
import type { KnownBag, KnownTank } from '../bench/facts.ts';
import type { Change, Floated } from '../bench/release.ts';
import type { ToolFacts } from '../exposure/entries.ts';
import type { HoldClock } from '../holds/clock.ts';
import type { HoldFacts } from '../holds/entries.ts';
import type { SlipFacts } from '../moves/entries.ts';
import type { CourseFacts } from '../remedies/entries.ts';
import type { HouseRules, RackFacts, TankFacts, WaterFacts } from '../room/entries.ts';
import type { SystemFacts } from '../room/placeFacts.ts';
import type { SpeciesFacts } from '../species/entries.ts';
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

/** `home` = the tanks that its fish came from: back there nothing is new. `cleared` = they came from a tank, so their hold is known; `passed` = what a lead passed over when the tank was chosen. */
export type RunKnown = {
  id: string;
  lot: string;
  tank: string;
  vessel: string;
  cleared: boolean;
  home: string[];
  passed: string[];
  released?: Mark;
};

export interface HouseState {
  findZone(): string | undefined;
  hasLead(): boolean;
  findPerson(id: string): { id: string; name: string } | undefined;
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
  /** Bags in hand that are to go to a tank. */
  comingTo(tank: string): number;
  findTool(id: string): ToolFacts | undefined;
  findSlip(id: string): SlipFacts | undefined;
  hasPlan(id: string): boolean;
  /** Remedies that run in a water now. */
  openCourses(water: string): CourseFacts[];
  /** What a system is under, has held, and who was ill on it within a quarantine that is open. */
  systemOf(water: string): SystemFacts;
  /** Something was odd on a system of late. */
  isSuspect(water: string, atMs: number): boolean;
  /** What was passed over when a tank was chosen for other bags of a lot. */
  passedFor(lot: string, tank: string): string[];
  findSpecies(id: string): SpeciesFacts | undefined;
  /** Changes of a record (`species:firefish`, `tank:G1`) recorded after an entry, with the names of the fields they set. */
  changesSince(of: string, entry: string): (Mark & { fields: string[] })[];
  findSupplier(id: string): { id: string; name: string } | undefined;
  findCrate(id: string): CrateFacts | undefined;
  hasBag(id: string): boolean;
  findBag(id: string): BagFacts | undefined;
  /** All that is known of the water in a bag, and of a tank's; undefined for what is none. */
  findKnownBag(id: string): KnownBag | undefined;
  findKnownTank(id: string): KnownTank | undefined;
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
  hasPromise(id: string): boolean;
  /** The id is taken by a hold, an arrangement with an end, a remedy's course, a slip or a run, void or not. */
  isTaken(what: 'hold' | 'stay' | 'course' | 'slip' | 'run', id: string): boolean;
  hasEntry(id: string): boolean;
  hasLoss(entry: string): boolean;
  /** An arrangement with an end is written for a lot in a place: at that instant, or at any. */
  hasStay(lot: string, place: string, atMs?: number): boolean;
  balance(lot: string, place: string): number;
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
