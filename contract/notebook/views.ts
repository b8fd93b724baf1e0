// What the screens read of acts and entries as they are shown. Instants are UTC ms, quantities SI.
import type { Kind } from '#core/catalogue/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import type { TopicsOf } from '../basics/topics.ts';

export type LogbookEntry = { id: string; kind: Kind; occurredAtMs: number; recordedAtMs: number; payload: unknown; overrules?: Overrule[] };

export type LogbookAct = {
  actId: string;
  seq: number;
  actor: string;
  actorName: string;
  entries: LogbookEntry[];
  undone?: { by: string; atMs: number };
};

/**
 * `names` = what to call the ids in the payloads; `people` = who may have written. `about` = the tank or lot that was asked for, by its name.
 * `earlier` = where to go on: entries before that seq have not been read, those since that instant have.
 */
export type LogbookView = {
  seq: number;
  acts: LogbookAct[];
  names: Record<string, string>;
  people: { id: string; name: string }[];
  about?: string;
  /** More lots and things are called by these words than were looked for. */
  isPart?: boolean;
  earlier?: { before: number; sinceMs: number };
};

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

export type NotebookViews = { logbook: LogbookView };
export const notebookViewTopics: TopicsOf<NotebookViews> = {
  logbook: ['house', 'people', 'species', 'stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure'],
};
