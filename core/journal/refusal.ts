// Expected refusals as data. Each area adds its codes to the registry; words live in the web; a test proves that every code has them.
import type { Role } from '../roles/index.ts';

/** Refusals of the notebook itself, whatever an entry is about. */
export const JOURNAL_REFUSALS = [
  'unknown',
  'exists',
  'role',
  'time.future',
  'time.old',
  'time.before',
  'id.taken',
  'client.newer',
  'id.reused',
  'overrule.notAsked',
  'change.nothing',
  'change.overtaken',
  'undo.twice',
  'undo.ofUndo',
  'undo.notYours',
  'undo.tooLate',
  'undo.never',
  'undo.needed',
  'undo.alone',
] as const;

/** Every code there is. An area declares its own beside its rules (`refusals.ts`), so a code that nobody declared is a type error where it is raised. */
export interface RefusalCodes extends Record<(typeof JOURNAL_REFUSALS)[number], true> {}
export type RefusalCode = keyof RefusalCodes;

/** Things the words may need: names, counts, instants. Plain values or lists of plain records. */
export type Facts = Record<string, string | number | boolean | null | undefined | Record<string, string | number>[]>;

/**
 * Why an entry may not be written. `path` points into the payload; `overrule` is the lowest rank that may pass over
 * it with a reason, absent when nobody may.
 */
export type Refusal = {
  code: RefusalCode;
  path: string;
  facts: Facts;
  overrule?: Role;
  /** Fish cannot wait: a keeper may pass over it too, who says that no lead can be reached or that it is done already. A lead is called then. */
  emergency?: true;
};

/** One refusal as the list that decide functions return. */
export function refuse(code: RefusalCode, path: string, facts: Facts = {}, overrule?: Role): Refusal[] {
  return [overrule ? { code, path, facts, overrule } : { code, path, facts }];
}
