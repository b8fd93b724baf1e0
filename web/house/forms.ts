// What the forms of systems, racks and suppliers ask, and the entries that their answers become. No screen in here.
import type { HouseView } from '#contract/views.ts';
import type { SystemFields } from '#core/room/index.ts';
import { WATER_TYPES, type WaterType } from '#core/species/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';

export type Id = () => string;

/** What a system of each water is set to unless somebody says otherwise, °C and ppt: usual in the trade, and what most of its fish live in. */
export const SYSTEM_STARTS: Record<WaterType, { temperatureC: number; salinityPpt: number }> = {
  fresh: { temperatureC: 25, salinityPpt: 0.2 },
  brackish: { temperatureC: 26, salinityPpt: 8 },
  marine: { temperatureC: 25, salinityPpt: 34 },
};
/** Asked of each system of its own; fresh water is not asked for its salt. */
export const waterFields = (type: WaterType): FormField[] => [
  { name: 'temperatureC', type: 'quantity', quantity: 'temperature', label: 'Set to' },
  ...(type === 'fresh' ? [] : [{ name: 'salinityPpt', type: 'quantity', quantity: 'salinity', label: 'Salinity' } as const]),
];
const nameField: FormField = {
  name: 'name',
  type: 'text',
  label: 'What it is called',
  hint: 'All tanks on one sump are one system: what one has, all have.',
};
const volumeField: FormField = { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'All its water' };
export const newSystemFields = (type: WaterType): FormField[] => [nameField, ...waterFields(type), volumeField];
/** Of a system that is there its kind of water can be changed too. */
export const SYSTEM_FIELDS: FormField[] = [
  nameField,
  { name: 'type', type: 'choice', label: 'Water', options: WATER_TYPES },
  ...waterFields('marine'),
  volumeField,
];
/** What the fields of a new water start from, as they are typed. */
export const waterStart = (type: WaterType, { bare }: Pick<Units, 'bare'>): Values => ({
  temperatureC: bare('temperature', SYSTEM_STARTS[type].temperatureC),
  ...(type === 'fresh' ? {} : { salinityPpt: bare('salinity', SYSTEM_STARTS[type].salinityPpt) }),
});
export const saltOf = (type: WaterType, typed: string | undefined) =>
  typed === undefined || typed === '' ? SYSTEM_STARTS[type].salinityPpt : numberOf(typed);

export function systemOf(values: Values, newId: Id): Draft {
  const { name, type, temperatureC, salinityPpt, volumeL } = values;
  return {
    kind: 'system.added',
    payload: {
      system: newId(),
      name: name!,
      type: type as WaterType,
      temperatureC: numberOf(temperatureC),
      salinityPpt: saltOf(type as WaterType, salinityPpt),
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
