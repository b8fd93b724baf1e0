// The logbook: the latest acts as they were written, newest first, with what to call everything they name.
import { lift } from '#contract/act.ts';
import type { LogbookAct, LogbookEntry } from '#contract/views.ts';
import type { Kind } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import { prepareNames } from '../now/names.ts';
import { personName } from '../now/rows.ts';
import type { MakeView } from './view.ts';

const PAGE_ACTS = 60;
/** Entries read for one page; a single act never holds more. */
const PAGE_ENTRIES = 400;
type Row = {
  seq: number;
  id: string;
  actId: string;
  kind: Kind;
  version: number;
  occurredAtMs: number;
  recordedAtMs: number;
  payload: string;
  overrules: string | null;
  actor: string;
  actorName: string;
};

export const makeLogbookView: MakeView<'logbook'> = (client) => {
  const latest = client.prepare(`
    select seq, id, act_id actId, kind, version, occurred_at_ms occurredAtMs, recorded_at_ms recordedAtMs, payload, overrules, actor, ${personName('actor')} actorName
    from entry where seq < ? order by seq desc limit ${PAGE_ENTRIES}`);
  const undone = client.prepare(`select ${personName('"by"')} by, at_ms atMs from p_reversal where act = ?`);
  const namesIn = prepareNames(client);

  return ({ query }) => {
    const before = Number(query.before);
    const rows = latest.all(Number.isSafeInteger(before) && before > 0 ? before : Number.MAX_SAFE_INTEGER) as Row[];
    const acts = group(rows)
      .slice(0, PAGE_ACTS)
      .map((act) => ({ ...act, undone: undone.get(act.actId) as LogbookAct['undone'] }));
    const names = namesIn(acts.flatMap(({ entries }) => entries.map(({ payload }) => payload)));
    return { acts, names };
  };
};

function group(rows: readonly Row[]): LogbookAct[] {
  const acts: LogbookAct[] = [];
  for (const { seq, actId, actor, actorName, payload, overrules, version, ...entry } of rows) {
    const whole: LogbookEntry = {
      ...entry,
      payload: lift(entry.kind, version, JSON.parse(payload)),
      ...(overrules ? { overrules: JSON.parse(overrules) as Overrule[] } : {}),
    };
    const last = acts.at(-1);
    if (last?.actId === actId) last.entries.unshift(whole);
    else acts.push({ actId, seq, actor, actorName, entries: [whole] });
  }
  // The oldest act of a full page may have lost its first entries to the limit.
  return rows.length < PAGE_ENTRIES ? acts : acts.slice(0, -1);
}
