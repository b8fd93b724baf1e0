// Rows of the species list: each species as it is known now, and which entry set which of its fields.
import { eq } from 'drizzle-orm';
import type { SpeciesEntries, SpeciesFields } from '#core/species/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { noteChange, type MakeProjectors } from '../db/projector.ts';

export const speciesProjectors: MakeProjectors<SpeciesEntries> = (db) => {
  const species = prepareInsert(db, tables.species);
  const change = noteChange(db);
  const columnsOf = (facts: SpeciesFields) => ({ scientific: facts.scientific, common: facts.common, facts });
  return {
    'species.added': {
      voids: [],
      project: ({ id, payload: { species: key, ...facts } }) => species({ id: key, entry: id, ...columnsOf(facts) }),
    },
    'species.changed': {
      voids: [],
      project(entry) {
        const { species: key, fields } = entry.payload;
        const row = db.select().from(tables.species).where(eq(tables.species.id, key)).get()!;
        const facts = { ...row.facts, ...fields };
        db.update(tables.species)
          .set({ entry: entry.id, ...columnsOf(facts) })
          .where(eq(tables.species.id, key))
          .run();
        change(entry, `species:${key}`, fields);
      },
    },
  };
};
