// What somebody means who asks the logbook for a tank, a lot, or a word: the ids by which entries name it.
import type Database from 'better-sqlite3';
import { makeAsk, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';

/** A word may be the name of hundreds of lots: so many, the latest, are looked for. */
const MOST_NAMED = 8;
/** Bags and vessels of one lot: more than anybody packed. */
const MOST_PLACES = 120;
/** As `like … escape '\\'` reads it: what stands there, whatever is before and after. */
export const like = (words: string) => `%${words.replaceAll(/[\\%_]/g, '\\$&')}%`;
export type Subject = { what: 'tank' | 'lot'; id: string };

export function prepareNamed(client: Database.Database) {
  const ask = makeAsk(client);
  const tankById = ask.get(
    { id: t.tank.id, name: t.tank.code, system: t.tank.system },
    'select id, code name, system from p_tank where id = @ref or code = @ref collate nocase order by id = @ref desc, entry desc limit 1',
  );
  const lotById = ask.get({ id: t.lot.id, name: t.lot.label }, 'select id, label name from p_lot where id = ?');
  // A bag, a vessel: what was done there names it alone.
  const placesOfLot = ask.values(
    text,
    `select id from (select id, entry from p_bag where lot = @lot union select r.id, r.entry from p_bench_run r where r.lot = @lot) order by entry desc limit ${MOST_PLACES}`,
  );
  const byName = ask.values(
    text,
    `select id from (
      select id, 1 rank, entry from p_crate where label like @like escape '\\'
      union all select id, 2, entry from p_tool where name like @like escape '\\'
      union all select id, 3, entry from p_supplier where name like @like escape '\\'
      union all select id, 4, entry from p_system where name like @like escape '\\'
      union all select id, 5, entry from p_species where common like @like escape '\\' or scientific like @like escape '\\'
      union all select id, 6, entry from p_lot where label like @like escape '\\' or heard_as like @like escape '\\'
    ) order by rank, entry desc limit ${MOST_NAMED + 1}`,
  );
  const person = ask.value(t.person.id, `select id from p_person where name like @like escape '\\' order by name limit 1`);

  return {
    /** A tank is named by itself and by the system whose water is read; a lot also by the bags and vessels it was in. */
    of({ what, id }: Subject): { ids: string[]; name: string } | undefined {
      if (what === 'tank') {
        const tank = tankById({ ref: id });
        return tank && { ids: [tank.id, tank.system], name: tank.name };
      }
      const lot = lotById(id);
      return lot && { ids: [lot.id, ...placesOfLot({ lot: id })], name: lot.name };
    },
    /** `isPart` = more are called so than are looked for. */
    by(word: string): { ids: string[]; person: string | undefined; isPart: boolean } {
      const tank = tankById({ ref: word });
      if (tank) return { ids: [tank.id, tank.system], person: undefined, isPart: false };
      const ids = byName({ like: like(word) });
      return { ids: ids.slice(0, MOST_NAMED), person: person({ like: like(word) }), isPart: ids.length > MOST_NAMED };
    },
  };
}
