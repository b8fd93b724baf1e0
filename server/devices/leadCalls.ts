// Acts that a keeper wrote past a stop because no lead could be reached, or because it was done already: each calls a lead, once.
import type Database from 'better-sqlite3';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export type LeadCall = { due: string; atMs: number; says: string };
/** A house that was away looks back over so many entries, never over all. */
const LOOKS_BACK = 20_000;

/** Gives the calls that entries recorded since the last look ask for. */
export function prepareLeadCalls(client: Database.Database): () => LeadCall[] {
  const ask = makeAsk(client);
  const last = ask.only(number, 'select coalesce(max(seq), 0) from entry');
  const fresh = ask.all(
    { ...pick(t.entry, 'seq', 'id', 'overrules'), atMs: t.entry.occurredAtMs },
    'select seq, id, occurred_at_ms atMs, overrules from entry where seq > ? and overrules is not null order by seq',
  );
  let seen = Math.max(0, last() - LOOKS_BACK);
  return () => {
    const calls: LeadCall[] = [];
    const until = last();
    for (const row of fresh(seen)) {
      const past = (row.overrules ?? []).filter(({ without }) => without !== undefined);
      const [first] = past;
      if (!first) continue;
      calls.push({
        due: `${row.id}:without-lead:0`,
        atMs: row.atMs,
        says: `Done past a stop, ${first.without}: ${first.reason}`.slice(0, 200),
      });
    }
    seen = until;
    return calls;
  };
}
