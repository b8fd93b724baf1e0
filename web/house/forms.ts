// What the forms of the house ask, and the entries that their answers become. No screen in here.
import type { HouseView } from '#contract/views.ts';
import { ORIGINS, type Origin } from '#core/lots/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import { PURPOSES, type Purpose, type SystemFields } from '#core/room/index.ts';
import { WATER_TYPES, type WaterType } from '#core/species/index.ts';
import type { Draft } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

export const OWN_WATER = 'own';
/** Tanks drawn at once: each may bring its own water, and one act holds 200 entries. */
export const MAX_TANKS = 96;
type Id = () => string;

const systemFields: FormField[] = [
  { name: 'type', type: 'choice', label: 'Water', options: WATER_TYPES },
  { name: 'temperatureC', type: 'quantity', quantity: 'temperature', label: 'Set to' },
  { name: 'salinityPpt', type: 'quantity', quantity: 'salinity', label: 'Salinity', hint: '0.2 for fresh, 34 for sea water' },
];
export const SYSTEM_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'What it is called', hint: 'All tanks on one sump are one system: what one has, all have.' },
  ...systemFields,
  { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'All its water' },
];

export function systemOf(values: Values, newId: Id): Draft {
  const { name, type, temperatureC, salinityPpt, volumeL } = values;
  return {
    kind: 'system.added',
    payload: {
      system: newId(),
      name: name!,
      type: type as WaterType,
      temperatureC: numberOf(temperatureC),
      salinityPpt: numberOf(salinityPpt),
      volumeL: numberOf(volumeL),
    },
  };
}

/** What a system's form sets anew; what was measured meanwhile is not what it is set to. */
export function systemChanges(values: Values, system: Omit<HouseView['systems'][number], 'tanks'>): Partial<SystemFields> {
  const said: SystemFields = {
    name: values.name!,
    type: values.type as WaterType,
    temperatureC: numberOf(values.temperatureC),
    salinityPpt: numberOf(values.salinityPpt),
    volumeL: numberOf(values.volumeL),
  };
  const known: SystemFields = { ...system, ...system.set };
  return Object.fromEntries(Object.entries(said).filter(([name, value]) => known[name as 'name'] !== value));
}

export const RACK_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'What the rack or bench is called' },
  { name: 'room', type: 'text', label: 'Which room it stands in' },
  {
    name: 'walk',
    type: 'number',
    label: 'Its place in the walk',
    min: 0,
    max: 10_000,
    whole: true,
    optional: true,
    hint: 'low first; left out, it comes last',
  },
];
export const rackOf = ({ name, room, walk }: Values, rack: string, last: number): Draft => ({
  kind: 'rack.added',
  payload: { rack, name: name!, room: room!, walk: walk ? numberOf(walk) : last },
});

export function tankFields({ racks, systems }: Pick<HouseView, 'racks' | 'systems'>): FormField[] {
  return [
    { name: 'rack', type: 'choice', label: 'On which rack', options: racks.map(({ id, name }) => ({ value: id, label: name })) },
    {
      name: 'system',
      type: 'choice',
      label: 'On which system',
      options: [...systems.map(({ id, name }) => ({ value: id, label: name })), { value: OWN_WATER, label: 'each tank its own system' }],
    },
    { name: 'prefix', type: 'text', label: 'Letter of the codes', maxLength: 6, hint: 'A gives A1, A2 …' },
    { name: 'first', type: 'number', label: 'First number', min: 0, max: 9999, whole: true },
    { name: 'rows', type: 'number', label: 'Rows', min: 1, max: 20, whole: true },
    { name: 'columns', type: 'number', label: 'Tanks in a row', min: 1, max: 40, whole: true },
    { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'Each holds' },
    { name: 'purpose', type: 'choice', label: 'What they are for', options: PURPOSES },
    { name: 'lid', type: 'choice', label: 'Lids', options: ['yes', 'no'] },
  ];
}
/** Asked as well when each tank has its own water. */
export const OWN_SYSTEM_FIELDS = systemFields;

export function codesOf({ prefix = '', first, rows, columns }: Values): string[] {
  const [from, n] = [numberOf(first), numberOf(rows) * numberOf(columns)];
  return Number.isInteger(n) && n > 0 && n <= MAX_TANKS ? Array.from({ length: n }, (_, index) => `${prefix.trim()}${from + index}`) : [];
}

export function tanksOf(values: Values, newId: Id, rowsAbove: number): Draft[] {
  const columns = numberOf(values.columns);
  const volumeL = numberOf(values.volumeL);
  return codesOf(values).flatMap((code, index): Draft[] => {
    const own = values.system === OWN_WATER;
    const system = own ? newId() : values.system!;
    const tank: Draft = {
      kind: 'tank.added',
      payload: {
        tank: newId(),
        rack: values.rack!,
        system,
        code,
        volumeL,
        purpose: values.purpose as Purpose,
        lid: values.lid === 'yes',
        row: rowsAbove + Math.floor(index / columns),
        column: index % columns,
      },
    };
    if (!own) return [tank];
    const { type, temperatureC, salinityPpt } = values;
    const facts = { type: type as WaterType, temperatureC: numberOf(temperatureC), salinityPpt: numberOf(salinityPpt) };
    return [{ kind: 'system.added', payload: { system, name: `${code} water`, ...facts, volumeL } }, tank];
  });
}

export const SUPPLIER_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'Who supplies' },
  { name: 'transit', type: 'choice', label: 'How it comes', options: ['overnight', 'van', 'local', 'slow courier'] },
  { name: 'note', type: 'text', label: 'What to know of them', optional: true, maxLength: 500 },
];
export const supplierOf = ({ name, transit, note }: Values, newId: Id): Draft => ({
  kind: 'supplier.added',
  payload: { supplier: newId(), name: name!, transit: transit as 'van', ...(note ? { note } : {}) },
});

export const OPENING_FIELDS: FormField[] = [
  { name: 'tank', type: 'text', label: 'Tank', maxLength: 12 },
  { name: 'n', type: 'number', label: 'Heads', min: 1, max: 100_000, whole: true },
  { name: 'sizeCm', type: 'number', label: 'Length, cm', min: 0.1, max: 300 },
  { name: 'origin', type: 'choice', label: 'Wild or bred', options: ORIGINS },
  {
    name: 'quarantineDays',
    type: 'number',
    label: 'Days of quarantine still to go',
    min: 0,
    max: 365,
    whole: true,
    hint: '0 when its quarantine is done',
  },
];
export function openingOf(values: Values, opening: { tank: string; species: { id: string; common: string } }, newId: Id): Draft[] {
  const lot = newId();
  const days = numberOf(values.quarantineDays);
  const opened: Draft = {
    kind: 'lot.opened',
    payload: {
      lot,
      species: opening.species.id,
      label: opening.species.common,
      tank: opening.tank,
      n: numberOf(values.n),
      sizeCm: numberOf(values.sizeCm),
      origin: values.origin as Origin,
    },
  };
  return days > 0
    ? [opened, { kind: 'quarantine.opened', payload: { quarantine: newId(), lot, policy: plainPolicy(days), zero: 'taken over' } }]
    : [opened];
}
