// Readings typed in any unit become entries of one system; what is far from before is asked about, what nobody read before is not.
import { v7 } from 'uuid';
import type { ReadingsView } from '#contract/views.ts';
import type { KitFacts, Quantity } from '#core/water/index.ts';
import { accepted } from '../data/testOverlay.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { farOff, quantitiesOf, readingEntries, readTyped, trendOf } from './draft.ts';

const system = v7();
const at = { typed: '', method: 'meter' as const, atMs: 0, by: 'Bram' };
const view: Pick<ReadingsView, 'system' | 'readings'> = {
  system: { id: system, name: 'Reef', type: 'marine', temperatureC: 25, salinityPpt: 34 },
  readings: [{ quantity: 'pH', latest: [{ ...at, value: 8.1 }] }],
};
const kits: KitFacts[] = [{ id: 'drops', name: 'drops', quantity: 'ammonia', form: 'total NH4', most: 8 }];
const none = () => undefined;
const kitOf = (quantity: Quantity) => kits.find((kit) => kit.quantity === quantity);
const read = (typed: Parameters<typeof readTyped>[0], kitFor: typeof kitOf = none) =>
  readTyped(typed, { units: METRIC_UNITS, kitOf: kitFor });

it('one entry a value, each by how it is read, the blank ones left out', () => {
  const entries = readingEntries(system, read({ temperature: '78F', nitrate: '5 NO3-N', copper: ' ' })!, {
    instruments: { temperature: ' blue meter ', pH: 'pen' },
    kitOf: none,
  });
  expect(accepted(...entries)).toMatchObject([
    { quantity: 'temperature', instrument: 'blue meter', reading: { value: expect.closeTo(25.56, 2) as unknown, method: 'in the water' } },
    { quantity: 'nitrate', reading: { value: expect.closeTo(22.1, 1) as unknown, method: 'test', typed: '5 NO3-N' } },
  ]);
  expect(
    readingEntries(system, read({ pH: '8' })!, { instruments: { pH: ' ', nitrate: 'drops' }, kitOf: none })[0]!.payload,
  ).not.toHaveProperty('instrument');
});

it('a bare number is of the scale of the test it was read with, and its test is told', () => {
  const entries = readingEntries(system, read({ ammonia: '1.288', pH: '8' }, kitOf)!, { instruments: { ammonia: 'drops' }, kitOf });
  expect(accepted(...entries)).toMatchObject([
    { quantity: 'ammonia', kit: 'drops', reading: { value: expect.closeTo(1, 6) as unknown, typed: '1.288 NH4' } },
    { quantity: 'pH' },
  ]);
  expect(entries[0]!.payload).not.toHaveProperty('instrument');
  expect(read({ ammonia: '1.288' })![0]!.read.value).toBe(1.288);
});

it('nothing is sent while one of them cannot be read', () => {
  expect(read({ temperature: '25', pH: 'low' })).toBeUndefined();
  expect(read({})).toEqual([]);
});

it('asks about what is far from the last reading, or from what the system is set to', () => {
  const far = (typed: Parameters<typeof readTyped>[0]) => farOff(read(typed)!, view).map(({ quantity }) => quantity);
  expect(far({ temperature: '39' })).toEqual(['temperature']);
  expect(far({ temperature: '26', pH: '8.3', ammonia: '3' })).toEqual([]);
  expect(far({ salinity: '1.010', pH: '7.2' })).toEqual(['salinity', 'pH']);
});

it('says where the latest few go, and asks only what tells something of that water', () => {
  expect([
    trendOf([{ value: 8 }, { value: 8.3 }], 0.1),
    trendOf([{ value: 8 }, { value: 8.05 }], 0.1),
    trendOf([{ value: 8 }], 0.1),
  ]).toEqual(['falling', 'steady', undefined]);
  expect([quantitiesOf('fresh').includes('salinity'), quantitiesOf('marine').includes('hardness')]).toEqual([false, false]);
});
