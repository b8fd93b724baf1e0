// Carbon dioxide and pH: alkalinity and dissolved inorganic carbon (DIC) make the pH, by charge balance of carbonate, borate
// and water. On the total scale; its constants stand in ./constants.ts.
import { carbonateConstants, hOf, LN10, type Constants, type Warmth } from './constants.ts';

/** Alkalinity meq/L, DIC mmol/L. */
export type CarbonateWater = Warmth & { alkalinity: number; dic: number };

/** Air of a closed fish room, µatm; outdoors it is near 420. A house rule may say otherwise. */
export const ROOM_PCO2 = 600;
/** 1 mmol/L of carbon dioxide, in mg/L. */
export const CO2_MG_PER_MMOL = 44.01;
/** Meq/L in a degree of carbonate hardness (dKH). */
export const MEQ_PER_DKH = 1 / 2.8;

const PH = { low: 0, high: 14 };

/**
 * pH (total scale) by Newton on pH inside a bracket that can only shrink: it never fails for alkalinity ≥ 0, DIC ≥ 0.
 * `from` = a guess, such as the last answer. mol/kg. Exact to 1e-10 pH.
 */
function solvePH(alkalinity: number, dic: number, { k1, k2, kw, kb, boron }: Constants, from: number): number {
  let { low, high } = PH;
  let pH = from > low && from < high ? from : 7;
  for (let turn = 0; turn < 60; turn += 1) {
    const h = hOf(pH);
    const below = h * h + k1 * h + k1 * k2;
    const borate = (boron * kb) / (kb + h);
    const hydroxide = kw / h;
    const carbonate = (dic * k1 * (h + 2 * k2)) / below;
    const gap = carbonate + borate + hydroxide - h - alkalinity;
    if (gap > 0) high = pH;
    else low = pH;
    // d(alkalinity)/d(pH) = -ln10 · h · d/dh: every term rises with pH.
    const slope = LN10 * h * ((dic * k1 * (h * h + 4 * k2 * h + k1 * k2)) / (below * below) + borate / (kb + h) + hydroxide / h + 1);
    const step = gap / slope;
    // Newton doubles the figures each turn: a step this small leaves an error far below the promise.
    if (Math.abs(step) < 1e-6) return pH - step;
    const next = pH - step;
    pH = next > low && next < high ? next : (low + high) / 2;
  }
  return pH;
}

/** What of the DIC is free carbon dioxide, mol/kg. */
function co2At(h: number, dic: number, { k1, k2 }: Constants): number {
  return (dic * h * h) / (h * h + k1 * h + k1 * k2);
}

/**
 * pH and free CO2 with constants at hand, for those who ask many times. Alkalinity meq/L, DIC mmol/L; CO2 mmol/L.
 * `from` = the last pH (total), which makes it quicker and changes nothing else.
 */
export function speciate(
  water: { alkalinity: number; dic: number },
  c: Constants,
  from = 7.5,
): { total: number; nbs: number; co2: number } {
  const perKg = 1e-3 / c.kgPerL;
  const dic = water.dic * perKg;
  const total = solvePH(water.alkalinity * perKg, dic, c, from);
  return { total, nbs: total + c.nbs, co2: co2At(hOf(total), dic, c) / perKg };
}

/**
 * pH on the total and the NBS scale. Alkalinity meq/L ≥ 0, DIC mmol/L ≥ 0, 0–50 °C, 0–50 ppt; a RangeError on anything else.
 * Against a model with Davies activities within 0.02 up to 2 ppt; sea water within 0.02. One solve, about 5 µs.
 * @example pHOf({ alkalinity: 2.3, dic: 2.0, temperature: 25, salinity: 35 }).total.toFixed(2) === '8.04'
 */
export function pHOf(water: CarbonateWater): { total: number; nbs: number } {
  mustCarry(water);
  const { total, nbs } = speciate(water, carbonateConstants(water));
  return { total, nbs };
}

/** Free carbon dioxide, mmol/L. Ranges and errors of {@link pHOf}. @example co2Of({ alkalinity: 1, dic: 1, temperature: 25, salinity: 0 }) is near 0.003 */
export function co2Of(water: CarbonateWater): number {
  mustCarry(water);
  return speciate(water, carbonateConstants(water)).co2;
}

/** CO2 in water that stands in equilibrium with air of `pco2` µatm, mmol/L. */
export function co2AtEquilibrium({ k0, kgPerL }: Constants, pco2: number): number {
  return k0 * pco2 * 1e-6 * kgPerL * 1e3;
}

/**
 * DIC, mmol/L, at which water of this alkalinity is in equilibrium with air of `pco2` µatm (default {@link ROOM_PCO2}).
 * Alkalinity ≥ 0 meq/L, pCO2 above 0; a RangeError otherwise and outside 0–50 °C, 0–50 ppt.
 * @example dicAtEquilibrium({ alkalinity: 2.3, temperature: 25, salinity: 35, pco2: 420 }).toFixed(2) === '2.02'
 */
export function dicAtEquilibrium(air: Warmth & { alkalinity: number; pco2?: number }): number {
  return dicWith(air, carbonateConstants(air));
}

export function dicWith({ alkalinity, pco2 = ROOM_PCO2 }: { alkalinity: number; pco2?: number }, c: Constants): number {
  if (!(alkalinity >= 0)) throw new RangeError(`alkalinity must be 0 or more, got ${alkalinity}`);
  if (!(pco2 > 0 && pco2 < 1e6)) throw new RangeError(`pCO2 must be above 0 µatm, got ${pco2}`);
  const { k0, k1, k2, kw, kb, boron, kgPerL } = c;
  const co2 = k0 * pco2 * 1e-6;
  const wanted = (alkalinity * 1e-3) / kgPerL;
  let { low, high } = PH;
  let pH = 8;
  // Alkalinity rises with pH here: Newton inside a bracket that shrinks cannot miss.
  for (let turn = 0; turn < 80; turn += 1) {
    const hydrogen = hOf(pH);
    const bicarbonate = (k1 * co2) / hydrogen;
    const carbonate = (bicarbonate * k2) / hydrogen;
    const borate = (boron * kb) / (kb + hydrogen);
    const gap = bicarbonate + 2 * carbonate + borate + kw / hydrogen - hydrogen - wanted;
    if (gap > 0) high = pH;
    else low = pH;
    const slope = LN10 * (bicarbonate + 4 * carbonate + (borate * hydrogen) / (kb + hydrogen) + kw / hydrogen + hydrogen);
    const next = pH - gap / slope;
    const step = next > low && next < high ? next - pH : (low + high) / 2 - pH;
    pH += step;
    if (Math.abs(step) < 1e-9) break;
  }
  const h = hOf(pH);
  return co2 * (1 + k1 / h + (k1 * k2) / (h * h)) * kgPerL * 1e3;
}

/**
 * DIC, mmol/L, that gives this pH (NBS, 4–10.5) with this alkalinity: how a measured pH replaces an estimate. Undefined when
 * no DIC of 0 or more does (the pH is too high for so little alkalinity, or too low for any). Errors as {@link pHOf}.
 * @example dicFromPH({ pH: 7, alkalinity: 1, temperature: 25, salinity: 0 }).toFixed(2) === '1.22'
 */
export function dicFromPH({ pH, alkalinity, ...warmth }: Warmth & { pH: number; alkalinity: number }): number | undefined {
  if (!(pH >= 4 && pH <= 10.5)) throw new RangeError(`pH must be 4 to 10.5, got ${pH}`);
  if (!(alkalinity >= 0)) throw new RangeError(`alkalinity must be 0 or more, got ${alkalinity}`);
  const c = carbonateConstants(warmth);
  const h = hOf(pH - c.nbs);
  const { k1, k2, kw, kb, boron } = c;
  const carbonate = (alkalinity * 1e-3) / c.kgPerL - (boron * kb) / (kb + h) - kw / h + h;
  const dic = (carbonate * (h * h + k1 * h + k1 * k2)) / (k1 * (h + 2 * k2));
  return dic >= 0 ? dic * c.kgPerL * 1e3 : undefined;
}

/** The alkalinity, meq/L, that this pH (NBS) has in air of `pco2` µatm: what a tank that stands open must have. Errors as {@link dicFromPH}. */
export function alkalinityAtEquilibrium({ pH, pco2 = ROOM_PCO2, ...warmth }: Warmth & { pH: number; pco2?: number }): number {
  if (!(pH >= 4 && pH <= 10.5)) throw new RangeError(`pH must be 4 to 10.5, got ${pH}`);
  const c = carbonateConstants(warmth);
  const h = hOf(pH - c.nbs);
  const co2 = c.k0 * pco2 * 1e-6;
  const has = (c.k1 * co2 * (h + 2 * c.k2)) / (h * h) + (c.boron * c.kb) / (c.kb + h) + c.kw / h - h;
  return Math.max(0, has * c.kgPerL * 1e3);
}

/** Less carbon than this, mmol, is none. */
const LEAST_CARBON = 1e-3;
/** The carbon of a closed vessel did not add up: a fault of ours, never of the water. */
export class CarbonNotShared extends Error {}

/**
 * DIC of the water, mmol/L, when water and the gas above it have shared out `total` mmol of carbon between them; `gasPerFree` = mmol in the gas for each
 * mmol/L of free CO2 in the water. Solved for pH, along which both fall, inside a bracket that only shrinks; checks its own answer and throws
 * {@link CarbonNotShared} when carbon is not kept to 1e-10. Alkalinity ≥ 0 meq/L, volumes above 0, total ≥ 0. `from` = a guess of the pH, total scale.
 */
export function dicOfShared(water: {
  total: number;
  alkalinity: number;
  waterL: number;
  gasPerFree: number;
  c: Constants;
  from?: number;
}): number {
  const { total, alkalinity, waterL, gasPerFree, c } = water;
  const { k1, k2, kw, kb, boron, kgPerL } = c;
  const perL = kgPerL * 1e3;
  const charge = alkalinity / perL;
  // Carbon of water and gas at a pH, mmol, with the DIC that goes with it.
  const sharedAt = (pH: number): { dic: number; held: number } => {
    const h = hOf(pH);
    const carbonate = charge - (boron * kb) / (kb + h) - kw / h + h;
    const dic = (carbonate * (h * h + k1 * h + k1 * k2)) / (k1 * (h + 2 * k2));
    const free = (carbonate * h * h) / (k1 * (h + 2 * k2));
    return { dic: dic * perL, held: dic * perL * waterL + free * perL * gasPerFree };
  };
  const enough = 1e-13 * Math.max(total, LEAST_CARBON);
  let { low, high } = PH;
  let pH = water.from ?? 7;
  let last: { pH: number; miss: number } | undefined;
  for (let turn = 0; turn < 200; turn += 1) {
    const { held } = sharedAt(pH);
    if (Math.abs(held - total) <= enough || high - low < 1e-15) break;
    if (held > total) low = pH;
    else high = pH;
    // A secant on the logarithm, which is nearly straight; halves where that leaves the bracket, and now and then, so that it must end.
    const miss = Math.log(Math.max(0, held) / total);
    const next = last ? pH - (miss * (pH - last.pH)) / (miss - last.miss) : pH + miss / LN10;
    last = { pH, miss };
    pH = next > low && next < high && turn % 4 !== 3 ? next : (low + high) / 2;
  }
  const { dic, held } = sharedAt(pH);
  if (!(Math.abs(held - total) <= 1e-10 * Math.max(total, LEAST_CARBON)))
    throw new CarbonNotShared(`carbon ${held} for ${total} mmol at alkalinity ${alkalinity}, ${waterL} L`);
  return Math.max(0, dic);
}

function mustCarry({ alkalinity, dic }: CarbonateWater): void {
  if (!(alkalinity >= 0)) throw new RangeError(`alkalinity must be 0 or more, got ${alkalinity}`);
  if (!(dic >= 0)) throw new RangeError(`DIC must be 0 or more, got ${dic}`);
}
