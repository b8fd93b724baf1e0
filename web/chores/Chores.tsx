// The chores of the walk: what to carry, then rack by rack what is due there, ticked for a whole rack by one tap; dirty things counted back and washed.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { ChoresView } from '#contract/views.ts';
import { useMe } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { useTitle } from '../frame/title.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { sayMany } from '../words/chores.ts';
import { plural } from '../words/text.ts';
import css from './chores.module.scss';
import { Heaps } from './Heaps.tsx';
import { overlayChores } from './overlay.ts';
import { RackChores } from './RackChores.tsx';

export default function Chores() {
  useTitle('Chores');
  const { shown: view, error, mutate } = useShown('chores', overlayChores);
  const [query] = useSearchParams();
  const put = useInAddress();
  const { person } = useMe();
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  if (view.chores.length === 0)
    return (
      <div className="empty">
        <h1>No chore is planned</h1>
        <p>Filter socks, water changes, top-off, glass, carbon: planned once by rack, each comes here by itself when it is due.</p>
        <Link className="btn btn-plain" to="/house?part=chores">
          Plan the first one
        </Link>
      </div>
    );
  const mine = query.get('whose') === 'mine';
  const meant = new Set(view.chores.filter(({ person: whose }) => !mine || whose === person.id).map(({ id }) => id));
  const racks = view.racks
    .map((rack) => ({ ...rack, chores: rack.chores.filter(({ chore, places }) => meant.has(chore) && places.length > 0) }))
    .filter(({ chores }) => chores.length > 0);
  return (
    <div className={css.chores}>
      <PaperHead title="Chores" />
      <div className={css.head}>
        <h1 className="station-title">Chores</h1>
        <p className="soft tight no-print">
          <Link to="/rounds">To the round</Link> · <Link to="/house?part=chores">Plan</Link> · <PrintButton />
        </p>
        <div className={clsx('chips', 'no-print')} role="group" aria-label="Whose">
          {[false, true].map((own) => (
            <Button
              key={String(own)}
              variant="plain"
              className={own === mine ? 'chip-on' : ''}
              aria-pressed={own === mine}
              onClick={() => put('whose', own ? 'mine' : '')}
            >
              {own ? 'Mine' : 'Everybody’s'}
            </Button>
          ))}
        </div>
      </div>
      <div className={css.racks}>
        {racks.length === 0 && <Nothing view={view} />}
        {racks.map((rack) => (
          <RackChores key={rack.id} rack={rack} view={view} />
        ))}
      </div>
      <div className={css.side}>
        <Kit view={view} />
        <Heaps view={view} />
      </div>
    </div>
  );
}

function Nothing({ view }: { view: ChoresView }) {
  const next = view.racks.flatMap(({ chores }) => chores.flatMap((at) => at.next?.dueDay ?? [])).toSorted((a, b) => a - b)[0];
  return <p>No chore is due{next === undefined ? '.' : `: the next in ${plural(next - view.day, 'day')}.`}</p>;
}

/** Everything that the due places take, to be carried from the back at once. */
function Kit({ view }: { view: ChoresView }) {
  if (view.kit.length === 0) return null;
  return (
    <section className="card" aria-label="To carry">
      <h2>To carry</h2>
      <ul className={css.kit}>
        {view.kit.map(({ item, name, unit, amount, here, short }) => (
          <li key={item}>
            <span>{name}</span>
            <b className="num">{sayMany(amount, unit)}</b>
            <span className={short === undefined ? 'soft' : 'warn'}>
              {here === undefined
                ? 'nobody counts it'
                : short === undefined
                  ? `${sayMany(here, unit)} here`
                  : `${sayMany(here, unit)} here: ${sayMany(short, unit)} short`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
