// Whether a lot gets its medicated food today, and what stands in the way: who else eats in that tank, what is not known, fish that do not eat.
import { shyOf } from '../placement/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import type { CourseNow } from './course.ts';
import type { MixFacts } from './entries.ts';

/** `had` = as often today as the label says. */
export type Eater = { lot: string; species?: SpeciesFacts; guessed: boolean; hasEaten: boolean; course?: CourseNow; had?: boolean };
export const HELD_BACK = ['invertebrates', 'harms', 'not known', 'not eating', 'tankmates'] as const;
export type HeldBack = (typeof HELD_BACK)[number];

/** Of one tank: its lots on a course, each with what holds the food back. */
export function medicatedIn(eaters: readonly Eater[], mix: Pick<MixFacts, 'family'>): Map<string, { held?: HeldBack }> {
  const on = eaters.filter(({ course }) => course?.is === 'on');
  const ofAll = heldFor(eaters, mix);
  return new Map(
    on.map(({ lot, hasEaten, had }) => {
      // Food that one gets all of them eat: those not on their days, and those who have had theirs.
      const mates = eaters.some((mate) => mate.lot !== lot && (mate.course?.is !== 'on' || mate.had));
      const held = ofAll ?? (hasEaten ? (mates && !had ? 'tankmates' : undefined) : 'not eating');
      return [lot, held === undefined ? {} : { held }];
    }),
  );
}

/** Who of a tank does not bear it, or may not. */
export function heldFor(
  eaters: readonly Pick<Eater, 'species' | 'guessed'>[],
  { family }: Pick<MixFacts, 'family'>,
): Extract<HeldBack, 'invertebrates' | 'harms' | 'not known'> | undefined {
  if (eaters.some(({ species }) => species !== undefined && species.is !== 'fish')) return 'invertebrates';
  // Of no family on the list nobody knows whom it harms but those without a backbone; the label says it.
  const shy = eaters.map((eater) =>
    family === undefined ? (eater.species && !eater.guessed ? undefined : ('not known' as const)) : shyOf(eater, family),
  );
  if (shy.includes('shy')) return 'harms';
  return shy.includes('not known') ? 'not known' : undefined;
}
