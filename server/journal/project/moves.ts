// Rows of planned moves, of tools and water that go from tank to tank, and of remedies.
import { eq } from 'drizzle-orm';
import type { ExposureEntries, ToolFields } from '#core/exposure/index.ts';
import type { MoveEntries } from '#core/moves/index.ts';
import type { RemedyEntries } from '#core/treatments/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import { factOf, noteChange, type MakeProjectors } from './projector.ts';

export const moveProjectors: MakeProjectors<MoveEntries & ExposureEntries & RemedyEntries> = (db) => {
  const slip = prepareInsert(db, tables.slip);
  const mark = prepareInsert(db, tables.slipMark);
  const tool = prepareInsert(db, tables.tool);
  const change = noteChange(db);
  const use = prepareInsert(db, tables.toolUse);
  const disinfection = prepareInsert(db, tables.disinfection);
  const exchange = prepareInsert(db, tables.exchange);
  const course = prepareInsert(db, tables.course);
  const courseEnd = prepareInsert(db, tables.courseEnd);
  return {
    'moves.planned': {
      voids: ['p_slip'],
      project(entry) {
        const { plan, name, slips } = entry.payload;
        slips.forEach((one, ord) => {
          const { slip: id, lot, from, to } = one;
          slip({ ...factOf(entry), id, plan, name, ord, lot, from, to, facts: JSON.stringify(one) });
        });
      },
    },
    'slip.tried': {
      voids: ['p_slip_mark'],
      project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'tried', note: entry.payload.note }),
    },
    'slip.freed': { voids: ['p_slip_mark'], project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'freed' }) },
    'slip.dropped': {
      voids: ['p_slip_mark'],
      project: (entry) => mark({ ...factOf(entry), slip: entry.payload.slip, what: 'dropped', note: entry.payload.why }),
    },
    'tool.added': {
      voids: [],
      project: ({ id, payload: { tool: key, ...facts } }) => tool({ id: key, entry: id, name: facts.name, facts: JSON.stringify(facts) }),
    },
    'tool.changed': {
      voids: [],
      project(entry) {
        const { tool: key, fields } = entry.payload;
        const row = db.select().from(tables.tool).where(eq(tables.tool.id, key)).get()!;
        const facts = { ...(JSON.parse(row.facts) as ToolFields), ...fields };
        db.update(tables.tool)
          .set({ entry: entry.id, name: facts.name, facts: JSON.stringify(facts) })
          .where(eq(tables.tool.id, key))
          .run();
        change(entry, `tool:${key}`, fields);
      },
    },
    'tool.used': {
      voids: ['p_tool_use'],
      project: (entry) => entry.payload.tanks.forEach((tank, ord) => use({ ...factOf(entry), ord, tool: entry.payload.tool, tank })),
    },
    'tool.disinfected': {
      voids: ['p_disinfection'],
      project: (entry) => disinfection({ ...factOf(entry), tool: entry.payload.tool }),
    },
    'water.exchanged': {
      voids: ['p_exchange'],
      project: (entry) =>
        exchange({ ...factOf(entry), tank: entry.payload.tank, litres: entry.payload.litres, fromTank: entry.payload.fromTank }),
    },
    'remedy.begun': {
      voids: ['p_course'],
      project: (entry) => course({ ...factOf(entry), id: entry.payload.course, water: entry.payload.water, family: entry.payload.family }),
    },
    'remedy.ended': {
      voids: ['p_course_end'],
      project: (entry) => courseEnd({ ...factOf(entry), course: entry.payload.course }),
    },
  };
};
