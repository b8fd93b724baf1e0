// The species list: every species with all that the house knows of it.
import type { SpeciesRow } from '#contract/views.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import type { MakeView } from './view.ts';

export const makeSpeciesView: MakeView<'species'> = (client) => {
  const ask = makeAsk(client);
  const all = ask.all(
    { ...pick(t.species, 'id', 'entry', 'facts'), heads: number },
    `
    select s.id, s.entry, s.facts, coalesce(h.heads, 0) heads
    from p_species s left join (
      select l.species, sum(b.n) heads from now_standing b join p_lot l on l.id = b.lot group by l.species
    ) h on h.species = s.id order by s.common`,
  );
  return () => ({
    species: all().map(({ id, entry, facts, heads }): SpeciesRow => ({
      species: id,
      ...facts,
      entry,
      heads,
    })),
  });
};
