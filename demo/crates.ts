// How a crate goes through the house in the story: listed, arrived, landed bag by bag, floated, released.
import { massOf } from '#core/bench/index.ts';
import { quarantineClassOf, STARTING_QUARANTINES } from '#core/quarantine/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { floatTime, type Reading } from '#core/water/index.ts';
import { prepareSystems } from '#server/placement/systems.ts';
import { TANKS, SYSTEMS } from './rooms.ts';
import { SPECIES } from './species.ts';
import type { StoryBag, StoryCrate } from './stock.ts';
import type { Said, Teller } from './teller.ts';

export type ToldBag = StoryBag & { bag: string; lot: string; label: string; waterL: number };
/** A bag holds no less than a cup, however small its fish. */
const LEAST_BAG_L = 0.3;

/** Litres that a supplier gives so many fish, to a tenth; mass from length as core/bench calculates it. */
function waterFor({ n, sizeCm }: StoryBag, { gPerL }: StoryCrate): number {
  return Math.max(LEAST_BAG_L, Math.round((10 * massOf({ n, lengthCm: sizeCm, massA: 0.015, massB: 3 })) / gPerL) / 10);
}

const measured = (value: number, method: Reading['method']): Reading => ({ value, typed: `${value} °C`, method, source: 'measured' });

/** Writes the packing list; one lot a species. Gives the bags with their ids. */
export function tellList(teller: Teller, crate: StoryCrate, times: { atMs: number; packedAtMs: number; promisedAtMs: number }): ToldBag[] {
  const lots = new Map(crate.bags.map(({ species }) => [species, teller.id()]));
  const bags = crate.bags.map((bag, index): ToldBag => ({
    ...bag,
    bag: teller.id(),
    lot: lots.get(bag.species)!,
    label: `bag ${index + 1}`,
    waterL: waterFor(bag, crate),
  }));
  teller.tell(times.atMs, 'ines', {
    kind: 'crate.expected',
    payload: {
      crate: crate.key,
      label: crate.label,
      supplier: crate.supplier,
      packedAtMs: times.packedAtMs,
      promisedAtMs: times.promisedAtMs,
      stated: crate.stated,
      ...(crate.prices ? { currency: 'EUR' } : {}),
      lots: [...lots].map(([species, lot]) => ({
        lot,
        label: speciesOf(species).common,
        species,
        origin: crate.origin,
        sizeCm: crate.bags.find((bag) => bag.species === species)!.sizeCm,
      })),
      bags: bags.map(({ bag, label, box, lot, n, waterL, species }) => {
        const price = crate.prices?.[species];
        return { bag, label, box, lot, n, waterL, ...(price === undefined ? {} : { price }) };
      }),
    },
  });
  return bags;
}

/** One bag lands as the story has it, with its folded temperature. The lot may turn out another than listed. */
export function tellLanding(
  teller: Teller,
  crate: StoryCrate,
  bag: ToldBag,
  landing: { atMs: number; who: string; bagC: number },
): ToldBag {
  const { alive = bag.n, dead = 0, condition = 'fit', bagCondition = 'sound', instead, note } = bag.landed ?? { alive: bag.n };
  const lot = instead ? teller.id() : bag.lot;
  const asListed = !bag.landed;
  teller.tell(
    landing.atMs,
    landing.who,
    {
      kind: 'bag.landed',
      payload: {
        bag: bag.bag,
        crate: crate.key,
        lot,
        alive,
        dead,
        quality: asListed ? 'looked' : 'counted',
        condition,
        bagCondition,
        ...(note ? { note } : {}),
        ...(instead ? { newLot: { label: speciesOf(instead.species).common, ...instead, origin: crate.origin, insteadOf: bag.lot } } : {}),
      },
    },
    {
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'bag', id: bag.bag },
        quantity: 'temperature',
        reading: measured(landing.bagC, bagCondition === 'soft' ? 'on the bag' : 'folded'),
      },
    },
  );
  return { ...bag, lot, species: instead?.species ?? bag.species };
}

/** Tank chosen and the float begun; gives the run and when it is due. */
export function tellFloat(
  teller: Teller,
  bag: ToldBag,
  begun: { atMs: number; who: string; bagC: number; n: number },
): { run: string; dueAtMs: number } {
  const tank = TANKS.find(({ tank: id }) => id === bag.tank)!;
  const tankC = SYSTEMS.find(({ system }) => system === tank.system)!.temperatureC;
  const { minutes } = floatTime({ bagC: begun.bagC, tankC, volumeL: bag.waterL, withinC: STARTING_RULES.floatWithinC });
  const run = teller.id();
  // The racks are full some nights: then the lead says so, and it is kept.
  const ill = prepareSystems(teller.house.client)(tank.system).get(tank.system)?.ill;
  const passes = ill !== undefined && !ill.lots.includes(bag.lot);
  teller.tell(begun.atMs, passes ? 'ines' : begun.who, {
    kind: 'bag.assigned',
    payload: { bag: bag.bag, lot: bag.lot, tank: tank.tank },
    ...(passes ? { overrules: [{ code: 'fit.illHere' as const, reason: 'no other tank is free tonight' }] } : {}),
  });
  teller.tell(begun.atMs, begun.who, {
    kind: 'float.started',
    payload: {
      floatId: run,
      bag: bag.bag,
      lot: bag.lot,
      tank: tank.tank,
      n: begun.n,
      minutes,
      bagTemperature: measured(begun.bagC, 'folded'),
      tankTemperature: measured(tankC, 'in the water'),
      water: { value: bag.waterL, typed: `${bag.waterL} L`, method: 'by eye', source: 'estimated' },
    },
  });
  return { run, dueAtMs: begun.atMs + Math.round(minutes * MINUTE_MS) };
}

/** Net out: the quarantine of the lot is opened with its first fish. */
export function tellRelease(
  teller: Teller,
  bag: ToldBag,
  released: { atMs: number; who: string; alive: number; run?: string; quarantineOpen: boolean },
): void {
  const tank = TANKS.find(({ tank: id }) => id === bag.tank)!;
  const { type } = SYSTEMS.find(({ system }) => system === tank.system)!;
  const quarantine: Said[] = released.quarantineOpen
    ? []
    : [
        {
          kind: 'quarantine.opened',
          payload: {
            quarantine: teller.id(),
            lot: bag.lot,
            policy: STARTING_QUARANTINES[quarantineClassOf(speciesOf(bag.species), type)],
            zero: 'arrival',
          },
        },
      ];
  teller.tell(released.atMs, released.who, ...quarantine, {
    kind: 'fish.released',
    payload: {
      bag: bag.bag,
      lot: bag.lot,
      tank: tank.tank,
      ...(released.run ? { floatId: released.run } : {}),
      alive: released.alive,
      dead: 0,
      by: 'net',
    },
  });
}

export function speciesOf(key: string) {
  const species = SPECIES.find((species) => species.species === key);
  if (!species) throw new Error(`the demo list has no ${key}`);
  return species;
}
