// The constants of dissolved carbon at one temperature and salinity. Total scale, per kg of solution; below 5 ppt with activity coefficients (Davies),
// consistently in constants and meter scale.
import { seawaterDensity } from './salinity.ts';

export type Warmth = { temperature: number; salinity: number };

export const LN10 = Math.LN10;
const LN100 = Math.log(100);
/** Quicker than `10 ** -pH`, and this is where the bench spends its time. */
export const hOf = (pH: number): number => Math.exp(-LN10 * pH);

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
