// The notebook's own questions: its acts, what rests on what, which names are taken, who changed a record since.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, number, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';
import { lifted, type JournalStore, type Row } from './store.ts';

type Asked = 'isTaken' | 'madeAt' | 'actEntries' | 'findReversal' | 'dependents' | 'changesSince' | 'hasEntry';

export function notebookState(client: Database.Database, store: JournalStore): Pick<HouseState, Asked> {
  const ask = makeAsk(client);
  // A change is told by the order of record: what its maker had not seen was recorded later than what it is based on.
  const changes = ask.all(
    { ...pick(t.change, 'entry', 'atMs', 'fields'), by: text },
    `
    select c.entry, ${personName('c."by"')} "by", c.at_ms atMs, c.fields from p_change c join entry e on e.id = c.entry
    where c.of = ? and e.seq > coalesce((select seq from entry where id = ?), 0) order by e.seq desc`,
  );
  const needing = ask.all(
    pick(t.entry, 'seq', 'id', 'actId', 'kind', 'version', 'occurredAtMs', 'recordedAtMs', 'actor', 'payload', 'overrules', 'corrects'),
    `
    select e.seq, e.id, e.act_id actId, e.kind, e.version, e.occurred_at_ms occurredAtMs, e.recorded_at_ms recordedAtMs, e.actor, e.payload, e.overrules, e.corrects
    from p_need n join entry e on e.id = n.entry where n.ref = ? and n.voided_by is null and n.act_id <> ? order by e.seq`,
  );
  return {
    isTaken: ask.is('select 1 from p_made where ref = ? limit 1'),
    madeAt: ask.value(number, 'select max(at_ms) from p_made where ref = ? and voided_by is null'),
    actEntries: store.ofAct,
    findReversal: ask.get(
      { ...pick(t.reversal, 'entry', 'atMs'), by: text },
      `select entry, ${personName('by')} by, at_ms atMs from p_reversal where act = ?`,
    ),
    dependents(made, actId) {
      const seen = new Map<string, Row>();
      for (const ref of made) for (const row of needing(ref, actId)) seen.set(row.id, row);
      return [...seen.values()].sort((a, b) => a.seq - b.seq).map(lifted);
    },
    changesSince: changes,
    hasEntry: ask.is('select 1 from entry where id = ?'),
  };
}
