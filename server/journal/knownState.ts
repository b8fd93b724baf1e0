// Core's questions about waters: what is known of a bag's and of a tank's, and how long a bag has been afloat.
import type Database from 'better-sqlite3';
import { knownBagOf } from '#contract/known.ts';
import type { KnownTank, Chosen } from '#core/bench/index.ts';
import type { HouseState } from '#core/catalogue/index.ts';
import { CALM_SYSTEM } from '#core/placement/index.ts';
import { runFactsOf, vesselWater } from '#core/runs/index.ts';
import type { Method } from '#core/water/index.ts';
import { prepareSystems } from '../room/systems.ts';
import { FRAIL_MS, prepareWeak, WEAK_SIGNS } from '../room/weak.ts';
import { prepareKnown } from '../runs/known.ts';
import { bagCard, prepareBags } from '../views/bags.ts';
import { prepareBenchBag, prepareTankWater } from '../views/bench.ts';
import { prepareSuspects } from '../views/suspects.ts';

type FloatRow = { startedAtMs: number; bagC: number; bagMethod: Method; tankC: number; waterL: number };

export function makeKnownState(
  client: Database.Database,
): Pick<
  HouseState,
  | 'findKnownBag'
  | 'findKnownTank'
  | 'findChosen'
  | 'findFloated'
  | 'findVesselWater'
  | 'frailOn'
  | 'isWeak'
  | 'systemOf'
  | 'isSuspect'
  | 'passedFor'
> {
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
  const chosen = client.prepare(`
    select m.method, m.overruled passed,
      (select a.tank from p_assignment a where a.bag = m.bag and a.voided_by is null and a.at_ms <= m.at_ms order by a.at_ms desc, a.entry desc limit 1) tank
    from p_method m where m.bag = ? and m.voided_by is null order by m.at_ms desc, m.entry desc limit 1`);
  const frail = client
    .prepare(
      `select distinct l.label from p_tank t join p_balance b on b.place = t.id and b.inside = 1 and b.n <> 0 and b.n > 0 join p_lot l on l.id = b.lot
      where t.water = @water and (
        not exists (select 1 from p_feed f where f.lot = b.lot and f.response in ('ate', 'charged') and f.at_ms between @since and @now and f.voided_by is null)
        or exists (select 1 from p_odd o join json_each(o.signs) j where o.lot = b.lot and o.at_ms between @since and @now and o.voided_by is null
          and json_extract(j.value, '$.sign') in (select value from json_each(@weak))))
      order by l.label`,
    )
    .pluck();
  const weak = prepareWeak(client);
  const floated = client.prepare(
    'select at_ms startedAtMs, bag_c bagC, bag_method bagMethod, tank_c tankC, water_l waterL from p_float where id = ? and voided_by is null',
  );
  return {
    findKnownBag(id) {
      const row = bag.get(id);
      return row === undefined ? undefined : knownBagOf(complete(bagCard(row)));
    },
    findKnownTank: (id): KnownTank | undefined => water(id),
    findChosen(bag) {
      const row = chosen.get(bag) as { method: string; passed: string; tank: string | null } | undefined;
      return row && { method: row.method, tank: row.tank ?? undefined, passed: JSON.parse(row.passed) as Chosen['passed'] };
    },
    frailOn: (water, atMs) => frail.all({ water, now: atMs, since: atMs - FRAIL_MS, weak: WEAK_SIGNS }) as string[],
    isWeak: weak,
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
