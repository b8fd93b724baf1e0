// The journal as JSON Lines: a heading line, then one entry a line in order of record, just as it was written.
import type Database from 'better-sqlite3';
import readline from 'node:readline';
import type { Readable } from 'node:stream';
import { lift } from '#contract/act.ts';
import { kinds, isKind } from '#contract/kinds.ts';
import type { RecordedEntry } from '#core/catalogue/index.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import { JOURNAL_FORMAT, whyUnreadable } from '../db/format.ts';
import * as t from '../db/tables.ts';

export const FORMAT = 'daily-crate journal';
const PAGE = 1000;

/** The lines, read a page at a time so that the house goes on writing meanwhile. What comes in later is not in them. */
export function* journalLines(client: Database.Database, nowMs: number): Generator<string> {
  const ask = makeAsk(client);
  const last = ask.only(number, 'select coalesce(max(seq), 0) from entry')();
  const entries = ask.only(number, 'select count(*) from entry where seq <= ?')(last);
  const page = ask.all(
    pick(t.entry, 'seq', 'actId', 'id', 'kind', 'version', 'occurredAtMs', 'recordedAtMs', 'actor', 'payload', 'overrules', 'corrects'),
    `
    select seq, act_id actId, id, kind, version, occurred_at_ms occurredAtMs, recorded_at_ms recordedAtMs, actor, payload, overrules, corrects
    from entry where seq > ? and seq <= ? order by seq limit ${PAGE}`,
  );
  yield JSON.stringify({ format: FORMAT, version: JOURNAL_FORMAT, exportedAtMs: nowMs, entries });
  for (let seq = 0; ;) {
    const rows = page(seq, last);
    for (const { overrules, corrects, ...rest } of rows) {
      yield JSON.stringify({ ...rest, ...(overrules ? { overrules } : {}), ...(corrects ? { corrects } : {}) });
      seq = rest.seq;
    }
    if (rows.length < PAGE) return;
  }
}

/** The entries of a journal file in order. Throws an Error that names the line and what was expected there. */
export async function* readJournalLines(input: Readable): AsyncGenerator<RecordedEntry> {
  const lines = readline.createInterface({ input, crlfDelay: Infinity });
  let line = 0;
  let seq = 0;
  let promised: number | undefined;
  let read = 0;
  for await (const text of lines) {
    line += 1;
    const fail = (expected: string) => new Error(`line ${line}: expected ${expected}`);
    if (text.trim() === '') continue;
    let value: Record<string, unknown>;
    try {
      value = JSON.parse(text.replace(/^\uFEFF/, '')) as Record<string, unknown>;
    } catch {
      throw fail('one JSON object');
    }
    if (promised === undefined) {
      if (value.format !== FORMAT) throw fail(`{"format":"${FORMAT}", …}: is this a journal?`);
      const why = whyUnreadable(Number(value.version), 'this file');
      if (why) throw new Error(why);
      promised = Number(value.entries);
      continue;
    }
    const entry = checkEntry(value, fail);
    if (entry.seq <= seq) throw fail(`a seq above ${seq}`);
    seq = entry.seq;
    read += 1;
    yield entry;
  }
  if (promised === undefined) throw new Error('the file is empty');
  if (read !== promised) throw new Error(`the file breaks off: ${read} entries of ${promised}`);
}

function checkEntry(value: Record<string, unknown>, fail: (expected: string) => Error): RecordedEntry {
  const { kind, version, payload } = value as { kind: string; version: number; payload: unknown };
  for (const name of ['seq', 'version', 'occurredAtMs', 'recordedAtMs'])
    if (!Number.isSafeInteger(value[name])) throw fail(`a whole number ${name}`);
  for (const name of ['id', 'actId', 'actor']) if (typeof value[name] !== 'string' || value[name] === '') throw fail(`a text ${name}`);
  if (typeof kind !== 'string' || !isKind(kind)) throw fail(`a kind that this program knows, not ${String(kind)}`);
  if (version > kinds[kind].version) throw fail(`${kind} of version ${kinds[kind].version} or older: the file is newer than this program`);
  try {
    kinds[kind].schema.validateSync(lift(kind, version, payload), { strict: true });
  } catch (error) {
    throw fail(`a payload of ${kind} (${(error as Error).message})`);
  }
  return value as unknown as RecordedEntry;
}
