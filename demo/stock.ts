// What stood in the tanks when the demo's notebook was opened, and the crates of the opening day.
import type { BagOpening, Condition } from '#core/dock/index.ts';
import type { Origin } from '#core/lots/index.ts';

/** [tank, species, heads, size cm]: what lived here, its quarantine over, when the records began. */
export const OPENING: readonly (readonly [string, string, number, number])[] = [
  ['A1', 'harlequin-rasbora', 24, 3],
  ['A2', 'marbled-hatchetfish', 12, 3],
  ['A3', 'honey-gourami', 6, 4],
  ['A4', 'kuhli-loach', 15, 6],
  ['A5', 'cherry-barb', 18, 3.5],
  ['A6', 'harlequin-rasbora', 20, 3],
  ['A7', 'marbled-hatchetfish', 10, 3],
  ['A9', 'honey-gourami', 5, 4],
  ['A10', 'kuhli-loach', 12, 7],
  ['B1', 'boesemans-rainbowfish', 8, 5.5],
  ['B2', 'pearl-gourami', 5, 8],
  ['B3', 'cherry-shrimp', 40, 2],
  ['B4', 'cherry-barb', 22, 3],
  ['B5', 'cherry-shrimp', 60, 2],
  ['B7', 'pearl-gourami', 3, 9],
  ['C1', 'banggai-cardinalfish', 6, 5],
  ['C2', 'royal-gramma', 2, 5],
  ['C3', 'green-chromis', 12, 4],
  ['C4', 'firefish', 3, 6],
  ['C5', 'cleaner-shrimp', 5, 5],
  ['C6', 'yellow-watchman-goby', 4, 6],
  ['C7', 'turbo-snail', 20, 3],
  ['C8', 'orchid-dottyback', 1, 5],
  ['D1', 'knight-goby', 5, 6],
  ['D2', 'banded-archerfish', 4, 9],
  ['D3', 'figure-8-puffer', 1, 5],
  ['D4', 'bumblebee-goby', 8, 2.5],
  ['K1', 'hillstream-loach', 6, 4],
  ['K2', 'lined-seahorse', 4, 9],
  ['V1', 'banggai-cardinalfish', 4, 6],
  ['V1', 'green-chromis', 10, 5],
];

export type StoryBag = {
  species: string;
  n: number;
  box: number;
  sizeCm: number;
  /** Where its fish are released; none = still on the dock when the story ends. */
  tank?: string;
  landed?: {
    alive: number;
    dead?: number;
    condition?: Condition;
    bagCondition?: BagOpening;
    instead?: { species: string; heardAs: string; sizeCm: number };
    note?: string;
  };
};
export type StoryCrate = {
  key: string;
  label: string;
  supplier: string;
  origin: Origin;
  stated: { temperatureC?: number; salinityPpt?: number };
  /** Fish in its bags' water: 8–20 g/L overnight, 5–10 by van. */
  gPerL: number;
  bags: StoryBag[];
  /** Of one, by species, in euros. */
  prices?: Readonly<Record<string, number>>;
  /** Deaths in the days after release: chance a fish in each of the first three days. */
  lossRisk?: number;
  /** The story needs these fish: none of them dies on the way to its last day. */
  kept?: boolean;
};

/** So many bags alike. */
export const same = (times: number, bag: StoryBag): StoryBag[] => Array.from({ length: times }, () => ({ ...bag }));

/** The crate that is open when the story stops: ten of nineteen bags landed. */
export const OPEN_CRATE: StoryCrate = {
  key: 'pelican-0',
  label: 'Pelican Yard, marine',
  supplier: 'pelican-yard',
  origin: 'wild',
  stated: { temperatureC: 24, salinityPpt: 28 },
  prices: {
    'banggai-cardinalfish': 9.5,
    comet: 42,
    'yellow-watchman-goby': 11,
    firefish: 8.5,
    'royal-gramma': 14,
    'orchid-dottyback': 19,
    'green-chromis': 3.2,
    'cleaner-shrimp': 12,
  },
  gPerL: 14,
  bags: [
    { species: 'banggai-cardinalfish', n: 4, box: 1, sizeCm: 4, tank: 'G1' },
    {
      species: 'banggai-cardinalfish',
      n: 4,
      box: 1,
      sizeCm: 4,
      tank: 'G1',
      landed: { alive: 4, condition: 'tired', bagCondition: 'soft', note: 'pinhole at the seam' },
    },
    { species: 'banggai-cardinalfish', n: 4, box: 1, sizeCm: 4, landed: { alive: 3 } },
    { species: 'comet', n: 1, box: 1, sizeCm: 9, landed: { alive: 0, dead: 1 } },
    {
      species: 'yellow-watchman-goby',
      n: 2,
      box: 1,
      sizeCm: 5,
      landed: { alive: 2, instead: { species: 'six-line-wrasse', heardAs: 'six lines', sizeCm: 4 } },
    },
    { species: 'firefish', n: 2, box: 1, sizeCm: 6, tank: 'G2' },
    {
      species: 'firefish',
      n: 2,
      box: 1,
      sizeCm: 6,
      tank: 'G2',
      landed: { alive: 2, condition: 'poor', bagCondition: 'foul', note: 'cloudy, smells' },
    },
    { species: 'royal-gramma', n: 1, box: 1, sizeCm: 5 },
    { species: 'orchid-dottyback', n: 1, box: 1, sizeCm: 5 },
    { species: 'tailspot-blenny', n: 2, box: 1, sizeCm: 4 },
    ...same(4, { species: 'green-chromis', n: 6, box: 2, sizeCm: 4 }),
    { species: 'firefish', n: 2, box: 2, sizeCm: 6 },
    { species: 'royal-gramma', n: 1, box: 2, sizeCm: 5 },
    ...same(2, { species: 'cleaner-shrimp', n: 3, box: 2, sizeCm: 4 }),
    { species: 'turbo-snail', n: 10, box: 2, sizeCm: 3 },
  ],
};
export const OPEN_LANDED = 10;

/** On the road: due at 11:00. */
export const EXPECTED_CRATE: StoryCrate = {
  key: 'fern-0',
  label: 'Fernhollow, van',
  supplier: 'fernhollow',
  origin: 'bred',
  stated: { temperatureC: 24.5, salinityPpt: 0.3 },
  gPerL: 7,
  bags: [
    ...same(3, { species: 'boesemans-rainbowfish', n: 6, box: 1, sizeCm: 4.5 }),
    ...same(4, { species: 'kuhli-loach', n: 5, box: 1, sizeCm: 5 }),
    ...same(6, { species: 'honey-gourami', n: 4, box: 2, sizeCm: 3.5 }),
    ...same(8, { species: 'harlequin-rasbora', n: 8, box: 2, sizeCm: 2.5 }),
    ...same(10, { species: 'cherry-shrimp', n: 10, box: 3, sizeCm: 1.8 }),
  ],
};
