import fc from 'fast-check';
import { findUnbalancedLot, move, negate } from '../journal/index.ts';
import { isOutside, STAGES, stageCounts, stageOf, type Standing } from './index.ts';

describe('legs', () => {
  it('moves fish without making or losing any', () => {
    expect(move('l', { from: 'supplier', to: 'bag', n: 6 })).toEqual([
      { lot: 'l', place: 'supplier', n: -6 },
      { lot: 'l', place: 'bag', n: 6 },
    ]);
    expect(move('l', { from: 'a', to: 'b', n: 0 })).toEqual([]);
  });

  it('finds the lot that does not balance', () => {
    const legs = [...move('a', { from: 'x', to: 'y', n: 2 }), { lot: 'b', place: 'y', n: 1 }];
    expect(findUnbalancedLot(legs)).toBe('b');
    expect(findUnbalancedLot([...legs, ...negate(legs)])).toBeUndefined();
  });

  it('knows an account from a tank', () => {
    expect(['supplier', 'died', 'discrepancy', 'F7', 'dead'].map(isOutside)).toEqual([true, true, true, false, false]);
  });
});

describe('stages', () => {
  const inTank = { place: 'tank', inRun: false, quarantineOpen: false } as const;
  it.each<[string, Omit<Standing, 'lot' | 'n'>, string]>([
    ['a bag on the dock', { ...inTank, place: 'bag' }, 'dock'],
    ['a bag afloat', { ...inTank, place: 'bag', inRun: true }, 'bench'],
    ['a bag whose lot has a hold open is still on the dock', { ...inTank, place: 'bag', quarantineOpen: true }, 'dock'],
    ['a tank with its quarantine open', { ...inTank, quarantineOpen: true }, 'quarantine'],
    ['a tank without', inTank, 'cleared'],
    ['a customer tank', { ...inTank, place: 'customer tank', quarantineOpen: true }, 'away'],
  ])('%s', (_name, standing, stage) => expect(stageOf(standing)).toBe(stage));

  it('shows as promised no more than is cleared', () => {
    const standings = [
      { ...inTank, lot: 'a', n: 5 },
      { ...inTank, lot: 'a', n: 2 },
      { ...inTank, lot: 'b', n: 3, quarantineOpen: true },
    ];
    expect(
      stageCounts(
        standings,
        new Map([
          ['a', 6],
          ['b', 3],
        ]),
      ),
    ).toEqual({ dock: 0, bench: 0, quarantine: 3, cleared: 1, promised: 6, inHouse: 10 });
    expect(stageCounts(standings, new Map([['a', 60]]))).toMatchObject({ cleared: 0, promised: 7, inHouse: 10 });
  });

  it('always adds up', () => {
    const standing = fc.record({
      lot: fc.constantFrom('a', 'b', 'c'),
      n: fc.nat(50),
      place: fc.constantFrom('bag', 'tank', 'customer tank' as const),
      inRun: fc.boolean(),
      quarantineOpen: fc.boolean(),
    }) as fc.Arbitrary<Standing>;
    fc.assert(
      fc.property(fc.array(standing), fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.nat(80)), (standings, promised) => {
        const counts = stageCounts(standings, new Map(Object.entries(promised)));
        const living = standings.filter(({ place }) => place !== 'customer tank').reduce((sum, { n }) => sum + n, 0);
        return (
          STAGES.every((stage) => counts[stage] >= 0) &&
          STAGES.reduce((sum, stage) => sum + counts[stage], 0) === counts.inHouse &&
          counts.inHouse === living
        );
      }),
      { seed: 7, numRuns: 300 },
    );
  });
});
