// Due things as rows: follow-ups of one tank and hour are one walk, so they are one row; what else is due at that place stands with it. And what this screen has settled
// already.
import type { TodayView } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { isAnsweredByReason, stateOf, type Due, type DueState, type Whose } from '#core/today/index.ts';
import type { Overlay } from '../data/overlay.ts';
import { AND } from '../words/dueWords.ts';

export type DueRow = Due & { ids: string[]; state: DueState };
/** All that is to be done at one place, the most urgent first; a thing without a tank stands alone. */
export type Visit = { key: string; tankCode?: string; rows: [DueRow, ...DueRow[]] };
export const STATES: readonly DueState[] = ['overdue', 'now', 'next'];

/** Without what this screen's own unanswered acts have settled. */
export const overlayToday: Overlay<'today'> = (view, { entries }) => {
  const assigned = new Map(
    entries.flatMap(({ kind, payload }) =>
      kind === 'due.assigned' ? [[payload.due, payload.person === null ? undefined : personOf(view, payload.person)] as const] : [],
    ),
  );
  return { ...view, due: unsettled(view.due, entries, assigned) };
};
const personOf = ({ people }: TodayView, person: string): Whose => ({
  person,
  name: people.find(({ id }) => id === person)?.name ?? person,
});

type Assigned = ReadonlyMap<string, Whose | undefined>;
function withWhose({ whose, ...due }: Due, assigned: Assigned): Due {
  const now = assigned.has(due.id) ? assigned.get(due.id) : whose;
  return now ? { ...due, whose: now } : due;
}

function unsettled(due: readonly Due[], entries: readonly Entry[], assigned: Assigned): Due[] {
  const settled = new Set(entries.flatMap(({ kind, payload }) => (kind === 'due.done' || kind === 'due.skipped' ? [payload.due] : [])));
  const later = new Map(entries.flatMap(({ kind, payload }) => (kind === 'due.snoozed' ? [[payload.due, payload.untilMs] as const] : [])));
  return due
    .filter(({ id }) => !settled.has(id))
    .map((dueThing) => withWhose(dueThing, assigned))
    .map((dueThing) => {
      const untilMs = later.get(dueThing.id);
      return untilMs === undefined
        ? dueThing
        : { ...dueThing, fromMs: Math.max(dueThing.fromMs, untilMs), byMs: Math.max(dueThing.byMs, untilMs), snoozed: true };
    });
}

const keyOf = ({ id, rule, step, facts, snoozed }: Due, state: DueState): string => {
  // Days that nobody answered for are answered together.
  if (isAnsweredByReason(rule)) return rule;
  if (!facts.tank) return id;
  if (snoozed) return [state, rule, step, facts.tank, 'later'].join('|');
  return rule.startsWith('after-') && state !== 'next' ? `${rule}|${facts.tank}` : [state, rule, step, facts.tank].join('|');
};

/** Rows by state, each in walking order; what is next goes by time. */
export function rowsOf(due: readonly Due[], now: number): Record<DueState, DueRow[]> {
  const rows: Record<DueState, DueRow[]> = { overdue: [], now: [], next: [] };
  const known = new Map<string, DueRow>();
  // What is most urgent first: a walk to a tank does all that is due there, and stands where the most urgent of it does.
  for (const dueThing of due.toSorted((a, b) => STATES.indexOf(stateOf(a, now)) - STATES.indexOf(stateOf(b, now)))) {
    const state = stateOf(dueThing, now);
    const key = keyOf(dueThing, state);
    const row = known.get(key);
    if (!row) {
      const first = { ...dueThing, ids: [dueThing.id], state };
      known.set(key, first);
      rows[state].push(first);
      continue;
    }
    row.ids.push(dueThing.id);
    row.fromMs = Math.min(row.fromMs, dueThing.fromMs);
    row.atMs = Math.min(row.atMs ?? row.fromMs, dueThing.atMs ?? dueThing.fromMs);
    row.step = [...new Set([...row.step.split(AND), dueThing.step])].join(AND);
    row.byMs = Math.min(row.byMs, dueThing.byMs);
    if (isAnsweredByReason(row.rule)) {
      row.facts = dueThing.facts; // the latest day speaks for all
      continue;
    }
    const what = [row.facts.what, dueThing.facts.what].filter(Boolean).join(', ');
    const n = row.facts.n === undefined ? undefined : row.facts.n + (dueThing.facts.n ?? 0);
    row.facts = { ...row.facts, n, what: [...new Set(what.split(', '))].join(', ') };
  }
  rows.next.sort((a, b) => shownAt(a) - shownAt(b));
  return rows;
}

/** Rows as visits by state: what is due now at a place where something is overdue is done on the same visit. What is next stays by time. */
export function visitsOf(due: readonly Due[], now: number): Record<DueState, Visit[]> {
  const rows = rowsOf(due, now);
  const visits: Record<DueState, Visit[]> = { overdue: [], now: [], next: rows.next.map(visitOf) };
  const known = new Map<string, Visit>();
  for (const row of [...rows.overdue, ...rows.now]) {
    const place = row.facts.tank;
    const there = place === undefined ? undefined : known.get(place);
    if (there) {
      there.rows.push(row);
      continue;
    }
    const visit = visitOf(row);
    if (place !== undefined) known.set(place, visit);
    visits[row.state].push(visit);
  }
  return visits;
}
const visitOf = (row: DueRow): Visit => ({ key: row.ids[0]! + row.state, tankCode: row.facts.tankCode, rows: [row] });

/** The hour itself, where it may be done a little earlier. */
export const shownAt = ({ atMs, fromMs }: Pick<Due, 'atMs' | 'fromMs'>): number => atMs ?? fromMs;
