// Rows of tools and of water that goes from tank to tank.
import { eq } from 'drizzle-orm';
import type { ExposureEntries } from '#core/exposure/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';
import { prepareUse } from '../supplies/use.ts';

export const exposureProjectors: MakeProjectors<ExposureEntries> = (db) => {
  const tool = prepareInsert(db, tables.tool);
  const change = noteChange(db);
  const toolUse = prepareInsert(db, tables.toolUse);
  const disinfection = prepareInsert(db, tables.disinfection);
  const exchange = prepareInsert(db, tables.exchange);
  const use = prepareUse(db);
  return {
    'tool.added': {
      voids: [],
      project: ({ id, payload: { tool: key, ...facts } }) => tool({ id: key, entry: id, name: facts.name, facts }),
    },
    'tool.changed': {
      voids: [],
      project(entry) {
        const { tool: key, fields } = entry.payload;
        const row = db.select().from(tables.tool).where(eq(tables.tool.id, key)).get()!;
        const facts = { ...row.facts, ...fields };
        db.update(tables.tool).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.tool.id, key)).run();
        change(entry, `tool:${key}`, fields);
      },
    },
    'tool.used': {
      voids: ['p_tool_use'],
      project: (entry) => entry.payload.tanks.forEach((tank, ord) => toolUse({ ...factOf(entry), ord, tool: entry.payload.tool, tank })),
    },
    'tool.disinfected': {
      voids: ['p_disinfection'],
      project: (entry) => disinfection({ ...factOf(entry), tool: entry.payload.tool }),
    },
    'water.exchanged': {
      voids: ['p_exchange', 'p_supply_flow'],
      project(entry) {
        const { tank, litres, fromTank, atSump = false, used } = entry.payload;
        exchange({ ...factOf(entry), tank, litres, fromTank, atSump });
        use(entry, used);
      },
    },
  };
};
