// Rows of the kitchen. A batch takes its food out of what is here.
import { eq } from 'drizzle-orm';
import type { KitchenEntries, MixFields } from '#core/kitchen/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';
import { withoutNull } from '../now/rows.ts';

export const kitchenProjectors: MakeProjectors<KitchenEntries> = (db) => {
  const mix = prepareInsert(db, tables.mix);
  const batch = prepareInsert(db, tables.batch);
  const step = prepareInsert(db, tables.batchStep);
  const course = prepareInsert(db, tables.course);
  const stop = prepareInsert(db, tables.courseStop);
  const flow = prepareInsert(db, tables.supplyFlow);
  const change = noteChange(db);
  return {
    'mix.added': { voids: [], project: ({ id, payload: { mix: key, ...facts } }) => mix({ id: key, entry: id, name: facts.name, facts }) },
    'mix.changed': {
      voids: [],
      project(entry) {
        const { mix: key, fields } = entry.payload;
        const row = db.select().from(tables.mix).where(eq(tables.mix.id, key)).get()!;
        const facts = withoutNull<MixFields>({ ...row.facts, ...fields } as MixFields);
        db.update(tables.mix).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.mix.id, key)).run();
        change(entry, `mix:${key}`, fields);
      },
    },
    'batch.begun': {
      voids: ['p_batch', 'p_supply_flow'],
      project(entry) {
        const { batch: id, forMs, lines, soak } = entry.payload;
        batch({ ...factOf(entry), id, forMs, lines, soak });
        for (const { food, g } of lines) if (g > 0) flow({ entry: entry.id, item: food, atMs: entry.occurredAtMs, how: 'used', amount: g });
      },
    },
    'batch.stepped': { voids: ['p_batch_step'], project: (entry) => step({ ...factOf(entry), ...entry.payload }) },
    'course.begun': {
      voids: ['p_course'],
      project: (entry) => course({ ...factOf(entry), id: entry.payload.course, lot: entry.payload.lot, mix: entry.payload.mix }),
    },
    'course.stopped': {
      voids: ['p_course_stop'],
      project: (entry) => stop({ ...factOf(entry), lot: entry.payload.lot, mix: entry.payload.mix }),
    },
  };
};
