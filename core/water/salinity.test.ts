import fc from 'fast-check';
import {
  conductivityFromSalinity,
  GRAVITY_REFERENCES,
  isExtrapolated,
  salinityFromConductivity,
  salinityFromHydrometer,
  salinityFromSpecificGravity,
  seawaterDensity,
  specificGravityFromSalinity,
} from './salinity.ts';

it.each([
  // Unesco Tech. Pap. Mar. Sci. 44, p. 19 and 22.
  [0, 5, '999.96675'],
  [0, 25, '997.04796'],
  [35, 5, '1027.67547'],
  [35, 25, '1023.34306'],
])('density of %d ppt at %d °C is %s kg/m³', (salinity, temperature, rho) => {
  expect(seawaterDensity({ salinity, temperature }).toFixed(5)).toBe(rho);
});

it.each([
  ['25/25', 35, '1.0264'],
  ['20/20', 35, '1.0266'],
  ['20/4', 35, '1.0248'],
  ['60F/60F', 35, '1.0269'],
  ['25/25', 0, '1.0000'],
] as const)('specific gravity at %s of %d ppt is %s', (reference, salinity, sg) => {
  expect(specificGravityFromSalinity(salinity, reference).toFixed(4)).toBe(sg);
});

it('the same reading is another salinity at another reference, by 2 ppt and more', () => {
  const read = GRAVITY_REFERENCES.map((reference) => salinityFromSpecificGravity(1.022, reference));
  expect(Math.max(...read) - Math.min(...read)).toBeGreaterThan(2);
});

it('turns back into what it came from', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 60, noNaN: true }), fc.constantFrom(...GRAVITY_REFERENCES), (salinity, reference) => {
      expect(salinityFromSpecificGravity(specificGravityFromSalinity(salinity, reference), reference)).toBeCloseTo(salinity, 7);
    }),
    { seed: 1, numRuns: 100 },
  );
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 42, noNaN: true }), fc.double({ min: 2, max: 35, noNaN: true }), (salinity, temperature) => {
      expect(salinityFromConductivity({ conductivity: conductivityFromSalinity({ salinity, temperature }), temperature })).toBeCloseTo(
        salinity,
        6,
      );
    }),
    { seed: 2, numRuns: 100 },
  );
});

it('a hydrometer at its own temperature is read as it stands, in warmer water it shows too little', () => {
  expect(salinityFromHydrometer({ shown: specificGravityFromSalinity(35), temperature: 25 })).toBeCloseTo(35, 6);
  const shown = seawaterDensity({ salinity: 35, temperature: 29 }) / seawaterDensity({ salinity: 0, temperature: 25 });
  expect(salinityFromSpecificGravity(shown)).toBeLessThan(34);
  expect(salinityFromHydrometer({ shown, temperature: 29 })).toBeCloseTo(35, 6);
});

it('PSS-78: the standard, and 48 mS/cm as the meter shows it', () => {
  expect(salinityFromConductivity({ conductivity: 42.914, temperature: 15 }).toFixed(3)).toBe('35.000');
  expect(salinityFromConductivity({ conductivity: 48, temperature: 20, reference: 'compensated25' }).toFixed(1)).toBe('31.3');
  expect(salinityFromConductivity({ conductivity: 48, temperature: 20, reference: 'raw' }).toFixed(1)).toBe('35.1');
});

it('is steady where the extension for fresh water takes over', () => {
  const below = salinityFromConductivity({ conductivity: 3.8, temperature: 25 });
  const above = salinityFromConductivity({ conductivity: 3.81, temperature: 25 });
  expect(above - below).toBeGreaterThan(0);
  expect(above - below).toBeLessThan(0.01);
  expect(salinityFromConductivity({ conductivity: 0, temperature: 25 })).toBe(0);
});

it('says where it goes beyond what was measured, and refuses what cannot be', () => {
  expect([isExtrapolated({ salinity: 42 }), isExtrapolated({ salinity: 42.1 }), isExtrapolated({ salinity: 35, temperature: 41 })]).toEqual(
    [false, true, true],
  );
  for (const wrong of [
    () => seawaterDensity({ salinity: -1, temperature: 20 }),
    () => seawaterDensity({ salinity: NaN, temperature: 20 }),
    () => salinityFromSpecificGravity(1.2),
    () => salinityFromSpecificGravity(0.99),
    () => salinityFromConductivity({ conductivity: 130, temperature: 20 }),
    () => conductivityFromSalinity({ salinity: 43, temperature: 20 }),
  ])
    expect(wrong).toThrow(RangeError);
  expect(salinityFromSpecificGravity(0.9998)).toBe(0);
});
