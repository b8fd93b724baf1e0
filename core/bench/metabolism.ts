// What fish take from their water and give to it. Small warm-water fish; a judgement for invertebrates.
import { O2_MG_PER_MMOL } from '../water/index.ts';

/** Rates of one group of fish, per hour: oxygen mg, ammonia mg N, carbon dioxide mmol, alkalinity meq. */
export type Rates = { oxygen: number; ammonia: number; co2: number; alkalinity: number };

const OXYGEN_AT_25 = 0.35;
const MASS_POWER = 0.8;
const LN_Q10 = Math.log(1.9);
/** Mg N for a mg of O2: 0.12 mol N a mol O2. */
const NITROGEN_PER_OXYGEN = 0.0525;
const CO2_PER_OXYGEN = 0.9;
const N_MG_PER_MMOL = 14.007;
const FED_FACTOR = 2;

/** How much faster fish breathe than at 25 °C: 1.9^((T − 25)/10). */
export const warmthFactor = (temperature: number): number => Math.exp((LN_Q10 * (temperature - 25)) / 10);

/**
 * Oxygen uptake of a small warm-water fish: 0.35·W^0.8·1.9^((T − 25)/10) mg/h, W in g; ammonia 0.12 mol N and CO2 0.9 mol for each mol of
 * O2, ammonia doubled when fed within a day. Every mmol of ammonia takes up H+ and adds 1 meq of alkalinity. `factor` = transit,
 * 0.6 (fasted, calm) to 1.6 (shaken); `nitrogen` = ammonia against the book. 0 fish give 0. Judgement beyond 15–32 °C.
 * @example ratesOf({ n: 1, gramsEach: 1, temperature: 25, fed: false, factor: 1 }).oxygen === 0.35
 */
export function ratesOf(fish: {
  n: number;
  gramsEach: number;
  temperature: number;
  fed: boolean;
  factor: number;
  nitrogen?: number;
}): Rates {
  const oxygen = fish.n * OXYGEN_AT_25 * fish.gramsEach ** MASS_POWER * warmthFactor(fish.temperature) * fish.factor;
  const ammonia = oxygen * NITROGEN_PER_OXYGEN * (fish.fed ? FED_FACTOR : 1) * (fish.nitrogen ?? 1);
  return { oxygen, ammonia, co2: (oxygen * CO2_PER_OXYGEN) / O2_MG_PER_MMOL, alkalinity: ammonia / N_MG_PER_MMOL };
}
