// How fast the salinity of a vessel goes, against what its fish bear in an hour.
import { fastest, tolerancesOf } from '../bench/index.ts';
import type { RunStarted } from './entries.ts';
import type { Trajectory } from './trajectory.ts';

export type TooFast = { direction: 'up' | 'down'; /** In the fastest hour that is to come. */ ppt: number; tolerance: number };

/** The fastest hour from now on, ppt; undefined while they bear it. The hour may have begun before now: what has just been added counts. */
export function tooFast({ samples, now }: Pick<Trajectory, 'samples' | 'now'>, run: RunStarted['of']): TooFast | undefined {
  // Only hours that end after now: what they came through is no longer to be slowed down.
  const salt = fastest(samples, (index) => samples[index]!.salinity, { endingAfter: now.minute });
  const tolerances = tolerancesOf(run);
  if (salt.up > tolerances.salinityUpPerH) return { direction: 'up', ppt: salt.up, tolerance: tolerances.salinityUpPerH };
  if (salt.down > tolerances.salinityDownPerH) return { direction: 'down', ppt: salt.down, tolerance: tolerances.salinityDownPerH };
  return undefined;
}
