// One plain sentence for each method: what limits it, and by how much. Quantities are said by whoever shows them.
import type { LotInput } from './input.ts';
import type { Figures, Stress } from './figures.ts';
import type { AcclimationMethod } from './methods.ts';

/** How quantities are written: a difference of temperature, a salinity difference, minutes. */
export type Say = { warmth: (differenceC: number) => string; salt: (differencePpt: number) => string };
export const SAY_METRIC: Say = {
  warmth: (difference) => `${round(difference, 1)} °C`,
  salt: (difference) => `${round(difference, 1)} ppt`,
};

function round(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}

const WHO = { delicate: 'delicate', ordinary: 'ordinary', hardy: 'hardy' } as const;
/** Below this stress nothing is worth a warning. */
const CALM = 0.5;

export function sentenceOf(
  { method, limiting, figures }: { method: AcclimationMethod; limiting: Stress; figures: Figures },
  lot: LotInput,
  say: Say = SAY_METRIC,
): string {
  const who = `${WHO[lot.tolerance]} ${lot.invertebrate ? 'invertebrates' : 'fish'}`;
  const out = `Out after ${sayTime(figures.totalMinutes)}`;
  const costs = sayStress(limiting, say);
  if (limiting.stress < CALM) return `${out}; well within the tolerance of ${who}, nearest to it is ${costs}.`;
  if (limiting.stress <= 1) return `${out}; hardest is ${costs}, ${percent(limiting.stress)} of the tolerance of ${who}.`;
  return `${out}, but ${costs}: ${round(limiting.stress, 1)} times the tolerance of ${who}${method === 'straight' ? '; nothing is won by the hurry' : ''}.`;
}

export function sayTime(minutes: number): string {
  if (minutes < 1) return 'a moment';
  return minutes < 180 ? `${Math.round(minutes)} min` : `${round(minutes / 60, 1)} h`;
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

function sayStress({ name, figure }: Stress, say: Say): string {
  const size = Math.abs(figure);
  const way = figure >= 0 ? 'up' : 'down';
  switch (name) {
    case 'temperature step':
      return `${say.warmth(size)} ${way} within two minutes`;
    case 'temperature rate':
      return `${say.warmth(size)} ${way} within an hour`;
    case 'salinity step':
      return `salinity ${way} by ${say.salt(size)} within ten minutes`;
    case 'salinity rate':
      return `salinity ${way} by ${say.salt(size)} within an hour`;
    case 'settled pH step':
      return `a lasting pH step of ${round(size, 1)} ${way}`;
    case 'hardness step':
      return `a step of ${round(size, 0)} dGH ${way}`;
    case 'toxic ammonia peak':
      return `toxic ammonia up to ${round(size, 2)} mg/L`;
    case 'toxic ammonia exposure':
      return `toxic ammonia for ${round(size, 2)} mg·h/L`;
    case 'lowest oxygen':
      return `oxygen down to ${round(size, 1)} mg/L`;
    case 'carbon dioxide':
      return `how long they stay in carbon dioxide of up to ${round(size, 0)} mg/L`;
  }
}
