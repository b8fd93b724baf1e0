// All readings of one system that hands may want beside a new one: of each quantity the latest few, newest first.
import type { ReadingsView } from '#contract/views.ts';
import { CALM_SYSTEM, holdsCopper } from '#core/placement/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk, number, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, personName } from '../now/rows.ts';
import { prepareSystems } from '../placement/systems.ts';
import { kitState } from '../water/kits.ts';
import { prepareJudging } from '../waterTests/judged.ts';
import type { MakeView } from './view.ts';

/** Enough to see where it goes. */
const SHOWN = 6;

export const makeReadingsView: MakeView<'readings'> = (client) => {
  const ask = makeAsk(client);
  const system = ask.get(
    pick(t.system, 'id', 'name', 'type', 'temperatureC', 'salinityPpt'),
    'select id, name, type, temperature_c temperatureC, salinity_ppt salinityPpt from p_system where id = ?',
  );
  const readings = ask.all(
    { ...pick(t.reading, 'quantity', 'value', 'typed', 'method'), atMs: number, by: text },
    `
    select quantity, value, typed, method, atMs, by from (
      select r.quantity, r.value, r.typed, r.method, r.at_ms atMs, ${personName('r."by"')} by,
        row_number() over (partition by r.quantity order by r.at_ms desc, r.entry desc) turn
      from p_reading r where r.subject = ? and r.voided_by is null and r.source = 'measured'
    ) where turn <= ${SHOWN} order by quantity, turn`,
  );
  const { kits } = kitState(client);
  const systemStates = prepareSystems(client);
  const { judgingOf, besideOf } = prepareJudging(client);
  const isBound = ask.is(
    `select 1 from p_answer a join p_reading r on r.entry = a.reading where a.at_ms > @sinceMs and r.subject = @system and a.did like '%bound ammonia%' and a.voided_by is null limit 1`,
  );
  const disturbedBy = (system: string, sinceMs: number): ReadingsView['disturbed'] => {
    if (isBound({ system, sinceMs })) return 'binder';
    return holdsCopper(systemStates(system).get(system) ?? CALM_SYSTEM) ? 'copper' : undefined;
  };
  return ({ now, rules, query }): Omit<ReadingsView, 'seq'> => {
    const found = system(query.system ?? '');
    if (!found) return { readings: [], kits: [] };
    const judging = judgingOf(found, rules.waterTests, now);
    const disturbed = disturbedBy(found.id, now - rules.ambient.ammoniaBinderH * HOUR_MS);
    return {
      system: found,
      kits: kits(),
      judging: { set: judging.set, limits: judging.limits, beside: besideOf(found.id, now) },
      ...(disturbed ? { disturbed } : {}),
      readings: [...grouped(readings(found.id), ({ quantity }) => quantity)].map(([quantity, latest]) => ({ quantity, latest })),
    };
  };
};
