// What the screens read of acts and entries as they are shown. Instants are UTC ms, quantities SI.
import type { Kind } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

export type DaybookEntry = { id: string; kind: Kind; occurredAtMs: number; recordedAtMs: number; payload: unknown; overrules?: Overrule[] };

export type DaybookAct = {
  actId: string;
  seq: number;
  actor: string;
  actorName: string;
  entries: DaybookEntry[];
  undone?: { by: string; atMs: number };
};

/** `names` = what to call the ids in the payloads. */
export type DaybookView = { seq: number; acts: DaybookAct[]; names: Record<string, string> };

export type TimelineEntry = {
  id: string;
  actId: string;
  kind: Kind;
  occurredAtMs: number;
  payload: unknown;
  overrules?: Overrule[];
  by: string;
};

export type Done = { by: string; atMs: number; actId: string };

export type NotebookViews = { daybook: DaybookView };
export const notebookViewTopics: TopicsOf<NotebookViews> = {
  daybook: ['house', 'people', 'shelf', 'stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure'],
};
