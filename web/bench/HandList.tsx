// The list beside the one in front: every bag and vessel in hand, with what it asks for next.
import { clsx } from 'clsx';
import { Link, useSearchParams } from 'react-router';
import type { Afloat, BenchBag, RunCard } from '#contract/views.ts';
import type { DockSettings } from '#core/dock/index.ts';
import { soonest } from '#core/runs/index.ts';
import { wantsCleanWater } from '../dock/route.ts';
import { useKey } from '../keys/useKey.ts';
import { METHOD_TITLES, RULE_SAYS } from '../words/runs.ts';
import { capital, countdown } from '../words/text.ts';
import css from './bench.module.scss';

export const dueAt = (run: RunCard): number => soonest(run.dues)?.dueAtMs ?? Infinity;

type ListProps = {
  bags: readonly BenchBag[];
  runs: readonly RunCard[];
  /** None while the next one waits to be chosen. */
  chosen: BenchBag | RunCard | undefined;
  floatOf: (bag: BenchBag) => Afloat | undefined;
  now: number;
};

export function HandList({ bags, runs, chosen, floatOf, now }: ListProps) {
  const [, setQuery] = useSearchParams();
  const all = [...runs.map((run) => ({ run: run.run })), ...bags.map(({ bag }) => ({ bag }))];
  const index = all.findIndex((item) =>
    chosen === undefined
      ? false
      : 'run' in item
        ? 'run' in chosen && item.run === chosen.run
        : !('run' in chosen) && item.bag === chosen.bag,
  );
  useKey('bench.move', (key) => {
    const next = all[index + (key === 'ArrowUp' ? -1 : 1)];
    if (next) setQuery(next);
  });
  return (
    <ul className={css.benchList} aria-label="Bags and vessels in hand">
      {runs.length > 1 && (
        <li>
          <Link className={clsx(css.benchItem, css.benchSide)} to="/bench?runs=all">
            {runs.length} vessels side by side
          </Link>
        </li>
      )}
      {runs.map((run) => (
        <li key={run.run}>
          <RunItem run={run} now={now} current={run === chosen} />
        </li>
      ))}
      {bags.map((bag) => (
        <li key={bag.bag}>
          <BagItem bag={bag} float={floatOf(bag)} now={now} current={bag === chosen} />
        </li>
      ))}
    </ul>
  );
}

type Turn = { float: Afloat | undefined; now: number; rules: DockSettings };
/** Due floats, then fish that wait for clean water, then those in it, then bags ready to float, then floats that run, then bags without a tank. */
export function turnOf(bag: BenchBag, { float, now, rules }: Turn): number {
  if (float) return float.dueAtMs <= now ? 0 : 3 + float.dueAtMs / 1e15;
  if (wantsCleanWater(bag, rules)) return 1;
  if (bag.clean) return 1.5;
  return bag.tank ? 2 : 5;
}

function RunItem({ run, now, current }: { run: RunCard; now: number; current: boolean }) {
  const next = soonest(run.dues);
  const left = next && next.dueAtMs - now;
  const due = left !== undefined && left <= 0;
  return (
    <Link className={clsx(css.benchItem, due && 'due')} aria-current={current} to={`/bench?run=${run.run}`}>
      <span>
        <b className="num">{run.n}</b> {run.lotLabel}
      </span>
      <span className={css.to}>{left === undefined ? run.tank.code : due ? 'due' : countdown(left)}</span>
      <span className="soft">
        {capital(run.started.vessel.name)} · {METHOD_TITLES[run.method].toLowerCase()} for {run.tank.code}
        {next && `, ${RULE_SAYS[next.rule]}`}
      </span>
    </Link>
  );
}

function BagItem({ bag, float, now, current }: { bag: BenchBag; float: Afloat | undefined; now: number; current: boolean }) {
  const left = float && float.dueAtMs - now;
  const due = left !== undefined && left <= 0;
  return (
    <Link className={clsx(css.benchItem, due && 'due')} aria-current={current} to={`/bench?bag=${bag.bag}`}>
      <span>
        <b className="num">{bag.alive}</b> {bag.lotLabel}
      </span>
      <span className={css.to}>{left === undefined ? (bag.tank?.code ?? '') : due ? 'due' : countdown(left)}</span>
      <span className="soft">
        {capital(bag.label)} ·{' '}
        {float
          ? `afloat in ${float.tankCode}`
          : bag.clean
            ? `in clean water, ${bag.clean.vessel}`
            : bag.chosen
              ? bag.chosen.method
              : bag.tank
                ? 'ready to float'
                : 'no tank yet'}
      </span>
    </Link>
  );
}
