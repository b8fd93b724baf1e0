// All vessels side by side: what each wants next and when, most urgent first.
import { clsx } from 'clsx';
import { Link } from 'react-router';
import type { RunCard } from '#contract/views.ts';
import { soonest } from '#core/runs/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { METHOD_TITLES, RULE_SAYS } from '../words/runs.ts';
import { capital, countdown } from '../words/text.ts';
import css from './runs.module.scss';

export function Board({ runs }: { runs: readonly RunCard[] }) {
  const ordered = [...runs].sort((a, b) => dueOf(a) - dueOf(b));
  return (
    <ul className={css.runBoard} aria-label="Vessels side by side">
      {ordered.map((run) => (
        <li key={run.run}>
          <BoardCard run={run} />
        </li>
      ))}
    </ul>
  );
}

const dueOf = (run: RunCard): number => soonest(run.dues)?.dueAtMs ?? Infinity;

function BoardCard({ run }: { run: RunCard }) {
  const now = useHouseNow(1000);
  const { when } = useTimes();
  const { say } = useUnits();
  const next = soonest(run.dues);
  const left = next ? next.dueAtMs - now : undefined;
  const due = left !== undefined && left <= 0;
  const { startedAtMs, end, started } = run;
  const done = end ? Math.min(1, Math.max(0, (now - startedAtMs) / Math.max(1, end.atMs - startedAtMs))) : 0;
  const salt = run.readings.findLast(({ quantity }) => quantity === 'salinity');
  return (
    <Link className={clsx(css.runTile, due && 'due')} to={`/bench?run=${run.run}`}>
      <span className={css.runTileHead}>
        <b>{capital(started.vessel.name)}</b>
        <span>{run.tank.code}</span>
      </span>
      <span>
        <span className="num">{run.n}</span> {run.lotLabel}
      </span>
      <span className={clsx(css.runTileClock, 'num')}>{left === undefined ? '–' : due ? 'due' : countdown(left)}</span>
      <span>{next ? RULE_SAYS[next.rule] : METHOD_TITLES[run.method]}</span>
      <span className={css.runTileBar}>
        <i ref={(element) => void element?.style.setProperty('width', `${done * 100}%`)} />
      </span>
      <span className="soft">
        {end ? `there about ${when(end.atMs)}` : 'not there at this rate'}
        {salt ? ` · ${say('salinity', salt.value)} read ${when(salt.atMs)}` : ''}
      </span>
      <span className="soft">{run.watcher ? `${run.watcher.name} watches` : 'nobody named'}</span>
    </Link>
  );
}
