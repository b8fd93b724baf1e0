// What a sign means, in words; and what no eye can tell.
import type { Sign, SignMeans } from '#core/rounds/index.ts';
import { plural } from './text.ts';

export function sayMeans(means: SignMeans, when: (ms: number) => string): string {
  switch (means.is) {
    case 'expected':
      return `normal after a move: a warning if it lasts beyond ${when(means.untilMs)}`;
    case 'usual':
      return `usual for them: on ${means.days} of ${plural(means.of, 'day')}`;
    case 'watch':
      return 'watch it';
    case 'lasts':
      return `more than 48 h after the move (${when(means.sinceMs)}): a warning`;
    case 'now':
      return 'act now: more air, read oxygen and ammonia; tell a lead';
    case 'alarm':
      return 'tell a lead; own net, hands after';
  }
}

export const LATE_GASPING_MAY_BE =
  'It may be gills that ammonia burnt on the way or in the bucket, gill flukes, or little oxygen or ammonia here: nobody can tell by eye. More air now; read oxygen and ammonia; see how they were acclimated; a veterinarian can examine a gill.';

/** Signs that look alike and are not the same. */
export function sayNotByEye(signs: readonly Sign[]): string | undefined {
  if (signs.includes('white spots')) return 'Spots may be white-spot disease, a virus, sand or slime: a photograph and a second eye first.';
  if (signs.includes('thin')) return 'Thin may be hunger or worms: has it eaten, and what of?';
  return undefined;
}
