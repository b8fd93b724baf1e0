// Acts that a keeper wrote past a stop because no lead could be reached, or because it was done already: each calls a lead, once.
import type Database from 'better-sqlite3';
import type { Overrule } from '#core/journal/index.ts';

export type LeadCall = { due: string; atMs: number; says: string };
/** A house that was away looks back over so many entries, never over all. */
const LOOKS_BACK = 20_000;

/** Gives the calls that entries recorded since the last look ask for. */
export function prepareLeadCalls(client: Database.Database): () => LeadCall[] {
  const last = client.prepare('select coalesce(max(seq), 0) from entry').pluck();
  const fresh = client.prepare(
    'select seq, id, occurred_at_ms atMs, overrules from entry where seq > ? and overrules is not null order by seq',
  );
  let seen = Math.max(0, (last.get() as number) - LOOKS_BACK);
  return () => {
    const calls: LeadCall[] = [];
    const until = last.get() as number;
    for (const row of fresh.all(seen) as { seq: number; id: string; atMs: number; overrules: string }[]) {
      const past = (JSON.parse(row.overrules) as Overrule[]).filter(({ without }) => without !== undefined);
      if (past.length === 0) continue;
      const [first] = past as [Overrule];
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
