import { v7 } from 'uuid';
import { examples } from '#contract/kinds.ts';
import type { BenchBag, BenchView } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { laidOver } from '../data/testOverlay.ts';
import { capital, countdown } from '../words/text.ts';
import { overlayBench } from './overlay.ts';

const bag: BenchBag = {
  bag: 'bag-1',
  label: 'bag 1',
  box: 1,
  listed: 2,
  waterL: 1.4,
  lot: 'lot-1',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
  crate: 'c',
  crateLabel: 'C',
  stated: {},
  alive: 2,
  holdKnown: false,
  tank: { id: 'G1', code: 'G1' },
  packedAtMs: 0,
  transit: 'overnight',
  lotBags: 1,
  readings: {},
};
const view: BenchView = { seq: 1, bags: [bag], floats: [], runs: [], people: [] };
const act = (kind: 'float.started' | 'fish.released'): Act => ({
  actId: v7(),
  entries: [{ id: v7(), kind, version: 1, occurredAtMs: 1_000_000, payload: examples[kind] } as Entry],
});

it('a float runs, and is over, before the server has answered', () => {
  const afloat = laidOver(overlayBench, view, [act('float.started')]);
  expect(afloat.floats).toEqual([
    expect.objectContaining({ bag: 'bag-1', tankCode: 'G1', by: 'Bram', dueAtMs: 1_000_000 + Math.round(30.9 * MINUTE_MS) }),
  ]);
  expect(laidOver(overlayBench, afloat, [act('float.started')]).floats).toHaveLength(1);
  expect(laidOver(overlayBench, view, [act('float.started'), act('fish.released')])).toEqual({
    seq: 1,
    bags: [],
    floats: [],
    runs: [],
    people: [],
  });
  expect(laidOver(overlayBench, { ...view, bags: [] }, [act('float.started')]).floats).toEqual([]);
});

it.each([
  [0, '00:00'],
  [1, '00:01'],
  [250_000, '04:10'],
  [3_599_000, '59:59'],
  [HOUR_MS, '1:00 h'],
  [-5, '00:00'],
])('%d ms is %s', (ms, said) => expect(countdown(ms)).toBe(said));
it('writes the first letter large', () => expect(capital('bag 1')).toBe('Bag 1'));
