// The bench: bags in hand (landed, fish in them still) with the water they go to, and the floats that run.
import type Database from 'better-sqlite3';
import type { BenchBag } from '#contract/views.ts';
import type { Purpose } from '#core/room/index.ts';
import type { WaterType } from '#core/species/index.ts';
import type { Method } from '#core/water/index.ts';
import { WATER_NOW } from '../journal/state.ts';
import { bagCard, prepareBags, prepareRuns } from './bags.ts';
import { HOLD_OPEN } from './names.ts';
import type { MakeView } from './view.ts';

type Extra = { crateLabel: string; told: string; alive: number; holdKnown: number };
type WaterRow = {
  id: string;
  type: WaterType;
  temperatureC: number;
  salinityPpt: number;
  temperatureMethod: Method | null;
  purpose: Purpose;
};

/** A bag in hand by id, with everything that choosing its tank or floating it asks for. */
export function prepareBenchBag(client: Database.Database): (bag: ReturnType<typeof bagCard>) => BenchBag {
  const extra = client.prepare(`
    select c.label crateLabel, c.told, coalesce((select n from p_balance where lot = @lot and place = @bag), 0) alive,
      ${HOLD_OPEN('@lot')} or exists (select 1 from p_balance b join p_tank t on t.id = b.place where b.lot = @lot and b.inside = 1 and b.n > 0) holdKnown
    from p_bag g join p_crate c on c.id = g.crate where g.id = @bag`);
  const water = client.prepare(`
    select w.id, w.type, w.temperatureC, w.salinityPpt, t.purpose,
      (select method from p_reading where subject = w.id and quantity = 'temperature' and voided_by is null order by at_ms desc, entry desc limit 1) temperatureMethod
    from p_tank t join (${WATER_NOW}) w on w.id = t.water where t.id = ?`);
  return (card) => {
    const { told, holdKnown, ...rest } = extra.get({ bag: card.bag, lot: card.lot }) as Extra;
    const row = card.tank && (water.get(card.tank.id) as WaterRow | undefined);
    return {
      ...card,
      ...rest,
      told: JSON.parse(told) as BenchBag['told'],
      holdKnown: holdKnown === 1,
      water: row && { ...row, temperatureMethod: row.temperatureMethod ?? undefined },
    };
  };
}

export const makeBenchView: MakeView<'bench'> = (client) => {
  const inHand = prepareBags(client, 'b.id in (select place from p_balance where inside = 1 and n <> 0)');
  const complete = prepareBenchBag(client);
  const runs = prepareRuns(client);
  return () => ({ bags: inHand.all().map(bagCard).map(complete), runs: runs() });
};
