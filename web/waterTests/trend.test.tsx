/** @jest-environment jsdom */
// The drawing of a trend: every point, mark and limit lies on the picture.
import type { WaterTrendView } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { drawTrend } from './drawTrend.ts';

const NOW = Date.UTC(2026, 2, 3, 8);

it('draws five years of daily readings by two tests, with marks and limits, within what a screen can hold', () => {
  const points = Array.from({ length: 1500 }, (_, turn) => ({
    atMs: NOW - (1500 - turn) * DAY_MS,
    value: Math.sin(turn) + 1,
    with: turn % 2,
  }));
  const view: WaterTrendView = {
    seq: 1,
    quantity: 'ammonia',
    quantities: ['ammonia'],
    fromMs: NOW - 1827 * DAY_MS,
    toMs: NOW,
    instruments: ['drops', 'photometer'],
    points,
    readings: 1827,
    thinned: true,
    marks: [
      { atMs: NOW - DAY_MS, is: 'change', n: 20 },
      { atMs: NOW, is: 'loss', n: 1 },
    ],
    marksMore: 0,
    treatments: [{ family: 'copper', fromMs: NOW - 9 * DAY_MS }],
    limits: { to: 0.5 },
  };
  const { datasets } = drawTrend({ view, unit: 'mg/L N', toShown: METRIC_UNITS.bare }, () => '#000');
  expect(datasets.map(({ data }) => data.length)).toEqual([750, 750, 1, 1]);
  expect(datasets.flatMap(({ data }) => data).every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y) && x <= 0)).toBe(true);
});
