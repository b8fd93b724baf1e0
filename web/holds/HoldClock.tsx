// One hold, explained: marks, what was counted from when, every restart, what stands before release, and its end.
import type { HoldCard } from '#contract/views.ts';
import { formatDay } from '#core/time/index.ts';
import { useVoice } from '../data/voice.ts';
import { TallyMarks } from '../parts/TallyMarks.tsx';
import { sayBlocker, sayCause, sayDays, sayEarliest } from '../words/holds.ts';
import { HoldEnd } from './HoldEnd.tsx';

type Props = { hold: HoldCard; /** With every restart written out. */ full?: boolean };

export function HoldClock({ hold, full = false }: Props) {
  const { when } = useVoice();
  const { clock, policy } = hold;
  const others = clock.blockers.filter(({ why }) => why !== 'days');
  return (
    <div className="hold-clock">
      <TallyMarks clock={clock} />
      <p>
        {sayDays(clock)} <b>{sayEarliest(clock)}</b>
      </p>
      {full && clock.restarts.length > 0 && (
        <ol className="restarts" aria-label="When the count began anew">
          {clock.restarts.map((restart) => (
            <li key={restart.entry + restart.cause}>
              <b>{formatDay(restart.day)}</b> began anew: {sayCause(restart)}
            </li>
          ))}
        </ol>
      )}
      {others.length > 0 && <p className="warn">Before it may leave: {others.map((one) => sayBlocker(one, when)).join('; ')}.</p>}
      {full && (
        <p className="soft">
          By the rule of {when(hold.opened.atMs)}: {policy.days} clean days, {policy.daysAfterRemedy} after a remedy
          {policy.countsUnderRemedy ? '; days under one count' : ''}. Begins anew with illness or an unexplained death
          {policy.restartsOn.newcomer && ', newcomers on hold'}
          {policy.restartsOn.illnessInSystem && ', illness in its water'}
          {policy.restartsOn.contact && ', tools or water from fish on hold'}.
        </p>
      )}
      <HoldEnd hold={hold} />
    </div>
  );
}
