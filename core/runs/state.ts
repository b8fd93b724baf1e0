// What an acclimation asks of the house.
import type { BenchState, Change } from '../bench/index.ts';
import type { Mark } from '../journal/index.ts';
import type { PeopleState } from '../people/index.ts';
import type { TreatmentState } from '../treatments/index.ts';

/**
 * `home` = the tanks that its fish came from: back there nothing is new. `cleared` = they came from a tank, so their quarantine is known; `quarantineDone` = it is
 * over; `passed` = what was passed over of `tank` when it was chosen.
 */
export type RunSummary = {
  id: string;
  lot: string;
  tank: string;
  vessel: string;
  cleared: boolean;
  quarantineDone: boolean;
  home: string[];
  passed: string[];
  released?: Mark;
};

export interface RunState extends BenchState, Pick<PeopleState, 'findPerson' | 'worksHere'>, Pick<TreatmentState, 'openTreatments'> {
  /** The water of an acclimation's vessel as it is believed at an instant, by its readings and what was done to it. */
  findVesselWater(run: string, atMs: number): Change | undefined;
  /** A vessel in which fish are brought to their tank, begun and not void. */
  findRun(id: string): RunSummary | undefined;
}
