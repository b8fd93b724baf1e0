import { askOf } from './ask.ts';
import { againstBath, bathDose } from './bath.ts';
import type { Bath } from './entries.ts';
import { dyeBath } from './testCases.ts';

const bath = (more: Partial<Bath> = {}) =>
  dyeBath({ matched: { temperature: { bath: 24, fish: 24.5 }, salinity: { bath: 30, fish: 30.4 } }, ...more });
const codes = (bath: Bath, invertebrate = false) => againstBath(bath, { invertebrate }).map(({ code, overrule }) => [code, overrule]);

it.each([
  [1, 'mL for each 10 L', 5, 0.5, 'mL'],
  [2, 'mL for each L', 5, 10, 'mL'],
  [10, 'mg for each L', 4, 40, 'mg'],
  [3, 'g for each 10 L', 20, 6, 'g'],
  [2, 'drops for each L', 3, 6, 'drops'],
] as const)('%p %s in %p L is %p %s', (...[value, unit, litres, amount, says]) => {
  expect(bathDose({ value, unit }, litres)).toMatchObject({ amount, unit: says });
  expect(bathDose({ value, unit }, litres).arithmetic).toContain(`${value} ${says} × ${litres} L`);
});

it('no amount of nothing, in no water', () => {
  expect(() => bathDose({ value: 0, unit: 'mL for each L' }, 5)).toThrow(RangeError);
  expect(() => bathDose({ value: 1, unit: 'mL for each L' }, 0)).toThrow(RangeError);
});

it('a mild bath in water like their own is for a weak fish; nobody gives an invertebrate one', () => {
  expect(codes(bath())).toEqual([]);
  expect(codes(bath(), true)).toEqual([['bath.invertebrate', undefined]]);
});

it.each(['formalin', 'peroxide', 'other'] as const)('%s is for fish in good shape, unless a lead says so', (is) => {
  expect(codes(bath({ is, condition: 'fit' }))).toEqual([]);
  for (const condition of ['tired', 'poor', 'critical'] as const) expect(codes(bath({ is, condition }))).toEqual([['bath.harsh', 'lead']]);
});

it('water other than their own is refused', () => {
  expect(codes(bath({ matched: { temperature: { bath: 22, fish: 24.5 }, salinity: { bath: 30, fish: 30 } } }))).toEqual([
    ['bath.notMatched', 'lead'],
  ]);
  expect(codes(bath({ matched: { temperature: { bath: 24, fish: 24 }, salinity: { bath: 34, fish: 30 } } }))).toEqual([
    ['bath.notMatched', 'lead'],
  ]);
});

describe('readings that can hardly be', () => {
  it('25 where 33 is calculated may be a specific gravity of 1.025', () => {
    const asked = askOf({ quantity: 'salinity', value: 25, calculated: 33 });
    expect(asked).toMatchObject({ typed: '1.025' });
    expect(asked!.meant).toBeCloseTo(33.2, 0);
  });

  it('what is near is not asked about; what is far and nothing else is asked plainly', () => {
    expect(askOf({ quantity: 'salinity', value: 25, calculated: 27 })).toBeUndefined();
    expect(askOf({ quantity: 'salinity', value: 12.4, calculated: 30 })).toEqual({ meant: undefined });
    expect(askOf({ quantity: 'ammonia', value: 50, calculated: 1 })).toBeUndefined();
  });

  it('a slipped point and a degree of the other scale are told', () => {
    expect(askOf({ quantity: 'salinity', value: 3.1, calculated: 30 })).toMatchObject({ typed: '31' });
    expect(askOf({ quantity: 'temperature', value: 39, calculated: 4 })).toMatchObject({ typed: '39F' });
  });
});
