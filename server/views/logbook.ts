// The logbook: acts as they were written, newest first, with what to call everything they name; all of them, or those that somebody asks for.
import { lift } from '#contract/act.ts';
import { isLogbookGroup, kindsOfGroup, type LogbookAct, type LogbookEntry } from '#contract/views.ts';
import { DAY_MS, startOfHouseDay } from '#core/time/index.ts';
import { makeAsk, number, text, pick, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareNames } from '../now/names.ts';
import { personName } from '../now/rows.ts';
import { like, prepareNamed } from './logbookNamed.ts';
import type { MakeView, ViewRequest } from './view.ts';

const PAGE_ACTS = 60;
/** Entries that fit, read for one page. */
const PAGE_ENTRIES = 400;
/** So many comparisons at once, some tenths of a second: a search that finds nothing must not keep the whole house waiting. */
const MOST_COMPARED = 400_000;

const ENTRY = {
  ...pick(t.entry, 'seq', 'id', 'actId', 'kind', 'version', 'occurredAtMs', 'recordedAtMs', 'payload', 'overrules', 'actor'),
  actorName: text,
};
const FITTING = pick(t.entry, 'seq', 'actId', 'payload', 'overrules', 'actor');
const PERSON = { id: t.person.id, name: t.person.name };

export const makeLogbookView: MakeView<'logbook'> = (client) => {
  const ask = makeAsk(client);
  const named = prepareNamed(client);
  // One statement for each number of ids: a comparison that is left empty costs as much as another.
  const statements = new Map<string, ReturnType<typeof prepareFitting>>();
  const prepareFitting = (about: number, found: number) => ask.all(FITTING, sqlFitting(about, found));
  const fittingFor = (about: number, found: number) => {
    const key = `${about} ${found}`;
    const known = statements.get(key) ?? prepareFitting(about, found);
    statements.set(key, known);
    return known;
  };
  prepareFitting(1, 1);
  const whole = ask.all(
    ENTRY,
    `
    select seq, id, act_id actId, kind, version, occurred_at_ms occurredAtMs, recorded_at_ms recordedAtMs, payload, overrules, actor, ${personName('actor')} actorName
    from entry where act_id in (select value from json_each(?)) order by seq desc`,
  );
  const latest = ask.only(number, 'select coalesce(max(seq), 0) from entry');
  const atSeq = ask.value(t.entry.occurredAtMs, 'select occurred_at_ms from entry where seq >= ? order by seq limit 1');
  const undone = ask.get({ atMs: t.reversal.atMs, by: text }, `select ${personName('"by"')} by, at_ms atMs from p_reversal where act = ?`);
  const people = ask.all(PERSON, 'select id, name from p_person order by name');
  const namesIn = prepareNames(client);

  return ({ query, zone }) => {
    const asked = readQuery(query, zone);
    const before = Math.min(asked.before, latest() + 1);
    const about = asked.subject && named.of(asked.subject);
    // Of a tank or lot that is not there nothing was written: never what was written of everything.
    if (asked.subject && !about) return { acts: [], names: {}, people: people() };
    const found = asked.word === undefined ? undefined : named.by(asked.word);
    const search = asked.isSearch || about !== undefined || found !== undefined;
    const compared = 2 + (about?.ids.length ?? 0) + (found?.ids.length ?? 0);
    const after = search ? Math.max(0, before - Math.floor(MOST_COMPARED / compared)) : 0;
    const rows = fittingFor(
      about?.ids.length ?? 0,
      found?.ids.length ?? 0,
    )({
      before,
      after,
      ...asked.where,
      // As it stands in JSON.
      word: asked.word === undefined ? null : like(JSON.stringify(asked.word).slice(1, -1)),
      who: found?.person ?? null,
      ...slots('about', about?.ids),
      ...slots('found', found?.ids),
    });
    const fits = (row: (typeof rows)[number]) =>
      asked.word === undefined ||
      row.actor === found?.person ||
      says([row.payload, row.overrules], asked.word.toLowerCase(), new Set(found?.ids));
    const actIds = [...new Set(rows.filter(fits).map(({ actId }) => actId))].slice(0, PAGE_ACTS);
    const acts = group(whole(JSON.stringify(actIds))).map((act) => ({ ...act, undone: undone(act.actId) }));
    const oldest = acts.at(-1);
    const goOn =
      actIds.length === PAGE_ACTS ? oldest!.seq - oldest!.entries.length + 1 : rows.length === PAGE_ENTRIES ? rows.at(-1)!.seq : after;
    return {
      acts,
      names: namesIn(acts.flatMap(({ entries }) => entries.map(({ payload }) => payload))),
      people: people(),
      ...(about && { about: about.name }),
      ...(found?.isPart && { isPart: true }),
      ...(goOn > 1 && { earlier: { before: goOn, sinceMs: atSeq(goOn) ?? 0 } }),
    };
  };
};

function group(rows: readonly RowOf<typeof ENTRY>[]): LogbookAct[] {
  const acts: LogbookAct[] = [];
  for (const { seq, actId, actor, actorName, payload, overrules, version, ...entry } of rows) {
    const written: LogbookEntry = {
      ...entry,
      payload: lift(entry.kind, version, payload),
      ...(overrules ? { overrules } : {}),
    };
    const last = acts.at(-1);
    if (last?.actId === actId) last.entries.unshift(written);
    else acts.push({ actId, seq, actor, actorName, entries: [written] });
  }
  return acts;
}

/** Is it said in what the entry holds, not in what its fields are called? */
function says(value: unknown, word: string, ids: ReadonlySet<string>): boolean {
  if (typeof value === 'string') return ids.has(value) || value.toLowerCase().includes(word);
  if (typeof value === 'number') return String(value) === word;
  return value !== null && typeof value === 'object' && Object.values(value).some((inner) => says(inner, word, ids));
}

/** Ids as they stand in an entry. */
const slots = (role: string, ids: readonly string[] = []) => Object.fromEntries(ids.map((id, no) => [`${role}${no}`, like(`"${id}"`)]));

function sqlFitting(about: number, found: number): string {
  const names = (role: 'about' | 'found', n: number) => Array.from({ length: n }, (_, no) => `payload like @${role}${no} escape '\\'`);
  return `select seq, act_id actId, payload, overrules, actor from entry
    where seq < @before and seq >= @after
      and (@person is null or actor = @person) and (@from is null or occurred_at_ms >= @from) and (@until is null or occurred_at_ms < @until)
      and (@kinds is null or kind in (select value from json_each(@kinds)))
      and (@word is null or payload like @word escape '\\' or overrules like @word escape '\\' or actor = @who${names('found', found)
        .map((name) => ` or ${name}`)
        .join('')})
      ${about > 0 ? `and (${names('about', about).join(' or ')})` : ''}
    order by seq desc limit ${PAGE_ENTRIES}`;
}

/** Each part as far as it can be read; what cannot be is not asked for. */
function readQuery(query: ViewRequest['query'], zone: string) {
  const word = query.q?.trim().slice(0, 80) || undefined;
  const person = query.person || undefined;
  const kinds = isLogbookGroup(query.what) ? JSON.stringify(kindsOfGroup(query.what)) : undefined;
  const from = startOf(query.from, zone, 0);
  const until = startOf(query.to, zone, 1);
  const before = Number(query.before);
  return {
    before: Number.isSafeInteger(before) && before > 0 ? before : Number.MAX_SAFE_INTEGER,
    word,
    subject: query.tank ? ({ what: 'tank', id: query.tank } as const) : query.lot ? ({ what: 'lot', id: query.lot } as const) : undefined,
    isSearch: [person, kinds, from, until].some((value) => value !== undefined),
    where: { person: person ?? null, kinds: kinds ?? null, from: from ?? null, until: until ?? null },
  };
}

/** When a day written as 2026-03-03 begins in the house, or so many days later. */
function startOf(day: string | undefined, zone: string, later: number): number | undefined {
  const ms = /^20\d{2}-\d{2}-\d{2}$/.test(day ?? '') ? Date.parse(`${day}T00:00Z`) : Number.NaN;
  return Number.isNaN(ms) ? undefined : startOfHouseDay(Math.floor(ms / DAY_MS) + later, zone);
}
