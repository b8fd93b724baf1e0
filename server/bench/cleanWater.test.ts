// Clean water for a bag's fish before a tank is chosen: like their own or not at all, another water from then on, and on into a tank only where its step is borne.
import { knownBagOf, knownOf } from '#contract/bench/known.ts';
import { inputOf, STARTING_AMBIENT } from '#core/bench/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import { makePager } from '../devices/pager.ts';
import { checkReplay } from '../journal/replay.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  quarantine,
  release,
  TRAINEE,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});

const inHand = (no = 1) => house.view('bench').bags.find(({ bag }) => bag === `crate-1-bag${no}`);
const read = (quantity: 'salinity' | 'temperature' | 'pH', value: number, no = 1): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'bag', id: `crate-1-bag${no}` },
    quantity,
    reading: { value, typed: String(value), method: 'in the water', source: 'measured' },
  },
});
const clean = (more: Partial<Payloads['cleanWater.given']> & { ppt?: number; c?: number } = {}, no = 1): Said => {
  const { ppt = inHand(no)?.stated.salinityPpt ?? 28, c = inHand(no)?.stated.temperatureC ?? 24, ...rest } = more;
  const made = (value: number) => ({ value, typed: String(value), method: 'in the water' as const, source: 'measured' as const });
  return {
    kind: 'cleanWater.given',
    payload: {
      bag: `crate-1-bag${no}`,
      lot: inHand(no)?.lot ?? '',
      n: inHand(no)?.alive ?? 0,
      vessel: 'bucket 1',
      litres: 8,
      temperature: made(c),
      salinity: made(ppt),
      ...rest,
    },
  };
};
const stated = (water: Payloads['crate.expected']['stated']) => {
  const { entry } = house.view('dock').crates[0]!;
  house.must(KEEPER, { kind: 'crate.changed', payload: { crate: 'crate-1', basedOn: entry, fields: { stated: water } } });
};

it('from a landed bag, with no tank chosen: by a trainee too, once, with the count on record', () => {
  expect(house.codes(KEEPER, clean({ lot: 'crate-1-fire', n: 1, ppt: 28, c: 24 }))).toEqual(['bag.notLanded']);
  house.must(KEEPER, land(1, { condition: 'critical' }), read('temperature', 24.5));
  expect(house.codes(TRAINEE, clean({ n: 99 }))).toEqual(['release.countDiffers']);
  expect(house.codes(TRAINEE, clean({ lot: 'other' }))).toEqual(['bag.otherLot']);
  house.must(TRAINEE, clean());
  expect(house.codes(KEEPER, clean())).toEqual(['bag.inCleanWater']);
  expect(inHand()!.clean).toMatchObject({ vessel: 'bucket 1', litres: 8 });
  expect(house.view('running').clean).toMatchObject([{ bag: 'crate-1-bag1' }]);
  const due = () => house.view('today').due.filter(({ rule }) => rule === 'clean-water');
  expect(due().filter(({ fromMs }) => fromMs <= house.now())).toEqual([]);
  house.wait(16 * MINUTE_MS);
  expect(due()).toMatchObject([{ facts: { bag: 'crate-1-bag1' } }]);
  // Nobody comes: whoever gave it is called, then a lead, once each.
  const page = makePager(house);
  expect(page()).toBe(0);
  house.wait(60 * MINUTE_MS);
  expect([page(), page()]).toEqual([2, 0]);
  expect(house.view('running').clean).toMatchObject([{ by: 'Pia', paged: 'Ines' }]);
});

it('water that nobody knows, or another than theirs, is refused; a lead may say so, and a keeper who has done it', () => {
  house.must(KEEPER, land(1, { condition: 'critical' }), read('temperature', 24.5));
  expect(house.codes(KEEPER, clean({ ppt: 33.5 }))).toEqual(['cleanWater.notMatched']);
  expect(house.codes(KEEPER, clean({ c: 28 }))).toEqual(['cleanWater.notMatched']);
  // How warm it was packed says nothing of now.
  house.must(KEEPER, land(2));
  expect(house.codes(KEEPER, clean({ c: 24.5 }, 2))).toEqual([]);
  house.must(KEEPER, land(3));
  expect(house.codes(KEEPER, clean({ c: 24.5 }, 3))).toEqual(['cleanWater.notKnown']);
  stated({});
  expect(house.codes(KEEPER, clean({ ppt: 28, c: 24 }))).toEqual(['cleanWater.notKnown']);
  // The skin of a bag may be two degrees off its water.
  const skin = read('temperature', 24);
  if (skin.kind === 'reading.taken') skin.payload.reading.method = 'on the bag';
  expect(house.codes(KEEPER, read('salinity', 28), skin, clean({ ppt: 28, c: 24 }))).toEqual(['cleanWater.notMatched']);
  // One drop on the meter, in the same act.
  expect(house.codes(KEEPER, read('salinity', 28), read('temperature', 24), clean({ ppt: 28, c: 24 }))).toEqual([]);
});

it('what was read long ago, or before it floated, says no more how warm it is', () => {
  house.must(KEEPER, land(1), assign(1), read('temperature', 20));
  house.wait(3 * HOUR_MS);
  expect(house.codes(KEEPER, clean({ c: 20 }))).toEqual(['cleanWater.notMatched']);
  expect(house.codes(KEEPER, read('temperature', 23.5), float(1))).toEqual([]);
  house.wait(30 * MINUTE_MS);
  // By now it has the tank's warmth, as far as anybody can tell.
  expect(house.codes(KEEPER, clean({ c: 23.5 }))).toEqual(['cleanWater.notMatched']);
  expect(house.codes(KEEPER, read('temperature', 24.8), clean({ c: 24.8 }))).toEqual([]);
});

it('is another water from then on: nothing that was known of the bag’s counts, and what is read in it is no reading of a bag', () => {
  house.must(
    KEEPER,
    land(1, { condition: 'critical', bagCondition: 'foul' }),
    read('pH', 6.6),
    read('salinity', 28),
    read('temperature', 24.5),
  );
  house.must(KEEPER, assign(1));
  const before = inputOf({ ...knownOf(inHand()!), now: house.now(), ambient: STARTING_AMBIENT }).input.bag;
  expect(before).toMatchObject({ pH: 6.6, foul: true, opening: { is: 'closed' } });
  house.wait(MINUTE_MS);
  house.must(KEEPER, clean({ ppt: 28.5 }));
  house.wait(HOUR_MS);
  // What a screen says of how it stands counts for nothing.
  const after = inputOf({ ...knownOf(inHand()!), now: house.now(), ambient: STARTING_AMBIENT, opening: { is: 'closed' } }).input.bag;
  expect(after).toMatchObject({ salinity: 28.5, foul: false, soft: false, waterL: 8, opening: { is: 'tub' } });
  expect([after.pH, after.tan]).toEqual([undefined, undefined]);
  expect(after.closedHours).toBeCloseTo(1, 6);
  house.must(KEEPER, read('pH', 8.2));
  expect(knownBagOf(inHand()!).readings.pH?.value).toBe(8.2);
  // Bag 2 is of the same lot.
  house.must(KEEPER, land(2));
  expect(inHand(2)!.lot).toBe(inHand(1)!.lot);
  expect([inHand(2)!.siblings?.pH?.value, inHand(2)!.siblings?.salinity?.value]).toEqual([6.6, 28]);
});

it('ends a float, is not floated, and goes on into the tank where its step is borne', () => {
  stated({ salinityPpt: 27, temperatureC: 24.5 });
  house.must(KEEPER, land(1), assign(1), read('temperature', 24.5));
  house.must(KEEPER, float(1));
  house.must(KEEPER, clean());
  expect(house.view('bench').floats).toEqual([]);
  expect(house.codes(KEEPER, float(1, 'G1', 'run-2'))).toEqual(['bag.inCleanWater']);
  const out = () => release(1, { floatId: undefined });
  house.must(KEEPER, quarantine());
  const steps = house.codes(KEEPER, out());
  expect(steps).toContain('release.salinity');
  const passed = steps.map((code) => ({ code: code as 'release.salinity', reason: 'the tank is being matched' }));
  house.must(LEAD, { ...out(), overrules: passed });
  expect([house.view('running').clean, house.view('today').due.filter(({ rule }) => rule === 'clean-water')]).toEqual([[], []]);
});

it('is undone by whoever did it, and not while a release rests on it', () => {
  stated({ salinityPpt: 27, temperatureC: 24.5 });
  house.must(KEEPER, land(1), assign(1), quarantine(), read('temperature', 24.5));
  const act = house.must(TRAINEE, clean());
  house.must(TRAINEE, undo(act));
  expect(inHand()!.clean).toBeUndefined();
  const again = house.must(KEEPER, clean());
  const out = release(1, { floatId: undefined });
  const passed = house.codes(KEEPER, out).map((code) => ({ code: code as 'release.salinity', reason: 'matched by hand' }));
  house.must(LEAD, { ...out, overrules: passed });
  expect(house.codes(KEEPER, undo(again))).not.toEqual([]);
});

it('another way than the rules have stays with the bag, with why', () => {
  house.must(KEEPER, land(1, { condition: 'poor' }));
  const routed: Said = {
    kind: 'bag.routed',
    payload: { bag: 'crate-1-bag1', lot: inHand()!.lot, route: 'clean water now', why: 'rolling by now' },
  };
  expect(house.codes(TRAINEE, routed)).toEqual(['role']);
  const act = house.must(KEEPER, routed);
  expect(inHand()!.routed).toMatchObject({ route: 'clean water now', why: 'rolling by now' });
  house.must(KEEPER, undo(act));
  expect(inHand()!.routed).toBeUndefined();
});

it('how each fish looks adds up to the living, and the worst is the bag’s', () => {
  expect(house.codes(KEEPER, land(1, { alive: 2, condition: 'critical', each: { fit: 2, critical: 1 } }))).toEqual(['bag.eachDiffers']);
  expect(house.codes(KEEPER, land(1, { alive: 3, condition: 'fit', each: { fit: 2, critical: 1 } }))).toEqual(['bag.eachDiffers']);
  house.must(KEEPER, land(1, { alive: 3, condition: 'critical', each: { fit: 2, critical: 1 } }));
  expect(inHand()!.landed?.each).toEqual({ fit: 2, critical: 1 });
});
