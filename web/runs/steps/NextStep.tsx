// The one main action of a run: the next motion of the hand, which may tick off several lines, or letting the fish go.
import type { RunCard } from '#contract/views.ts';
import { actionOf, motionOf, type Next, type SheetLine } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../../actions/actions.tsx';
import type { Draft } from '../../data/house.ts';
import { useUnits } from '../../data/units.ts';
import { ActButton } from '../../parts/ActButton.tsx';
import { sayLine } from '../../words/runs.ts';
import { capital, countdown } from '../../words/text.ts';

function motionDrafts(run: string, motion: readonly SheetLine[]): Draft[] {
  return motion.flatMap(({ line, step }): Draft[] => {
    const did = actionOf(step);
    return did ? [{ kind: 'acclimation.actionTaken', payload: { run, line, did } }] : [];
  });
}

type Props = { run: RunCard; lines: readonly SheetLine[]; next: Next; now: number; done: boolean; onRelease: () => void };

export function NextStep({ run, lines, next, now, done, onRelease }: Props) {
  const units = useUnits();
  const { recordAction } = useActions();
  const motion = next.line ? motionOf(lines, next.line.line) : [];
  const says = motion
    .filter(({ step }, index) => !(step.do === 'wait' && index > 0))
    .map((line) => sayLine(line, units))
    .map((text, index) => (index === 0 ? text : text.charAt(0).toLowerCase() + text.slice(1)))
    .join(', ');
  const left = run.startedAtMs + next.dueMinute * MINUTE_MS - now;
  const due = left <= 0;
  const tickOff = () => void recordAction(`${capital(run.started.vessel.name)}: ${says}`, ...motionDrafts(run.run, motion));
  if (done || motion.length === 0)
    return (
      <div className="thumb">
        <ActButton pressKey="bench.act" onPress={onRelease} hint="read both waters with the same meter first">
          Release into {run.tank.code}
        </ActButton>
      </div>
    );
  return (
    <div className="thumb">
      <ActButton
        pressKey="bench.act"
        onPress={tickOff}
        hint={due ? 'when it is done' : `planned in ${countdown(left)}; tap when it is done`}
      >
        {says}
      </ActButton>
    </div>
  );
}
