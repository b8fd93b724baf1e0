// What nobody has written down of a species and this tank would turn on: said as not known, taken knowingly, never passed over as harmless.
import type { SpeciesFacts } from '../species/index.ts';
import type { CandidateTank, CompatibilityReason, Newcomer, Resident } from './placeFacts.ts';

/** What may be open of a species, in the words of the question that is still to be answered. */
export const OPEN_QUESTIONS = ['temperature', 'salinity', 'jumps', 'eats', 'company', 'grows'] as const;
export type OpenQuestion = (typeof OPEN_QUESTIONS)[number];

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
  const open = species ? openOf(species, tank, { others: others.length > 0, own: n > 1 }) : [];
  const eaters = new Map(
    others.flatMap(({ species: kind }) =>
      kind && kind.id !== species?.id && kind.eats === undefined ? [[kind.id, kind.common] as const] : [],
    ),
  );
  const facts = (what: string, who: string, size: number) => ({ what, who, size });
  return [
    ...(open.length > 0 ? [{ code: 'cost.notKnown' as const, facts: facts(open.join(','), species!.common, open.length) }] : []),
    ...(eaters.size > 0
      ? [{ code: 'cost.residentsNotKnown' as const, facts: { who: [...eaters.values()].join(', '), size: eaters.size } }]
      : []),
  ];
}
