// What a decision on a due thing asks of the house.
import type { Mark } from '../journal/index.ts';

export interface TodayState {
  hasEntry(id: string): boolean;
  findZone(): string | undefined;
  /** `by` = the id of who handed it. */
  findShift(id: string): { by: string; taken?: Mark } | undefined;
}
