// Rows of the bench: the method chosen, floats, releases.
import type { BenchEntries, Chosen } from '#core/bench/index.ts';
import type { Overrule } from '#core/journal/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

const passedOver = ({ overrules = [] }: { overrules?: Overrule[] }): Chosen['passed'] =>
  overrules.map(({ code, size }) => ({ code, size }));

export const benchProjectors: MakeProjectors<BenchEntries> = (db) => {
  const float = prepareInsert(db, tables.float);
  const method = prepareInsert(db, tables.method);
  const release = prepareInsert(db, tables.release);
  const cleanWater = prepareInsert(db, tables.cleanWater);
  return {
    'cleanWater.given': {
      voids: ['p_clean_water'],
      project(entry) {
        const { bag, lot, n: _n, ...facts } = entry.payload;
        cleanWater({ ...factOf(entry), bag, lot, facts });
      },
    },
    'float.started': {
      voids: ['p_float'],
      project(entry) {
        const { floatId: id, bag, lot, tank, n, minutes, bagTemperature, tankTemperature, water } = entry.payload;
        float({
          ...factOf(entry),
          id,
          bag,
          lot,
          tank,
          n,
          minutes,
          bagC: bagTemperature.value,
          bagMethod: bagTemperature.method,
          tankC: tankTemperature.value,
          waterL: water.value,
        });
      },
    },
    'method.chosen': {
      voids: ['p_method'],
      project(entry) {
        const { bag, lot, method: way, advised, why, compared } = entry.payload;
        method({ ...factOf(entry), bag, lot, method: way, advised, why, compared, overruled: passedOver(entry) });
      },
    },
    'fish.released': {
      voids: ['p_release'],
      project(entry) {
        const { bag, floatId: id, lot, tank, alive, dead } = entry.payload;
        release({ ...factOf(entry), bag, run: id, lot, tank, alive, dead });
      },
    },
  };
};
