// What is written down while a bag is brought to its tank: the method chosen, a float begun, the fish released.
import type { Reading } from '../water/index.ts';
import type { BagOpening, Controls } from './input.ts';
import type { AcclimationMethod } from './methods.ts';

/** A closed bag laid in its tank. Times and temperatures are resolved: what was believed when it began. */
export type FloatStarted = {
  floatId: string;
  bag: string;
  lot: string;
  tank: string;
  n: number;
  bagTemperature: Reading;
  tankTemperature: Reading;
  water: Reading;
  /** How long it should take, minutes, and when hands are due (occurredAtMs + minutes). */
  minutes: number;
};

/**
 * All the fish of a bag netted into clean, aired water like their own, before a tank or a bath is thought of: a bag that is opened for one is open for all. They stay
 * under their bag on record. Temperature and salinity of that water as it was made.
 */
export type CleanWaterGiven = {
  bag: string;
  lot: string;
  n: number;
  vessel: string;
  litres: number;
  temperature: Reading;
  salinity: Reading;
};

export type ReleaseBy = 'net' | 'cup' | 'swim-out';
export const RELEASE_BY: readonly ReleaseBy[] = ['net', 'cup', 'swim-out'];

/** The fish leave the bag for the tank; what died on the way leaves the bag too. The bag's water goes to the drain. */
export type FishReleased = {
  bag: string;
  lot: string;
  tank: string;
  floatId?: string;
  alive: number;
  dead: number;
  by: ReleaseBy;
  note?: string;
};

/** What was compared: with this it is begun. */
export type Compared = { controls: Partial<Controls>; opening: BagOpening; fed: boolean };
/** The way that was chosen for a bag, beside what the numbers and the house advised then; `advised` left out = none was. `why` when it is neither. */
export type MethodChosen = {
  bag: string;
  lot: string;
  method: AcclimationMethod;
  advised?: AcclimationMethod;
  house?: AcclimationMethod;
  why?: string;
  compared?: Compared;
};

export interface BenchEntries {
  'cleanWater.given': CleanWaterGiven;
  'method.chosen': MethodChosen;
  'float.started': FloatStarted;
  'fish.released': FishReleased;
}
