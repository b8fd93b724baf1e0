// What a float says of bag and tank: what was left as it stood is no new reading, what was typed is one.
import type { BenchBag } from '#contract/views.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { floatEntries, readFloat, type FloatFields } from './draft.ts';

const bag = {
  bag: 'b1',
  label: 'bag 1',
  lot: 'l1',
  alive: 4,
  waterL: 2,
  stated: { temperatureC: 22.37 },
  tank: { id: 'G1', code: 'G1' },
  system: { id: 'salt', temperatureC: 25.44, salinityPpt: 35.123 },
} as unknown as BenchBag;
const otherBenchBag = { ...bag, bag: 'b2', label: 'bag 2', alive: 3, waterL: 4 } as BenchBag;
const given = { units: METRIC_UNITS, withinC: 0.5 };
const kinds = (said: Partial<FloatFields>, along: BenchBag[] = []) =>
  floatEntries({ bag, along, said, ...given }).map(({ kind, payload }) =>
    kind === 'reading.taken' ? `${payload.subject.kind} ${payload.quantity}` : kind,
  );

it('left as they stand, the values are the house’s own and not as rounded for the field', () => {
  const read = readFloat(bag, {}, given);
  expect([read.bagC, read.tankC, read.salt].map((quantity) => quantity.ok && quantity.value)).toEqual([22.37, 25.44, 35.123]);
  expect(read.isStated).toBe(true);
  expect(kinds({})).toEqual(['float.started']);
  expect(floatEntries({ bag, along: [], said: {}, ...given })[0]!.payload).toMatchObject({
    bagTemperature: { source: 'stated', method: 'label' },
    tankTemperature: { source: 'stated' },
  });
});

it('where the air of the box was measured, the supplier’s word does not stand for the bag: it is asked for', () => {
  const read = readFloat({ ...bag, boxC: 17 }, {}, given);
  expect([read.bagC.ok, read.isStated, read.time]).toEqual([false, false, undefined]);
  expect(readFloat({ ...bag, boxC: 17 }, { bag: '18' }, given).bagC).toMatchObject({ ok: true, value: 18 });
});

it('what is typed is a reading of its own', () => {
  expect(kinds({ bag: '21' })).toEqual(['bag temperature', 'float.started']);
  expect(kinds({ tank: '25', salt: '33' })).toEqual(['system temperature', 'system salinity', 'float.started']);
});

it('bags that go along have a time of their own by their water, and no temperature that somebody measured', () => {
  const floats = floatEntries({ bag, along: [otherBenchBag], said: { bag: '21' }, ...given }).filter(
    ({ kind }) => kind === 'float.started',
  );
  const [first, second] = floats.map(({ payload }) => payload as { minutes: number; bagTemperature: { source: string } });
  expect(second!.minutes).toBeGreaterThan(first!.minutes);
  expect([first, second].map((entry) => entry!.bagTemperature.source)).toEqual(['measured', 'estimated']);
});

it.each([{ bag: 'warm' }, { tank: '' }, { water: 'much' }])('nothing is written while %j cannot be read', (more) => {
  expect(kinds(more)).toEqual([]);
  expect(readFloat(bag, more, given).time).toBeUndefined();
});

it('what somebody reads meanwhile stands for a field that nobody typed in, and is not written once more', () => {
  const read = { ...bag, temperature: { value: 24.2, method: 'in the water' } } as BenchBag;
  expect(readFloat(read, { salt: '33' }, given).bagC).toMatchObject({ ok: true, value: 24.2 });
  expect(floatEntries({ bag: read, along: [], said: {}, ...given }).map(({ kind }) => kind)).toEqual(['float.started']);
});
