// The walk: tank after tank, clean before suspect. All well is one tap or one key; what is odd costs more.
import { clsx } from 'clsx';
import { memo, useEffect, useRef } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { RoundsView, RoundTank } from '#contract/views.ts';
import { progress, ROUNDS, type RoundName } from '#core/rounds/index.ts';
import { useShown } from '../data/overlay.ts';
import { useStable } from '../data/useStable.ts';
import { useKey } from '../keys/useKey.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { AllDone, NotOnWalk } from './Ends.tsx';
import { plural } from '../words/text.ts';
import { overlayRounds } from './overlay.ts';
import css from './rounds.module.scss';
import { TankCheck } from './TankCheck.tsx';

export default function Rounds() {
  const [query, setQuery] = useSearchParams();
  const asked = query.get('round');
  const { shown: view, error, mutate } = useShown('rounds', overlayRounds, asked ? { round: asked } : {});
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  const named = query.get('tank');
  const tank =
    named === null ? view.tanks.find(({ checkedAtMs }) => checkedAtMs === undefined) : view.tanks.find(({ code }) => code === named);
  const go = (where: Record<string, string>) => setQuery({ ...(asked ? { round: asked } : {}), ...where });
  if (view.tanks.length === 0)
    return (
      <div className="empty">
        <h2>No fish to check</h2>
        <p>Tanks join the walk as soon as fish live in them.</p>
      </div>
    );
  return (
    <div className={css.rounds}>
      <h1 className="visually-hidden">Rounds</h1>
      <Walk
        view={view}
        current={tank}
        onChoose={(code) => go({ tank: code })}
        onRound={(round) => setQuery(round === view.current ? {} : { round })}
      />
      {tank ? (
        <TankCheck key={tank.id} tank={tank} view={view} onDone={() => go(nextAfter(tank, view.tanks))} />
      ) : named !== null ? (
        <NotOnWalk code={named} onWalk={() => go({})} />
      ) : (
        <AllDone view={view} />
      )}
    </div>
  );
}

/** The next tank in the walk that nobody has looked at: on from here, then from the start. */
function nextAfter(tank: RoundTank, tanks: readonly RoundTank[]): Record<string, string> {
  const index = tanks.indexOf(tank);
  const next = [...tanks.slice(index + 1), ...tanks.slice(0, index)].find(({ checkedAtMs }) => checkedAtMs === undefined);
  return next ? { tank: next.code } : {};
}

type WalkItemProps = { tank: RoundTank; heading?: string; here: boolean; onChoose: (code: string) => void };

/** Hundreds of them stand there, and a press changes two. */
const WalkItem = memo(function WalkItem({ tank, heading, here, onChoose }: WalkItemProps) {
  return (
    <li>
      {heading !== undefined && <div className={css.walkRack}>{heading}</div>}
      <button
        type="button"
        className={clsx(css.walkItem, tank.checkedAtMs !== undefined && css.looked)}
        aria-current={here}
        aria-label={`${tank.code}, ${tank.checkedAtMs === undefined ? 'to check' : tank.allWell ? 'all well' : 'odd'}`}
        onClick={() => onChoose(tank.code)}
      >
        <span className="code">{tank.code}</span>
        <span className={css.what}>{tank.lots.map(({ n, label }) => `${n} ${label}`).join(', ')}</span>
        <span>
          {tank.checkedAtMs === undefined ? (
            tank.odd.length > 0 ? (
              <b className="warn">odd</b>
            ) : tank.lots.some(({ fast }) => fast?.hungry) ? (
              <b className="warn">unfed</b>
            ) : (
              ''
            )
          ) : tank.allWell ? (
            '✓'
          ) : (
            <b className="warn">✓ odd</b>
          )}
        </span>
      </button>
    </li>
  );
});

type WalkProps = { view: RoundsView; current?: RoundTank; onChoose: (code: string) => void; onRound: (round: RoundName) => void };

function Walk({ view, current, onChoose, onRound }: WalkProps) {
  useKey('rounds.move', (key) => {
    const index = view.tanks.indexOf(current ?? view.tanks[0]!);
    const next = view.tanks[current ? index + (key === 'ArrowUp' ? -1 : 1) : 0];
    if (next) onChoose(next.code);
  });
  const choose = useStable(onChoose);
  // The list stands where the hand is; the page itself does not move for it.
  const list = useRef<HTMLOListElement>(null);
  const here = current?.id;
  useEffect(() => {
    const item = here === undefined ? null : list.current?.querySelector<HTMLElement>('[aria-current="true"]');
    if (!item || !list.current) return;
    const [from, to] = [list.current.getBoundingClientRect(), item.getBoundingClientRect()];
    list.current.scrollBy?.(
      to.left - from.left - (from.width - to.width) / 2,
      to.top < from.top || to.bottom > from.bottom ? to.top - from.top - (from.height - to.height) / 2 : 0,
    );
  }, [here]);
  const { checked, total } = progress(view.tanks.map(({ checkedAtMs }) => ({ checked: checkedAtMs !== undefined })));
  return (
    <div className={css.walkSide}>
      <div className={clsx('tabs', css.roundTabs)} role="group" aria-label="Rounds of today">
        {ROUNDS.map((round) => (
          <Button
            key={round}
            variant="plain"
            className={round === view.round ? 'chip-on' : ''}
            aria-pressed={round === view.round}
            onClick={() => onRound(round)}
          >
            <b>{round === 'morning' ? 'Morning' : 'Evening'}</b>{' '}
            <span>
              <span className="num">{view.left[round]}</span> to check
            </span>
          </Button>
        ))}
      </div>
      <p className="visually-hidden" role="status">
        {checked} of {total} done
      </p>
      <ol className={css.walk} ref={list} aria-label="Tanks in walking order">
        {view.tanks.map((tank, index) => {
          const before = view.tanks[index - 1];
          const heading = tank.suspect ? 'Suspect, last' : tank.rack;
          const isNew = !before || (before.suspect ? 'Suspect, last' : before.rack) !== heading;
          return <WalkItem key={tank.id} tank={tank} heading={isNew ? heading : undefined} here={tank === current} onChoose={choose} />;
        })}
      </ol>
      <nav className={css.ways} aria-label="Beside the round">
        {view.toFeed > 0 && (
          <Link className="btn btn-link btn-quiet" to="/rounds/feed">
            Feed only: {plural(view.toFeed, 'tank')}
          </Link>
        )}
        <Link className="btn btn-link btn-quiet" to="/rounds/kitchen">
          Kitchen sheet
        </Link>
        <Link className="btn btn-link btn-quiet" to="/rounds/water">
          Water tests
        </Link>
        <Link className="btn btn-link btn-quiet" to="/rounds/chores">
          Chores
        </Link>
        <Link className="btn btn-link btn-quiet" to={view.round === view.current ? '/rounds/sheet' : `/rounds/sheet?round=${view.round}`}>
          This round on paper
        </Link>
      </nav>
    </div>
  );
}
