/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import type { TankView } from '#contract/views.ts';
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { draw, NOW } from '../testScreen.tsx';
import { ToxicAmmonia } from './ToxicAmmonia.tsx';

type Reading = TankView['readings'][number];
const reading = (quantity: Reading['quantity'], value: number, more: Partial<Reading> = {}): Reading => ({
  quantity,
  value,
  method: 'meter',
  source: 'measured',
  atMs: NOW - HOUR_MS,
  by: 'Wim Sato',
  ...more,
});
const show = (...readings: Reading[]) =>
  draw(
    <table>
      <tbody>
        <ToxicAmmonia readings={readings} salinityPpt={0} />
      </tbody>
    </table>,
  );
const says = () => screen.queryByRole('row')?.textContent;

it('read together it is calculated; 1 mg/L at pH 8 and 25 °C is 0.054, by Emerson’s table', () => {
  show(reading('ammonia', 1), reading('pH', 8), reading('temperature', 25));
  expect(says()).toContain('0.054 mg/L N');
  expect(says()).toContain('not to stay in');
});

it.each<[string, Partial<Reading>]>([
  ['of another hour of the day', { atMs: NOW - 4 * HOUR_MS }],
  ['that somebody stated', { source: 'stated' }],
  ['that is an estimate', { source: 'estimated' }],
])('a pH %s makes nothing of it known', (_what, more) => {
  show(reading('ammonia', 1), reading('pH', 6, more), reading('temperature', 25));
  expect(says()).toBe('toxic partnot knownread pH together with the ammonia');
});

it('yesterday’s calm is not today’s', () => {
  const atMs = NOW - DAY_MS - HOUR_MS;
  show(reading('ammonia', 0.1, { atMs }), reading('pH', 6.5, { atMs }), reading('temperature', 25, { atMs }));
  expect(says()).toContain('what it is today is not known');
  expect(says()).not.toContain('calm');
});

it('without ammonia there is nothing to say', () => {
  show(reading('pH', 8));
  expect(says()).toBeUndefined();
});
