import { afterChanges, afterEvaporation, changesTo, gramsFor, netVolume, saltGrams } from './dilution.ts';
import { flowFromDrops, siphonFlow } from './flow.ts';
import { litresOf } from './vessels.ts';

it('doses and dilution, each by hand', () => {
  expect(netVolume({ grossL: 60, displacedL: 12 })).toBe(48);
  expect(gramsFor({ present: 0.2, target: 0.5, volumeL: 100 })).toBeCloseTo(0.03, 12);
  expect(afterChanges({ concentration: 0.5, share: 0.25, times: 2 })).toBeCloseTo(0.28125, 12);
  expect(changesTo({ from: 0.5, to: 0.05, share: 0.25 })).toBe(9);
  expect(changesTo({ from: 0.5, to: 0.25, share: 0.5 })).toBe(1);
  expect(changesTo({ from: 0.1, to: 0.2, share: 0.5 })).toBe(0);
  expect(afterEvaporation({ salinity: 30, volumeL: 100, evaporatedL: 10 })).toBeCloseTo(33.333, 3);
  expect(saltGrams({ volumeL: 100, from: 30, to: 32 })).toBeCloseTo(224.4, 9);
});

it('flow: thirty drops a minute are 2 mL, give or take a third', () => {
  expect(flowFromDrops({ drops: 30, seconds: 60 })).toEqual({ mLPerMin: 2, low: 1.4, high: 2.6 });
});

it('a siphon of airline: laminar in a thin long hose as Poiseuille has it, turbulent in a wide one', () => {
  const thin = siphonFlow({ headM: 0.3, boreMm: 2, lengthM: 3 });
  // π·d⁴·ρgh/(128·μ·L), hardly lessened by the ends.
  const poiseuille = ((Math.PI * 0.002 ** 4 * 997 * 9.81 * 0.3) / (128 * 0.00089 * 3)) * 6e7;
  expect(thin.laminar).toBe(true);
  expect(thin.mLPerMin / poiseuille).toBeGreaterThan(0.9);
  expect(thin.mLPerMin).toBeLessThan(poiseuille);
  const wide = siphonFlow({ headM: 1, boreMm: 12, lengthM: 2 });
  expect(wide.laminar).toBe(false);
  expect(wide.mLPerMin).toBeGreaterThan(5000);
  expect(wide.mLPerMin).toBeLessThan(20000);
  expect(siphonFlow({ headM: 1.2, boreMm: 12, lengthM: 2 }).mLPerMin).toBeGreaterThan(wide.mLPerMin);
});

it('vessels by the tape', () => {
  expect(litresOf({ shape: 'box', lengthCm: 60, widthCm: 30, heightCm: 30 })).toBe(54);
  expect(litresOf({ shape: 'cylinder', lengthCm: 30, widthCm: 0, heightCm: 40 })).toBeCloseTo(28.27, 2);
});

it.each([
  () => netVolume({ grossL: 10, displacedL: 10 }),
  () => gramsFor({ present: 1, target: 1, volumeL: 10 }),
  () => changesTo({ from: 1, to: 0, share: 0.5 }),
  () => afterChanges({ concentration: 1, share: 1, times: 1 }),
  () => afterEvaporation({ salinity: 30, volumeL: 10, evaporatedL: 10 }),
  () => saltGrams({ volumeL: 10, from: 30, to: 30 }),
  () => flowFromDrops({ drops: 0, seconds: 60 }),
  () => siphonFlow({ headM: 0, boreMm: 4, lengthM: 1 }),
  () => litresOf({ shape: 'box', lengthCm: 0, widthCm: 1, heightCm: 1 }),
])('refuses what cannot be (%#)', (wrong) => expect(wrong).toThrow(RangeError));
