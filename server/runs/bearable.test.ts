// Accepted means bearable: a vessel that nobody can calculate, and waters at every limit of what is taken, stop no view and no pager.
import { checkAct } from '#contract/act.ts';
import { VIEW_NAMES } from '#contract/views.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { PLAUSIBLE, type Quantity } from '#core/water/index.ts';
import { makePager } from '../devices/pager.ts';
import { assign, bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, type Said, type TestHouse } from '../testHouse.ts';
import { startRun } from '../testRuns.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), land(3), assign(1), assign(2), assign(3));
});
afterEach(() => house.close());
const everyView = () => VIEW_NAMES.forEach((name) => void house.view(name, { bag: 'crate-1-bag3', code: 'G1', lot: 'crate-1-fire' }));

it('a run whose numbers no model knows is a card that says so; the others, the strip, Today and the pager go on', () => {
  house.must(KEEPER, startRun([1]), startRun([2], { run: 'run-b' }));
  const facts = house.client.prepare("select facts from p_bench_run where id = 'run-a'").pluck().get() as string;
  const spoilt = JSON.parse(facts) as { start: { temperature: number; salinity: number } };
  Object.assign(spoilt.start, { temperature: -5, salinity: 60 });
  house.client.prepare("update p_bench_run set facts = ? where id = 'run-a'").run(JSON.stringify(spoilt));
  everyView();
  const [lost, well] = ['run-a', 'run-b'].map((id) => house.view('bench').runs.find(({ run }) => run === id)!);
  expect(lost!.cannot).toMatch(/temperature must be 0 to 50/);
  expect([well!.cannot, well!.end !== undefined]).toEqual([undefined, true]);
  // Somebody looks at it by eye, and is called when nobody does.
  expect(lost!.dues).toMatchObject([{ rule: 'run-check', step: 'look-1' }]);
  house.wait(2 * HOUR_MS);
  expect(makePager(house)()).toBeGreaterThan(0);
  expect(house.view('bench').runs.find(({ run }) => run === 'run-a')!.pages.length).toBeGreaterThan(0);
  everyView();
});

it('what the schema takes the model knows: −5 °C and 60 ppt are no water of a vessel, a tank or a bag', () => {
  const run = startRun([1]).payload as Payloads['acclimation.started'];
  const system: Said = {
    kind: 'system.added',
    payload: { system: 'w', name: 'w', type: 'marine', temperatureC: 25, salinityPpt: 33, volumeL: 60 },
  };
  const started = (start: object, tank: object): Said => ({
    kind: 'acclimation.started',
    payload: { ...run, start: { ...run.start, ...start }, water: { ...run.water, ...tank } },
  });
  const check = (said: Said) => checkAct(JSON.parse(JSON.stringify(house.actOf([said]))));
  expect([check(started({}, {})).ok, check(system).ok]).toEqual([true, true]);
  for (const bad of [{ temperature: -5 }, { salinity: 60 }])
    expect([check(started(bad, {})).ok, check(started({}, bad)).ok]).toEqual([false, false]);
  for (const bad of [{ temperatureC: -5 }, { salinityPpt: 60 }])
    expect(check({ ...system, payload: { ...system.payload, ...bad } }).ok).toBe(false);
  expect(house.codes(KEEPER, read('bag', 'crate-1-bag1', 'salinity', 60))).toEqual(['reading.implausible']);
});

it('a vessel that was forgotten is followed for a week and no longer', () => {
  house.must(KEEPER, startRun([1]));
  house.wait(6 * DAY_MS);
  expect(house.view('bench').runs[0]!.cannot).toBeUndefined();
  house.wait(2 * DAY_MS);
  expect(house.view('bench').runs[0]!.cannot).toBe('it began more than 7 days ago');
  expect(house.view('today').due.some(({ rule }) => rule === 'run-check')).toBe(true);
});

const QUANTITIES: readonly Quantity[] = ['temperature', 'salinity', 'pH', 'alkalinity', 'hardness', 'ammonia', 'oxygen'];
const read = (kind: 'bag' | 'system', id: string, quantity: Quantity, value: number): Said => ({
  kind: 'reading.taken',
  payload: { subject: { kind, id }, quantity, reading: { value, typed: String(value), method: 'meter', source: 'measured' } },
});

/** All 64 of them with `LIMITS=64`. */
const CASES = Number(process.env.LIMITS ?? 20);
it.each(Array.from({ length: CASES }, (_, index) => (index * 13) % 64))('bag and tank at the limits of what is taken, %p', (seed) => {
  const readingAt = (index: number) => {
    const quantity = QUANTITIES[index % QUANTITIES.length]!;
    const { min, max } = PLAUSIBLE[quantity];
    return [quantity, (seed >> (index % 6)) & 1 ? max : min] as const;
  };
  for (let index = 0; index < QUANTITIES.length; index += 1) {
    house.codes(KEEPER, read('bag', 'crate-1-bag3', ...readingAt(index)));
    house.codes(KEEPER, read('system', 'salt', ...readingAt(index + 1)));
  }
  everyView();
  const choose: Said = {
    kind: 'method.chosen',
    payload: {
      bag: 'crate-1-bag3',
      lot: 'crate-1-chromis',
      method: 'drip',
      advised: 'drip',
      compared: { controls: { bucketL: 10 }, state: { is: 'closed' }, fed: false },
    } as never,
  };
  // Refused or taken: never broken.
  expect(Array.isArray(house.codes(KEEPER, choose))).toBe(true);
  expect(Array.isArray(house.codes(LEAD, startRun([3], { lot: 'crate-1-chromis' })))).toBe(true);
  house.wait(HOUR_MS);
  everyView();
});
