// What a place is judged by, and how a reason against it is written: the newcomer, who lives there, the tank and its system.
import type { RemedyFamily, SpeciesFacts } from '../species/entries.ts';
import type { TankFacts, WaterFacts } from './entries.ts';

export type CostCode =
  | 'cost.restarts'
  | 'cost.newcomerMeets'
  | 'cost.crowded'
  | 'cost.crowdedGrown'
  | 'cost.ownKind'
  | 'cost.bold'
  | 'cost.feedingRace'
  | 'cost.otherSupplier'
  | 'cost.suspect'
  | 'cost.promised'
  | 'cost.unknownKind'
  | 'cost.unknownCompany';
export type ForbiddenCode =
  | 'fit.wrongWater'
  | 'fit.tooCold'
  | 'fit.tooWarm'
  | 'fit.noLid'
  | 'fit.eatsResidents'
  | 'fit.eatenByResidents'
  | 'fit.neverWith'
  | 'fit.keptAlone'
  | 'fit.saleBeforeHold'
  | 'fit.shyOfTreatment'
  | 'fit.heldTreatment'
  | 'fit.illHere'
  | 'fit.awayFromHome';
export type FitCode = ForbiddenCode | CostCode;
/** `facts.size` = how much of a cost; one that was taken is asked about again only when it grew. */
export type FitReason = { code: FitCode; facts: Record<string, string | number | boolean> };
export const isCost = (code: string): code is CostCode => code.startsWith('cost.');

export type Newcomer = {
  species?: SpeciesFacts;
  sizeCm?: number;
  lot: string;
  n: number;
  /** As many as could come at most, where less than all of them may be taken; else `n`. */
  atMost?: number;
  holdDone: boolean;
  supplier?: string;
  /** How it came or how it is: poor fish bear no bold company. */
  weak?: boolean;
};
export type Resident = {
  species?: SpeciesFacts;
  sizeCm?: number;
  lot: string;
  label?: string;
  n?: number;
  supplier?: string;
  onHold?: boolean;
  promised?: boolean;
};
/** A treatment that is over: what it left stays until a test finds none, or it is long enough ago. */
export type Held = { family: RemedyFamily; endedAtMs: number; zeroTested: boolean };
/** What a system is under, has held, and who was ill on it within a quarantine that is still open. */
export type SystemFacts = { courses: readonly RemedyFamily[]; held: readonly Held[]; ill?: { what: string; lots: readonly string[] } };
export const CALM_SYSTEM: SystemFacts = { courses: [], held: [] };

/** `temperatureC` and `salinityPpt` of the water: the latest reading where there is one, else what it is set to; `volumeL` the tank's own. */
export type FitTank = Pick<TankFacts, 'purpose' | 'lid' | 'volumeL' | 'vessel'> &
  Pick<WaterFacts, 'type' | 'temperatureC' | 'salinityPpt'> & { system: SystemFacts; suspect?: boolean };
