// All readings of one system that hands may want beside a new one: of each quantity the latest few, newest first.
import type { ReadingsView } from '#contract/views.ts';
import { makeAsk, number, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, personName } from '../now/rows.ts';
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
  return ({ query }): Omit<ReadingsView, 'seq'> => {
    const found = system(query.system ?? '');
    if (!found) return { readings: [] };
    return {
      system: found,
      readings: [...grouped(readings(found.id), ({ quantity }) => quantity)].map(([quantity, latest]) => ({ quantity, latest })),
    };
  };
};
