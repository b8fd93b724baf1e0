// What a reading asks of the house: is there such a bag, vessel or system, and with what it was read.
import type { ChangeState } from '../journal/index.ts';
import type { KitFacts, KitForm } from './kits.ts';

export interface WaterState extends ChangeState {
  findKit(id: string): KitFacts | undefined;
  /** That are kept. */
  kits(): KitFacts[];
  /** Of the last copper test of a system since copper was put into it; undefined when there is none, or nobody said with which test. */
  copperFormOf(system: string): KitForm | undefined;
  hasBag(id: string): boolean;
  hasRun(id: string): boolean;
  hasSystem(id: string): boolean;
}
