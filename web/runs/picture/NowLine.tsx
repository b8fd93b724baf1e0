// The vessel now: when it is calculated to be near enough to its tank, with the band; and beside it what its water is.
import { clsx } from 'clsx';
import type { RunCard } from '#contract/views.ts';
import { openedAtMs, runFactsOf, standingOf, tankBy, type Followed } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { ammoniaBand } from '#core/water/index.ts';
import { useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { Figured } from '../../figured/Figured.tsx';
import { ammoniaFigure } from '../../figured/water.ts';
import { countdown } from '../../words/text.ts';
import css from './picture.module.scss';

const RUN_BAND =
  'Its band is drawn in the picture: nine in ten. A reading in the vessel (pH and ammonia together) makes it narrow, and moves the curve to it.';
/** From here on toxic ammonia is no longer calm, mg/L N. */
const WATCH_FROM = 0.05;

export function NowLine({ run, followed, now }: { run: RunCard; followed?: Followed; now: number }) {
  const { when } = useTimes();
  const { startedAtMs } = run;
  const msAt = (minute: number) => startedAtMs + minute * MINUTE_MS;
  const end = followed ? (followed.end ? msAt(followed.end.atMinute) : undefined) : run.end?.atMs;
  const earliest = followed?.endBand ? msAt(followed.endBand.early) : run.end?.earlyMs;
  // The forecast is some minutes old at most: what has passed since is no time that it may come at.
  const early = earliest === undefined ? undefined : Math.max(earliest, now);
  const late = followed?.endBand?.late === undefined ? run.end?.lateMs : msAt(followed.endBand.late);
  const left = end === undefined ? undefined : end - now;
  const isBath = run.started.bath !== undefined;
  const between = early !== undefined && late !== undefined && late - early > 2 * MINUTE_MS;
  return (
    <div className={css.runNow}>
      <span className={clsx(css.minutes, 'num')}>{left === undefined ? '–' : left <= 0 ? 'there' : countdown(left)}</span>
      <span>
        {end === undefined || left === undefined
          ? 'At this rate it does not come there within a day of the plan: open up, or take more water out.'
          : isBath
            ? left <= 0
              ? 'The bath is over: out into clean water now.'
              : `until the bath is over, at ${when(end)}; somebody stays beside it`
            : left <= 0
              ? `Calculated near enough to ${run.tank.code}. Read both with the same meter, then release.`
              : `until it is near enough to ${run.tank.code}, about ${when(end)}${between ? `, nine in ten between ${when(early)} and ${when(late)}` : ''}`}
      </span>
    </div>
  );
}

export function Figures({ run, followed, now }: { run: RunCard; followed?: Followed; now: number }) {
  const { say } = useUnits();
  const { when } = useTimes();
  const { boundUntilMs } = standingOf(run);
  if (!followed) return <p className={clsx(css.runFigures, 'soft')}>being calculated …</p>;
  const { salinity, temperature, pH, nh3, oxygen } = followed.now;
  const tank = tankBy(runFactsOf(run), Number.MAX_SAFE_INTEGER);
  const opened = openedAtMs(run);
  const bySalt = Math.abs(run.started.start.salinity - tank.salinity) > run.started.within.salinity;
  return (
    <p className={css.runFigures}>
      {bySalt && (
        <b className="num">
          {say('salinity', salinity)} <span className="soft">→ {say('salinity', tank.salinity)}</span>
        </b>
      )}
      <span className="num">{say('temperature', temperature)}</span>
      <span className="num">pH {pH.toFixed(1)}</span>
      <span className="num">O₂ {oxygen.toFixed(1)} mg/L</span>
      <span className={`num${nh3 >= WATCH_FROM ? ' warn' : ''}`}>
        toxic {nh3.toFixed(3)} mg/L, {ammoniaBand(nh3)}
      </span>
      <Figured
        figure={ammoniaFigure(followed.now, 'Calculated minute by minute from what was poured, dripped, aired and breathed.', RUN_BAND)}
      />
      {boundUntilMs !== undefined && (
        <span className={`num${now >= boundUntilMs ? ' warn' : ''}`}>
          ammonia binder {now >= boundUntilMs ? 'spent since' : 'holds until'} {when(boundUntilMs)}
        </span>
      )}
      {opened !== undefined && <span className="num">open {countdown(now - opened)}</span>}
      <span className="soft">calculated{run.readings.length > 0 ? ', by what was read' : ''}</span>
    </p>
  );
}
