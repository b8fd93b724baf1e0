import fc from 'fast-check';
import { everySalinity, formatQuantity, formatStep, isSurfaceReading, parseQuantity, QUANTITIES, type Quantity } from './index.ts';

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
  ['salinity', '1.022', 29.2217],
  ['salinity', '1.022 sg 20/4', 31.3408],
  ['salinity', '1.0264 60F/60F', 34.4036],
  ['salinity', '48 mS comp', 31.2739],
  ['salinity', '48 mS/cm raw 25C', 31.2739],
  ['salinity', '48 mS raw at 20 °C', 35.0712],
  ['salinity', '500 μS/cm comp', 0.24],
  ['salinity', 'SG 1.022', 29.2217],
  ['salinity', '1,022', 29.2217],
  ['temperature', '25.', 25],
  ['temperature', '25°', 25],
  ['temperature', '78º F', 25.5556],
  ['volume', '.25', 0.25],
  ['volume', '½', 0.5],
  ['volume', '1½ L', 1.5],
  ['volume', '500 cc', 0.5],
  ['volume', '1,250,000 mL', 1250],
  ['pH', 'pH 7.2', 7.2],
  ['pH', 'ph: 7,2', 7.2],
  ['ammonia', '0.25 mg/L NH4-N', 0.25],
  ['hardness', '8 °dH', 8],
  ['alkalinity', '8 °dKH', 2.8571],
  ['alkalinity', '2.4', 2.4],
  ['salinity', '500 µS comp', 0.24],
  ['pH', '7,9', 7.9],
  ['ammonia', '1.216 mg/L NH3', 1],
  ['ammonia', '2', 2],
  ['ammonia', '1.288 NH4', 1],
  ['alkalinity', '7 dKH', 2.5],
  ['alkalinity', '100.08 ppm', 2],
  ['hardness', '178.5 ppm', 10],
  ['oxygen', '6.5', 6.5],
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
  ['salinity', '48 mS', 'ambiguous'],
  ['salinity', '48 mS raw', 'no temperature'],
  ['salinity', '1', 'ambiguous'],
  ['salinity', '1.0', 'ambiguous'],
  ['volume', '1,000 L', 'ambiguous'],
  ['alkalinity', '7', 'ambiguous'],
  ['volume', '-', 'not a number'],
  ['salinity', '300 mS raw 25C', 'implausible'],
  ['salinity', '1.09', 'implausible'],
  ['pH', '11', 'implausible'],
  ['pH', '7 C', 'unit'],
])('%s: %j is refused as %s', (quantity, text, problem) => {
  expect(parseQuantity(quantity, text)).toMatchObject({ ok: false, problem });
});

it('a specific gravity and a conductivity keep what they refer to; raw conductivity needs the temperature', () => {
  expect(parseQuantity('salinity', '1.022')).toMatchObject({ ok: true, reference: '25/25' });
  expect(parseQuantity('salinity', '48 mS raw', undefined, 20)).toMatchObject({
    ok: true,
    reference: 'raw',
    value: expect.closeTo(35.1, 1),
  });
  expect(everySalinity(35).map(({ text }) => text)).toEqual(['1.0264', '1.0266', '1.0248', '1.0269', '53.1 mS/cm']);
});

it('shows what the person chose', () => {
  expect(formatQuantity('temperature', 25.5556)).toBe('25.6 °C');
  expect(formatQuantity('temperature', 25.5556, F)).toBe('78.0 °F');
  expect(formatQuantity('volume', 1.5)).toBe('1.5 L');
  expect(formatQuantity('volume', 3.785411784, F)).toBe('1 US gal');
  expect(formatQuantity('salinity', 34)).toBe('34 ppt');
});

it('knows the skin of a bag from its system', () => {
  expect([isSurfaceReading({ method: 'on the bag' }), isSurfaceReading({ method: 'folded' })]).toEqual([true, false]);
});

it('never throws and never gives a number that is not finite', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Quantity>(...QUANTITIES),
      fc.oneof(fc.string(), fc.stringMatching(/^[0-9.]{1,6} ?(mS|sg|ppt|dkh|comp|raw| |C)*$/)),
      (quantity, text) => {
        const parsed = parseQuantity(quantity, text);
        return !parsed.ok || Number.isFinite(parsed.value);
      },
    ),
    { seed: 20260303, numRuns: 500 },
  );
});

it('a difference has no offset: one degree Celsius is 1.8 Fahrenheit', () => {
  expect([formatStep(1), formatStep(1, F), formatStep(0, F)]).toEqual(['1 °C', '1.8 °F', '0 °F']);
});
