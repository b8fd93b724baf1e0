// Core's questions about waters: what is known of a bag's and of a tank's, and how long a bag has been afloat.
import type Database from 'better-sqlite3';
import { knownBagOf } from '#contract/known.ts';
import type { KnownTank } from '#core/bench/index.ts';
import type { HouseState } from '#core/journal/index.ts';
import { CALM_SYSTEM } from '#core/room/index.ts';
import { runFactsOf, vesselWater } from '#core/runs/index.ts';
import type { Method } from '#core/water/index.ts';
import { prepareSystems } from '../room/systems.ts';
import { prepareKnown } from '../runs/known.ts';
import { bagCard, prepareBags } from '../views/bags.ts';
import { prepareSuspects } from '../views/suspects.ts';
import { prepareBenchBag, prepareTankWater } from '../views/bench.ts';

type FloatRow = { startedAtMs: number; bagC: number; bagMethod: Method; tankC: number; waterL: number };

export function makeKnownState(
  client: Database.Database,
): Pick<HouseState, 'findKnownBag' | 'findKnownTank' | 'findFloated' | 'findVesselWater' | 'systemOf' | 'isSuspect' | 'passedFor'> {
  const bag = prepareBags(client, 'b.id = ?');
  const complete = prepareBenchBag(client);
  const water = prepareTankWater(client);
  const runs = prepareKnown(client);
  const systems = prepareSystems(client);
  const suspects = prepareSuspects(client);
  const passed = client
    .prepare(
      'select a.overruled from p_assignment a join p_bag g on g.id = a.bag left join p_landing l on l.bag = g.id and l.voided_by is null where coalesce(l.lot, g.lot) = ? and a.tank = ? and a.voided_by is null',
    )
    .pluck();
  const floated = client.prepare(
    'select at_ms startedAtMs, bag_c bagC, bag_method bagMethod, tank_c tankC, water_l waterL from p_float where id = ? and voided_by is null',
  );
  return {
    findKnownBag(id) {
      const row = bag.get(id);
      return row === undefined ? undefined : knownBagOf(complete(bagCard(row)));
    },
    findKnownTank: (id): KnownTank | undefined => water(id),
    isSuspect: (id, atMs) => suspects(atMs).waters.has(id),
    systemOf: (id) => systems(id).get(id) ?? CALM_SYSTEM,
    passedFor: (lot, tank) => (passed.all(lot, tank) as string[]).flatMap((list) => JSON.parse(list) as string[]),
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
