// Rows of chores: what is planned, that it was done, what was topped up, and what went into it.
import { eq } from 'drizzle-orm';
import type { ChoreEntries, ChoreFields } from '#core/chores/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';
import { withoutNull } from '../now/rows.ts';
import { prepareUse } from '../supplies/use.ts';

export const choreProjectors: MakeProjectors<ChoreEntries> = (db) => {
  const chore = prepareInsert(db, tables.chore);
  const done = prepareInsert(db, tables.choreDone);
  const topUp = prepareInsert(db, tables.topUp);
  const use = prepareUse(db);
  const change = noteChange(db);
  return {
    'chore.planned': {
      voids: [],
      project: ({ id, occurredAtMs, payload: { chore: key, ...facts } }) =>
        chore({ id: key, entry: id, name: facts.name, planned: id, plannedMs: occurredAtMs, facts }),
    },
    'chore.changed': {
      voids: [],
      project(entry) {
        const { chore: key, fields } = entry.payload;
        const row = db.select().from(tables.chore).where(eq(tables.chore.id, key)).get()!;
        const facts = withoutNull<ChoreFields>({ ...row.facts, ...fields } as ChoreFields);
        db.update(tables.chore).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.chore.id, key)).run();
        change(entry, `chore:${key}`, fields);
      },
    },
    'chore.done': {
      voids: ['p_chore_done', 'p_supply_flow'],
      project(entry) {
        const { chore: key, places, used } = entry.payload;
        for (const place of places) done({ entry: entry.id, chore: key, place, atMs: entry.occurredAtMs, by: entry.actor, voidedBy: null });
        use(entry, used);
      },
    },
    'water.toppedUp': {
      voids: ['p_top_up', 'p_supply_flow'],
      project(entry) {
        const { tank, litres, salinityPpt, used } = entry.payload;
        topUp({ ...factOf(entry), tank, litres, salinityPpt });
        use(entry, used);
      },
    },
  };
};
