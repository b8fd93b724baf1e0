// Match plans against a ledger of salt that shares no code with them: grams out with what is siphoned, grams in with what is poured.
import { makeChance } from '../chance/index.ts';
import { HOUR_MS } from '../time/index.ts';
import { gentlest, matchPlan, wayBack, type Resident } from './match.ts';

/** Grams of salt in a system, taken as ppt × litres; a swap is a siphon, then a jug. */
function ledger(volumeL: number, ppt: number) {
  let grams = volumeL * ppt;
  return {
    swap(litres: number, waterPpt: number) {
      grams -= (grams / volumeL) * litres;
      grams += litres * waterPpt;
      return grams / volumeL;
    },
  };
}
const CLASSES = ['delicate', 'ordinary', 'hardy'] as const;
/** The house's table once more: up 1/2/3 at once, 2/4/8 an hour; down 3/6/10 and 4/8/12; what has no backbone bears down as up. */
const BEARS = {
  delicate: { up: 1, down: 3 },
  ordinary: { up: 2, down: 6 },
  hardy: { up: 3, down: 10 },
};
const bears = ({ tolerance, invertebrate }: Resident, up: boolean) => BEARS[tolerance][up || invertebrate ? 'up' : 'down'];

it('ends where it says, step by step, faster than nobody bears, in time; 5,000 systems', () => {
  const chance = makeChance(3);
  const between = (low: number, high: number) => low + chance() * (high - low);
  let late = 0;
  for (let index = 0; index < 5000; index += 1) {
    const residents = Array.from({ length: Math.floor(chance() * 4) }, (_, at): Resident => ({
      label: `lot ${at}`,
      tolerance: CLASSES[Math.floor(chance() * 3)]!,
      invertebrate: chance() < 0.3,
    }));
    const asked = { volumeL: between(30, 1500), fromPpt: between(1, 36), toPpt: between(1, 36), saltPpt: 40, residents, now: 0, readyByMs: between(-1, 30) * HOUR_MS }; // prettier-ignore
    const plan = matchPlan(asked)!;
    const up = asked.toPpt > asked.fromPpt;
    const book = ledger(asked.volumeL, asked.fromPpt);
    let ppt = asked.fromPpt;
    let before = -Infinity;
    for (const { litres, atMs, toPpt } of plan.swaps) {
      const next = book.swap(litres, plan.waterPpt);
      expect(next).toBeCloseTo(toPpt, 6);
      for (const resident of residents) expect(Math.abs(next - ppt)).toBeLessThanOrEqual(bears(resident, up) + 1e-6);
      expect(atMs).toBeGreaterThanOrEqual(asked.now - 1e-6);
      expect(atMs + HOUR_MS).toBeLessThanOrEqual(asked.readyByMs + 1e-6);
      expect(atMs - before).toBeGreaterThan(HOUR_MS - 1e-3);
      [before, ppt] = [atMs, next];
    }
    expect(ppt).toBeCloseTo(plan.reachesPpt, 6);
    if (Math.abs(plan.reachesPpt - asked.toPpt) > 1e-6) {
      late += 1;
      // It fell short because there was no more time, and used all there was.
      expect(plan.swaps.length).toBe(Math.max(0, Math.floor(asked.readyByMs / HOUR_MS)));
    }
    // And back again by the day, no faster than the rule, by the same book.
    const back = wayBack({ volumeL: asked.volumeL, fromPpt: ppt, toPpt: asked.fromPpt, saltPpt: 40, pptPerDay: 1 });
    for (const { litres, toPpt } of back) {
      const next = book.swap(litres, asked.fromPpt > ppt || toPpt > ppt ? 40 : 0);
      expect(Math.abs(next - ppt)).toBeLessThanOrEqual(1 + 1e-6);
      expect(next).toBeCloseTo(toPpt, 6);
      ppt = next;
    }
    expect(ppt).toBeCloseTo(asked.fromPpt, 5);
  }
  expect(late).toBeGreaterThan(500);
});

it('goes by who bears least, and what nobody knows is delicate', () => {
  expect(gentlest([], true)).toBeUndefined();
  const fish: Resident = { label: 'fish', tolerance: 'hardy', invertebrate: false };
  expect(gentlest([fish, { label: 'shrimp', tolerance: 'hardy', invertebrate: true }], false)).toEqual({ ppt: 3, by: 'shrimp' });
  expect(gentlest([fish, { label: 'new', tolerance: 'delicate', invertebrate: false }], true)).toEqual({ ppt: 1, by: 'new' });
});

it('says what cannot be: nothing to do, no water for it, who does not live there', () => {
  const asked = { volumeL: 300, fromPpt: 32, toPpt: 28, saltPpt: 34, residents: [], now: 0, readyByMs: 9 * HOUR_MS };
  expect(matchPlan({ ...asked, toPpt: 32 })).toBeUndefined();
  expect(matchPlan({ ...asked, toPpt: 0 })).toBeUndefined();
  expect(matchPlan({ ...asked, toPpt: 35 })).toBeUndefined();
  expect(matchPlan(asked)).toMatchObject({ of: 'fresh', swaps: [{ litres: 37.5, toPpt: 28, atMs: 8 * HOUR_MS }], outside: [] });
  const star: Resident = { label: 'star', tolerance: 'ordinary', invertebrate: true, salinityPpt: { min: 30, max: 36 } };
  expect(matchPlan({ ...asked, residents: [star] })).toMatchObject({ outside: ['star'], limit: { ppt: 2, by: 'star' } });
  expect(matchPlan({ ...asked, readyByMs: -HOUR_MS })).toMatchObject({ swaps: [], reachesPpt: 32 });
  expect(wayBack({ volumeL: 300, fromPpt: 28, toPpt: 34, saltPpt: 34, pptPerDay: 1 })).toEqual([]);
});
