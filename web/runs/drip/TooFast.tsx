// A drip that takes them up or down faster than they bear, said while it can still be turned.
import type { RunCard } from '#contract/views.ts';
import { tooFast, type Trajectory } from '#core/runs/index.ts';
import { useUnits } from '../../data/units.ts';
import { Caution } from '../../parts/Caution.tsx';

const OF_CLASS = { delicate: 'Delicate fish', ordinary: 'Ordinary fish', hardy: 'Hardy fish' } as const;

export function TooFast({ run, trajectory }: { run: RunCard; trajectory: Pick<Trajectory, 'samples' | 'now'> }) {
  const { say } = useUnits();
  const { of } = run.started;
  const fast = tooFast(trajectory, of);
  if (!fast) return null;
  return (
    <Caution strong>
      {fast.direction === 'up' ? 'Up' : 'Down'} {say('salinity', fast.ppt)} within an hour.{' '}
      {of.invertebrate ? 'Invertebrates' : OF_CLASS[of.tolerance]} tolerate {say('salinity', fast.tolerance)}: tighter, or slower steps.
    </Caution>
  );
}
