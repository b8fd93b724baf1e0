// What is known of a bag's water and of a tank's, the method chosen, and how long a bag has been afloat, for core's questions.
import type Database from 'better-sqlite3';
import { knownBagOf } from '#contract/bench/known.ts';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags } from '../dock/bags.ts';
import { prepareBenchBag, prepareTankSystem } from './known.ts';

export function benchState(client: Database.Database): Pick<HouseState, 'findKnownBag' | 'findKnownTank' | 'findChosen' | 'findFloated'> {
  const ask = makeAsk(client);
  const bag = prepareBags(client, 'b.id = ?');
  const complete = prepareBenchBag(client);
  const system = prepareTankSystem(client);
  const chosen = ask.get(
    { method: t.method.method, passed: t.method.overruled, tank: orNull(t.assignment.tank) },
    `
    select m.method, m.overruled passed,
      (select a.tank from p_assignment a where a.bag = m.bag and a.voided_by is null and a.at_ms <= m.at_ms order by a.at_ms desc, a.entry desc limit 1) tank
    from p_method m where m.bag = ? and m.voided_by is null order by m.at_ms desc, m.entry desc limit 1`,
  );
  const floated = ask.get(
    { ...pick(t.float, 'bagC', 'bagMethod', 'tankC', 'waterL'), startedAtMs: t.float.atMs },
    'select at_ms startedAtMs, bag_c bagC, bag_method bagMethod, tank_c tankC, water_l waterL from p_float where id = ? and voided_by is null',
  );
  return {
    findKnownBag(id) {
      const [card] = bag(id);
      return card && knownBagOf(complete(card));
    },
    findKnownTank: (id) => system(id),
    findChosen(id) {
      const row = chosen(id);
      return row && { ...row, tank: row.tank ?? undefined };
    },
    findFloated(run) {
      const row = floated(run);
      if (!row) return undefined;
      const { bagMethod, ...rest } = row;
      return { ...rest, onSkin: bagMethod === 'on the bag' };
    },
  };
}
