// Rows of foods, each as it is known now.
import { eq } from 'drizzle-orm';
import type { FeedingEntries, FoodFields } from '#core/feeding/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { withoutNull } from '../now/rows.ts';
import { noteChange, type MakeProjectors } from '../db/projector.ts';

export const feedingProjectors: MakeProjectors<FeedingEntries> = (db) => {
  const food = prepareInsert(db, tables.food);
  const change = noteChange(db);
  return {
    'food.added': {
      voids: [],
      project: ({ id, payload: { food: key, ...facts } }) => food({ id: key, entry: id, name: facts.name, facts }),
    },
    'food.changed': {
      voids: [],
      project(entry) {
        const { food: key, fields } = entry.payload;
        const row = db.select().from(tables.food).where(eq(tables.food.id, key)).get()!;
        const facts = withoutNull<FoodFields>({ ...row.facts, ...fields } as FoodFields);
        db.update(tables.food).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.food.id, key)).run();
        change(entry, `food:${key}`, fields);
      },
    },
  };
};
