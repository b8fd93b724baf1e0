// How much oxygen water can hold, in air and under the pure oxygen of a shipping bag.

/** Share of oxygen in dry air. */
export const OXYGEN_IN_AIR = 0.20946;
/** Milligrams of O2 in a millilitre at 0 °C and one atmosphere. */
const MG_PER_ML = 1.42903;
/** Milligrams in a millimole of O2. */
export const O2_MG_PER_MMOL = 31.998;

/**
 * Oxygen that water holds in equilibrium with water-saturated air at one atmosphere, mg/L. Weiss (1970), ml/L form;
 * −2–40 °C, 0–40 ppt, within 0.02 ml/L; to 50 ppt extrapolated. A RangeError outside −2–50 °C, 0–60 ppt.
 * @example oxygenSolubility({ temperature: 25, salinity: 0 }).toFixed(2) === '8.24'
 */
export function oxygenSolubility({ temperature, salinity }: { temperature: number; salinity: number }): number {
  if (!(temperature >= -2 && temperature <= 50)) throw new RangeError(`temperature must be -2 to 50 °C, got ${temperature}`);
  if (!(salinity >= 0 && salinity <= 60)) throw new RangeError(`salinity must be 0 to 60 ppt, got ${salinity}`);
  const h = (temperature + 273.15) / 100;
  const ml = Math.exp(
    -173.4292 + 249.6339 / h + 143.3483 * Math.log(h) - 21.8492 * h + salinity * (-0.033096 + h * (0.014259 - 0.0017 * h)),
  );
  return ml * MG_PER_ML;
}

/** Pressure of water vapour over the water, atm (Weiss & Price 1980). Ranges of {@link oxygenSolubility}. */
export function vapourPressure({ temperature, salinity }: { temperature: number; salinity: number }): number {
  const h = (temperature + 273.15) / 100;
  return Math.exp(24.4543 - 67.4509 / h - 4.8489 * Math.log(h) - 0.000544 * salinity);
}

/** Henry's constant of oxygen, mg/L of water per atm of dry O2, from {@link oxygenSolubility}. */
export function oxygenHenry(water: { temperature: number; salinity: number }): number {
  return oxygenSolubility(water) / (OXYGEN_IN_AIR * (1 - vapourPressure(water)));
}

/** Litres·atm/(mol·K). */
const GAS_CONSTANT = 0.082057;

/** Mmol of an ideal gas in a litre at `atm` of it, °C. @example gasMmolPerL(1, 25).toFixed(1) === '40.9' */
export function gasMmolPerL(atm: number, temperature: number): number {
  return (1000 * atm) / (GAS_CONSTANT * (temperature + 273.15));
}
