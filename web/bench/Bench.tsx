// The bench: bags in hand and what each asks for next; one of them in front.
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { BenchBag, Run } from '#contract/views.ts';
import { triage } from '#core/dock/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { unseenActs, useOutbox, useView } from '../data/house.ts';
import { useKey } from '../keys/useKey.ts';
import { useMe } from '../data/me.ts';
import { capital, countdown } from '../frame/RunningStrip.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { FloatCard } from './FloatCard.tsx';
import { withPending } from './pending.ts';
import { ReleaseCard } from './ReleaseCard.tsx';
import { WayCard } from './WayCard.tsx';

export default function Bench() {
  const { data, error, mutate } = useView('bench');
  const outbox = useOutbox();
  const { person } = useMe();
  const [query] = useSearchParams();
  const now = useHouseNow(1000);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const view = withPending(data, unseenActs(outbox, data.seq), person.name);
  const runOf = (bag: BenchBag) => view.runs.find((run) => run.bag === bag.bag);
  const ordered = [...view.bags].sort((one, other) => turnOf(one, runOf(one), now) - turnOf(other, runOf(other), now));
  const chosen = ordered.find(({ bag }) => bag === query.get('bag')) ?? ordered[0];
  if (!chosen) {
    return (
      <div className="empty">
        <h2>No bag in hand</h2>
        <p>Bags come here when they are landed and their tank is chosen.</p>
        <Link className="btn btn-plain" to="/dock">
          To the dock
        </Link>
      </div>
    );
  }
  const run = runOf(chosen);
  return (
    <div className="bench">
      <h1 className="visually-hidden">Bench</h1>
      <BagList bags={ordered} chosen={chosen} runOf={runOf} now={now} />
      <section className="card bench-card" aria-label={`${chosen.label}, ${chosen.lotLabel}`}>
        {run ? (
          <ReleaseCard key={run.run} bag={chosen} run={run} now={now} />
        ) : chosen.tank ? (
          <Before
            key={`${chosen.bag} ${chosen.tank.id}`}
            bag={chosen}
            siblings={ordered.filter((one) => one.lot === chosen.lot && one !== chosen && !one.afloat && !one.chosen)}
          />
        ) : (
          <NoTank bag={chosen} />
        )}
      </section>
    </div>
  );
}

/** First which way, unless it was chosen or nothing can wait for it; then the float. */
function Before({ bag, siblings }: { bag: BenchBag; siblings: BenchBag[] }) {
  const [skip, setSkip] = useState(false);
  const urgent = bag.landed?.bagState === 'soft' || bag.landed?.condition === 'critical';
  if (urgent || bag.chosen || skip) return <FloatCard bag={bag} />;
  return <WayCard bag={bag} siblings={siblings} onSkip={() => setSkip(true)} />;
}

type ListProps = { bags: readonly BenchBag[]; chosen: BenchBag; runOf: (bag: BenchBag) => Run | undefined; now: number };

function BagList({ bags, chosen, runOf, now }: ListProps) {
  const [, setQuery] = useSearchParams();
  useKey('bench.move', (key) => {
    const next = bags[bags.indexOf(chosen) + (key === 'ArrowUp' ? -1 : 1)];
    if (next) setQuery({ bag: next.bag });
  });
  return (
    <ul className="bench-list" aria-label="Bags in hand">
      {bags.map((bag) => (
        <li key={bag.bag}>
          <BagItem bag={bag} run={runOf(bag)} now={now} current={bag === chosen} />
        </li>
      ))}
    </ul>
  );
}

/** Due floats, then first aid, then bags ready to float, then floats that run, then bags without a tank. */
function turnOf(bag: BenchBag, run: Run | undefined, now: number): number {
  if (run) return run.dueAtMs <= now ? 0 : 3 + run.dueAtMs / 1e15;
  if (bag.landed && triage(bag.landed) === 'first aid') return 1;
  return bag.tank ? 2 : 5;
}

function BagItem({ bag, run, now, current }: { bag: BenchBag; run: Run | undefined; now: number; current: boolean }) {
  const left = run && run.dueAtMs - now;
  const due = left !== undefined && left <= 0;
  return (
    <Link className={`bench-item${due ? ' due' : ''}`} aria-current={current} to={`/bench?bag=${bag.bag}`}>
      <span>
        <b className="num">{bag.alive}</b> {bag.lotLabel}
      </span>
      <span className="to">{left === undefined ? (bag.tank?.code ?? '') : due ? 'due' : countdown(left)}</span>
      <span className="soft">
        {capital(bag.label)} · {run ? `afloat in ${run.tankCode}` : bag.tank ? 'ready to float' : 'no tank yet'}
      </span>
    </Link>
  );
}

function NoTank({ bag }: { bag: BenchBag }) {
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label}
      </p>
      <p className="big">
        <span className="num">{bag.alive}</span> {bag.lotLabel}
      </p>
      <p>It floats in the tank where its fish will live: choose that first.</p>
      <Link className="btn btn-act" to={`/room?bag=${bag.bag}`}>
        Choose a tank<small>for {bag.label}</small>
      </Link>
    </>
  );
}
