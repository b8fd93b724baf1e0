// Writes what hands did to a vessel, shown at once; `line` = of its sheet, when that ticks it off.
import type { RunCard } from '#contract/views.ts';
import type { RunDeed } from '#core/runs/index.ts';
import { useDeeds } from '../actions/deed.tsx';
import { useUnits } from '../data/units.ts';
import { capital } from '../frame/RunningStrip.tsx';
import { sayDeed } from '../words/runs.ts';

export function useRunDeed({ run, started }: Pick<RunCard, 'run' | 'started'>): (did: RunDeed, line?: number) => void {
  const { doIt } = useDeeds();
  const units = useUnits();
  return (did, line) =>
    void doIt(`${capital(started.vessel.name)}: ${sayDeed(did, units)}`, {
      kind: 'run.worked',
      payload: { run, ...(line === undefined ? {} : { line }), did },
    });
}
