import { gasMmolPerL, oxygenHenry, oxygenSolubility } from './oxygen.ts';

// Weiss (1970), table of ml(STP)/L in equilibrium with moist air.
it.each([
  [0, 0, 10.22],
  [0, 35, 8.05],
  [20, 0, 6.36],
  [20, 35, 5.17],
  [25, 0, 5.78],
  [25, 35, 4.73],
  [30, 35, 4.35],
])('%d °C, %d ppt: %d ml/L', (temperature, salinity, ml) => {
  expect(oxygenSolubility({ temperature, salinity }) / 1.42903).toBeCloseTo(ml, 1);
});

it('pure oxygen holds five times as much as air', () => {
  const water = { temperature: 25, salinity: 0 };
  expect(oxygenHenry(water) / oxygenSolubility(water)).toBeCloseTo(1 / 0.20946 / (1 - 0.0313), 1);
  expect(gasMmolPerL(1, 25)).toBeCloseTo(40.87, 2);
});

it('refuses what is no water', () => {
  expect(() => oxygenSolubility({ temperature: 80, salinity: 0 })).toThrow(RangeError);
  expect(() => oxygenSolubility({ temperature: 20, salinity: -1 })).toThrow(RangeError);
});
