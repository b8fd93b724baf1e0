// Every kind of entry in one table, put together from the areas. docs/journal.md is made from it.
import type { Kind, Payloads } from '#core/catalogue/index.ts';
import type { Undo } from '#core/journal/index.ts';
import type { Kinds } from './basics/define.ts';
import { benchKinds } from './bench/kinds.ts';
import { choresKinds } from './chores/kinds.ts';
import { notedKinds } from './noted/kinds.ts';
import { waterTestsKinds } from './waterTests/kinds.ts';
import { dockKinds } from './dock/kinds.ts';
import { photoKinds } from './photos/kinds.ts';
import { feedingKinds } from './feeding/kinds.ts';
import { exposureKinds } from './exposure/kinds.ts';
import { healingKinds } from './healing/kinds.ts';
import { kitchenKinds } from './kitchen/kinds.ts';
import { movesKinds } from './moves/kinds.ts';
import { notebookKinds } from './notebook/kinds.ts';
import { peopleKinds } from './people/kinds.ts';
import { prepareKinds } from './prepare/kinds.ts';
import { quarantineKinds } from './quarantine/kinds.ts';
import { roomKinds } from './room/kinds.ts';
import { roundsKinds } from './rounds/kinds.ts';
import { runsKinds } from './runs/kinds.ts';
import { settingsKinds } from './settings/kinds.ts';
import { speciesKinds } from './species/kinds.ts';
import { stockKinds } from './stock/kinds.ts';
import { suppliesKinds } from './supplies/kinds.ts';
import { todayKinds } from './today/kinds.ts';
import { treatmentsKinds } from './treatments/kinds.ts';
import { waterKinds } from './water/kinds.ts';

export const kinds: Kinds<Payloads> = {
  ...notebookKinds,
  ...peopleKinds,
  ...settingsKinds,
  ...roomKinds,
  ...speciesKinds,
  ...dockKinds,
  ...prepareKinds,
  ...photoKinds,
  ...benchKinds,
  ...runsKinds,
  ...quarantineKinds,
  ...waterKinds,
  ...stockKinds,
  ...movesKinds,
  ...exposureKinds,
  ...treatmentsKinds,
  ...feedingKinds,
  ...kitchenKinds,
  ...suppliesKinds,
  ...choresKinds,
  ...notedKinds,
  ...waterTestsKinds,
  ...healingKinds,
  ...roundsKinds,
  ...todayKinds,
};

export const KINDS = Object.keys(kinds) as Kind[];

export function isKind(kind: string): kind is Kind {
  return Object.hasOwn(kinds, kind);
}

export const undoOf = (kind: Kind): Undo => kinds[kind].undo;
export const versionOf = (kind: Kind): number => kinds[kind].version;

/** True when acts of these kinds are undone, by whoever may, and not set right by a further entry. */
export const isUndoable = (written: readonly Kind[]): boolean => written.every((kind) => kinds[kind].undo !== 'never');

/** One payload that can be true of each kind. */
export const examples = Object.fromEntries(KINDS.map((kind) => [kind, kinds[kind].example])) as unknown as Payloads;
