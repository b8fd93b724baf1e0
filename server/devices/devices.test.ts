// The simulated bench meter obeys the physics of what it is dipped into; the pager calls once, whatever is restarted.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { METER } from '#contract/devices.ts';
import { trajectoryOf, corrected, isOut, runFactsOf } from '#core/runs/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import {
  assign,
  bringCrate,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  release,
  TRAINEE,
  type TestHouse,
} from '../testHouse.ts';
import { action, startRun } from '../testRuns.ts';
import { makeMeter, truthOf } from './meter.ts';
import { makePager } from './pager.ts';

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-devices-'));
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

function running(file?: string): TestHouse {
  const house = furnish(makeTestHouse(file));
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), assign(1), assign(2));
  return house;
}
const onItsWay = (house: TestHouse, more: Parameters<typeof startRun>[1] = {}) => {
  // A day in a bucket that needs none, for what a meter shows on the way.
  const begun = startRun([1], { method: 'long conversion', ...more });
  house.must(LEAD, { ...begun, overrules: [{ code: 'method.overTolerance', reason: 'to try the meter', path: 'method' }] });
  const lines = house.view('bench').runs[0]!.started.plan;
  const line = lines.findIndex((step) => step.do === 'run');
  house.must(
    KEEPER,
    action({ do: 'open' }, 0),
    action({ do: 'pour', bucketL: 10 }, 1),
    action({ do: 'air', level: 'gentle' }, 2),
    action({ do: 'flow', mLPerMin: 12, low: 9, high: 15, from: 'taps' }, line),
  );
};

describe('the meter', () => {
  it('shows what is in the vessel, within what a probe is worth, and drifts until it is set right', () => {
    const house = running();
    onItsWay(house);
    const meter = makeMeter(house);
    const read = () => meter.read({ subject: { kind: 'run', id: 'run-a' }, quantity: 'salinity', way: 'probe', now: house.now() })!;
    meter.setRight('salinity', house.now());
    house.wait(2 * HOUR_MS);
    const truly = () =>
      trajectoryOf({ ...runFactsOf(house.view('bench').runs[0]!), readings: [] }, { now: house.now(), parameters: truthOf('run-a') }).now
        .salinity;
    const first = read();
    expect(first).toMatchObject({ method: 'meter', instrument: METER });
    expect(first.typed).toMatch(/mS comp$/);
    expect(Math.abs(first.value - truly())).toBeLessThan(0.6);
    house.wait(20 * HOUR_MS);
    const drifted = read().value - truly();
    expect(drifted).toBeGreaterThan(1.2);
    const { shown, truth } = meter.reference('salinity', house.now())!;
    expect(isOut({ quantity: 'salinity', shown, truth })).toBe(true);
    const check = { entry: 'c', atMs: house.now(), instrument: METER, quantity: 'salinity' as const, shown, truth, adjusted: true };
    const [set] = corrected(
      [{ entry: 'r', atMs: house.now() - 1, quantity: 'salinity', value: truly() + drifted, method: 'meter', instrument: METER }],
      [check],
    );
    expect(Math.abs(set!.value - truly())).toBeLessThan(0.4);
    meter.setRight('salinity', house.now());
    expect(Math.abs(read().value - truly())).toBeLessThan(0.4);
    house.close();
  });

  it('the infrared eye reads the skin, which lies towards the room; the strip has its steps', () => {
    const house = running();
    onItsWay(house);
    const meter = makeMeter(house);
    const readAt = (quantity: 'temperature' | 'ammonia', way: 'probe' | 'infrared' | 'strip') =>
      meter.read({ subject: { kind: 'run', id: 'run-a' }, quantity, way, now: house.now() })!;
    const skins = Array.from({ length: 20 }, () => readAt('temperature', 'infrared').value);
    const probes = Array.from({ length: 20 }, () => readAt('temperature', 'probe').value);
    const mean = (values: number[]) => values.reduce((sum, sample) => sum + sample, 0) / values.length;
    expect(mean(probes) - mean(skins)).toBeGreaterThan(0.3);
    expect(readAt('temperature', 'infrared').method).toBe('on the bag');
    expect([0, 0.1, 0.25, 0.5, 1, 2, 3, 5, 8, 12]).toContain(readAt('ammonia', 'strip').value);
    house.close();
  });

  it('reads the tank beside it with the same error, so that side by side it cancels', () => {
    const house = running();
    onItsWay(house);
    const meter = makeMeter(house);
    house.wait(10 * HOUR_MS);
    const tank = meter.read({ subject: { kind: 'system', id: 'salt' }, quantity: 'salinity', way: 'probe', now: house.now() })!;
    expect(tank.value - 32).toBeGreaterThan(1.5);
    expect(
      meter.read({ subject: { kind: 'system', id: 'no-water' }, quantity: 'salinity', way: 'probe', now: house.now() }),
    ).toBeUndefined();
    expect(meter.read({ subject: { kind: 'run', id: 'no-run' }, quantity: 'salinity', way: 'probe', now: house.now() })).toBeUndefined();
    expect(meter.reference('ammonia', house.now())).toBeUndefined();
    house.close();
  });

  it('another vessel differs from the book in another method, always the same', () => {
    expect(truthOf('run-a')).toEqual(truthOf('run-a'));
    expect(truthOf('run-a')).not.toEqual(truthOf('run-b'));
  });
});

describe('the pager', () => {
  it('calls who watches it, then a lead, each once, although the house is restarted; the strip says who was called', () => {
    const file = path.join(folder, 'pager.db');
    const house = running(file);
    onItsWay(house, { watcher: 'pia', checkEveryMin: 60 });
    const call = makePager(house);
    expect(call()).toBe(0);
    house.wait(63 * MINUTE_MS);
    expect(call()).toBe(1);
    expect(call()).toBe(0);
    expect(house.view('running').vessels[0]).toMatchObject({ paged: 'Pia', next: { rule: 'run-check' } });
    house.close();
    const again = makeTestHouse(file);
    again.wait(63 * MINUTE_MS);
    expect(makePager(again)()).toBe(0);
    again.wait(10 * MINUTE_MS);
    expect(makePager(again)()).toBe(1);
    expect(again.view('bench').runs[0]!.pages.map(({ stage, toName }) => [stage, toName])).toEqual([
      [1, 'Pia'],
      [2, 'Ines'],
    ]);
    // A look ends it, and the next is counted from there.
    again.must(KEEPER, { kind: 'acclimation.checked', payload: { run: 'run-a', fine: ['fish calm'], wrong: [] } });
    expect(makePager(again)()).toBe(0);
    expect(again.view('running').vessels[0]!.paged).toBeUndefined();
    again.close();
  });
});

it('a run survives the house’s restart: its clock, its readings and its end are what they were', () => {
  const file = path.join(folder, 'restart.db');
  const house = running(file);
  onItsWay(house, { watcher: 'pia' });
  house.wait(3 * HOUR_MS);
  const [before] = house.view('bench').runs;
  house.close();
  const again = makeTestHouse(file);
  again.wait(3 * HOUR_MS);
  const [after] = again.view('bench').runs;
  expect(after).toEqual(before);
  expect(after!.end!.atMs).toBeGreaterThan(again.now());
  // The night shift takes it over; what was begun by others goes on by the same instants.
  again.must(
    { id: 'ines', role: 'lead' },
    { kind: 'acclimation.handedOver', payload: { run: 'run-a', to: 'bram', checkEveryMin: 30, note: 'till six' } },
  );
  const [handed] = again.view('bench').runs;
  expect(handed).toMatchObject({ watcher: { id: 'bram', name: 'Bram' }, startedAtMs: before!.startedAtMs });
  expect(handed!.end!.atMs).toBeCloseTo(before!.end!.atMs, -3);
  again.close();
});

it('what a keeper did past a stop without a lead calls one, once, and stands on Today', () => {
  const house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), assign(1), {
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'bag', id: 'crate-1-bag1' },
      quantity: 'salinity',
      reading: { value: 24, typed: '24', method: 'meter', source: 'measured' },
    },
  });
  expect(house.codes(KEEPER, quarantine(), release(1, { floatId: undefined }))).toEqual(['release.salinity']);
  const past = (without?: 'done already') => ({
    ...release(1, { floatId: undefined }),
    overrules: [{ code: 'release.salinity' as const, reason: 'they were in before I read it', ...(without ? { without } : {}) }],
  });
  // A reason alone is a lead's; a trainee passes over nothing.
  expect(house.codes(KEEPER, quarantine(), past())).toEqual(['release.salinity']);
  expect(house.codes(TRAINEE, quarantine(), past('done already'))).not.toEqual([]);
  house.must(KEEPER, quarantine(), past('done already'));
  const call = makePager(house);
  expect([call(), call(), makePager(house)()]).toEqual([1, 0, 0]);
  const due = house.view('today').due.filter(({ rule }) => rule === 'without-lead');
  expect(due.map(({ facts }) => facts.what)).toEqual(['Done past a stop, done already: they were in before I read it']);
  house.must(LEAD, { kind: 'due.done', payload: { due: due[0]!.id } });
  expect(house.view('today').due.filter(({ rule }) => rule === 'without-lead')).toEqual([]);
});
