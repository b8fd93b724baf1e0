// A bag in hand that tests of the bench begin from.
import type { BenchBag } from '#contract/views.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { NOW } from '../testScreen.tsx';

export const benchBag = (more: Partial<BenchBag> = {}): BenchBag => ({
  bag: 'bag-1',
  label: 'bag 1',
  box: 1,
  listed: 4,
  waterL: 1,
  lot: 'lot-1',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
  crate: 'c',
  crateLabel: 'Yard',
  stated: { temperatureC: 24, salinityPpt: 28 },
  alive: 4,
  holdKnown: false,
  tank: { id: 'G1', code: 'G1' },
  landed: { by: 'Bram', atMs: NOW, actId: 'a', alive: 4, dead: 0, condition: 'fit', bagCondition: 'sound', wrong: false },
  system: { id: 'salt', type: 'marine', temperatureC: 25, salinityPpt: 31, purpose: 'quarantine', volumeL: 300, readings: {} },
  packedAtMs: NOW - 30 * HOUR_MS,
  transit: 'overnight',
  lotBags: 1,
  kind: { is: 'fish', tolerance: 'ordinary', water: ['marine'], salinityPpt: { min: 30, max: 36 }, temperatureC: { min: 22, max: 28 } },
  readings: {},
  ...more,
});
