// What a place costs, asked of the house: one answer for all bags of a lot, from the choice to the release, and asked again only when it grew.
import { takenAs } from '#core/journal/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import {
  assign,
  bringCrate,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  check,
  makeTestHouse,
  release,
  stock,
  TRAINEE,
  type Said,
  type TestHouse,
} from '../testHouse.ts';
import { endRun, startRun } from '../testRuns.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), land(3));
});
afterEach(() => house.close());

const small = (volumeL: number) => {
  const entry = house.view('house').tanks.find(({ id }) => id === 'G1')!.entry;
  house.must(LEAD, { kind: 'tank.changed', payload: { tank: 'G1', basedOn: entry, fields: { volumeL } } });
};
const firefishCm = () =>
  (JSON.parse(house.client.prepare("select facts from p_species where id = 'firefish'").pluck().get() as string) as { adultCm: number })
    .adultCm;
const asked = (bag: number) => house.view('room', { bag: `crate-1-bag${bag}` }).racks[0]!.tanks.find(({ id }) => id === 'G1')!.reasons!;
const crowded = (bag: number) => asked(bag).filter(({ code }) => code.startsWith('cost.crowded'));
const size = (bag: number) => crowded(bag).find(({ code }) => code === 'cost.crowded')!.facts.size;
/** As a screen does: what it read of all of them is taken with each. */
const taking = (said: Said): Said => ({ ...said, overrules: crowded(1).map((reason) => takenAs(reason, 'known')) });

it('both bags of a lot are answered for at once, and nothing is asked again at their release', () => {
  // 6 firefish of 6 cm in 40 L: 36 of 32 cm. Either bag alone would do.
  small(40);
  expect([size(1), size(2)]).toEqual([1.13, 1.13]);
  expect(house.costs(KEEPER, assign(1), assign(2))).toEqual(['cost.crowdedGrown']);
  expect(house.costs(KEEPER, taking(assign(1)), taking(assign(2)))).toEqual([]);
  expect(house.costs(KEEPER, quarantine(), release(1, { floatId: undefined }))).toEqual([]);
  expect(house.costs(KEEPER, release(2, { floatId: undefined }))).toEqual([]);
});

it('a bag that is not landed is counted for itself, and takes nothing from the others', () => {
  small(40);
  bringCrate(house, 'crate-2');
  const landedAlone = asked(1).find(({ code }) => code === 'cost.crowded')!.facts.size;
  const reasons = house.view('room', { bag: 'crate-2-bag1' }).racks[0]!.tanks.find(({ id }) => id === 'G1')!.reasons!;
  // 4 firefish of 6 cm, full grown later: as many as it holds, not none.
  expect(landedAlone).toBe(1.13);
  expect(reasons.find(({ code }) => code === 'cost.crowdedGrown')!.facts.size).toBeCloseTo((4 * firefishCm()) / 32, 2);
});

it('another lot that comes meanwhile makes it grow, and is named', () => {
  small(40);
  house.must(KEEPER, assign(1), assign(2));
  expect(asked(3).find(({ code }) => code === 'cost.coming')!.facts).toEqual({ who: '6 firefish', size: 6 });
  house.must(KEEPER, assign(3));
  expect(house.costs(KEEPER, quarantine(), release(1, { floatId: undefined }))).toEqual([
    'cost.crowded',
    'cost.crowdedGrown',
    'cost.coming',
  ]);
});

it('what a lead made a rule a keeper does not pass over, and a screen says so', () => {
  small(40);
  const rules = { ...STARTING_RULES, places: { ...STARTING_RULES.places, leadOnly: ['cost.crowded' as const] } };
  house.must(LEAD, { kind: 'house.configured', payload: { name: 'Test house', zone: 'Europe/Lisbon', rules } });
  expect(asked(1).find(({ code }) => code === 'cost.crowded')).toMatchObject({ lead: true });
  const said = [taking(assign(1)), taking(assign(2))] as const;
  expect(house.costs(KEEPER, assign(1), said[1])).toEqual(['cost.crowdedGrown']);
  // Nor in advance, by a word that nobody asked for yet.
  expect(house.costs(KEEPER, ...said)).toEqual(['overrule.notAsked']);
  house.must(LEAD, ...said);
});

it('weak fish are asked about where the flow is strong: by their bag, and by what was seen of them', () => {
  const entry = (tank: string) => house.view('house').tanks.find(({ id }) => id === tank)!.entry;
  house.must(LEAD, { kind: 'tank.changed', payload: { tank: 'C1', basedOn: entry('C1'), fields: { flow: 'strong' } } });
  house.must(LEAD, stock('old', 'G1', 'firefish', 2));
  const moved: Said = { kind: 'stock.moved', payload: { moves: [{ lot: 'old', from: 'G1', to: 'C1', n: 2 }] } };
  const flow = () => house.costs(KEEPER, moved).includes('cost.strongFlow');
  expect(flow()).toBe(false);
  const lots = [{ lot: 'old', expected: 2, seen: 2, signs: [{ sign: 'gasping' as const, n: 1 }] }];
  house.must(KEEPER, check('G1', { allWell: false, lots }));
  expect(flow()).toBe(true);
  house.wait(49 * HOUR_MS);
  expect(flow()).toBe(false);
});

it('fish that came in poor shape are weak for two days, out of a vessel as out of their bag', () => {
  const entry = house.view('house').tanks.find(({ id }) => id === 'G2')!.entry;
  house.must(LEAD, { kind: 'tank.changed', payload: { tank: 'G2', basedOn: entry, fields: { flow: 'strong' } } });
  bringCrate(house, 'crate-2');
  const bag = { bag: 'crate-2-bag3', lot: 'crate-2-chromis' };
  house.must(KEEPER, land(3, { ...bag, crate: 'crate-2', condition: 'poor' }), { kind: 'bag.assigned', payload: { ...bag, tank: 'G1' } });
  house.must(LEAD, startRun([3], { lot: bag.lot, from: [{ place: bag.bag, n: 6 }] }), quarantine(bag.lot));
  const out = endRun({ lot: bag.lot, into: [{ tank: 'G2', n: 6 }] });
  expect(house.costs(KEEPER, out)).toContain('cost.strongFlow');
  house.wait(49 * HOUR_MS);
  expect(house.costs(KEEPER, out)).not.toContain('cost.strongFlow');
});

it('a keeper does not pass over in advance what only a lead may', () => {
  house.must(LEAD, assign(2));
  expect(house.codes(KEEPER, assign(1, 'G1', [{ code: 'fit.noLid', reason: 'the lid will be gone' }]))).toContain('overrule.notAsked');
  // Not even because no lead can be reached: a place is no emergency.
  const early = [{ code: 'fit.shyOfTreatment' as const, reason: 'will be treated', without: 'no lead to be reached' as const }];
  expect(house.codes(KEEPER, assign(1, 'G1', early))).toContain('overrule.notAsked');
  const way: Said = {
    kind: 'method.chosen',
    payload: { bag: 'crate-1-bag1', lot: 'crate-1-fire', method: 'drip', advised: 'drip' },
    overrules: [{ code: 'method.overTolerance', reason: 'will be over', size: 9 }],
  };
  house.must(LEAD, assign(1));
  expect(house.costs(KEEPER, way)).toEqual(['overrule.notAsked']);
});

describe('a lot that nobody could name', () => {
  const named = (species: string, lot = 'crate-1-fire'): Said => ({ kind: 'lot.named', payload: { lot, species, label: species } });
  const kindOf = (lot: string) => house.client.prepare('select species from p_lot where id = ?').pluck().get(lot);
  beforeEach(() => {
    house.must(
      KEEPER,
      land(1, {
        bag: 'surprise',
        lot: 'stranger',
        alive: 2,
        newBag: { label: 'bag +1', box: 0, waterL: 1.5 },
        newLot: { label: 'a red one', heardAs: 'a red one', origin: 'unknown' },
      }),
    );
  });

  it('is named by a keeper, once; another name is a lead’s; what it rests on is not undone', () => {
    expect(kindOf('stranger')).toBeNull();
    house.must(KEEPER, named('green-chromis', 'stranger'));
    expect(house.codes(KEEPER, named('green-chromis', 'stranger'))).toEqual(['lot.namedSo']);
    expect(house.codes(KEEPER, named('firefish', 'stranger'))).toEqual(['lot.isNamed']);
    house.must(LEAD, { ...named('firefish', 'stranger'), overrules: [{ code: 'lot.isNamed', reason: 'by its fin' }] });
    expect(kindOf('stranger')).toBe('firefish');
    expect(house.codes(KEEPER, named('nothing', 'stranger'))).toEqual(['unknown']);
    expect(house.codes(TRAINEE, named('green-chromis', 'stranger'))).toEqual(['role']);
  });

  it('where they live already, what the name means there is asked about, and may be said all the same', () => {
    const bag = 'surprise';
    house.must(LEAD, { kind: 'bag.assigned', payload: { bag, lot: 'stranger', tank: 'G2' } });
    const out = { kind: 'fish.released' as const, payload: { bag, lot: 'stranger', tank: 'G2', alive: 2, dead: 0, by: 'net' as const } };
    const passed = ['release.salinity', 'release.temperature', 'release.settledPH'] as const;
    house.must(LEAD, quarantine('stranger'), { ...out, overrules: passed.map((code) => ({ code, reason: 'measured', size: 9 })) });
    // Firefish jump, and G2 has no lid.
    expect(house.codes(KEEPER, named('firefish', 'stranger'))).toEqual(['fit.noLid']);
    house.must(KEEPER, { ...named('firefish', 'stranger'), overrules: [{ code: 'fit.noLid', reason: 'a net lies over it' }] });
  });
});
