// Writes what hands did to a vessel, shown at once; `line` = of its sheet, when that ticks it off.
import type { RunCard } from '#contract/views.ts';
import type { RunAction } from '#core/runs/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useUnits } from '../data/units.ts';
import { sayAction } from '../words/runs.ts';
import { capital } from '../words/text.ts';

export function useRunAction({ run, started }: Pick<RunCard, 'run' | 'started'>): (did: RunAction, line?: number) => void {
  const { recordAction } = useActions();
  const units = useUnits();
  return (did, line) =>
    void recordAction(`${capital(started.vessel.name)}: ${sayAction(did, units)}`, {
      kind: 'acclimation.actionTaken',
      payload: { run, ...(line === undefined ? {} : { line }), did },
    });
}
