/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { screen } from '@testing-library/react';
import type { BenchView } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { outbox } from '../data/house.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { answer, NOW } from '../testScreen.tsx';
import { Board } from './Board.tsx';
import { withRun } from './overlay.ts';
import { runData, runRows } from './picture/exportRun.ts';
import { happenedTo } from './steps/happened.ts';
import { answers, bag, card, followed, show } from './testRun.tsx';

beforeEach(async () => {
  answer(answers);
  await outbox.signIn('p');
});

it('vessels side by side: what is due first stands first', () => {
  const due = (run: string, inMs: number) =>
    card({
      run,
      started: { ...card().started, vessel: { name: run, capacityL: 10, overflow: 'waste tub' } },
      dues: [{ rule: 'run-step', step: 'line-5', dueAtMs: NOW + inMs, byMs: NOW + inMs }],
    });
  show(<Board runs={[due('slow tub', MINUTE_MS), due('late tub', -1000), due('next tub', 30_000)]} />);
  expect(screen.getAllByRole('link').map(({ textContent }) => /^(\w+)/.exec(textContent ?? '')![1])).toEqual(['Late', 'Next', 'Slow']);
  expect(screen.getByText('due')).toBeTruthy();
});

it('this screen’s own acts count before the house has answered', () => {
  const view: BenchView = { seq: 1, bags: [bag(1, { bag: 'bag-1' })], floats: [], runs: [], people: [{ id: 'wim', name: 'Wim' }] };
  const entry = (kind: Entry['kind'], payload: object): Entry =>
    ({ id: kind, kind, version: 1, occurredAtMs: NOW, payload }) as unknown as Entry;
  const begun = withRun(view, entry('acclimation.started', { ...card().started, from: [{ place: 'bag-1', n: 4 }] }), 'Bram');
  expect([begun.bags, begun.runs.map(({ n, by }) => [n, by])]).toEqual([[], [[4, 'Bram']]]);
  const worked = withRun(begun, entry('acclimation.actionTaken', { run: 'run-1', line: 0, did: { do: 'open' } }), 'Bram');
  expect(worked.runs[0]!.dues[0]).toMatchObject({ rule: 'run-step', step: 'line-1' });
  const handed = withRun(worked, entry('acclimation.handedOver', { run: 'run-1', to: 'wim' }), 'Bram');
  expect(handed.runs[0]!.watcher).toEqual({ id: 'wim', name: 'Wim' });
  const read = withRun(
    handed,
    entry('reading.taken', {
      subject: { kind: 'run', id: 'run-1' },
      quantity: 'pH',
      reading: { value: 7, typed: '7', method: 'meter', source: 'measured' },
      instrument: 'm',
    }),
    'Bram',
  );
  expect(read.runs[0]!.readings).toHaveLength(1);
  const died = withRun(read, entry('loss.recorded', { lot: 'lot-1', place: 'run-1', n: 1 }), 'Bram');
  expect(died.runs[0]!.n).toBe(3);
  const weakest = withRun(
    died,
    entry('acclimation.released', { run: 'run-1', into: [{ tank: 'D5', n: 1 }], dead: 1, remaining: 1 }),
    'Bram',
  );
  expect(weakest.runs[0]).toMatchObject({ n: 1, holdKnown: true });
  expect(weakest.runs[0]!.fewer.map(({ n, how }) => `${n} ${how}`)).toEqual(['1 dead', '1 dead', '1 released']);
  expect(
    happenedTo(weakest.runs[0]!, METRIC_UNITS)
      .slice(-2)
      .map(({ says }) => says),
  ).toEqual(['1 dead, taken out', '1 released, the others stay']);
  expect(withRun(weakest, entry('acclimation.released', { run: 'run-1', into: [{ tank: 'D5', n: 1 }], dead: 0 }), 'Bram').runs).toEqual([]);
});

it('goes out as a table with units in every heading, and as data', () => {
  const run = card({
    readings: [{ entry: 'r', atMs: NOW, by: 'Bram', quantity: 'salinity', value: 11, typed: '11 ppt', method: 'meter' }],
  });
  const picture = followed(run);
  const rows = runRows(run, picture);
  expect(rows.map(([minute]) => Number(minute))).toEqual(rows.map(([minute]) => Number(minute)).toSorted((a, b) => a - b));
  expect(rows.find(([, , what]) => what === 'read')).toEqual([
    192,
    new Date(NOW).toISOString(),
    'read',
    11,
    '',
    '',
    '',
    '',
    '',
    '',
    '11 ppt',
    'Bram',
  ]);
  expect(rows.filter(([, , what]) => what === 'worked')).toHaveLength(run.events.length);
  expect(runData(run, picture)).toMatchObject({ units: { salinity: 'ppt', ammonia: 'mg/L N' }, readings: [{ value: 11 }], tank: 'D5' });
  expect(happenedTo(run, METRIC_UNITS).at(-1)).toMatchObject({ says: '11 ppt read, meter', by: 'Bram' });
});
