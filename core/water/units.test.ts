import fc from 'fast-check';
import { formatQuantity, formatStep, isSurfaceReading, parseQuantity, type Quantity } from './index.ts';

const F = { temperature: '°F', volume: 'US gal' } as const;

it.each<[Quantity, string, number]>([
  ['temperature', '25', 25],
  ['temperature', '25,4', 25.4],
  ['temperature', ' 25.4 °C ', 25.4],
  ['temperature', '78F', 25.5556],
  ['temperature', '78 °f', 25.5556],
  ['volume', '1.5', 1.5],
  ['volume', '800 mL', 0.8],
  ['volume', '1 US gal', 3.7854],
  ['volume', '1 imp gal', 4.5461],
  ['salinity', '31 ppt', 31],
  ['salinity', '0', 0],
])('%s: %j is %d', (quantity, text, value) => {
  const parsed = parseQuantity(quantity, text);
  expect(parsed.ok && parsed.value).toBeCloseTo(value, 4);
});

it('takes a bare number in the unit that the person prefers', () => {
  expect(parseQuantity('temperature', '78', F)).toMatchObject({ ok: true, value: expect.closeTo(25.5556, 4) });
  expect(parseQuantity('volume', '2', F)).toMatchObject({ ok: true, value: expect.closeTo(7.5708, 4) });
});

it.each<[Quantity, string, string]>([
  ['temperature', 'warm', 'not a number'],
  ['temperature', '', 'not a number'],
  ['temperature', '25 L', 'unit'],
  ['temperature', '78', 'implausible'],
  ['temperature', '1.9', 'implausible'],
  ['temperature', '40.1', 'implausible'],
  ['volume', '2 gal', 'ambiguous'],
  ['volume', '0', 'implausible'],
  ['volume', '1e9', 'unit'],
  ['salinity', '200', 'implausible'],
  ['salinity', '-1', 'implausible'],
])('%s: %j is refused as %s', (quantity, text, problem) => {
  expect(parseQuantity(quantity, text)).toMatchObject({ ok: false, problem });
});

it('shows what the person chose', () => {
  expect(formatQuantity('temperature', 25.5556)).toBe('25.6 °C');
  expect(formatQuantity('temperature', 25.5556, F)).toBe('78.0 °F');
  expect(formatQuantity('volume', 1.5)).toBe('1.5 L');
  expect(formatQuantity('volume', 3.785411784, F)).toBe('1 US gal');
  expect(formatQuantity('salinity', 34)).toBe('34 ppt');
});

it('knows the skin of a bag from its water', () => {
  expect([isSurfaceReading({ method: 'on the bag' }), isSurfaceReading({ method: 'folded' })]).toEqual([true, false]);
});

it('never throws and never gives a number that is not finite', () => {
  fc.assert(
    fc.property(fc.constantFrom<Quantity>('temperature', 'volume', 'salinity'), fc.string(), (quantity, text) => {
      const parsed = parseQuantity(quantity, text);
      return !parsed.ok || Number.isFinite(parsed.value);
    }),
    { seed: 20260303, numRuns: 500 },
  );
});

it('a difference has no offset: one degree Celsius is 1.8 Fahrenheit', () => {
  expect([formatStep(1), formatStep(1, F), formatStep(0, F)]).toEqual(['1 °C', '1.8 °F', '0 °F']);
});
