// What a place is judged by, and how a reason against it is written: the newcomer, who lives there, the tank and its system.
import type { TankFacts, SystemFacts } from '../room/index.ts';
import type { MedicationFamily, SpeciesFacts } from '../species/index.ts';

export const COST_CODES = [
  'cost.restarts',
  'cost.newcomerMeets',
  'cost.crowded',
  'cost.crowdedGrown',
  'cost.ownKind',
  'cost.bold',
  'cost.strongFlow',
  'cost.notObservation',
  'cost.medicineNow',
  'cost.feedingRace',
  'cost.otherSupplier',
  'cost.suspect',
  'cost.promised',
  'cost.breeding',
  'cost.coming',
  'cost.unknownKind',
  'cost.guessedKind',
  'cost.unknownCompany',
  'cost.notKnown',
  'cost.residentsNotKnown',
  'cost.lengthNotKnown',
] as const;
export type CostCode = (typeof COST_CODES)[number];
export const FORBIDDEN_CODES = [
  'fit.wrongWater',
  'fit.tooCold',
  'fit.tooWarm',
  'fit.noLid',
  'fit.eatsResidents',
  'fit.eatenByResidents',
  'fit.neverWith',
  'fit.keptAlone',
  'fit.saleBeforeQuarantine',
  'fit.shyOfTreatment',
  'fit.heldTreatment',
  'fit.illHere',
  'fit.awayFromHome',
] as const;
export type ForbiddenCode = (typeof FORBIDDEN_CODES)[number];
export type CompatibilityCode = ForbiddenCode | CostCode;
/** `facts.size` = how much of a cost; one that was taken is asked about again only when it grew. `lead` = a cost that only a lead takes in this house. */
export type CompatibilityReason = { code: CompatibilityCode; facts: Record<string, string | number | boolean>; lead?: true };
export const isCost = (code: string): code is CostCode => code.startsWith('cost.');
/** A cost that a keeper's tap takes. */
export const isTaken = ({ code, lead }: Pick<CompatibilityReason, 'code' | 'lead'>): boolean => isCost(code) && !lead;

/** What the way of a bag asks of its first tank: one where it can be watched, or at least no medicine yet. */
export type PlaceNeed = 'observation tank' | 'no medicine';

/** Copper runs, or what it once stood in may let it loose: tested at zero since, it holds none. */
export const holdsCopper = ({ treatments, held }: Pick<SystemState, 'treatments' | 'held'>): boolean =>
  treatments.includes('copper') || held.some(({ family, zeroTested }) => family === 'copper' && !zeroTested);

export type Newcomer = {
  species?: SpeciesFacts;
  /** Their name is a guess: what harms that species does, and what does not may all the same. */
  guessed?: boolean;
  sizeCm?: number;
  lot: string;
  n: number;
  /** As many as could come at most, where less than all of them may be taken; else `n`. */
  atMost?: number;
  quarantineDone: boolean;
  supplier?: string;
  /** Heads of its lot that are to come to the same tank after them. */
  more?: number;
  /** How it came or how it is: poor fish bear no bold company. */
  weak?: boolean;
  need?: PlaceNeed;
};
export type Resident = {
  species?: SpeciesFacts;
  guessed?: boolean;
  sizeCm?: number;
  lot: string;
  label?: string;
  n?: number;
  supplier?: string;
  inQuarantine?: boolean;
  promised?: boolean;
};
/** A treatment that is over: what it left stays until a test finds none, or it is long enough ago. */
export type Held = { family: MedicationFamily; endedAtMs: number; zeroTested: boolean };
/** What a system is under, has held, and who was ill on it within a quarantine that is still open. */
export type SystemState = {
  treatments: readonly MedicationFamily[];
  held: readonly Held[];
  ill?: { what: string; lots: readonly string[] };
};
export const CALM_SYSTEM: SystemState = { treatments: [], held: [] };

/** `temperatureC` and `salinityPpt` of the water: the latest reading where there is one, else what it is set to; `volumeL` the tank's own. */
export type CandidateTank = Pick<TankFacts, 'purpose' | 'lid' | 'volumeL' | 'vessel' | 'flow'> &
  Pick<SystemFacts, 'type' | 'temperatureC' | 'salinityPpt'> & { systemState: SystemState; suspect?: boolean };
