// What a decision on a due thing asks of the house.
import type { Mark } from '../journal/index.ts';
import type { PeopleState } from '../people/index.ts';

export interface TodayState extends Pick<PeopleState, 'findPerson'> {
  hasEntry(id: string): boolean;
  findZone(): string | undefined;
  /** Whose a due thing was said to be. */
  assignedTo(due: string): string | undefined;
  /** `by` = the id of who handed it. */
  findShift(id: string): { by: string; taken?: Mark } | undefined;
}
