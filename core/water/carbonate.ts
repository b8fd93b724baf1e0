// Carbon dioxide and pH: alkalinity and dissolved inorganic carbon (DIC) make the pH, by charge balance of carbonate, borate
// and water. Constants on the total scale, per kg of solution; below 5 ppt with activity coefficients (Davies), consistently in constants and meter scale.
import { seawaterDensity } from './salinity.ts';

export type Warmth = { temperature: number; salinity: number };
/** Alkalinity meq/L, DIC mmol/L. */
export type CarbonateWater = Warmth & { alkalinity: number; dic: number };

/** Air of a closed fish room, µatm; outdoors it is near 420. A house rule may say otherwise. */
export const ROOM_PCO2 = 600;
/** 1 mmol/L of carbon dioxide, in mg/L. */
export const CO2_MG_PER_MMOL = 44.01;
/** Meq/L in a degree of carbonate hardness (dKH). */
export const MEQ_PER_DKH = 1 / 2.8;

const LN10 = Math.LN10;
const LN100 = Math.log(100);
/** Quicker than `10 ** -pH`, and this is where the bench spends its time. */
const hOf = (pH: number): number => Math.exp(-LN10 * pH);

const KELVIN = 273.15;
const TEMPERATURE = { min: 0, max: 50 };
const SALINITY = { min: 0, max: 50 };

/** Up to here dilute-solution activities hold alone, from {@link SEA_FROM} on those that the sea-water constants carry; between them both, in a straight line. */
const DILUTE_TO = 2;
const SEA_FROM = 5;
const seaShare = (salinity: number): number => Math.min(1, Math.max(0, (salinity - DILUTE_TO) / (SEA_FROM - DILUTE_TO)));

/**
 * −log10 of the activity coefficient of a singly charged ion, Davies (1962): A·(√I/(1 + √I) − 0.3·I), ionic strength from salinity, A from the
 * dielectric constant of water (Malmberg & Maryott 1956). 0–50 °C; for I below 0.1 mol/kg, that is 5 ppt.
 * @example daviesGamma({ temperature: 25, salinity: 0.3 }) is near 0.036
 */
export function daviesGamma({ temperature: t, salinity: s }: Warmth): number {
  const dielectric = 87.74 - 0.4008 * t + 9.398e-4 * t * t - 1.41e-6 * t * t * t;
  const strength = (19.924 * s) / (1000 - 1.005 * s);
  const root = Math.sqrt(strength);
  return (1.82e6 / (dielectric * (t + KELVIN)) ** 1.5) * (root / (1 + root) - 0.3 * strength);
}

/**
 * What a keeper's meter shows above the total scale: pH(NBS) = pH(total) + 0.13·min(1, S/35), the one place for it; up to 2 ppt the activity of the
 * hydrogen ion itself, between 2 and 5 ppt from the one to the other. Real meters stand higher at 5–20 ppt, by up to 0.09.
 * @example nbsAbove({ temperature: 25, salinity: 35 }) === 0.13
 */
export function nbsAbove(warmth: Warmth): number {
  const sea = seaShare(warmth.salinity);
  const asSea = 0.13 * Math.min(1, warmth.salinity / 35);
  return sea === 1 ? asSea : sea * asSea + (1 - sea) * daviesGamma(warmth);
}

/** Constants at one temperature and salinity: solubility mol/kg/atm, dissociation mol/kg, borate mol/kg, density kg/L. */
export type Constants = { k0: number; k1: number; k2: number; kw: number; kb: number; boron: number; kgPerL: number; nbs: number };

/**
 * K1, K2 Millero (2010), below 5 ppt their values at 0 ppt with the activities of {@link daviesGamma}; K0 Weiss (1974); Kw Millero (1995), below 5 ppt likewise;
 * KB Dickson (1990), fitted above 5 ppt, where below there is hardly any borate; total boron Uppström (1974). Density EOS-80. 0–50 °C, 0–50 ppt, else a RangeError.
 * @example -Math.log10(carbonateConstants({ temperature: 25, salinity: 35 }).k1) ≈ 5.842
 */
export function carbonateConstants({ temperature, salinity: s }: Warmth): Constants {
  if (!(temperature >= TEMPERATURE.min && temperature <= TEMPERATURE.max))
    throw new RangeError(`temperature must be 0 to 50 °C, got ${temperature}`);
  if (!(s >= SALINITY.min && s <= SALINITY.max)) throw new RangeError(`salinity must be 0 to 50 ppt, got ${s}`);
  const t = temperature + KELVIN;
  const r = Math.sqrt(s);
  const ln = Math.log(t);
  const sea = seaShare(s);
  let [pk1, pk2, lnKw] = sea > 0 ? seaConstants(t, s, r, ln) : [0, 0, 0];
  if (sea < 1) {
    const gamma = daviesGamma({ temperature, salinity: s });
    const [pure1, pure2, pureKw] = seaConstants(t, 0, 0, ln);
    // H+ and HCO3- each by one, CO3 2- by four times one.
    pk1 = sea * pk1 + (1 - sea) * (pure1 - 2 * gamma);
    pk2 = sea * pk2 + (1 - sea) * (pure2 - 4 * gamma);
    lnKw = sea * lnKw + (1 - sea) * (pureKw + 2 * gamma * LN10);
  }
  const h = t / 100;
  const k0 = Math.exp(-60.2409 + 93.4517 / h + 23.3585 * (ln - LN100) + s * (0.023517 - 0.023656 * h + 0.0047036 * h * h));
  const kb = Math.exp(
    (-8966.9 - 2890.53 * r - 77.942 * s + 1.728 * s * r - 0.0996 * s * s) / t +
      148.0248 +
      137.1942 * r +
      1.62142 * s -
      (24.4344 + 25.085 * r + 0.2474 * s) * ln +
      0.053105 * r * t,
  );
  return {
    k0,
    k1: hOf(pk1),
    k2: hOf(pk2),
    kw: Math.exp(lnKw),
    kb,
    boron: (0.000416 * s) / 35,
    kgPerL: seawaterDensity({ salinity: s, temperature }) / 1000,
    nbs: nbsAbove({ temperature, salinity: s }),
  };
}

/** PK1, pK2 and ln Kw of sea water; at 0 ppt those of pure water. Kelvin, ppt, √ppt, ln of Kelvin. */
function seaConstants(t: number, s: number, r: number, ln: number): [number, number, number] {
  return [
    -126.34048 +
      6320.813 / t +
      19.568224 * ln +
      13.4051 * r +
      0.03185 * s -
      5.218e-5 * s * s +
      (-531.095 * r - 5.7789 * s) / t -
      2.0663 * r * ln,
    -90.18333 +
      5143.692 / t +
      14.613358 * ln +
      21.5724 * r +
      0.1212 * s -
      3.714e-4 * s * s +
      (-798.292 * r - 18.951 * s) / t -
      3.403 * r * ln,
    148.9652 - 13847.26 / t - 23.6521 * ln + (118.67 / t - 5.977 + 1.0495 * ln) * r - 0.01615 * s,
  ];
}

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
    const at = hOf(pH);
    const bicarbonate = (k1 * co2) / at;
    const carbonate = (bicarbonate * k2) / at;
    const borate = (boron * kb) / (kb + at);
    const gap = bicarbonate + 2 * carbonate + borate + kw / at - at - wanted;
    if (gap > 0) high = pH;
    else low = pH;
    const slope = LN10 * (bicarbonate + 4 * carbonate + (borate * at) / (kb + at) + kw / at + at);
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
export function dicOfShared(of: {
  total: number;
  alkalinity: number;
  waterL: number;
  gasPerFree: number;
  c: Constants;
  from?: number;
}): number {
  const { total, alkalinity, waterL, gasPerFree, c } = of;
  const { k1, k2, kw, kb, boron, kgPerL } = c;
  const perL = kgPerL * 1e3;
  const charge = alkalinity / perL;
  // Carbon of water and gas at a pH, mmol, with the DIC that goes with it.
  const at = (pH: number): { dic: number; held: number } => {
    const h = hOf(pH);
    const carbonate = charge - (boron * kb) / (kb + h) - kw / h + h;
    const dic = (carbonate * (h * h + k1 * h + k1 * k2)) / (k1 * (h + 2 * k2));
    const free = (carbonate * h * h) / (k1 * (h + 2 * k2));
    return { dic: dic * perL, held: dic * perL * waterL + free * perL * gasPerFree };
  };
  const enough = 1e-13 * Math.max(total, LEAST_CARBON);
  let { low, high } = PH;
  let pH = of.from ?? 7;
  let last: { pH: number; miss: number } | undefined;
  for (let turn = 0; turn < 200; turn += 1) {
    const { held } = at(pH);
    if (Math.abs(held - total) <= enough || high - low < 1e-15) break;
    if (held > total) low = pH;
    else high = pH;
    // A secant on the logarithm, which is nearly straight; halves where that leaves the bracket, and now and then, so that it must end.
    const miss = Math.log(Math.max(0, held) / total);
    const next = last ? pH - (miss * (pH - last.pH)) / (miss - last.miss) : pH + miss / LN10;
    last = { pH, miss };
    pH = next > low && next < high && turn % 4 !== 3 ? next : (low + high) / 2;
  }
  const { dic, held } = at(pH);
  if (!(Math.abs(held - total) <= 1e-10 * Math.max(total, LEAST_CARBON)))
    throw new CarbonNotShared(`carbon ${held} for ${total} mmol at alkalinity ${alkalinity}, ${waterL} L`);
  return Math.max(0, dic);
}

function mustCarry({ alkalinity, dic }: CarbonateWater): void {
  if (!(alkalinity >= 0)) throw new RangeError(`alkalinity must be 0 or more, got ${alkalinity}`);
  if (!(dic >= 0)) throw new RangeError(`DIC must be 0 or more, got ${dic}`);
}
