import { ammoniaBand, ammoniumPKa, totalAmmoniaN, unionizedFraction } from './ammonia.ts';

it.each([
  [7, 25, '0.566'],
  [8, 25, '5.38'],
  [8, 20, '3.82'],
])('fresh water of pH %d at %d °C: %s %% of the ammonia is toxic (Emerson et al. 1975)', (pH, temperature, percent) => {
  expect((100 * unionizedFraction({ pH, temperature, salinity: 0 })).toFixed(percent.length - 2)).toBe(percent);
});

it('salt makes it less toxic, warmth and pH more', () => {
  const shareAt = (pH: number, temperature: number, salinity: number) => unionizedFraction({ pH, temperature, salinity });
  expect(shareAt(8, 25, 35)).toBeLessThan(shareAt(8, 25, 0));
  expect(shareAt(8, 28, 35)).toBeGreaterThan(shareAt(8, 25, 35));
  expect(shareAt(8.2, 25, 35)).toBeGreaterThan(shareAt(8, 25, 35));
});

it('stays within 2.5 % of the linear fit to Khoo et al. (1977) in sea water', () => {
  // Bell et al. (2007): pKa = 10.0423 - 0.0315536 t + 0.003071 S.
  for (const salinity of [15, 25, 40])
    for (const temperature of [15, 20, 25, 32]) {
      const fit = 10.0423 - 0.0315536 * temperature + 0.003071 * salinity;
      const share = (pKa: number) => 1 / (1 + 10 ** (pKa - 8));
      expect(Math.abs(share(ammoniumPKa({ temperature, salinity })) / share(fit) - 1)).toBeLessThan(0.025);
    }
});

it('reads a test by what it names', () => {
  const water = { pH: 8, temperature: 25, salinity: 0 };
  expect(totalAmmoniaN({ shown: 1.288, test: 'total NH4' })).toBeCloseTo(1, 9);
  const free = unionizedFraction(water);
  expect(totalAmmoniaN({ shown: free * 1.216, test: 'free NH3', water })).toBeCloseTo(1, 9);
  expect(() => totalAmmoniaN({ shown: 0.02, test: 'free NH3' })).toThrow('needs pH');
  expect(() => totalAmmoniaN({ shown: 0.02, test: 'free N', water: { ...water, pH: 4 } })).toThrow('hardly any');
  expect(() => totalAmmoniaN({ shown: -1, test: 'total N' })).toThrow(RangeError);
});

it.each([
  [0, 'calm'],
  [0.0199, 'calm'],
  [0.02, 'watch'],
  [0.05, 'not to stay in'],
  [0.2, 'harm within hours'],
  [0.5, 'act now'],
  [9, 'act now'],
])('%d mg/L NH3-N is %s', (nh3, band) => expect(ammoniaBand(nh3)).toBe(band));

it.each([
  { pH: 15, temperature: 25, salinity: 0 },
  { pH: 8, temperature: 60, salinity: 0 },
  { pH: 8, temperature: 25, salinity: -1 },
  { pH: NaN, temperature: 25, salinity: 0 },
])('refuses %j', (water) => expect(() => unionizedFraction(water)).toThrow(RangeError));
