// How each supplier sends in the months before the story's last fortnight: what, how packed, how many die of it.
// Honest differences: Marl & Sedge loses several times what the others do; the rest is luck.
import type { Origin } from '#core/lots/index.ts';

type Span = readonly [number, number];
/** `bag` = heads in a bag; `line` = bags of one species in a crate. */
export type Offer = { species: string; bag: number; line: Span; sizeCm: number };
export type Sender = {
  supplier: string;
  short: string;
  label: string;
  origin: Origin;
  stated: { temperatureC: number; salinityPpt?: number };
  /** Fish in its bags' water. */
  gPerL: number;
  packedHours: Span;
  lateHours: Span;
  /** Days before the opening day on which a crate came. */
  days: readonly number[];
  /** Species in one crate. */
  lines: Span;
  offers: readonly Offer[];
  /** Chance of a fish to be dead in the bag; of a bag to be foul; of a fish to die in each of the three days after. */
  deadInBag: number;
  foul: number;
  lossRisk: number;
};

export const SENDERS: readonly Sender[] = [
  {
    supplier: 'pelican-yard',
    short: 'pelican',
    label: 'Pelican Yard, marine',
    origin: 'wild',
    stated: { temperatureC: 24, salinityPpt: 28 },
    gPerL: 14,
    packedHours: [25, 34],
    lateHours: [0, 4],
    days: [117, 104, 91, 78, 65, 52, 37],
    lines: [3, 5],
    offers: [
      { species: 'green-chromis', bag: 8, line: [2, 4], sizeCm: 4 },
      { species: 'banggai-cardinalfish', bag: 4, line: [2, 3], sizeCm: 4 },
      { species: 'firefish', bag: 2, line: [2, 4], sizeCm: 6 },
      { species: 'yellow-watchman-goby', bag: 2, line: [1, 3], sizeCm: 5 },
      { species: 'tailspot-blenny', bag: 2, line: [1, 2], sizeCm: 4 },
      { species: 'cleaner-shrimp', bag: 3, line: [1, 3], sizeCm: 4 },
      { species: 'turbo-snail', bag: 12, line: [1, 2], sizeCm: 3 },
    ],
    deadInBag: 0.012,
    foul: 0.03,
    lossRisk: 0.014,
  },
  {
    supplier: 'kestrel-quay',
    short: 'kestrel',
    label: 'Kestrel Quay, bred',
    origin: 'bred',
    stated: { temperatureC: 25, salinityPpt: 32 },
    gPerL: 10,
    packedHours: [17, 21],
    lateHours: [0, 1],
    days: [112, 98, 84, 70, 56, 43],
    lines: [2, 3],
    offers: [
      { species: 'banggai-cardinalfish', bag: 2, line: [3, 5], sizeCm: 3.5 },
      { species: 'pajama-cardinalfish', bag: 3, line: [2, 3], sizeCm: 4 },
      { species: 'ocellaris-clownfish', bag: 2, line: [2, 4], sizeCm: 3.5 },
      { species: 'orchid-dottyback', bag: 1, line: [1, 2], sizeCm: 4.5 },
    ],
    deadInBag: 0.004,
    foul: 0,
    lossRisk: 0.006,
  },
  {
    supplier: 'fernhollow',
    short: 'fern',
    label: 'Fernhollow, van',
    origin: 'bred',
    stated: { temperatureC: 24.5, salinityPpt: 0.3 },
    gPerL: 7,
    packedHours: [5, 6],
    lateHours: [0, 0.5],
    days: [115, 103, 92, 80, 68, 57, 45, 34],
    lines: [3, 5],
    offers: [
      { species: 'harlequin-rasbora', bag: 12, line: [1, 3], sizeCm: 2.5 },
      { species: 'honey-gourami', bag: 4, line: [2, 4], sizeCm: 3.5 },
      { species: 'kuhli-loach', bag: 6, line: [2, 3], sizeCm: 5 },
      { species: 'dwarf-neon-rainbowfish', bag: 8, line: [1, 2], sizeCm: 3 },
      { species: 'clown-killifish', bag: 4, line: [1, 2], sizeCm: 2.5 },
      { species: 'cherry-barb', bag: 10, line: [1, 2], sizeCm: 3 },
      { species: 'amano-shrimp', bag: 15, line: [1, 2], sizeCm: 3 },
    ],
    deadInBag: 0.004,
    foul: 0,
    lossRisk: 0.005,
  },
  {
    supplier: 'marl-sedge',
    short: 'marl',
    label: 'Marl & Sedge, mixed fresh',
    origin: 'wild',
    stated: { temperatureC: 24, salinityPpt: 0.3 },
    gPerL: 17,
    packedHours: [36, 46],
    lateHours: [3, 14],
    days: [110, 97, 85, 73, 62, 50, 38],
    lines: [3, 4],
    offers: [
      { species: 'marbled-hatchetfish', bag: 10, line: [2, 3], sizeCm: 2.8 },
      { species: 'kuhli-loach', bag: 6, line: [2, 3], sizeCm: 5.5 },
      { species: 'harlequin-rasbora', bag: 12, line: [1, 3], sizeCm: 2.5 },
      { species: 'clown-killifish', bag: 5, line: [1, 2], sizeCm: 2.5 },
      { species: 'pearl-gourami', bag: 3, line: [2, 3], sizeCm: 6 },
    ],
    deadInBag: 0.045,
    foul: 0.12,
    lossRisk: 0.06,
  },
  {
    supplier: 'dun-cow',
    short: 'dun',
    label: 'Dun Cow, picked up',
    origin: 'bred',
    stated: { temperatureC: 25, salinityPpt: 0.3 },
    gPerL: 5,
    packedHours: [0.8, 1.5],
    lateHours: [0, 0],
    days: [108, 89, 74, 58, 41, 30],
    lines: [2, 3],
    offers: [
      { species: 'cherry-barb', bag: 10, line: [1, 3], sizeCm: 3 },
      { species: 'honey-gourami', bag: 4, line: [1, 2], sizeCm: 3.5 },
      { species: 'dwarf-neon-rainbowfish', bag: 8, line: [1, 2], sizeCm: 3 },
      { species: 'amano-shrimp', bag: 12, line: [1, 2], sizeCm: 2.5 },
    ],
    deadInBag: 0.002,
    foul: 0,
    lossRisk: 0.004,
  },
];
