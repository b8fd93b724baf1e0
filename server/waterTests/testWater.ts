// Entries that tests of water say again and again.
import type { KitFields, Quantity } from '#core/water/index.ts';
import type { Said } from '../testHouse.ts';

type Read = { kit?: string; system?: string; occurredAtMs?: number };
export const read = (quantity: Quantity, value: number, { kit, system = 'reef', ...rest }: Read = {}): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'system', id: system },
    quantity,
    reading: { value, typed: String(value), method: 'test', source: 'measured' },
    ...(kit ? { kit } : {}),
  },
  ...rest,
});
export const kit = (id: string, more: Partial<KitFields> = {}): Said => ({
  kind: 'kit.added',
  payload: { kit: id, name: id, quantity: 'ammonia', form: 'total NH4', most: 8, ...more },
});
export const change = (more: object = {}): Said => ({
  kind: 'water.exchanged',
  payload: { tank: 'C1', litres: 20, source: 'mixed', atSump: true, salinityPpt: 34, temperatureC: 25, pH: 8.1, ...more },
});
export const treat = (family: 'copper' | 'dye' | 'low salinity', treatment = family.replace(' ', '-')): Said => ({
  kind: 'treatment.begun',
  payload: { treatment, system: 'reef', family },
  overrules: [{ code: 'treatment.frail', reason: 'they must' }],
});
