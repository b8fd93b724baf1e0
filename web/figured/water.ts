// Figures of water and heat: the float, the toxic part of ammonia, what a closed bag has in it and how long it lasts.
import { BAG_LIMITS, LONGEST_H, METABOLISM_BAND, sayTime, type ClosedBag, type Sample } from '#core/bench/index.ts';
import { ammoniaBand, ammoniumPKa, floatTau, TAU_FACTOR, TAU_ONE_LITRE_MIN, unionizedFraction, type FloatTime } from '#core/water/index.ts';
import { num, type Figure } from './figure.ts';

type Float = { bagC: number; tankC: number; volumeL: number; withinC: number; time: FloatTime };

export function floatFigure({ bagC, tankC, volumeL, withinC, time }: Float): Figure {
  const gap = Math.abs(bagC - tankC);
  return {
    what: 'Minutes afloat',
    law: 'Newton’s law of cooling: the gap between bag and tank shrinks by the same share in each minute. A larger bag is slower, by the cube root of its litres.',
    sums:
      gap <= withinC
        ? [`${num(gap)} °C apart, ${num(withinC)} °C asked for: nothing to wait for`]
        : [
            `${TAU_ONE_LITRE_MIN} min × ∛${num(volumeL, 3)} = ${num(floatTau(volumeL))} min`,
            `${num(floatTau(volumeL))} min × ln(${num(gap)} ÷ ${num(withinC)}) = ${num(time.minutes, 1)} min`,
          ],
    band: `The ${TAU_ONE_LITRE_MIN} minutes are a judgement, true within ×/÷ ${TAU_FACTOR}: ${num(time.low, 0)} to ${num(time.high, 0)} min.${time.extrapolated ? ' This bag is outside the sizes that it was thought out for.' : ''}`,
    source: 'Lumped-capacity cooling; the time constant is our own judgement, no measurement. A lead sets how near is near enough.',
    changes:
      'A thermometer in the folded bag: a reading beats the clock. The litres in the bag count little (twice as much water, a quarter longer), the gap counts by its logarithm.',
  };
}

type AmmoniaFacts = { tan: number; pH: number; temperature: number; salinity: number };

/** Toxic ammonia out of total ammonia, mg/L N. */
export function toxicAmmonia({ tan, pH, temperature, salinity }: AmmoniaFacts): number {
  return tan * unionizedFraction({ pH, temperature, salinity });
}

export function ammoniaFigure(facts: AmmoniaFacts, whence: string, band: string): Figure {
  const { tan, pH, temperature, salinity } = facts;
  const pKa = ammoniumPKa({ temperature, salinity });
  const nh3 = toxicAmmonia(facts);
  return {
    what: 'Toxic ammonia',
    law: 'Of all ammonia in the water only the un-ionised part is toxic; how much that is follows from pH, temperature and salinity. One pH more makes it nearly ten times as much.',
    sums: [
      `pKa: 0.09018 + 2729.92 ÷ (${num(temperature, 3)} + 273.2) + 0.003071 × ${num(salinity, 3)} = ${num(pKa, 4)}`,
      `${num(tan, 4)} mg/L ÷ (1 + 10^(${num(pKa, 4)} − ${num(pH, 3)})) = ${num(nh3, 4)} mg/L, ${ammoniaBand(nh3)}`,
    ],
    band,
    source: `${whence} Fresh water by Emerson et al. (1975), salinity by the fit of Bell et al. (2007) to Khoo et al. (1977). The names (calm, watch …) are a judgement.`,
    changes:
      'pH above all: 0.3 more doubles it. When a bag is opened its carbon dioxide leaves and its pH climbs, and what was harmless turns toxic in minutes. Never put a drop of alkaline water into it before the net is ready.',
  };
}

const GAS_BY = {
  answered: 'as its supplier answered',
  soft: 'since a soft bag has lost what it was packed with',
  usual: 'as is usual on that road: nobody said',
};
type Bag = {
  start: Sample;
  closed: ClosedBag;
  closedHours: number;
  measured: { pH: boolean; ammonia: boolean };
  /** What is over its water, and how that is known. */
  gas: 'oxygen' | 'air';
  gasBy: keyof typeof GAS_BY;
};

export function bagAmmoniaFigure({ start, closed, measured }: Bag): Figure {
  const [low, high] = closed.band.tan;
  const whence = `Its ammonia is ${measured.ammonia ? 'measured' : 'estimated from fish, hours and temperature'}, its pH ${measured.pH ? 'measured' : 'estimated from what they breathed'}.`;
  const ofAmmonia = measured.ammonia
    ? 'A test of total ammonia reads ±15 % or so.'
    : `The ammonia lies between ${num(low)} and ${num(high)} mg/L if they breathed ${METABOLISM_BAND.low} to ${METABOLISM_BAND.high} times as much as their weight and warmth lets expect.`;
  const ofPH = measured.pH
    ? 'A pH pen reads ±0.1, which is a quarter of the toxic part.'
    : 'The pH of a closed bag that nobody measured is known no better than ±0.3, which doubles or halves the toxic part.';
  const band = `${ofAmmonia} ${ofPH}`;
  return ammoniaFigure(start, whence, band);
}

export function closedFigure({ closed, closedHours, gas, gasBy }: Bag): Figure {
  const { first, band } = closed;
  const [soonest, latest] = band.firstHours;
  const hours = (value: number | undefined) => (value === undefined ? `over ${LONGEST_H} h` : sayTime(value * 60));
  return {
    what: 'How long it lasts closed',
    law: 'Breathing takes oxygen from water and gas together and gives carbon dioxide and ammonia back; gas and water share by Henry’s law; in the room it warms or cools. The hour at which the first of these comes to its limit is what is told.',
    sums: [
      `limits: oxygen ${BAG_LIMITS.oxygen} mg/L, carbon dioxide ${BAG_LIMITS['carbon dioxide']} mg/L, toxic ammonia ${BAG_LIMITS['toxic ammonia']} mg/L, warmth by the species`,
      `over its water: ${gas}, ${GAS_BY[gasBy]}`,
      `closed ${num(closedHours, 1)} h; now carbon dioxide ${num(closed.co2, 0)} mg/L, toxic ammonia ${num(closed.nh3, 3)} mg/L`,
      first ? `first: ${first.limit}, in ${hours(first.hours)}` : `none within ${LONGEST_H} h`,
    ],
    band: `If they breathe ${METABOLISM_BAND.high} times as much: ${hours(soonest)}; ${METABOLISM_BAND.low} times: ${hours(latest)}.`,
    source:
      'Mass and gas balance of the bag, carbonate system of sea and fresh water; metabolism by weight and temperature. docs/bench.md works six bags through.',
    changes:
      'A probe in the opened tell-tale bag (pH, oxygen, ammonia), the real hours since packing, whether it was packed with oxygen, the litres of water and gas. Foul water or a dead fish is outside it: then count on no time.',
  };
}
