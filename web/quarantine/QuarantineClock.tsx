// One hold, explained: marks, what was counted from when, every restart, what stands before release, and its end.
import type { QuarantineCard } from '#contract/views.ts';
import { formatDay } from '#core/time/index.ts';
import { useVoice } from '../data/voice.ts';
import { quarantineFigure } from '../figured/clock.ts';
import { Figured } from '../figured/Figured.tsx';
import { TallyMarks } from '../parts/TallyMarks.tsx';
import { sayBlocker, sayCause, sayDays, sayEarliest } from '../words/quarantine.ts';
import css from './quarantine.module.scss';
import { QuarantineEnd } from './QuarantineEnd.tsx';

type Props = { quarantine: QuarantineCard; /** With every restart written out. */ full?: boolean };

export function QuarantineClock({ quarantine, full = false }: Props) {
  const { when } = useVoice();
  const { clock, policy } = quarantine;
  const others = clock.blockers.filter(({ why }) => why !== 'days');
  return (
    <div className={css.holdClock}>
      <TallyMarks clock={clock} />
      <p>
        {sayDays(clock)} <b>{sayEarliest(clock)}</b> <Figured figure={quarantineFigure(clock)} />
      </p>
      {full && clock.restarts.length > 0 && (
        <ol className={css.restarts} aria-label="When the clock restarted">
          {clock.restarts.map((restart) => (
            <li key={restart.entry + restart.cause}>
              <b>{formatDay(restart.day)}</b> restarted: {sayCause(restart)}
            </li>
          ))}
        </ol>
      )}
      {others.length > 0 && <p className="warn">Before it may leave: {others.map((blocker) => sayBlocker(blocker, when)).join('; ')}.</p>}
      {full && (
        <p className="soft">
          By the rule of {when(quarantine.opened.atMs)}: {policy.days} clear days, {policy.daysAfterTreatment} after a treatment
          {policy.countsUnderTreatment ? '; days under one count' : ''}. Restarts with illness or an unexplained death
          {policy.restartsOn.newcomer && ', newcomers in quarantine'}
          {policy.restartsOn.illnessInSystem && ', illness in its system'}
          {policy.restartsOn.contact && ', tools or water from fish in quarantine'}.
        </p>
      )}
      <QuarantineEnd quarantine={quarantine} />
    </div>
  );
}
