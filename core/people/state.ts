// What the area asks of the house about who works here.
import type { ChangeState } from '../journal/index.ts';
import type { PersonFacts } from './entries.ts';

export interface PeopleState extends ChangeState {
  findPerson(id: string): PersonFacts | undefined;
  /** Known, and not gone. */
  worksHere(person: string): boolean;
  /** Ids of the leads who work here, the longest here first. */
  leads(): string[];
}
