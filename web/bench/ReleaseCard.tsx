// While a bag floats: how far it is, and the net when it is due (or before, if hands decide so).
import { clsx } from 'clsx';
import type { Afloat, BenchBag } from '#contract/views.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { isSurfaceReading, temperatureAfloat } from '#core/water/index.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { countdown } from '../words/text.ts';
import css from './bench.module.scss';
import type { DueFloat } from './releaseDraft.ts';
import { ReleaseForm } from './ReleaseForm.tsx';

type Props = {
  bag: BenchBag;
  run: Afloat;
  now: number;
  /** Floats of its lot in the same tank that are due too. */ others?: readonly DueFloat[];
};

export function ReleaseCard({ bag, run, now, others }: Props) {
  const { when } = useTimes();
  const { say, sayStep } = useUnits();
  const left = run.dueAtMs - now;
  const share = Math.min(1, Math.max(0, (now - run.startedAtMs) / Math.max(1, run.dueAtMs - run.startedAtMs)));
  const expected = temperatureAfloat({
    bagC: run.bagC,
    tankC: run.tankC,
    volumeL: run.waterL,
    minutes: Math.max(0, now - run.startedAtMs) / MINUTE_MS,
  });
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label} · afloat in {run.tankCode} since {when(run.startedAtMs)}, {run.by}
      </p>
      <p className="big">
        <span className="num">{bag.alive}</span> {bag.lotLabel}
      </p>
      <div className={css.floatAnswer}>
        <span className={clsx(css.minutes, 'num')}>{left > 0 ? countdown(left) : 'due'}</span>
        <span>
          {left > 0
            ? `until the bag is within reach of ${say('temperature', run.tankC)}; should now be near ${say('temperature', expected)} (estimate)`
            : 'Feel the bag, then cut it below the knot and net the fish out.'}
        </span>
      </div>
      <div
        className={css.floatBar}
        role="progressbar"
        aria-label="Float"
        aria-valuenow={Math.round(share * 100)}
        aria-valuemin={0}
        aria-valuemax={100}
      >
        <i ref={(element) => void element?.style.setProperty('width', `${share * 100}%`)} />
      </div>
      {isSurfaceReading({ method: run.bagMethod }) && (
        <Caution>The bag was read on its skin: its water may be {sayStep(2)} off. Measure again before release.</Caution>
      )}
      <ReleaseForm bag={bag} floatId={run.floatId} early={left > 0} others={others} />
    </>
  );
}
