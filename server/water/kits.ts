// The tests and meters of the house.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { TestKitCard } from '#contract/views.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export function prepareKits(client: Database.Database): () => TestKitCard[] {
  const all = makeAsk(client).all(pick(t.kit, 'id', 'entry', 'facts'), 'select id, entry, facts from p_kit order by name');
  return () => all().flatMap(({ id, entry, facts }) => (facts.gone ? [] : [{ id, entry, ...facts }]));
}

export function kitState(client: Database.Database): Pick<HouseState, 'findKit' | 'kits' | 'copperFormOf'> {
  const ask = makeAsk(client);
  const find = ask.get(pick(t.kit, 'id', 'facts'), 'select id, facts from p_kit where id = ?');
  // Since copper was put in last; what it was read with before that was another copper.
  const lastCopper = ask.get(
    pick(t.reading, 'kit'),
    `select kit from p_reading where subject = @system and quantity = 'copper' and source = 'measured' and voided_by is null
      and at_ms >= coalesce((select max(at_ms) from p_treatment c where c.system = @system and c.family = 'copper' and c.voided_by is null), 0)
    order by at_ms desc, entry desc limit 1`,
  );
  const kits = prepareKits(client);
  return {
    findKit(id) {
      const row = find(id);
      return row && { id: row.id, ...row.facts };
    },
    kits: () => kits().map(({ entry: _entry, ...kit }) => kit),
    copperFormOf(system) {
      const kit = lastCopper({ system })?.kit;
      return kit === undefined || kit === null ? undefined : find(kit)?.facts.form;
    },
  };
}
