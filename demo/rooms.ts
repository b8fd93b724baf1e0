// The rooms of Saltgrass Lane: racks, systems and the 68 tanks, where they stand, and who works there.
import type { ToolAdded } from '#core/exposure/index.ts';
import type { PersonAdded } from '#core/people/index.ts';
import type { Purpose, RackAdded, TankAdded, SystemAdded } from '#core/room/index.ts';
import type { SupplierAdded } from '#core/dock/index.ts';

export const HOUSE_NAME = 'Saltgrass Lane Fish Room';
export const ZONE = 'Europe/Lisbon';

export const PEOPLE: readonly (PersonAdded & { pin: string })[] = [
  { person: 'ines', name: 'Ines Okafor', title: 'lead', role: 'lead', pin: '4711' },
  { person: 'bram', name: 'Bram Tell', title: 'receiver', role: 'keeper', pin: '2020' },
  { person: 'odalys', name: 'Odalys Reyes', title: 'keeper', role: 'keeper', pin: '3131' },
  { person: 'wim', name: 'Wim Sato', title: 'keeper', role: 'keeper', pin: '5252' },
  { person: 'pia', name: 'Pia Lund', title: 'trainee', role: 'trainee', pin: '1234' },
];

export const SUPPLIERS: readonly SupplierAdded[] = [
  {
    supplier: 'pelican-yard',
    name: 'Pelican Yard Imports',
    transit: 'overnight',
    note: 'marine, ships low',
    usualH: 26,
    delayH: 3,
    origins: ['wild'],
    ships: { temperatureC: 24, salinityPpt: 28, salinitySaid: '1.0211 sg 25/25' },
    claim: { withinH: 12, from: 'arrival', leastDead: 1, evidence: 'a photograph of the closed bag, the hour on it' },
    contact: 'desk of Pelican Yard, claims before 17:00',
  },
  {
    supplier: 'fernhollow',
    name: 'Fernhollow Hatchery',
    transit: 'van',
    note: 'fresh, bred',
    usualH: 5,
    origins: ['bred'],
    ships: { temperatureC: 24, pH: 7.2 },
    claim: { withinH: 24, from: 'opening', leastDead: 2 },
  },
  {
    supplier: 'kestrel-quay',
    name: 'Kestrel Quay Reef Farm',
    transit: 'overnight',
    note: 'marine, bred',
    usualH: 18,
    origins: ['bred'],
    ships: { temperatureC: 25, salinityPpt: 32 },
  },
  {
    supplier: 'marl-sedge',
    name: 'Marl & Sedge Wholesale',
    transit: 'slow courier',
    note: 'a bad record',
    usualH: 50,
    delayH: 12,
    origins: ['wild', 'farmed'],
    claim: { withinH: 2, from: 'arrival', leastDead: 5, evidence: 'photographs, and the carton kept' },
  },
  { supplier: 'dun-cow', name: 'Dun Cow Breeders', transit: 'local', note: 'pick-up, 40 minutes' },
];

/** Own nets, cups and hoses for each group. */
export const TOOLS: readonly ToolAdded[] = [
  { tool: 'alder-net', name: 'Alder net', what: 'net', racks: ['alder'], widthCm: 15, meshMm: 1.5 },
  { tool: 'birch-net', name: 'Birch net', what: 'net', racks: ['birch'], widthCm: 20, meshMm: 2 },
  { tool: 'cove-net', name: 'Cove net', what: 'net', racks: ['cove'], widthCm: 20, meshMm: 2 },
  { tool: 'delta-cup', name: 'Delta jug', what: 'cup', racks: ['delta'] },
  { tool: 'fern-net', name: 'Fern net', what: 'net', racks: ['fern'], widthCm: 15, meshMm: 1.5 },
  { tool: 'gull-near-net', name: 'Gull near net', what: 'net', racks: ['gull'], widthCm: 20, meshMm: 2 },
  { tool: 'gull-far-net', name: 'Gull far net', what: 'net', racks: ['gull'], widthCm: 20, meshMm: 2 },
  { tool: 'q-cup', name: 'Q jug', what: 'cup', racks: ['quarter'] },
  { tool: 'long-hose', name: 'Long hose', what: 'hose', racks: [] },
];

type Bank = {
  rack: RackAdded;
  prefix: string;
  count: number;
  columns: number;
  volumeL: number | number[];
  purpose: Purpose;
  /** One water for all (its name), several (tanks a system), or each alone. */
  system: Omit<SystemAdded, 'system' | 'name' | 'volumeL'> & { shared?: { name: string; volumeL: number; tanks: number }[] };
  lids: 'all' | number[];
  /** Salinity of single tanks that differ. */
  salt?: Record<number, number>;
};

const banks: Bank[] = [
  {
    rack: { rack: 'alder', room: 'Shop', name: 'Alder rack', walk: 10 },
    prefix: 'A',
    count: 12,
    columns: 4,
    volumeL: 45,
    purpose: 'sale',
    system: { type: 'fresh', temperatureC: 26, salinityPpt: 0.2, shared: [{ name: 'Alder water', volumeL: 600, tanks: 12 }] },
    lids: [2, 7],
  },
  {
    rack: { rack: 'birch', room: 'Loft', name: 'Birch rack', walk: 20 },
    prefix: 'B',
    count: 8,
    columns: 4,
    volumeL: 60,
    purpose: 'home',
    system: { type: 'fresh', temperatureC: 25, salinityPpt: 0.4, shared: [{ name: 'Birch water', volumeL: 560, tanks: 8 }] },
    lids: [1],
  },
  {
    rack: { rack: 'cove', room: 'Shop', name: 'Cove rack', walk: 30 },
    prefix: 'C',
    count: 10,
    columns: 5,
    volumeL: 70,
    purpose: 'sale',
    system: { type: 'marine', temperatureC: 25, salinityPpt: 34, shared: [{ name: 'Cove water', volumeL: 1150, tanks: 10 }] },
    lids: [4, 9, 10],
  },
  {
    rack: { rack: 'delta', room: 'Shop', name: 'Delta shelf', walk: 40 },
    prefix: 'D',
    count: 5,
    columns: 5,
    volumeL: [90, 160, 90, 90, 120],
    purpose: 'home',
    system: { type: 'brackish', temperatureC: 26, salinityPpt: 6 },
    lids: [2, 5],
    salt: { 2: 8, 5: 30 },
  },
  {
    rack: { rack: 'cool', room: 'Shop', name: 'Cool corner', walk: 50 },
    prefix: 'K',
    count: 2,
    columns: 2,
    volumeL: [80, 120],
    purpose: 'home',
    system: { type: 'fresh', temperatureC: 22, salinityPpt: 0.2 },
    lids: 'all',
  },
  {
    rack: { rack: 'fern', room: 'Back room', name: 'Fern bench', walk: 60 },
    prefix: 'F',
    count: 12,
    columns: 6,
    volumeL: 45,
    purpose: 'quarantine',
    system: { type: 'fresh', temperatureC: 25, salinityPpt: 0.3 },
    lids: [3, 4, 5, 6, 10, 11, 12],
  },
  {
    rack: { rack: 'gull', room: 'Back room', name: 'Gull bench', walk: 70 },
    prefix: 'G',
    count: 8,
    columns: 4,
    volumeL: 60,
    purpose: 'quarantine',
    system: {
      type: 'marine',
      temperatureC: 25.4,
      salinityPpt: 33.5,
      shared: [
        { name: 'Gull near water', volumeL: 300, tanks: 4 },
        { name: 'Gull far water', volumeL: 300, tanks: 4 },
      ],
    },
    lids: 'all',
  },
  {
    rack: { rack: 'snug', room: 'Back room', name: 'Snug', walk: 80 },
    prefix: 'S',
    count: 2,
    columns: 2,
    volumeL: 110,
    purpose: 'observation',
    system: { type: 'fresh', temperatureC: 25, salinityPpt: 0.3 },
    lids: 'all',
  },
  {
    rack: { rack: 'quarter', room: 'Back room', name: 'Q bench', walk: 90 },
    prefix: 'Q',
    count: 8,
    columns: 4,
    volumeL: [40, 40, 60, 60, 50, 50, 75, 75],
    purpose: 'treatment',
    system: { type: 'marine', temperatureC: 25.5, salinityPpt: 33.5 },
    lids: 'all',
  },
  {
    rack: { rack: 'bay', room: 'The Bay Window', name: 'The Bay Window', walk: 200 },
    prefix: 'V',
    count: 1,
    columns: 1,
    volumeL: 900,
    purpose: 'customer',
    system: { type: 'marine', temperatureC: 25, salinityPpt: 34 },
    lids: 'all',
  },
];

/** Single systems that are of another kind than their bench. */
const UNLIKE: Record<string, Partial<SystemAdded>> = {
  K2: { type: 'marine', temperatureC: 23, salinityPpt: 34 },
  S2: { type: 'marine', temperatureC: 25, salinityPpt: 33 },
  D5: { type: 'brackish', salinityPpt: 30, temperatureC: 26 },
};

export const RACKS: readonly RackAdded[] = banks.map(({ rack }) => rack);
export const SYSTEMS: readonly SystemAdded[] = banks.flatMap(systemsOf);
export const TANKS: readonly TankAdded[] = banks.flatMap(tanksOf);

function volumeOf({ volumeL }: Bank, number: number): number {
  return typeof volumeL === 'number' ? volumeL : volumeL[number - 1]!;
}

function systemsOf(bank: Bank): SystemAdded[] {
  const { shared, ...system } = bank.system;
  if (shared) return shared.map(({ name, volumeL }, index) => ({ system: `${bank.rack.rack}-${index + 1}`, name, volumeL, ...system }));
  return numbers(bank).map((number) => {
    const code = `${bank.prefix}${number}`;
    const salinityPpt = bank.salt?.[number] ?? system.salinityPpt;
    return { system: `water-${code}`, name: `${code} alone`, volumeL: volumeOf(bank, number), ...system, salinityPpt, ...UNLIKE[code] };
  });
}

function tanksOf(bank: Bank): TankAdded[] {
  const sharing = bank.system.shared?.flatMap(({ tanks }, index) => Array.from({ length: tanks }, () => `${bank.rack.rack}-${index + 1}`));
  return numbers(bank).map((number) => {
    const code = `${bank.prefix}${number}`;
    return {
      tank: code,
      rack: bank.rack.rack,
      system: sharing?.[number - 1] ?? `water-${code}`,
      code,
      volumeL: volumeOf(bank, number),
      purpose: bank.purpose,
      lid: bank.lids === 'all' || bank.lids.includes(number),
      row: Math.floor((number - 1) / bank.columns),
      column: (number - 1) % bank.columns,
    };
  });
}

function numbers({ count }: Bank): number[] {
  return Array.from({ length: count }, (_, index) => index + 1);
}
