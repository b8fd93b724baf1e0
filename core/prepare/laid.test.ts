// A match that is laid down, and what has become of its water since: judged again at each step, and no way back from where it never was.
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { makeChance } from '../chance/index.ts';
import { againstLaid, backFrom, matchPlan, reachedBy, wayBack, type MatchedWater, type Resident, type SettledStep } from './index.ts';

const fish = (more: Partial<Resident> = {}): Resident => ({ label: 'fish', tolerance: 'hardy', invertebrate: false, ...more });
const plan = {
  atMs: 0,
  fromPpt: 34,
  toPpt: 28,
  backPpt: 40,
  swaps: [
    { atMs: HOUR_MS, litres: 1, toPpt: 31 },
    { atMs: 2 * HOUR_MS, litres: 1, toPpt: 28 },
  ],
  back: Array.from({ length: 6 }, (_, day) => ({ afterH: 24 * (day + 1), litres: 1, toPpt: 29 + day })),
};
const done = (step: string, atMs = HOUR_MS, kind: SettledStep['kind'] = 'done'): SettledStep => ({ step, kind, atMs });
const water = (more: Partial<MatchedWater & { salinityPpt: number; readMs: number }> = {}) => ({ residents: [], newcomers: [], pptPerDay: 1, treatments: [], salinityPpt: 34, ...more }); // prettier-ignore
const codes = (settled: SettledStep[], more = {}) =>
  againstLaid({ ...plan, settled }, water(more)).map(({ code, path }) => `${code} ${path}`);

it('is judged by who lives there by then, by what it is under, and by what was read since', () => {
  expect(codes([])).toEqual([]);
  expect(codes([], { residents: [fish({ tolerance: 'ordinary' })] })).toEqual([]);
  // What has no backbone bears down no better than up: 2 ppt, and the steps are of 3.
  expect(codes([], { residents: [fish({ tolerance: 'ordinary', invertebrate: true })] })).toEqual(['match.steep swaps']);
  expect(codes([], { residents: [fish({ salinityPpt: { min: 30, max: 36 } })] })).toEqual(['match.outside toPpt']);
  expect(codes([], { treatments: ['copper'] })).toEqual(['match.treated system']);
  // The way back is made at once each day, and the newcomers live through it.
  expect(codes([], { pptPerDay: 0.5 })).toEqual(['match.steep back']);
  const steepBack = { ...plan, back: [{ afterH: 72, litres: 1, toPpt: 31 }, { afterH: 144, litres: 1, toPpt: 34 }], settled: [] }; // prettier-ignore
  expect(againstLaid(steepBack, water({ newcomers: [fish({ tolerance: 'delicate' })] })).map(({ path }) => path)).toEqual(['back']);
});

it('a reading counts when it is younger than the last step, and not as the step before it', () => {
  expect(codes([], { salinityPpt: 32, readMs: 10 })).toEqual(['match.otherSalinity fromPpt']);
  expect(codes([done('swap-1')], { salinityPpt: 34, readMs: HOUR_MS - 1 })).toEqual([]);
  expect(codes([done('swap-1')], { salinityPpt: 34, readMs: HOUR_MS + 1 })).toEqual(['match.otherSalinity fromPpt']);
  expect(codes([done('swap-1')], { salinityPpt: 31.1, readMs: HOUR_MS + 1 })).toEqual([]);
});

it('the way back begins where it was really brought: none without a swap, and only what is still above it', () => {
  const back = (...settled: SettledStep[]) => backFrom(plan, settled).map(({ step }) => step);
  expect(back()).toEqual([]);
  expect(back(done('swap-1', 1, 'skipped'), done('swap-2', 2, 'skipped'))).toEqual([]);
  expect(back(done('swap-1'), done('swap-2'))).toEqual(['back-1', 'back-2', 'back-3', 'back-4', 'back-5', 'back-6']);
  expect(back(done('swap-1'))).toEqual(['back-4', 'back-5', 'back-6']);
  expect(reachedBy(plan, [done('swap-1'), done('swap-2', 2), done('back-1', DAY_MS)])).toEqual({ ppt: 29, lastMs: DAY_MS });
});

it('however many swaps were made, the way back never ends far above where it began; 3,000 systems by a ledger of salt', () => {
  const chance = makeChance(9);
  for (let index = 0; index < 3000; index += 1) {
    const [volumeL, fromPpt] = [50 + chance() * 1000, 30 + chance() * 6];
    const made = matchPlan({ volumeL, fromPpt, toPpt: fromPpt - 1 - chance() * 8, saltPpt: 34, residents: [fish({ tolerance: 'ordinary', invertebrate: true })], now: 0, readyByMs: 9 * HOUR_MS })!; // prettier-ignore
    const backPpt = fromPpt + 5;
    const back = wayBack({ volumeL, fromPpt: made.reachesPpt, toPpt: fromPpt, saltPpt: backPpt, pptPerDay: 1 });
    const swapped = Math.floor(chance() * (made.swaps.length + 1));
    let grams = volumeL * fromPpt;
    const swap = (litres: number, ppt: number) => (grams += litres * (ppt - grams / volumeL));
    for (const { litres } of made.swaps.slice(0, swapped)) swap(litres, 0);
    const settled = made.swaps.slice(0, swapped).map((_, at) => done(`swap-${at + 1}`));
    for (const { litres } of backFrom({ fromPpt, toPpt: made.reachesPpt, swaps: made.swaps, back, backPpt }, settled)) {
      const before = grams / volumeL;
      swap(litres, backPpt);
      expect(grams / volumeL - before).toBeLessThanOrEqual(1.02);
    }
    expect(grams / volumeL).toBeLessThanOrEqual(fromPpt + 1);
    if (swapped === 0) expect(grams / volumeL).toBeCloseTo(fromPpt, 9);
  }
});
