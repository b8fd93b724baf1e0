// Core's questions about waters: what is known of a bag's and of a tank's, and how long a bag has been afloat.
import type Database from 'better-sqlite3';
import { knownBagOf } from '#contract/known.ts';
import type { KnownTank } from '#core/bench/index.ts';
import type { HouseState } from '#core/journal/index.ts';
import { runFactsOf, vesselWater } from '#core/runs/index.ts';
import type { Method } from '#core/water/index.ts';
import { prepareKnown } from '../runs/known.ts';
import { bagCard, prepareBags } from '../views/bags.ts';
import { prepareBenchBag, prepareTankWater } from '../views/bench.ts';

type FloatRow = { startedAtMs: number; bagC: number; bagMethod: Method; tankC: number; waterL: number };

export function makeKnownState(
  client: Database.Database,
): Pick<HouseState, 'findKnownBag' | 'findKnownTank' | 'findFloated' | 'findVesselWater'> {
  const bag = prepareBags(client, 'b.id = ?');
  const complete = prepareBenchBag(client);
  const water = prepareTankWater(client);
  const runs = prepareKnown(client);
  const floated = client.prepare(
    'select at_ms startedAtMs, bag_c bagC, bag_method bagMethod, tank_c tankC, water_l waterL from p_float where id = ? and voided_by is null',
  );
  return {
    findKnownBag(id) {
      const row = bag.get(id);
      return row === undefined ? undefined : knownBagOf(complete(bagCard(row)));
    },
    findKnownTank: (id): KnownTank | undefined => water(id),
    findVesselWater(run, atMs) {
      const [known] = runs(run);
      return known && vesselWater(runFactsOf(known), atMs);
    },
    findFloated(run) {
      const row = floated.get(run) as FloatRow | undefined;
      if (!row) return undefined;
      const { bagMethod, ...rest } = row;
      return { ...rest, onSkin: bagMethod === 'on the bag' };
    },
  };
}
