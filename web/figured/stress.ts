// The stress of a method: each figure over what these fish tolerate; a method is as bad as its worst.
import type { Bands, MethodResult, Stress, StressName } from '#core/bench/index.ts';
import { capital } from '../words/text.ts';
import { stressWord } from '../words/bench.ts';
import { num, type Figure } from './figure.ts';

const UNITS: Record<StressName, string> = {
  'temperature step': '°C',
  'temperature rate': '°C',
  'salinity step': 'ppt',
  'salinity rate': 'ppt',
  'settled pH step': 'pH',
  'hardness step': 'dGH',
  'toxic ammonia peak': 'mg/L N',
  'toxic ammonia exposure': 'mg·h/L N',
  'lowest oxygen': 'mg/L',
  'carbon dioxide': 'mg/L',
};

/** `brought` = toxic ammonia in the bag when the method begins, mg/L N: no fault of the method. */
function sumOf({ name, figure, tolerance, stress }: Stress, brought: number): string {
  const [value, limit, unit] = [num(Math.abs(figure), 3), num(tolerance, 3), UNITS[name]];
  const is = `${stressWord(name)}: `;
  if (name === 'toxic ammonia peak')
    return `${is}(${num(figure, 3)} − ${num(brought, 3)} that the bag brought) ÷ ${limit} ${unit} = ${num(stress)}`;
  if (name === 'lowest oxygen') return `${is}falls to ${value} ${unit}, ${limit} is tolerated; by how far and how long: ${num(stress)}`;
  if (name === 'carbon dioxide') return `${is}up to ${value} ${unit}, ${limit} is tolerated; by how far above and how long: ${num(stress)}`;
  return `${is}${value} ÷ ${limit} ${unit} = ${num(stress)}`;
}

export function stressFigure({ method, stresses, limiting, samples }: MethodResult, bands?: Bands): Figure {
  const band = bands?.methods.get(method)?.stress;
  const told = stresses.toSorted((a, b) => b.stress - a.stress).filter(({ stress }) => stress >= 0.05);
  return {
    what: `Stress of ${method}`,
    law: 'The method is simulated minute by minute; each change is divided by what fish of this class tolerate, 1 = as much as they tolerate. The largest is the method’s stress: nothing is added up, nothing is weighed.',
    sums: told.map((stress) => sumOf(stress, samples[0]?.nh3 ?? 0)),
    band: band
      ? `Nine in ten of the simulations, each with other values for what nobody measured, lie between ${num(band[0])} and ${num(band[1])}.`
      : 'The band is being calculated.',
    source: `What each class tolerates is a judgement, no measurement of these fish; ${capital(stressWord(limiting.name))} is what limits here. The simulation is in docs/bench.md.`,
    changes:
      'What is not measured in the bag (above all its salinity, then pH and temperature), the litres, how the method is carried out. A species entered as delicate or hardy changes what is tolerated.',
  };
}
