// Forty bags of every kind: what docs/advice.md tells, and what the tests read line by line.
import type { ToleranceClass } from '../species/index.ts';
import type { KnownBag, KnownTank } from './facts.ts';
import type { Controls } from './input.ts';

export type AdviceCase = {
  name: string;
  bag: KnownBag;
  tank: KnownTank;
  hours: number;
  controls?: Partial<Controls>;
  state?: 'tub' | number;
};

const measured = (value: number) => ({ value, method: 'meter' as const, source: 'measured' as const });
const fish = (tolerance: ToleranceClass, min: number, max: number, temperatureC = { min: 22, max: 28 }) => ({
  is: 'fish',
  tolerance,
  salinityPpt: { min, max },
  temperatureC,
});
const SOFT = fish('ordinary', 0, 0.5);
const SEA = fish('ordinary', 30, 36);
const BRACKISH = fish('hardy', 2, 20);
const EURY = fish('hardy', 0, 35);

const fernTank: KnownTank = { type: 'fresh', temperatureC: 25, salinityPpt: 0.3, volumeL: 45, readings: {} };
const softTank: KnownTank = {
  ...fernTank,
  temperatureC: 26,
  volumeL: 600,
  salinityPpt: 0.1,
  readings: { hardness: measured(4), alkalinity: measured(0.7) },
};
const hardTank: KnownTank = { ...fernTank, volumeL: 560, readings: { hardness: measured(16), alkalinity: measured(4) } };
const gullTank: KnownTank = { type: 'marine', temperatureC: 25.4, salinityPpt: 34, volumeL: 240, readings: { salinity: measured(34) } };
const lowTank: KnownTank = { ...gullTank, salinityPpt: 31, readings: { salinity: measured(31) } };
const deltaTank: KnownTank = { type: 'brackish', temperatureC: 26, salinityPpt: 8, volumeL: 120, readings: { salinity: measured(8) } };
const d5: KnownTank = { ...deltaTank, salinityPpt: 30, volumeL: 160, readings: { salinity: measured(30) } };

type Told = { ppt?: number; is?: 'stated' | 'measured'; c?: number };
function bag(kind: KnownBag['kind'], packed: { n: number; cm: number; litres: number } & Told & Partial<KnownBag>): KnownBag {
  const { n, cm, litres, ppt, is = 'measured', c = 23, ...more } = packed;
  return {
    n,
    lotBags: 1,
    sizeCm: cm,
    packedAtMs: 0,
    waterL: litres,
    soft: false,
    foul: false,
    transit: 'overnight',
    stated: ppt !== undefined && is === 'stated' ? { salinityPpt: ppt } : {},
    readings: { temperature: measured(c), ...(ppt !== undefined && is === 'measured' ? { salinity: measured(ppt) } : {}) },
    kind,
    ...more,
  };
}

export const ADVICE_CASES: readonly AdviceCase[] = [
  // Fresh.
  {
    name: 'rasboras, van, 40 minutes',
    bag: bag(SOFT, { n: 12, cm: 3, litres: 1, ppt: 0.1, transit: 'local' }),
    tank: softTank,
    hours: 0.7,
  },
  { name: 'rasboras, van, 5 h', bag: bag(SOFT, { n: 12, cm: 3, litres: 1, ppt: 0.1 }), tank: softTank, hours: 5 },
  { name: 'rasboras, overnight', bag: bag(SOFT, { n: 20, cm: 2.5, litres: 0.8, ppt: 0.2 }), tank: fernTank, hours: 20 },
  { name: 'rasboras, 41 h, crowded', bag: bag(SOFT, { n: 40, cm: 2.8, litres: 0.8, ppt: 0.2 }), tank: fernTank, hours: 41 },
  { name: 'rasboras, 41 h, foul', bag: bag(SOFT, { n: 40, cm: 2.8, litres: 0.8, ppt: 0.2, foul: true }), tank: fernTank, hours: 41 },
  {
    name: 'loaches, delicate, soft water into hard',
    bag: bag(fish('delicate', 0, 0.5), {
      n: 6,
      cm: 5,
      litres: 1,
      ppt: 0.1,
      readings: { temperature: measured(24), salinity: measured(0.1), hardness: measured(2), alkalinity: measured(0.4) },
    }),
    tank: hardTank,
    hours: 20,
  },
  {
    name: 'gouramis, hard water into soft',
    bag: bag(SOFT, {
      n: 4,
      cm: 6,
      litres: 2,
      readings: { temperature: measured(24), salinity: measured(0.3), hardness: measured(18), alkalinity: measured(4.5) },
    }),
    tank: softTank,
    hours: 18,
  },
  { name: 'gouramis, nothing stated', bag: bag(SOFT, { n: 4, cm: 6, litres: 2 }), tank: fernTank, hours: 18 },
  { name: 'rainbowfish, chilled to 17 °C', bag: bag(SOFT, { n: 4, cm: 5, litres: 2, ppt: 0.2, c: 17 }), tank: fernTank, hours: 26 },
  { name: 'rainbowfish, soft bag', bag: bag(SOFT, { n: 4, cm: 5, litres: 1, ppt: 0.2, soft: true }), tank: fernTank, hours: 20 },
  { name: 'barbs in an open tub', bag: bag(SOFT, { n: 10, cm: 4, litres: 8, ppt: 0.2 }), tank: fernTank, hours: 3, state: 'tub' },
  { name: 'barbs, bag opened an hour ago', bag: bag(SOFT, { n: 6, cm: 4, litres: 1, ppt: 0.2 }), tank: fernTank, hours: 20, state: 1 },
  {
    name: 'cherry shrimp, overnight',
    bag: bag({ ...SOFT, is: 'shrimp', tolerance: 'delicate' }, { n: 20, cm: 2, litres: 0.5, ppt: 0.2 }),
    tank: fernTank,
    hours: 20,
  },
  {
    name: 'rasboras, 0.5 h, pH measured 7.2',
    bag: bag(SOFT, { n: 12, cm: 3, litres: 1, readings: { temperature: measured(24), salinity: measured(0.1), pH: measured(7.2) } }),
    tank: softTank,
    hours: 0.5,
  },
  // Brackish.
  {
    name: 'knight gobies, stated 6 ppt into 8',
    bag: bag(BRACKISH, { n: 3, cm: 6, litres: 1.5, ppt: 6, is: 'stated' }),
    tank: deltaTank,
    hours: 20,
  },
  { name: 'knight gobies, measured 8 into 8', bag: bag(BRACKISH, { n: 3, cm: 6, litres: 1.5, ppt: 8 }), tank: deltaTank, hours: 20 },
  { name: 'knight gobies, nothing stated, into 8', bag: bag(BRACKISH, { n: 3, cm: 6, litres: 1.5 }), tank: deltaTank, hours: 20 },
  {
    name: 'bumblebee gobies from fresh water into 8',
    bag: bag(fish('ordinary', 0, 15), { n: 8, cm: 2.5, litres: 0.6, ppt: 0.3 }),
    tank: deltaTank,
    hours: 6,
  },
  // Euryhaline.
  { name: 'monos, nothing stated, into 31', bag: bag(EURY, { n: 6, cm: 4.5, litres: 1.2 }), tank: lowTank, hours: 20 },
  {
    name: 'monos, fresh water measured, into 30',
    bag: bag(EURY, { n: 6, cm: 4.5, litres: 1.2, ppt: 0.3 }),
    tank: d5,
    hours: 6,
    controls: { bucketL: 12 },
  },
  {
    name: 'monos, 8 measured, into 30',
    bag: bag(EURY, { n: 6, cm: 4.5, litres: 1.2, ppt: 8 }),
    tank: d5,
    hours: 3,
    controls: { bucketL: 12 },
  },
  {
    name: 'monos, 8 stated, into 30, 20 h closed',
    bag: bag(EURY, { n: 6, cm: 4.5, litres: 1.2, ppt: 8, is: 'stated' }),
    tank: d5,
    hours: 20,
    controls: { bucketL: 12 },
  },
  {
    name: 'monos, 30 measured, into 8',
    bag: bag(EURY, { n: 6, cm: 4.5, litres: 1.2, ppt: 30 }),
    tank: deltaTank,
    hours: 6,
    controls: { bucketL: 12 },
  },
  {
    name: 'archerfish, 8 into fresh water',
    bag: bag(EURY, { n: 2, cm: 6, litres: 2, ppt: 8 }),
    tank: fernTank,
    hours: 6,
    controls: { bucketL: 12 },
  },
  {
    name: 'monos, delicate by the house, 8 into 30',
    bag: bag({ ...EURY, tolerance: 'delicate' }, { n: 6, cm: 4.5, litres: 1.2, ppt: 8 }),
    tank: d5,
    hours: 3,
    controls: { bucketL: 12 },
  },
  // Marine.
  { name: 'chromis, 33 measured, into 34', bag: bag(SEA, { n: 6, cm: 4, litres: 1, ppt: 33 }), tank: gullTank, hours: 34 },
  { name: 'chromis, 28 stated, into 31', bag: bag(SEA, { n: 6, cm: 4, litres: 0.5, ppt: 28, is: 'stated' }), tank: lowTank, hours: 34 },
  { name: 'chromis, 28 measured, into 34', bag: bag(SEA, { n: 6, cm: 4, litres: 0.5, ppt: 28 }), tank: gullTank, hours: 34 },
  { name: 'chromis, nothing stated, into 34', bag: bag(SEA, { n: 6, cm: 4, litres: 0.5 }), tank: gullTank, hours: 34 },
  { name: 'chromis, 36 measured, into 31', bag: bag(SEA, { n: 6, cm: 4, litres: 0.5, ppt: 36 }), tank: lowTank, hours: 34 },
  {
    name: 'dragonet, delicate, 30 into 34, 24 h',
    bag: bag(fish('delicate', 32, 36), { n: 1, cm: 6, litres: 1, ppt: 30 }),
    tank: gullTank,
    hours: 24,
  },
  {
    name: 'dragonet, delicate, 33.5 into 34, 2 h',
    bag: bag(fish('delicate', 32, 36), { n: 1, cm: 6, litres: 1, ppt: 33.5, c: 25 }),
    tank: gullTank,
    hours: 2,
  },
  { name: 'grammas, hardy, 30 into 34', bag: bag(fish('hardy', 30, 36), { n: 2, cm: 5, litres: 0.7, ppt: 30 }), tank: gullTank, hours: 30 },
  {
    name: 'cleaner shrimp, 28 into 34, 20 h',
    bag: bag({ ...SEA, is: 'shrimp', tolerance: 'delicate' }, { n: 2, cm: 5, litres: 0.7, ppt: 28 }),
    tank: gullTank,
    hours: 20,
  },
  {
    name: 'cleaner shrimp, 34 into 31, 4 h',
    bag: bag({ ...SEA, is: 'shrimp', tolerance: 'delicate' }, { n: 2, cm: 5, litres: 0.7, ppt: 34, c: 25 }),
    tank: lowTank,
    hours: 4,
  },
  { name: 'turbo snails, nothing stated', bag: bag({ ...SEA, is: 'snail' }, { n: 10, cm: 2, litres: 0.3 }), tank: gullTank, hours: 30 },
  { name: 'comet, 48 h, small bag', bag: bag(SEA, { n: 1, cm: 12, litres: 1.5, ppt: 30 }), tank: lowTank, hours: 48 },
  {
    name: 'chromis, local reef farm, 0.7 h, 34 into 34',
    bag: bag(SEA, { n: 6, cm: 4, litres: 2, ppt: 34, c: 25, transit: 'local' }),
    tank: gullTank,
    hours: 0.7,
  },
  {
    name: 'banggai, eight bags, 28.5 into 31',
    bag: bag(SEA, { n: 2, cm: 4, litres: 0.3, ppt: 28.5, lotBags: 8 }),
    tank: lowTank,
    hours: 19,
  },
  {
    name: 'a species that nobody could name, nothing stated, into 34',
    bag: bag(undefined, { n: 3, cm: 5, litres: 1 }),
    tank: gullTank,
    hours: 24,
  },
];
