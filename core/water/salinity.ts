// Salinity by whatever it is told in: density, specific gravity with its reference, conductivity with its compensation.
// S is practical salinity ("ppt" on screens), t in °C at one atmosphere.

/** The temperatures of the sample and of the pure water it is compared with; part of the value. */
export type GravityReference = '25/25' | '20/20' | '20/4' | '60F/60F';
export const GRAVITY_REFERENCES: readonly GravityReference[] = ['25/25', '20/20', '20/4', '60F/60F'];
/** `compensated25` = shown as it would be at 25 °C, as nearly all meters do; `raw` = as it is at its temperature. */
export type ConductivityReference = 'raw' | 'compensated25';
export const CONDUCTIVITY_REFERENCES: readonly ConductivityReference[] = ['compensated25', 'raw'];

const SIXTY_F = (60 - 32) / 1.8;
const REFERENCE_C: Readonly<Record<GravityReference, { sample: number; water: number }>> = {
  '25/25': { sample: 25, water: 25 },
  '20/20': { sample: 20, water: 20 },
  '20/4': { sample: 20, water: 4 },
  '60F/60F': { sample: SIXTY_F, water: SIXTY_F },
};

/** Where EOS-80 is valid; outside it the polynomials are still evaluated, which a caller can tell by {@link isExtrapolated}. */
const DENSITY_RANGE = { salinity: { min: 0, max: 42 }, temperature: { min: -2, max: 40 } };
/** Where PSS-78, below 2 with the extension of Hill et al., is valid. */
const SALINITY_RANGE = { min: 0, max: 42 };

function mustBe(name: string, value: number, min: number, max: number): void {
  if (!(value >= min && value <= max)) throw new RangeError(`${name} must be ${min} to ${max}, got ${value}`);
}

/** Whether a salinity (and a temperature) lie outside the ranges that the equations here were fitted to. */
export function isExtrapolated({ salinity, temperature = 25 }: { salinity: number; temperature?: number }): boolean {
  const { salinity: s, temperature: t } = DENSITY_RANGE;
  return salinity < s.min || salinity > s.max || temperature < t.min || temperature > t.max;
}

/**
 * Density of fresh to sea water at one atmosphere, kg/m³. EOS-80 (Millero & Poisson 1981; Unesco Tech. Pap. 44, 1983).
 * Salinity 0–42, −2–40 °C, standard error 0.0036; to 100 ppt and 60 °C extrapolated. Throws a RangeError outside 0–100 ppt, −5–60 °C.
 * @example seawaterDensity({ salinity: 35, temperature: 5 }).toFixed(5) === '1027.67547'
 */
export function seawaterDensity({ salinity: s, temperature: t }: { salinity: number; temperature: number }): number {
  mustBe('salinity', s, 0, 100);
  mustBe('temperature', t, -5, 60);
  const pure = 999.842594 + t * (6.793952e-2 + t * (-9.09529e-3 + t * (1.001685e-4 + t * (-1.120083e-6 + t * 6.536332e-9))));
  const a = 8.24493e-1 + t * (-4.0899e-3 + t * (7.6438e-5 + t * (-8.2467e-7 + t * 5.3875e-9)));
  const b = -5.72466e-3 + t * (1.0227e-4 - t * 1.6546e-6);
  return pure + a * s + b * s * Math.sqrt(s) + 4.8314e-4 * s * s;
}

/**
 * Specific gravity of water of this salinity, read at its reference: rho(S, t) / rho(0, t0). 0–100 ppt, else a RangeError.
 * @example specificGravityFromSalinity(35).toFixed(4) === '1.0264'
 */
export function specificGravityFromSalinity(salinity: number, reference: GravityReference = '25/25'): number {
  const { sample, water } = REFERENCE_C[reference];
  return seawaterDensity({ salinity, temperature: sample }) / seawaterDensity({ salinity: 0, temperature: water });
}

/**
 * Salinity from a specific gravity and its reference; the inverse of {@link specificGravityFromSalinity} to 1e-9 ppt.
 * Throws a RangeError when no salinity of 0–100 ppt has it; a reading a hair below that of pure water counts as 0.
 * @example salinityFromSpecificGravity(1.022).toFixed(1) === '29.2'
 */
export function salinityFromSpecificGravity(sg: number, reference: GravityReference = '25/25'): number {
  const lowest = specificGravityFromSalinity(0, reference);
  if (sg < lowest && sg > lowest - 0.0005) return 0;
  return rising((s) => specificGravityFromSalinity(s, reference) - sg, { low: 0, high: 100, what: `specific gravity ${sg}` });
}

/**
 * A glass hydrometer floats by the density of the water it is in: what it shows away from its reference temperature is
 * corrected through rho. `shown` = what it says, `temperature` = of the water, °C. The expansion of the glass
 * (about 0.0001 over 10 °C) is left out. Errors as {@link salinityFromSpecificGravity}.
 * @example salinityFromHydrometer({ shown: 1.0264, temperature: 25 }).toFixed(1) === '35.0'
 */
export function salinityFromHydrometer(read: { shown: number; temperature: number; reference?: GravityReference }): number {
  const { shown, temperature, reference = '25/25' } = read;
  const density = shown * seawaterDensity({ salinity: 0, temperature: REFERENCE_C[reference].water });
  const pure = seawaterDensity({ salinity: 0, temperature });
  if (density < pure && density > pure - 0.5) return 0;
  return rising((salinity) => seawaterDensity({ salinity, temperature }) - density, { low: 0, high: 100, what: `hydrometer ${shown}` });
}

/** C(35, 15, 0), mS/cm. */
const STANDARD_CONDUCTIVITY = 42.914;
const A = [0.008, -0.1692, 25.3851, 14.0941, -7.0261, 2.7081] as const;
const B = [0.0005, -0.0056, -0.0066, -0.0375, 0.0636, -0.0144] as const;
const K = 0.0162;

/**
 * Practical salinity from conductivity, mS/cm. PSS-78 (Lewis 1980), −2–35 °C, 2–42; below 2 with the extension of
 * Hill et al. (1986), above 42 extrapolated ({@link isExtrapolated}). `compensated25` values are taken as the
 * conductivity at 25 °C, whatever the water's temperature. Throws a RangeError outside 0–120 mS/cm, −2–40 °C.
 * @example salinityFromConductivity({ conductivity: 42.914, temperature: 15 }).toFixed(3) === '35.000'
 */
export function salinityFromConductivity(read: { conductivity: number; temperature: number; reference?: ConductivityReference }): number {
  mustBe('conductivity', read.conductivity, 0, 120);
  mustBe('temperature', read.temperature, -2, 40);
  const t = read.reference === 'compensated25' ? 25 : read.temperature;
  const atZeroSalinity = 0.6766097 + t * (2.00564e-2 + t * (1.104259e-4 + t * (-6.9698e-7 + t * 1.0031e-9)));
  const ratio = read.conductivity / STANDARD_CONDUCTIVITY / atZeroSalinity;
  const root = Math.sqrt(ratio);
  const sum = (coefficients: readonly number[]) => coefficients.reduceRight((total, each) => total * root + each, 0);
  const warmth = (t - 15) / (1 + K * (t - 15));
  const practical = sum(A) + warmth * sum(B);
  if (practical >= 2) return practical;
  const [x, y] = [400 * ratio, 100 * ratio];
  return Math.max(0, practical - A[0] / (1 + 1.5 * x + x * x) - (B[0] * warmth) / (1 + Math.sqrt(y) + y * Math.sqrt(y)));
}

/**
 * Conductivity, mS/cm, that water of this salinity shows; the inverse of {@link salinityFromConductivity} to 1e-9.
 * 0–{@link SALINITY_RANGE}.max ppt, −2–40 °C, else a RangeError.
 * @example conductivityFromSalinity({ salinity: 35, temperature: 15 }).toFixed(3) === '42.914'
 */
export function conductivityFromSalinity(water: { salinity: number; temperature: number; reference?: ConductivityReference }): number {
  mustBe('salinity', water.salinity, SALINITY_RANGE.min, SALINITY_RANGE.max);
  const { temperature, reference } = water;
  return rising((conductivity) => salinityFromConductivity({ conductivity, temperature, reference }) - water.salinity, {
    low: 0,
    high: 120,
    what: `salinity ${water.salinity}`,
  });
}

/** The root of a rising function by bisection; a RangeError when it lies outside. */
function rising(f: (x: number) => number, { low, high, what }: { low: number; high: number; what: string }): number {
  if (!(f(low) <= 1e-12 && f(high) >= 0)) throw new RangeError(`${what} belongs to no water here`);
  for (let turn = 0; turn < 60 && high - low > 1e-10; turn += 1) {
    const middle = (low + high) / 2;
    if (f(middle) > 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
