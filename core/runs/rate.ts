// How fast the salinity of a vessel goes, against what its fish bear in an hour.
import { fastest, tolerancesOf } from '../bench/index.ts';
import type { Course } from './course.ts';
import type { RunStarted } from './entries.ts';

export type TooFast = { way: 'up' | 'down'; /** In the fastest hour that is to come. */ ppt: number; bears: number };

/** The fastest hour from now on, ppt; undefined while they bear it. The hour may have begun before now: what has just been added counts. */
export function tooFast({ samples, now }: Pick<Course, 'samples' | 'now'>, of: RunStarted['of']): TooFast | undefined {
  // Only hours that end after now: what they came through is no longer to be slowed down.
  const salt = fastest(samples, (index) => samples[index]!.salinity, { endingAfter: now.minute });
  const bears = tolerancesOf(of);
  if (salt.up > bears.salinityUpPerH) return { way: 'up', ppt: salt.up, bears: bears.salinityUpPerH };
  if (salt.down > bears.salinityDownPerH) return { way: 'down', ppt: salt.down, bears: bears.salinityDownPerH };
  return undefined;
}
