// Due things as rows: follow-ups of one tank and hour are one walk, so they are one row. And what this screen has settled already.
import type { Entry } from '#core/catalogue/index.ts';
import { stateOf, type Due, type DueState } from '#core/today/index.ts';
import type { Overlay } from '../data/overlay.ts';

export type DueRow = Due & { ids: string[] };
export const STATES: readonly DueState[] = ['overdue', 'now', 'next'];

/** Without what this screen's own unanswered acts have settled. */
export const overlayToday: Overlay<'today'> = (view, { entries }) => ({ ...view, due: unsettled(view.due, entries) });

function unsettled(due: readonly Due[], entries: readonly Entry[]): Due[] {
  const settled = new Set(entries.flatMap(({ kind, payload }) => (kind === 'due.done' || kind === 'due.skipped' ? [payload.due] : [])));
  const later = new Map(entries.flatMap(({ kind, payload }) => (kind === 'due.snoozed' ? [[payload.due, payload.untilMs] as const] : [])));
  return due
    .filter(({ id }) => !settled.has(id))
    .map((dueThing) => {
      const untilMs = later.get(dueThing.id);
      return untilMs === undefined
        ? dueThing
        : { ...dueThing, fromMs: Math.max(dueThing.fromMs, untilMs), byMs: Math.max(dueThing.byMs, untilMs), snoozed: true };
    });
}

/** Between the steps of a row. */
export const AND = ' and ';
const keyOf = ({ id, rule, step, facts, snoozed }: Due, state: DueState): string => {
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
      const first = { ...dueThing, ids: [dueThing.id] };
      known.set(key, first);
      rows[state].push(first);
      continue;
    }
    row.ids.push(dueThing.id);
    row.fromMs = Math.min(row.fromMs, dueThing.fromMs);
    row.atMs = Math.min(row.atMs ?? row.fromMs, dueThing.atMs ?? dueThing.fromMs);
    row.step = [...new Set([...row.step.split(AND), dueThing.step])].join(AND);
    row.byMs = Math.min(row.byMs, dueThing.byMs);
    const what = [row.facts.what, dueThing.facts.what].filter(Boolean).join(', ');
    const n = row.facts.n === undefined ? undefined : row.facts.n + (dueThing.facts.n ?? 0);
    row.facts = { ...row.facts, n, what: [...new Set(what.split(', '))].join(', ') };
  }
  rows.next.sort((a, b) => shownAt(a) - shownAt(b));
  return rows;
}

/** The hour itself, where it may be done a little earlier. */
export const shownAt = ({ atMs, fromMs }: Pick<Due, 'atMs' | 'fromMs'>): number => atMs ?? fromMs;
