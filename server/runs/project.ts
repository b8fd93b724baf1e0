// Rows of runs.
import { passedAs } from '#core/placement/index.ts';
import type { RunEntries } from '#core/runs/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors, type Projector } from '../db/projector.ts';

export const runProjectors: MakeProjectors<RunEntries> = (db) => {
  const run = prepareInsert(db, tables.benchRun);
  const from = prepareInsert(db, tables.runFrom);
  const event = prepareInsert(db, tables.runEvent);
  const runRelease = prepareInsert(db, tables.runRelease);
  const release = prepareInsert(db, tables.release);
  const meterCheck = prepareInsert(db, tables.meterCheck);
  const dim = prepareInsert(db, tables.dim);
  const page = prepareInsert(db, tables.page);
  const eventOf = (
    what: 'worked' | 'noticed' | 'checked' | 'handed',
  ): Projector<'acclimation.actionTaken' | 'acclimation.signSeen' | 'acclimation.checked' | 'acclimation.handedOver'> => ({
    voids: ['p_run_event'],
    project(entry) {
      const { run: id, ...facts } = entry.payload;
      event({ ...factOf(entry), run: id, what, facts });
    },
  });
  return {
    'acclimation.started': {
      voids: ['p_bench_run', 'p_run_from'],
      project(entry) {
        const { run: id, lot, tank, method, vessel, from: places } = entry.payload;
        run({
          ...factOf(entry),
          id,
          lot,
          tank,
          method,
          vessel: vessel.name,
          overruled: (entry.overrules ?? []).map(({ code, size }) => passedAs(code, size)),
          facts: entry.payload,
        });
        for (const { place, n } of places) from({ ...factOf(entry), place, run: id, n });
      },
    },
    'acclimation.actionTaken': eventOf('worked'),
    'acclimation.signSeen': eventOf('noticed'),
    'acclimation.checked': eventOf('checked'),
    'acclimation.handedOver': eventOf('handed'),
    'acclimation.released': {
      voids: ['p_run_release', 'p_release'],
      project(entry) {
        const { run: id, lot, into, dead, remaining = 0 } = entry.payload;
        const alive = into.reduce((sum, { n }) => sum + n, 0);
        runRelease({ ...factOf(entry), run: id, lot, alive, dead, remaining, facts: entry.payload });
        for (const [index, { tank, n }] of into.entries())
          release({ ...factOf(entry), bag: null, run: id, lot, tank, alive: n, dead: index === 0 ? dead : 0 });
      },
    },
    'meter.checked': {
      voids: ['p_meter_check'],
      project(entry) {
        const { instrument, quantity, shown, truth, adjusted } = entry.payload;
        meterCheck({ ...factOf(entry), instrument, quantity, shown, truth, adjusted });
      },
    },
    'lights.dimmed': {
      voids: ['p_dim'],
      project(entry) {
        dim({ ...factOf(entry), ...entry.payload });
      },
    },
    'page.sent': {
      voids: ['p_page'],
      project(entry) {
        page({ ...factOf(entry), ...entry.payload });
      },
    },
  };
};
