// Part of the shelf: species of the demo house with what they need. Ranges are keeping ranges; lengths are adult.
import type { SpeciesAdded } from '#core/species/index.ts';

type Row = Omit<SpeciesAdded, 'alsoCalled' | 'eats' | 'jumps' | 'keptAlone' | 'neverWith' | 'sources' | 'is' | 'salinityPpt'> & Partial<SpeciesAdded>;

const FRESH = { min: 0, max: 1 };
const MARINE = { min: 30, max: 36 };
const FISHBASE = ['Froese R., Pauly D. (eds.), FishBase'];
const SEALIFEBASE = ['Palomares M.L.D., Pauly D. (eds.), SeaLifeBase'];
const NOTHING = { prey: [], gape: 0 };
const SHRIMP_PICKER = { prey: ['shrimp' as const], gape: 0.35 };

const rows: Row[] = [
  { species: 'harlequin-rasbora', scientific: 'Trigonostigma heteromorpha', common: 'harlequin rasbora', alsoCalled: ['harlequin'], water: ['fresh'], temperatureC: { min: 22, max: 28 }, adultCm: 5 },
  { species: 'marbled-hatchetfish', scientific: 'Carnegiella strigata', common: 'marbled hatchetfish', alsoCalled: ['marble hatchet'], water: ['fresh'], temperatureC: { min: 24, max: 28 }, adultCm: 3.5, jumps: true },
  { species: 'honey-gourami', scientific: 'Trichogaster chuna', common: 'honey gourami', water: ['fresh'], temperatureC: { min: 22, max: 28 }, adultCm: 5.5, eats: SHRIMP_PICKER },
  { species: 'kuhli-loach', scientific: 'Pangio kuhlii', common: 'kuhli loach', alsoCalled: ['coolie'], water: ['fresh'], temperatureC: { min: 24, max: 30 }, adultCm: 10 },
  { species: 'boesemans-rainbowfish', scientific: 'Melanotaenia boesemani', common: "boeseman's rainbowfish", alsoCalled: ['boesemani'], water: ['fresh'], temperatureC: { min: 24, max: 30 }, adultCm: 10, eats: { prey: ['shrimp'], gape: 0.4 } },
  { species: 'pearl-gourami', scientific: 'Trichopodus leerii', common: 'pearl gourami', water: ['fresh'], temperatureC: { min: 24, max: 28 }, adultCm: 12, eats: { prey: ['shrimp'], gape: 0.4 } },
  { species: 'cherry-barb', scientific: 'Puntius titteya', common: 'cherry barb', water: ['fresh'], temperatureC: { min: 23, max: 27 }, adultCm: 5 },
  { species: 'cherry-shrimp', scientific: 'Neocaridina davidi', common: 'cherry shrimp', alsoCalled: ['red cherry'], water: ['fresh'], temperatureC: { min: 18, max: 28 }, adultCm: 3, is: 'shrimp', neverWith: ['honey-gourami', 'pearl-gourami', 'boesemans-rainbowfish'], sources: SEALIFEBASE },
  { species: 'hillstream-loach', scientific: 'Sewellia lineolata', common: 'hillstream loach', water: ['fresh'], temperatureC: { min: 20, max: 24 }, adultCm: 6 },
  { species: 'knight-goby', scientific: 'Stigmatogobius sadanundio', common: 'knight goby', water: ['brackish'], salinityPpt: { min: 1, max: 12 }, temperatureC: { min: 20, max: 27 }, adultCm: 9, eats: { prey: ['fish', 'shrimp'], gape: 0.5 } },
  { species: 'bumblebee-goby', scientific: 'Brachygobius doriae', common: 'bumblebee goby', water: ['brackish'], salinityPpt: { min: 1, max: 10 }, temperatureC: { min: 22, max: 29 }, adultCm: 4 },
  { species: 'banded-archerfish', scientific: 'Toxotes jaculatrix', common: 'banded archerfish', alsoCalled: ['archer'], water: ['brackish', 'marine'], salinityPpt: { min: 2, max: 35 }, temperatureC: { min: 24, max: 30 }, adultCm: 30, jumps: true, eats: { prey: ['fish', 'shrimp'], gape: 0.35 } },
  { species: 'figure-8-puffer', scientific: 'Dichotomyctere ocellatus', common: 'figure-8 puffer', water: ['brackish'], salinityPpt: { min: 2, max: 10 }, temperatureC: { min: 24, max: 28 }, adultCm: 8, keptAlone: true, eats: { prey: ['shrimp', 'snail'], gape: 0.6 } },
  { species: 'banggai-cardinalfish', scientific: 'Pterapogon kauderni', common: 'banggai cardinalfish', alsoCalled: ['banggai'], water: ['marine'], temperatureC: { min: 24, max: 28 }, adultCm: 8 },
  { species: 'firefish', scientific: 'Nemateleotris magnifica', common: 'firefish', alsoCalled: ['fire goby'], water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 9, jumps: true },
  { species: 'yellow-watchman-goby', scientific: 'Cryptocentrus cinctus', common: 'yellow watchman goby', alsoCalled: ['watchman'], water: ['marine'], temperatureC: { min: 23, max: 28 }, adultCm: 10 },
  { species: 'tailspot-blenny', scientific: 'Ecsenius stigmatura', common: 'tailspot blenny', water: ['marine'], temperatureC: { min: 23, max: 28 }, adultCm: 6, jumps: true },
  { species: 'lawnmower-blenny', scientific: 'Salarias fasciatus', common: 'lawnmower blenny', water: ['marine'], temperatureC: { min: 23, max: 28 }, adultCm: 14, jumps: true },
  { species: 'royal-gramma', scientific: 'Gramma loreto', common: 'royal gramma', water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 8, neverWith: ['orchid-dottyback'] },
  { species: 'orchid-dottyback', scientific: 'Pseudochromis fridmani', common: 'orchid dottyback', water: ['marine'], temperatureC: { min: 23, max: 28 }, adultCm: 6, neverWith: ['royal-gramma'], eats: { prey: ['shrimp'], gape: 0.3 } },
  { species: 'green-chromis', scientific: 'Chromis viridis', common: 'green chromis', alsoCalled: ['blue-green chromis'], water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 10 },
  { species: 'comet', scientific: 'Calloplesiops altivelis', common: 'comet', alsoCalled: ['marine betta'], water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 20, eats: { prey: ['fish', 'shrimp'], gape: 0.4 } },
  { species: 'six-line-wrasse', scientific: 'Pseudocheilinus hexataenia', common: 'six-line wrasse', alsoCalled: ['six line'], water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 10, jumps: true },
  { species: 'cleaner-shrimp', scientific: 'Lysmata amboinensis', common: 'cleaner shrimp', water: ['marine'], temperatureC: { min: 22, max: 28 }, adultCm: 6, is: 'shrimp', sources: SEALIFEBASE },
  { species: 'turbo-snail', scientific: 'Turbo fluctuosus', common: 'turbo snail', water: ['marine'], temperatureC: { min: 20, max: 27 }, adultCm: 5, is: 'snail', sources: SEALIFEBASE },
  { species: 'lined-seahorse', scientific: 'Hippocampus erectus', common: 'lined seahorse', water: ['marine'], temperatureC: { min: 19, max: 25 }, adultCm: 15, eats: { prey: ['shrimp'], gape: 0.05 } },
];

export const SPECIES: readonly SpeciesAdded[] = rows.map((row) => ({
  alsoCalled: [], eats: NOTHING, jumps: false, keptAlone: false, neverWith: [], is: 'fish', sources: FISHBASE,
  salinityPpt: row.water.includes('marine') ? MARINE : FRESH, ...row,
}));
