// Treatments that run, and who bears them badly, for core's questions.
import type Database from 'better-sqlite3';
import { isReady } from '#core/healing/index.ts';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareCondition } from '../healing/condition.ts';

export function treatmentState(client: Database.Database): Pick<HouseState, 'openTreatments' | 'frailOn'> {
  const ask = makeAsk(client);
  const living = ask.all(
    { lot: t.lot.id, label: t.lot.label },
    'select distinct l.id lot, l.label from p_tank t join now_standing b on b.place = t.id join p_lot l on l.id = b.lot where t.system = ? order by l.label, l.id',
  );
  const conditionOf = prepareCondition(client);
  return {
    openTreatments: ask.all(
      { ...pick(t.treatment, 'id', 'system', 'family'), begunAtMs: t.treatment.atMs },
      `
      select c.id, c.system, c.family, c.at_ms begunAtMs from now_treatment c where c.system = ?`,
    ),
    frailOn: (system, atMs) => living(system).flatMap(({ lot, label }) => (isReady(conditionOf(lot, atMs)) ? [] : [label])),
  };
}
