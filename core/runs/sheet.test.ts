import { MINUTE_MS } from '../time/index.ts';
import { pooledBag } from './begin.ts';
import { callsFor, checksEvery, runDues, soonest } from './due.ts';
import { type AcclimationRun, standingOf, watchOf } from './known.ts';
import { STARTING_RUN_POLICY } from './policy.ts';
import { dripTurn, isConversion, motionOf, nextOf, sheetOf } from './sheet.ts';
import { MONO_BAG, runningFacts, T0 } from './testCases.ts';

const facts = runningFacts({ method: 'long conversion' });
const started = { ...facts.started, run: 'r', lot: 'l', tank: 'D5', from: [{ place: 'b', n: 6 }], checkEveryMin: 120 };
const lines = sheetOf(started);
const upTo = (line: number) => ({ startedAtMs: T0, actions: facts.actions.filter((action) => action.line! <= line) });
const known = (more: Partial<AcclimationRun> = {}): AcclimationRun => ({
  entry: 'e',
  startedAtMs: T0,
  started,
  events: [],
  readings: [],
  meterChecks: [],
  tankSince: [],
  fewer: [],
  ...more,
});
const worked = (line: number, atMs: number): AcclimationRun['events'][number] => ({
  entry: `w${line}`,
  atMs,
  by: 'Bram',
  what: 'worked',
  line,
  did: facts.actions.find((action) => action.line === line)!.did,
});

it('has the cautions at the line where they help, each once', () => {
  const first = lines.find(({ step }) => step.do === 'run')!;
  expect(first.cautions).toEqual(['never by mouth', 'secure the hose', 'overflow']);
  expect(lines.filter(({ cautions }) => cautions.includes('never by mouth'))).toHaveLength(1);
  expect(lines.find(({ step }) => step.do === 'air')!.cautions).toEqual(['air frees ammonia']);
  expect(lines.find(({ step }) => step.do === 'pour')!.cautions).toEqual(['three hands', 'lid on']);
  const heavy = sheetOf({ ...started, plan: [{ do: 'pour', bucketL: 20 }] });
  expect(heavy[0]!.cautions).toContain('two lift');
  const pooled = sheetOf({
    ...started,
    from: [
      { place: 'a', n: 1 },
      { place: 'b', n: 1 },
    ],
  });
  expect(pooled[0]!.cautions).toContain('stand bags upright');
});

it('the next line is due when the one before it is over, from when that was truly begun', () => {
  expect(nextOf(lines, upTo(-1))).toMatchObject({ line: { line: 0 }, dueMinute: 0 });
  expect(nextOf(lines, upTo(4))).toMatchObject({ going: { line: 4 }, line: { line: 5 }, dueMinute: 181 });
  const late = { startedAtMs: T0, actions: [{ ...facts.actions[4]!, atMs: T0 + 30 * MINUTE_MS }] };
  expect(nextOf(lines, late).dueMinute).toBe(210);
  expect(nextOf(lines, upTo(99)).line).toBeUndefined();
});

it('what is one motion of the hand is one tap', () => {
  expect(motionOf(lines, 0).map(({ step }) => step.do)).toEqual(['open', 'pour', 'air', 'wait']);
  const pooled = sheetOf({ ...started, plan: [{ do: 'open' }, { do: 'pour', bucketL: 12 }, { do: 'run', mLPerMin: 160, minutes: 15 }] });
  expect(motionOf(pooled, 0).map(({ step }) => step.do)).toEqual(['open', 'pour']);
  expect(motionOf(lines, 4).map(({ line }) => line)).toEqual([4]);
});

it('tells looser or tighter against the stretch that is going', () => {
  const wanted = lines[4]!.step.do === 'run' ? lines[4]!.step.mLPerMin : 0;
  expect(dripTurn(lines, upTo(4), wanted / 2)).toMatchObject({ turn: 'looser', factor: 2 });
  expect(dripTurn(lines, upTo(4), wanted * 2)).toMatchObject({ turn: 'tighter' });
  expect(dripTurn(lines, upTo(2), wanted)).toBeUndefined();
});

it('a conversion is one by its method or by the salt it moves', () => {
  expect(isConversion({ method: 'long conversion', fromPpt: 30, toPpt: 31 })).toBe(true);
  expect(isConversion({ method: 'drip', fromPpt: 28, toPpt: 34 })).toBe(true);
  expect(isConversion({ method: 'drip', fromPpt: 30, toPpt: 34 })).toBe(false);
});

it('several bags are one system: volumes and heads add up, salt by volume', () => {
  const bag = pooledBag([MONO_BAG, { ...MONO_BAG, waterL: 1, salinity: 12, closedHours: 9, foul: true }]);
  expect(bag).toMatchObject({ waterL: 4, salinity: 9, closedHours: 9, foul: true, gasL: 12 });
  expect(bag.pH).toBeUndefined();
  expect(
    pooledBag([
      { ...MONO_BAG, pH: 7 },
      { ...MONO_BAG, pH: 7.4 },
    ]).pH,
  ).toBeCloseTo(7.2);
  expect(pooledBag([{ ...MONO_BAG, pH: 7 }, MONO_BAG]).pH).toBeUndefined();
});

describe('due things', () => {
  it('the next line, and a look as often as was said', () => {
    expect(checksEvery(known())).toBe(120);
    const dues = runDues(known(), T0 + 1441 * MINUTE_MS);
    expect(dues.map(({ rule, step, dueAtMs }) => [rule, step, (dueAtMs - T0) / MINUTE_MS])).toEqual([
      ['run-step', 'line-0', 0],
      ['run-check', 'look-1', 120],
    ]);
    expect(soonest(dues)!.rule).toBe('run-step');
  });

  it('whoever had a hand in it has looked at it; a hand-over is no look', () => {
    const check = (run: AcclimationRun) => runDues(run, undefined).find(({ rule }) => rule === 'run-check')!;
    expect((check(known({ events: [worked(4, T0 + 60 * MINUTE_MS)] })).dueAtMs - T0) / MINUTE_MS).toBe(180);
    const handed: AcclimationRun['events'][number] = {
      entry: 'h',
      atMs: T0 + 90 * MINUTE_MS,
      by: 'Bram',
      what: 'handed',
      to: 'wim',
      checkEveryMin: 30,
    };
    expect((check(known({ events: [worked(4, T0 + 60 * MINUTE_MS), handed] })).dueAtMs - T0) / MINUTE_MS).toBe(90);
    expect(watchOf(known({ events: [handed] }))).toMatchObject({ who: 'wim', everyMin: 30 });
    expect(watchOf(known())).toBeUndefined();
  });

  it('its end is due when the sheet is done, and one for which nobody said it asks for no look', () => {
    const done = known({ events: lines.map(({ line }) => worked(line, T0 + line * MINUTE_MS)) });
    expect(runDues(done, T0 + 1441 * MINUTE_MS).map(({ rule }) => rule)).toEqual(['run-end', 'run-check']);
    expect(checksEvery(known({ started: { ...started, checkEveryMin: undefined } }))).toBeUndefined();
  });

  it('a vessel that never comes there is due when its sheet is over: nobody is forgotten in it', () => {
    const done = known({ events: lines.map(({ line }) => worked(line, T0 + line * MINUTE_MS)) });
    const [end] = runDues(done, undefined);
    expect(end).toMatchObject({ rule: 'run-end', dueAtMs: T0 + (lines.at(-1)!.line + lines.at(-1)!.minutes) * MINUTE_MS });
    expect(soonest(runDues(known({ started: { ...started, plan: [] } }), undefined))!.rule).toBe('run-end');
  });

  it('a binder that is spent asks for the ammonia to be read, until it is or more is put in', () => {
    const hours = (n: number) => T0 + n * 60 * MINUTE_MS;
    const ammoniaBinder = (atMs: number) => ({ ...worked(0, atMs), line: undefined, did: { do: 'ammonia binder' as const } });
    const spent = (more: Partial<AcclimationRun>) => runDues(known(more), undefined).filter(({ rule }) => rule === 'run-binder');
    expect(spent({})).toEqual([]);
    expect(spent({ events: [ammoniaBinder(hours(1))] })).toMatchObject([{ dueAtMs: hours(25) }]);
    expect(spent({ events: [ammoniaBinder(hours(1)), ammoniaBinder(hours(20))] })).toMatchObject([{ dueAtMs: hours(44) }]);
    const read = (quantity: 'ammonia' | 'pH', atMs: number): AcclimationRun['readings'][number] => ({
      entry: `r${atMs}`,
      atMs,
      by: 'Bram',
      quantity,
      value: 1,
      typed: '1',
      method: 'test',
    });
    const asked = (...readings: AcclimationRun['readings']) => spent({ events: [ammoniaBinder(hours(1))], readings }).length;
    expect([asked(read('ammonia', hours(24))), asked(read('pH', hours(26))), asked(read('ammonia', hours(25)))]).toEqual([1, 1, 0]);
    const short = { ...started, water: { ...started.water, ammoniaBinderH: 2 } };
    expect(standingOf(known({ started: short, events: [ammoniaBinder(hours(1))] })).boundUntilMs).toBe(hours(3));
  });

  it('the pager calls who watches after two minutes, then a lead, never the same twice', () => {
    const call = (minutes: number, watcher?: string, leads: string[] = ['ines']) =>
      callsFor({ dueAtMs: T0 }, { watcher, leads, now: T0 + minutes * MINUTE_MS, rules: STARTING_RUN_POLICY }).map(({ stage, to }) => [
        stage,
        to,
      ]);
    expect(call(1, 'wim')).toEqual([]);
    expect(call(2, 'wim')).toEqual([[1, 'wim']]);
    expect(call(12, 'wim')).toEqual([
      [1, 'wim'],
      [2, 'ines'],
    ]);
    expect(call(12, 'ines')).toEqual([[1, 'ines']]);
    expect(call(12, undefined, ['ines', 'ada'])).toEqual([[1, 'ines']]);
    expect(call(99, undefined, [])).toEqual([]);
  });
});

it('tells how the vessel stands by what was done last', () => {
  const flow = (mLPerMin: number): AcclimationRun['events'][number] => ({
    entry: `f${mLPerMin}`,
    atMs: T0,
    by: 'Bram',
    what: 'worked',
    did: { do: 'flow', mLPerMin, low: 0, high: 0, from: 'taps' },
  });
  const air = (level: 'none' | 'gentle'): AcclimationRun['events'][number] => ({
    entry: level,
    atMs: T0,
    by: 'Bram',
    what: 'worked',
    did: { do: 'air', level },
  });
  expect(standingOf(known())).toEqual({ air: 'none', boundUntilMs: undefined, flow: undefined });
  expect(standingOf(known({ events: [air('gentle'), flow(2), flow(5)] }))).toMatchObject({ air: 'gentle', flow: { mLPerMin: 5 } });
  expect(standingOf(known({ events: [air('gentle'), air('none')] })).air).toBe('none');
});
