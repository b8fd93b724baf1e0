// Treatments that run, and who bears them badly, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { FRAIL_MS, WEAK_SIGNS } from '../placement/weak.ts';

export function treatmentState(client: Database.Database): Pick<HouseState, 'openTreatments' | 'frailOn'> {
  const ask = makeAsk(client);
  const frail = ask.values(
    t.lot.label,
    `select distinct l.label from p_tank t join now_standing b on b.place = t.id join p_lot l on l.id = b.lot
      where t.system = @system and (
        not exists (select 1 from p_feed f where f.lot = b.lot and f.response in ('ate', 'charged') and f.planned is not 1 and f.at_ms between @since and @now and f.voided_by is null)
        or exists (select 1 from p_odd o join json_each(o.signs) j where o.lot = b.lot and o.at_ms between @since and @now and o.voided_by is null
          and json_extract(j.value, '$.sign') in (select value from json_each(@weak))))
      order by l.label`,
  );
  return {
    openTreatments: ask.all(
      { ...pick(t.treatment, 'id', 'system', 'family'), begunAtMs: t.treatment.atMs },
      `
      select c.id, c.system, c.family, c.at_ms begunAtMs from now_treatment c where c.system = ?`,
    ),
    frailOn: (system, atMs) => frail({ system, now: atMs, since: atMs - FRAIL_MS, weak: WEAK_SIGNS }),
  };
}
