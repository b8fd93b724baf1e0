import fc from 'fast-check';
import { alkalinityAtEquilibrium, co2Of, dicAtEquilibrium, dicFromPH, pHOf, ROOM_PCO2 } from './carbonate.ts';
import { carbonateConstants, nbsAbove } from './constants.ts';

const pK = (k: number) => -Math.log10(k);

it('constants: Millero (2010) at 35 ppt and in fresh water, beside Lueker et al. and Plummer & Busenberg', () => {
  const sea = carbonateConstants({ temperature: 25, salinity: 35 });
  expect([pK(sea.k1).toFixed(3), pK(sea.k2).toFixed(3)]).toEqual(['5.842', '8.970']);
  expect(Math.abs(pK(sea.k1) - 5.847)).toBeLessThan(0.01);
  const fresh = carbonateConstants({ temperature: 25, salinity: 0 });
  // 6.3515, which Plummer & Busenberg (1982) print as 6.352.
  expect(Math.abs(pK(fresh.k1) - 6.352)).toBeLessThan(0.001);
  expect(pK(fresh.k2).toFixed(3)).toBe('10.330');
  // DOE (1994) check values at 35 ppt, 25 °C: ln Kw = -30.434, ln KB = -19.7964, ln K0 = -3.5617.
  expect(Math.log(sea.kw)).toBeCloseTo(-30.434, 2);
  expect(Math.log(sea.kb)).toBeCloseTo(-19.7964, 3);
  expect(Math.log(sea.k0)).toBeCloseTo(-3.5617, 3);
  expect(sea.boron).toBeCloseTo(0.000416, 9);
});

it.each([
  [0, 25, 1, 400],
  [0, 10, 0.2, 600],
  [8, 25, 2, 600],
  [35, 25, 2.4, 420],
  [35, 5, 2.3, 5000],
])('S %d, %d °C, %d meq/L, %d µatm: DIC and pH belong together', (salinity, temperature, alkalinity, pco2) => {
  const warmth = { salinity, temperature };
  const dic = dicAtEquilibrium({ ...warmth, alkalinity, pco2 });
  const { nbs, total } = pHOf({ ...warmth, alkalinity, dic });
  expect(nbs - total).toBeCloseTo(nbsAbove(warmth), 12);
  expect(dicFromPH({ ...warmth, alkalinity, pH: nbs })).toBeCloseTo(dic, 6);
  expect(alkalinityAtEquilibrium({ ...warmth, pH: nbs, pco2 })).toBeCloseTo(alkalinity, 6);
  const { k0, kgPerL } = carbonateConstants(warmth);
  expect(co2Of({ ...warmth, alkalinity, dic })).toBeCloseTo(k0 * pco2 * 1e-3 * kgPerL, 6);
});

it('never fails for any water, and pH falls as carbon dioxide comes in', () => {
  const water = fc.record({
    alkalinity: fc.double({ min: 0, max: 8, noNaN: true }),
    dic: fc.double({ min: 0, max: 12, noNaN: true }),
    temperature: fc.double({ min: 0, max: 50, noNaN: true }),
    salinity: fc.double({ min: 0, max: 50, noNaN: true }),
  });
  fc.assert(
    fc.property(water, (water) => {
      const { total } = pHOf(water);
      expect(total).toBeGreaterThan(2);
      expect(total).toBeLessThan(13.5);
      expect(pHOf({ ...water, dic: water.dic + 0.5 }).total).toBeLessThan(total);
    }),
    { seed: 4, numRuns: 500 },
  );
});

it('pure water in room air is sour, soft water hardly buffered', () => {
  const pure = { alkalinity: 0, temperature: 25, salinity: 0 };
  expect(pHOf({ ...pure, dic: dicAtEquilibrium({ ...pure, pco2: ROOM_PCO2 }) }).nbs).toBeCloseTo(5.54, 1);
  expect(pHOf({ ...pure, dic: 0 }).total).toBeCloseTo(7, 1);
});

it('a pH that no carbon dioxide can give is said to be none', () => {
  expect(dicFromPH({ pH: 10.4, alkalinity: 0.05, temperature: 25, salinity: 0 })).toBeUndefined();
});

it.each([
  () => pHOf({ alkalinity: -1, dic: 1, temperature: 25, salinity: 0 }),
  () => pHOf({ alkalinity: 1, dic: NaN, temperature: 25, salinity: 0 }),
  () => pHOf({ alkalinity: 1, dic: 1, temperature: 60, salinity: 0 }),
  () => dicAtEquilibrium({ alkalinity: 1, temperature: 25, salinity: 0, pco2: 0 }),
  () => dicFromPH({ pH: 3, alkalinity: 1, temperature: 25, salinity: 0 }),
])('refuses what cannot be (%#)', (wrong) => expect(wrong).toThrow(RangeError));

/**
 * A second model of fresh water: activities of H+, HCO3-, CO3 2- and OH- by Davies with A = 0.5085, pure-water constants of Plummer & Busenberg (1982) and
 * Harned & Owen at 25 °C, charge balance by halving on the activity of H+. A meter shows that activity.
 */
function pHByActivities({
  alkalinity,
  dic,
  strength,
  boron,
}: {
  alkalinity: number;
  dic: number;
  strength: number;
  boron: number;
}): number {
  const root = Math.sqrt(strength);
  const gamma = (z: number) => 10 ** (-0.5085 * z * z * (root / (1 + root) - 0.3 * strength));
  const [k1, k2, kw] = [10 ** -6.352, 10 ** -10.329, 10 ** -13.995];
  let [low, high] = [3, 12];
  for (let turn = 0; turn < 60; turn += 1) {
    const pH = (low + high) / 2;
    const a = 10 ** -pH;
    const perCo2 = { one: k1 / (a * gamma(1)), two: (k1 * k2) / (a * a * gamma(2)) };
    const co2 = (dic * 1e-3) / (1 + perCo2.one + perCo2.two);
    // Boric acid, pK 9.237 (Harned & Owen), of which rivers and salted water hold a little.
    const kb = 10 ** -9.237;
    const borate = (boron * kb) / (kb + a * gamma(1));
    const charge = co2 * (perCo2.one + 2 * perCo2.two) + borate + kw / (a * gamma(1)) - a / gamma(1);
    if (charge > alkalinity * 1e-3) high = pH;
    else low = pH;
  }
  return (low + high) / 2;
}

it('fresh water agrees with a model of activities that shares no code, to 0.02 pH up to 2 ppt', () => {
  let worst = 0;
  for (const salinity of [0.05, 0.1, 0.3, 0.6, 1, 1.5, 2])
    for (const alkalinity of [0.2, 0.6, 1.2, 3, 5])
      for (const share of [0.95, 1.02, 1.1, 1.4, 2]) {
        const dic = alkalinity * share;
        const strength = (19.924 * salinity) / (1000 - 1.005 * salinity);
        const byActivities = pHByActivities({ alkalinity, dic, strength, boron: (0.000416 * salinity) / 35 });
        const { nbs } = pHOf({ alkalinity, dic, temperature: 25, salinity });
        worst = Math.max(worst, Math.abs(nbs - byActivities));
      }
  expect(worst).toBeLessThan(0.02);
});

it('there is no step in pH where the one set of constants gives way to the other', () => {
  const pHAt = (salinity: number) => pHOf({ alkalinity: 2, dic: 2.1, temperature: 25, salinity }).nbs;
  for (let salinity = 0; salinity < 8; salinity += 0.05)
    expect(Math.abs(pHAt(salinity + 0.05) - pHAt(salinity))).toBeLessThan(salinity < 0.5 ? 0.03 : 0.006);
});
