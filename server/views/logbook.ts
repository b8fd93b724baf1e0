// The logbook: the latest acts as they were written, newest first, with what to call everything they name.
import { lift } from '#contract/act.ts';
import type { LogbookAct, LogbookEntry } from '#contract/views.ts';
import { makeAsk, text, pick, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareNames } from '../now/names.ts';
import { personName } from '../now/rows.ts';
import type { MakeView } from './view.ts';

const PAGE_ACTS = 60;
/** Entries read for one page; a single act never holds more. */
const PAGE_ENTRIES = 400;

const ENTRY = {
  ...pick(t.entry, 'seq', 'id', 'actId', 'kind', 'version', 'occurredAtMs', 'recordedAtMs', 'payload', 'overrules', 'actor'),
  actorName: text,
};

export const makeLogbookView: MakeView<'logbook'> = (client) => {
  const ask = makeAsk(client);
  const latest = ask.all(
    ENTRY,
    `
    select seq, id, act_id actId, kind, version, occurred_at_ms occurredAtMs, recorded_at_ms recordedAtMs, payload, overrules, actor, ${personName('actor')} actorName
    from entry where seq < ? order by seq desc limit ${PAGE_ENTRIES}`,
  );
  const undone = ask.get({ atMs: t.reversal.atMs, by: text }, `select ${personName('"by"')} by, at_ms atMs from p_reversal where act = ?`);
  const namesIn = prepareNames(client);

  return ({ query }) => {
    const before = Number(query.before);
    const rows = latest(Number.isSafeInteger(before) && before > 0 ? before : Number.MAX_SAFE_INTEGER);
    const acts = group(rows)
      .slice(0, PAGE_ACTS)
      .map((act) => ({ ...act, undone: undone(act.actId) }));
    const names = namesIn(acts.flatMap(({ entries }) => entries.map(({ payload }) => payload)));
    return { acts, names };
  };
};

function group(rows: readonly RowOf<typeof ENTRY>[]): LogbookAct[] {
  const acts: LogbookAct[] = [];
  for (const { seq, actId, actor, actorName, payload, overrules, version, ...entry } of rows) {
    const whole: LogbookEntry = {
      ...entry,
      payload: lift(entry.kind, version, payload),
      ...(overrules ? { overrules } : {}),
    };
    const last = acts.at(-1);
    if (last?.actId === actId) last.entries.unshift(whole);
    else acts.push({ actId, seq, actor, actorName, entries: [whole] });
  }
  // The oldest act of a full page may have lost its first entries to the limit.
  return rows.length < PAGE_ENTRIES ? acts : acts.slice(0, -1);
}
