// In which form the journal of a house is written. A journal of another form is refused in words, never guessed at, and nothing of it is changed.
import type Database from 'better-sqlite3';
import { findMeta, hasEntries } from './meta.ts';

/** 2 = kinds and payloads have the trade's words. Raise it only when entries as they were written can no longer be lifted. */
export const JOURNAL_FORMAT = 2;

/** Why a journal of that format cannot be read here; nothing when it can. */
export function whyUnreadable(format: number, what: string): string | undefined {
  if (format === JOURNAL_FORMAT) return undefined;
  if (!Number.isInteger(format))
    return `${what} does not say of which format its journal is; this program reads format ${JOURNAL_FORMAT}. Nothing was changed.`;
  return format < JOURNAL_FORMAT
    ? `${what} is a journal of format ${format}, written by an earlier version of this program; this one reads format ${JOURNAL_FORMAT}. Nothing was changed.`
    : `${what} is a journal of format ${format}, written by a newer version of this program; this one reads format ${JOURNAL_FORMAT}. Nothing was changed.`;
}

/** Throws, in words, when this program cannot read the journal in the file; the first format bore no number. */
export function mustBeReadable(client: Database.Database, file: string): void {
  if (!hasEntries(client)) return;
  const why = whyUnreadable(Number(findMeta(client, 'journalFormat') ?? 1), file);
  if (why) throw new Error(why);
}
