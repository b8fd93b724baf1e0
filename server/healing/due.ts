// Fish that heal, for Today: where each lives, and where it stands.
import type Database from 'better-sqlite3';
import type { DueFacts } from '#core/today/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { placed, WALK } from '../today/walk.ts';
import { prepareHealings } from './cards.ts';

export function prepareHealingDue(client: Database.Database): () => DueFacts['healing'] {
  const { running } = prepareHealings(client);
  const home = makeAsk(client).get(
    {
      entry: t.healing.entry,
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      label: t.lot.label,
    },
    `select h.entry, t.id tank, t.code tankCode, l.label, ${WALK} from p_healing h join p_lot l on l.id = h.lot join p_balance b on b.lot = h.lot and b.inside = 1 and b.n > 0
    join p_tank t on t.id = b.place join p_rack k on k.id = t.rack where h.id = ? order by k.walk, t.code limit 1`,
  );
  return () =>
    running().flatMap(({ healing, what, now }) => {
      const at = home(healing);
      if (!at) return [];
      const { entry, tank, tankCode, label, walk } = placed(at);
      return [{ entry, what: `${label}, ${what}`, tank, tankCode, walk, now }];
    });
}
