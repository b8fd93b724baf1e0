// Who works here, and how each of them reads.
import { METRIC } from '#core/water/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import type { RunningHouse } from '../house/house.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

export type People = ReturnType<typeof makePeople>;

export function makePeople({ client }: Pick<RunningHouse, 'client'>) {
  const ask = makeAsk(client);
  const here = `select id, name, title, role from p_person p where voided_by is null and ${IN_HOUSE('p')}`;
  const all = ask.all(pick(t.person, 'id', 'name', 'title', 'role'), `${here} order by name`);
  const byId = ask.get(pick(t.person, 'id', 'name', 'title', 'role'), `${here} and id = ?`);
  const prefers = ask.get(pick(t.preference, 'temperature', 'volume'), 'select temperature, volume from p_preference where person = ?');
  return {
    all,
    find: (id: string | undefined) => (id === undefined ? undefined : byId(id)),
    /** Metric until they say otherwise. */
    prefers: (id: string) => prefers(id) ?? METRIC,
  };
}
