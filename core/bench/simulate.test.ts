import fc from 'fast-check';
import { mixedGrowing, mixedOverflowing } from '../water/index.ts';
import { calculate } from './compare.ts';
import { STARTING_CONTROLS } from './input.ts';
import { METHODS } from './methods.ts';
import { simulate, startVessel, tankWater, type Step, type Vessel } from './simulate.ts';
import { CASES } from './testCases.ts';
import { letGo } from './vessel.ts';

const { bag, tank, lot } = CASES['marine, shipped low'];
const options = { ambient: tank };
const airAt = (roomC: number) => ({ ambient: { ...tank, roomC } });
const water = tankWater(tank);
const noFish = { n: 0, gramsEach: 0, fed: false };
const open = (more: Partial<Vessel> = {}): Vessel => ({ ...startVessel(bag, lot, options), closed: undefined, ...more });

it('agrees with the closed forms of mixing to 1e-6: growing, then overflowing', () => {
  const start = { ...open().water, volumeL: 2 };
  const going = {
    agitation: 'dripped',
    exchange: 1,
    flowLPerH: 4,
    tank: water,
    surroundingsC: 25,
    tauH: 1e9,
    fish: noFish,
    metabolism: 1,
    ammoniaBinder: false,
    pco2: 600,
  } as const;
  const grown = letGo({ water: start, going, hours: 1, overflowing: false, exposure: 0, times: [] }).water;
  expect(grown.volumeL).toBeCloseTo(6, 9);
  const drip = { start: start.salinity, tank: water.salinity, startL: 2, addedL: 4 };
  expect(Math.abs(grown.salinity - mixedGrowing(drip))).toBeLessThan(1e-6 * 35);
  const spilt = letGo({ water: start, going, hours: 1, overflowing: true, exposure: 0, times: [] }).water;
  expect(Math.abs(spilt.salinity - mixedOverflowing({ ...drip, volumeL: 2 }))).toBeLessThan(1e-6 * 35);
  expect(
    Math.abs(spilt.alkalinity - mixedOverflowing({ start: start.alkalinity, tank: water.alkalinity, volumeL: 2, addedL: 4 })),
  ).toBeLessThan(1e-6 * 3);
});

it('salt, ammonia, alkalinity, hardness and heat are kept through every step that only moves water', () => {
  const step = fc.oneof(
    fc.record({
      do: fc.constant('run' as const),
      mLPerMin: fc.double({ min: 1, max: 400, noNaN: true }),
      minutes: fc.double({ min: 1, max: 60, noNaN: true }),
    }),
    fc.record({ do: fc.constant('wait' as const), minutes: fc.double({ min: 1, max: 60, noNaN: true }) }),
    fc.record({ do: fc.constant('air' as const), level: fc.constantFrom('none' as const, 'strong' as const) }),
  );
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 6 }), (steps: Step[]) => {
      // A bucket that never fills, in a room as warm as the tank, with nobody breathing in it.
      const vessel = open({
        capacityL: 1e6,
        inRoom: true,
        fish: noFish,
        water: { ...open().water, temperature: tank.temperature, tan: 3, hardness: 5 },
      });
      const simulation = simulate(vessel, { ...water, hardness: 12 }, steps, airAt(tank.temperature));
      const [before, after] = [vessel.water, simulation.left];
      expect(after.volumeL).toBeCloseTo(before.volumeL + simulation.tankWaterL, 6);
      for (const key of ['salinity', 'tan', 'alkalinity', 'hardness'] as const) {
        const from = key === 'hardness' ? 12 : water[key];
        const expected = before.volumeL * before[key] + simulation.tankWaterL * from;
        expect(Math.abs(after.volumeL * after[key] - expected)).toBeLessThan(1e-4 * Math.max(1, expected));
      }
      expect(after.temperature).toBeCloseTo(tank.temperature, 4);
    }),
    { seed: 8, numRuns: 40 },
  );
});

it('more air never lowers pH while carbon dioxide goes out, and always brings oxygen', () => {
  const after = (level: 'none' | 'gentle' | 'strong') =>
    simulate(
      open({ inRoom: true }),
      water,
      [
        { do: 'air', level },
        { do: 'wait', minutes: 40 },
      ],
      options,
    )
      .samples.filter(({ where }) => where === 'bucket')
      .at(-1)!;
  const [none, gentle, strong] = [after('none'), after('gentle'), after('strong')];
  expect(gentle.pH).toBeGreaterThan(none.pH);
  expect(strong.pH).toBeGreaterThanOrEqual(gentle.pH);
  // What air frees: the same ammonia is more toxic.
  expect(strong.nh3).toBeGreaterThan(none.nh3);
});

it('opened and still, pH drifts over an hour; poured or aerated, within minutes; netted out at once it costs nothing', () => {
  const { bag: foul, lot: many } = CASES['fresh overnight, soft water'];
  const start = { ...startVessel(foul, many, options), closed: undefined };
  const risen = (steps: Step[]) => {
    const { samples } = simulate(start, tankWater(CASES['fresh overnight, soft water'].tank), steps, options);
    const inIt = samples.filter(({ where }) => where !== 'tank');
    return inIt.at(-1)!.pH - inIt[0]!.pH;
  };
  expect(risen([{ do: 'wait', minutes: 2 }])).toBeLessThan(0.05);
  expect(risen([{ do: 'wait', minutes: 60 }])).toBeGreaterThan(0.1);
  expect(
    risen([
      { do: 'air', level: 'strong' },
      { do: 'wait', minutes: 10 },
    ]),
  ).toBeGreaterThan(risen([{ do: 'wait', minutes: 60 }]));
});

it('a bag without fish that stands changes nothing but what air does', () => {
  const { samples } = simulate(startVessel(bag, { ...lot, n: 0 }, options), water, [{ do: 'wait', minutes: 60 }], airAt(bag.temperature));
  const [first, last] = [samples[0]!, samples.filter(({ where }) => where !== 'tank').at(-1)!];
  for (const key of ['salinity', 'alkalinity', 'tan', 'temperature', 'oxygen', 'dic'] as const)
    expect(last[key]).toBeCloseTo(first[key], 6);
});

it('a tank equal to the bag gives no step in any method', () => {
  const same = { ...tank, temperature: bag.temperature, salinity: bag.salinity, alkalinity: bag.alkalinity, roomC: bag.temperature };
  const { results } = calculate({
    bag: { ...bag, closedHours: 0 },
    tank: same,
    lot: { ...lot, n: 0, bags: 2 },
    controls: STARTING_CONTROLS,
  });
  expect(results).toHaveLength(METHODS.length);
  for (const { figures } of results) {
    expect(Math.abs(figures.temperatureStep)).toBeLessThan(1e-6);
    expect(Math.abs(figures.salinityStep)).toBeLessThan(1e-6);
    expect(Math.abs(figures.settledStep)).toBeLessThan(1e-6);
    expect(figures.exposure).toBe(0);
  }
});

it('in every method salt, ammonia, alkalinity and hardness come equally far towards the tank: none is lost or made', () => {
  const lone = { ...lot, n: 0, bags: 3 };
  const into = { ...tank, hardness: 12, temperature: bag.temperature, roomC: bag.temperature };
  const { results } = calculate({
    bag: { ...bag, tan: 5, hardness: 4 },
    tank: into,
    lot: lone,
    controls: { ...STARTING_CONTROLS, bucketL: 3 },
  });
  for (const { method, steps } of results.filter((result) => result.method !== 'match, float, net')) {
    const start = startVessel({ ...bag, tan: 5, hardness: 4 }, lone, options);
    const [from, to] = [start.water, tankWater(into)];
    const { left } = simulate(start, to, steps, airAt(bag.temperature));
    const share = (key: 'salinity' | 'tan' | 'alkalinity' | 'hardness') => (left[key] - from[key]) / (to[key] - from[key]);
    for (const key of ['tan', 'alkalinity', 'hardness'] as const)
      expect([method, share(key)]).toEqual([method, expect.closeTo(share('salinity'), 4)]);
    expect(left.temperature).toBeCloseTo(bag.temperature, 6);
  }
});

it('halving the step changes no figure that is shown', () => {
  for (const { bag, tank: into, lot: of } of Object.values(CASES)) {
    const input = { bag, tank: into, lot: of, controls: STARTING_CONTROLS };
    const [usual, fine] = [calculate(input), calculate(input, { tolerance: { relative: 1e-9, absolute: 1e-11 } })];
    usual.results.forEach(({ figures }, index) => {
      const coarse = fine.results[index]!.figures;
      expect(figures.nh3Peak).toBeCloseTo(coarse.nh3Peak, 4);
      expect(figures.exposure).toBeCloseTo(coarse.exposure, 3);
      expect(figures.lowestOxygen).toBeCloseTo(coarse.lowestOxygen, 2);
      expect(figures.salinityStep).toBeCloseTo(coarse.salinityStep, 3);
      expect(figures.temperatureStep).toBeCloseTo(coarse.temperatureStep, 3);
    });
  }
});

it('a binder holds for the hours of its label, and what it held is free again', () => {
  const still: Step[] = [{ do: 'open' }, { do: 'wait', minutes: 180 }];
  const toxicOf = (steps: Step[], ammoniaBinderH: number) =>
    simulate(startVessel(bag, lot, options), water, steps, { ambient: { ...tank, ammoniaBinderH } }).samples.filter(
      ({ where }) => where !== 'tank',
    );
  const [bare, bound] = [toxicOf(still, 2), toxicOf([{ do: 'ammonia binder' }, ...still], 2)];
  const share = (minute: number) => {
    const near = (samples: typeof bare) => samples.findLast((sample) => sample.minute <= minute + 1e-6)!.nh3;
    return near(bound) / near(bare);
  };
  expect([share(60), share(118), share(122), share(180)]).toEqual([0.1, 0.1, 1, 1].map((part) => expect.closeTo(part, 1) as number));
  // Put in once more while it holds, it holds from then on.
  const again = toxicOf(
    [{ do: 'ammonia binder' }, { do: 'open' }, { do: 'wait', minutes: 90 }, { do: 'ammonia binder' }, { do: 'wait', minutes: 90 }],
    2,
  );
  expect(again.at(-1)!.nh3 / bare.at(-1)!.nh3).toBeCloseTo(0.1, 2);
});

it('a binder leaves a tenth of the toxic part, an open tub has lost its shield', () => {
  const stand: Step[] = [{ do: 'open' }, { do: 'wait', minutes: 30 }];
  const peak = (steps: Step[], opening: 'closed' | 'tub') =>
    simulate(startVessel({ ...bag, opening: { is: opening } }, lot, options), water, steps, options)
      .samples.filter(({ where }) => where !== 'tank')
      .at(-1)!.nh3;
  expect(peak([{ do: 'ammonia binder' }, ...stand], 'closed') / peak(stand, 'closed')).toBeCloseTo(0.1, 6);
  const [shielded, gone] = [startVessel(bag, lot, options), startVessel({ ...bag, opening: { is: 'tub' } }, lot, options)];
  const first = (vessel: Vessel) => simulate(vessel, water, [], options).samples[0]!;
  expect(first(gone).pH).toBeGreaterThan(first(shielded).pH + 0.3);
  expect(startVessel({ ...bag, opening: { is: 'opened', hours: 1 } }, lot, options).water.dic).toBeLessThan(shielded.water.dic);
});
