// Who works here, and how each of them reads.
import type { Person } from '#contract/views.ts';
import { METRIC, type Preference } from '#core/water/index.ts';
import type { RunningHouse } from '../house/house.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

export type People = ReturnType<typeof makePeople>;

export function makePeople({ client }: Pick<RunningHouse, 'client'>) {
  const here = `select id, name, title, role from p_person p where voided_by is null and ${IN_HOUSE('p')}`;
  const all = client.prepare(`${here} order by name`);
  const one = client.prepare(`${here} and id = ?`);
  const prefers = client.prepare('select temperature, volume from p_preference where person = ?');
  return {
    all: () => all.all() as Person[],
    find: (id: string | undefined) => (id === undefined ? undefined : (one.get(id) as Person | undefined)),
    /** Metric until they say otherwise. */
    prefers: (id: string) => (prefers.get(id) as Preference | undefined) ?? METRIC,
  };
}
