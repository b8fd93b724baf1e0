import fc from 'fast-check';
import { HOUR_MS } from '../time/index.ts';
import { tallyCrate, transit, type TalliedBag } from './index.ts';

describe('the crate against its list', () => {
  const landed = (listed: number, alive: number, more: Partial<TalliedBag['landed']> = {}): TalliedBag => ({
    listed,
    absent: false,
    landed: { alive, dead: 0, wrong: false, ...more },
  });

  it('sums what is short, over, dead and wrong', () => {
    expect(
      tallyCrate([
        landed(4, 4),
        landed(4, 3),
        landed(1, 0, { dead: 1 }),
        landed(2, 2, { wrong: true }),
        landed(6, 8),
        landed(0, 1),
        { listed: 5, absent: true },
        { listed: 6, absent: false },
      ]),
    ).toEqual({ listed: 28, alive: 18, dead: 1, short: 8, over: 3, wrong: 2, bagsListed: 7, bagsDone: 6, bagsUnlisted: 1 });
  });

  it('adds up for every crate that is done: listed + over + wrong = alive + dead + short', () => {
    const bag = fc.oneof(
      fc.record({
        listed: fc.nat(20),
        absent: fc.constant(false),
        landed: fc.record({ alive: fc.nat(20), dead: fc.nat(5), wrong: fc.boolean() }),
      }),
      fc.record({ listed: fc.integer({ min: 1, max: 20 }), absent: fc.constant(true) }),
    ) as fc.Arbitrary<TalliedBag>;
    fc.assert(
      fc.property(fc.array(bag), (bags) => {
        const { listed, over, wrong, alive, dead, short } = tallyCrate(bags);
        return listed + over + wrong === alive + dead + short;
      }),
      { seed: 11, numRuns: 300 },
    );
  });
});

describe('how pressing a crate is', () => {
  const crate = { packedAtMs: 0, promisedAtMs: 24 * HOUR_MS };
  const rules = { lateAfterH: 6, longClosedH: 36 };
  it.each([
    ['on its way', undefined, 20, 20, 0, false],
    ['on time', 24, 25, 25, 0, false],
    ['six hours late is not yet late', 30, 30, 30, 6, false],
    ['a little more is', 30.5, 30.5, 30.5, 6.5, true],
    ['closed long, though on time', 24, 37, 37, 0, true],
  ])('%s', (...[, arrivedH, nowH, closedH, lateH, pressing]) => {
    const times = { ...crate, arrivedAtMs: arrivedH === undefined ? undefined : arrivedH * HOUR_MS };
    expect(transit(times, rules, nowH * HOUR_MS)).toEqual({ closedH, lateH, pressing });
  });
});
