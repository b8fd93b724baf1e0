// Undo: an act is reversed whole, once, by somebody who may, and never from under what rests on it.
// Whether its stock legs can still be undone is judged with all other stock, after the act.
import { refuse, type Context, type Refusal, type Rule, type Undo } from '../journal/index.ts';
import { atLeast } from '../roles/index.ts';
import { DAY_MS } from '../time/index.ts';
import { linksOf } from './areaRules.ts';
import type { EntryReversed } from './entries.ts';
import type { Kind, RecordedEntry } from './payloads.ts';
import type { NotebookState } from './state.ts';

/** Who may take a kind back. */
export type UndoContext = { undoOf: (kind: Kind) => Undo };
type Asked = Context<NotebookState> & UndoContext;

/** A keeper undoes an own act for a day; a lead any act. */
export const OWN_UNDO_MS = DAY_MS;
const LISTED_DEPENDENTS = 5;

export const reversalRule: Rule<'entry.reversed', EntryReversed, NotebookState, UndoContext> = {
  decide(entry, context) {
    const { act } = entry.payload;
    const entries = context.state.actEntries(act);
    const first = entries[0];
    if (!first) return refuse('unknown', 'act', { what: 'act', id: act });
    const earlier = context.state.findReversal(act);
    if (earlier) return refuse('undo.twice', 'act', { by: earlier.by, atMs: earlier.atMs });
    if (entries.some((entry) => entry.kind === 'entry.reversed')) return refuse('undo.ofUndo', 'act');
    const strictest = entries.map(({ kind }) => context.undoOf(kind));
    if (strictest.includes('never')) return refuse('undo.never', 'act', { kind: entries[strictest.indexOf('never')]!.kind });
    const needsLead = strictest.includes('lead');
    return [...mayUndo(first, needsLead, context), ...nothingRestsOn(act, entries, context)];
  },
};

function mayUndo(first: RecordedEntry, needsLead: boolean, { actor, now }: Asked): Refusal[] {
  if (atLeast(actor.role, 'lead')) return [];
  if (needsLead) return refuse('role', 'act', { needs: 'lead', has: actor.role });
  if (first.actor !== actor.id) return refuse('undo.notYours', 'act');
  return now - first.recordedAtMs > OWN_UNDO_MS ? refuse('undo.tooLate', 'act', { atMs: first.recordedAtMs }) : [];
}

function nothingRestsOn(act: string, entries: RecordedEntry[], { state }: Asked): Refusal[] {
  const made = entries.flatMap((entry) => linksOf(entry).makes);
  if (made.length === 0) return [];
  const dependents = state.dependents(made, act);
  if (dependents.length === 0) return [];
  return refuse('undo.needed', 'act', {
    more: Math.max(0, dependents.length - LISTED_DEPENDENTS),
    first: dependents.slice(0, LISTED_DEPENDENTS).map(({ id, actId, kind, occurredAtMs }) => ({ id, actId, kind, atMs: occurredAtMs })),
  });
}
