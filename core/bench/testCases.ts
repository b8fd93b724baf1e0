// Six bags that differ in what decides: what docs/bench.md tells and the tests lean on.
import { STARTING_AMBIENT } from './ambient.ts';
import type { BenchInput } from './compare.ts';
import type { BagInput, LotInput, TankInput } from './input.ts';

const BAG: Omit<BagInput, 'waterL' | 'gasL' | 'temperature' | 'salinity' | 'alkalinity' | 'closedHours'> = {
  gas: 'oxygen',
  opening: { is: 'closed' },
  foul: false,
  soft: false,
  fed: false,
};
const LOT: Omit<LotInput, 'n' | 'lengthCm'> = {
  massA: 0.015,
  massB: 3,
  tolerance: 'ordinary',
  invertebrate: false,
  euryhaline: false,
  bags: 1,
};
const gull: TankInput = { volumeL: 300, temperature: 25.4, salinity: 31, alkalinity: 2.6, ...STARTING_AMBIENT };
const fern: TankInput = { volumeL: 45, temperature: 25, salinity: 0.3, alkalinity: 3, hardness: 10, ...STARTING_AMBIENT };

export const CASES = {
  'fresh, local pick-up': {
    bag: { ...BAG, gas: 'air', waterL: 0.6, gasL: 1.2, temperature: 24, salinity: 0.3, alkalinity: 2.5, hardness: 9, closedHours: 0.7 },
    tank: fern,
    lot: { ...LOT, n: 8, lengthCm: 3 },
  },
  'fresh overnight, soft water': {
    bag: { ...BAG, fed: true, waterL: 0.3, gasL: 0.6, temperature: 22.5, salinity: 0.1, alkalinity: 0.6, hardness: 2, closedHours: 41 },
    tank: fern,
    lot: { ...LOT, n: 10, lengthCm: 2.8 },
  },
  'marine, shipped low': {
    bag: { ...BAG, waterL: 0.3, gasL: 0.6, temperature: 21.8, salinity: 28, alkalinity: 2.3, closedHours: 34 },
    tank: gull,
    lot: { ...LOT, n: 4, lengthCm: 4 },
  },
  'brackish conversion': {
    bag: { ...BAG, waterL: 1.2, gasL: 2.4, temperature: 25, salinity: 8, alkalinity: 2, closedHours: 3 },
    tank: { ...gull, volumeL: 120, temperature: 26, salinity: 30 },
    lot: { ...LOT, n: 6, lengthCm: 4.5, euryhaline: true },
  },
  'sixteen banggai from eight bags': {
    bag: { ...BAG, waterL: 0.3, gasL: 0.6, temperature: 23, salinity: 28.5, alkalinity: 2.4, closedHours: 19 },
    tank: gull,
    lot: { ...LOT, n: 2, lengthCm: 4, bags: 8 },
  },
  'an open tub': {
    bag: {
      ...BAG,
      gas: 'air',
      opening: { is: 'tub' },
      waterL: 6,
      gasL: 0,
      temperature: 22,
      salinity: 27,
      alkalinity: 2.4,
      closedHours: 14,
    },
    tank: gull,
    lot: { ...LOT, n: 12, lengthCm: 5 },
  },
} satisfies Record<string, BenchInput>;
export type CaseName = keyof typeof CASES;
