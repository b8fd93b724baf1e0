// Fish of a tank as the bench knows a bag: an open tub of their own water, on the way to another tank. No screen in here.
import type { BenchBag, Occupant, Readings, SpeciesRow, TankCard, SystemCard } from '#contract/views.ts';
import { outOfTank } from '#core/bench/index.ts';

type Housed = {
  fish: Occupant;
  n: number;
  from: { tank: TankCard; system: SystemCard };
  to: { tank: TankCard; system: SystemCard };
  /** Litres of their own water in the vessel. */
  ownL: number;
  kind?: SpeciesRow;
  now: number;
};

const stamped = (readings: ReturnType<typeof outOfTank>['readings'], atMs: number): Readings =>
  Object.fromEntries(Object.entries(readings).map(([quantity, reading]) => [quantity, { ...reading, atMs }]));

export function housedBag({ fish, n, from, to, ownL, kind, now }: Housed): BenchBag {
  const { tank, system } = to;
  const own = outOfTank({ tank: { ...from.system, readings: {} }, waterL: ownL, now, n, sizeCm: fish.sizeCm, kind });
  return {
    bag: from.tank.id,
    label: from.tank.code,
    crate: '',
    crateLabel: 'from the house',
    box: 1,
    listed: n,
    alive: n,
    waterL: ownL,
    lot: fish.lot,
    lotLabel: fish.label,
    origin: 'bred',
    sizeCm: fish.sizeCm,
    afloat: false,
    stated: {},
    holdKnown: true,
    tank: { id: tank.id, code: tank.code },
    packedAtMs: now,
    transit: 'local',
    lotBags: 1,
    kind,
    readings: stamped(own.readings, now),
    system: { ...system, purpose: tank.purpose, readings: {} },
  };
}
