// Bags of a crate as work: what lasts how long, what floats how long, what cannot wait; no screen.
import type { BenchBag } from '#contract/views.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { reserveOf, tasksOf, unpacked, type UnpackQuestion } from './tasks.ts';

const NOW = Date.UTC(2026, 2, 3, 7, 40);
const bag = (name: string, more: Partial<BenchBag> = {}): BenchBag => ({
  bag: name,
  label: name,
  box: 1,
  listed: 4,
  lot: 'l',
  lotLabel: 'firefish',
  origin: 'wild',
  sizeCm: 6,
  waterL: 1.5,
  afloat: false,
  packedAtMs: NOW - 30 * HOUR_MS,
  transit: 'overnight',
  kind: { is: 'fish', tolerance: 'ordinary', water: ['marine'], salinityPpt: { min: 30, max: 36 } },
  lotBags: 1,
  readings: {},
  crate: 'c',
  crateLabel: 'c',
  stated: { temperatureC: 24, salinityPpt: 32 },
  alive: 4,
  holdKnown: false,
  tank: { id: 't1', code: 'G1' },
  system: { id: 's', type: 'marine', temperatureC: 25, salinityPpt: 32, purpose: 'quarantine', volumeL: 300, readings: {} },
  ...more,
});
const landed = (more: Partial<NonNullable<BenchBag['landed']>> = {}): BenchBag['landed'] => ({ by: 'B', atMs: NOW, actId: 'a', alive: 4, dead: 0, condition: 'fit', bagCondition: 'sound', wrong: false, ...more }); // prettier-ignore
const asked = (bags: BenchBag[], more: Partial<UnpackQuestion> = {}): UnpackQuestion => ({
  view: {
    crate: { crate: 'c', label: 'c', packedAtMs: NOW - 30 * HOUR_MS, promisedAtMs: NOW, arrivedAtMs: NOW },
    bags,
    tanks: [{ id: 't1', code: 'G1', volumeL: 60 }],
    floats: [],
  },
  rules: STARTING_RULES,
  now: NOW,
  ...more,
});

it('a bag of few fish lasts, one packed full hardly, and what nobody can compute not at all', () => {
  const lasts = (more: Partial<BenchBag>) => reserveOf(bag('b', more), { rules: STARTING_RULES, now: NOW }).reserveMin;
  const few = lasts({ listed: 1 });
  const many = lasts({ listed: 20 });
  expect(many).toBeLessThan(few);
  expect(lasts({ landed: landed({ bagCondition: 'foul' }) })).toBe(0);
  expect(lasts({ landed: landed({ alive: 3, dead: 1 }) })).toBe(0);
  // Measured ammonia in it: it is computed again.
  expect(lasts({ landed: landed({ dead: 1, alive: 3 }), readings: { ammonia: { value: 0.5, method: 'test', source: 'measured', atMs: NOW } as never } })).toBeGreaterThanOrEqual(0); // prettier-ignore
  expect(lasts({ clean: { by: 'B', atMs: NOW, actId: 'a', vessel: 'v', litres: 8 } as BenchBag['clean'] })).toBe(Infinity);
});

it('floats by the temperature that was read, by the stated one until then, and as usual where nobody knows it', () => {
  const stand = (more: Partial<BenchBag>) => tasksOf(asked([bag('b', more)])).rows[0]!;
  const read = stand({ readings: { temperature: { value: 20, method: 'folded', source: 'measured', atMs: NOW } } });
  expect(read).toMatchObject({ known: true });
  expect(read.standMin).toBeGreaterThan(stand({}).standMin);
  expect(stand({}).known).toBe(false);
  // The air of its box beats what was stated, give or take.
  const cold = stand({ boxC: 16 });
  expect(cold.known).toBe(false);
  expect(cold.standMin).toBeGreaterThan(read.standMin);
  expect(stand({ stated: {} })).toMatchObject({ standMin: 20, known: false });
  expect(stand({ tank: undefined, system: undefined })).toMatchObject({ standMin: 20, known: false });
});

it('what cannot wait goes to a bucket first; what runs is netted out at its time', () => {
  const bags = [
    bag('plain', { landed: landed() }),
    bag('critical', { landed: landed({ condition: 'critical' }) }),
    bag('afloat', { landed: landed(), afloat: true }),
  ];
  const question = asked(bags);
  question.view.floats = [{ bag: 'afloat', dueAtMs: NOW + 9 * MINUTE_MS } as (typeof question.view.floats)[number]];
  const { tasks } = tasksOf(question);
  expect(tasks.map(({ state, toBucket }) => [state, toBucket])).toEqual([['closed', false], ['closed', true], ['afloat', false]]); // prettier-ignore
  expect(tasks[2]!.standMin).toBeCloseTo(9, 6);
  const { plan } = unpacked(question);
  expect(plan.steps.filter(({ beginMin }) => beginMin === 0).map(({ bag: name }) => name)).toContain('critical');
  expect(plan.steps.find(({ bag: name }) => name === 'critical')!.safeMin).toBeCloseTo(STARTING_RULES.unpack.pourMin, 6);
});

it('one that is pinned is begun first, and bags of a kind without a tank share two places', () => {
  const bags = Array.from({ length: 6 }, (_, index) =>
    bag(`b${index}`, { landed: landed(), ...(index > 3 ? { tank: undefined, system: undefined } : {}) }),
  );
  expect(unpacked(asked(bags, { pinned: 'b5' })).plan.steps[0]!.bag).toBe('b5');
  const { plan } = unpacked(asked(bags));
  const untanked = Array.from({ length: 3 }, (_, index) => bag(`u${index}`, { landed: landed(), tank: undefined, system: undefined }));
  const begins = unpacked(asked(untanked)).plan.steps;
  expect(begins[2]!.beginMin).toBeGreaterThanOrEqual(Math.min(begins[0]!.outMin, begins[1]!.outMin) - 1e-6);
  expect(plan.steps.length).toBe(6);
});

it('a bag that is merely cold is not at its end: the float is what it waits for', () => {
  const cold = bag('b', { readings: { temperature: { value: 18, method: 'folded', source: 'measured', atMs: NOW } }, listed: 1, kind: { is: 'fish', tolerance: 'ordinary', water: ['marine'], temperatureC: { min: 24, max: 28 } } }); // prettier-ignore
  expect(reserveOf(cold, { rules: STARTING_RULES, now: NOW }).reserveMin).toBeGreaterThan(60);
});
