// What nobody has written down of a species and this tank would turn on: said as not known, taken knowingly, never passed over as harmless.
import type { SpeciesFacts } from '../species/index.ts';
import type { CandidateTank, CompatibilityReason, Newcomer, Resident } from './placeFacts.ts';

/** What may be open of a species, in the words of the question that is still to be answered. */
export const OPEN_QUESTIONS = ['temperature', 'salinity', 'jumps', 'eats', 'company', 'grows'] as const;
export type OpenQuestion = (typeof OPEN_QUESTIONS)[number];

/** Nothing is open of most species, and they are judged against hundreds of tanks. */
const isWhole = ({ temperatureC, salinityPpt, jumps, eats, keptAlone, adultCm }: SpeciesFacts): boolean =>
  temperatureC !== undefined &&
  salinityPpt !== undefined &&
  jumps !== undefined &&
  eats !== undefined &&
  keptAlone !== undefined &&
  adultCm !== undefined;

/** Of the newcomer: all that this tank and its residents make matter. */
function openOf(species: SpeciesFacts, tank: CandidateTank, company: { others: boolean; own: boolean }): OpenQuestion[] {
  const open: Record<OpenQuestion, boolean> = {
    temperature: species.temperatureC === undefined,
    salinity: species.salinityPpt === undefined,
    jumps: species.jumps === undefined && !tank.lid,
    eats: species.eats === undefined && company.others,
    company: species.keptAlone === undefined && (company.others || company.own),
    grows: species.adultCm === undefined,
  };
  return OPEN_QUESTIONS.filter((question) => open[question]);
}

export function notKnown({ species, n }: Newcomer, tank: CandidateTank, others: readonly Resident[]): CompatibilityReason[] {
  const reasons: CompatibilityReason[] = [];
  const open = species && !isWhole(species) ? openOf(species, tank, { others: others.length > 0, own: n > 1 }) : [];
  if (open.length > 0) reasons.push({ code: 'cost.notKnown', facts: { what: open.join(','), who: species!.common, size: open.length } });
  const eaters: string[] = [];
  for (const { species: kind } of others)
    if (kind && kind.eats === undefined && kind.id !== species?.id && !eaters.includes(kind.common)) eaters.push(kind.common);
  if (eaters.length > 0) reasons.push({ code: 'cost.residentsNotKnown', facts: { who: eaters.join(', '), size: eaters.length } });
  return reasons;
}
