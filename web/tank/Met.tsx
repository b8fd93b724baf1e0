// What came straight from other tanks, and what was fed: the last of each.
import { Link } from 'react-router';
import type { TankView } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { Strokes } from '../parts/Strokes.tsx';

type Full = TankView & { tank: NonNullable<TankView['tank']> };

/** Wet tools and water that came straight from here or to here. */
export function Contacts({ view: { contacts, tank } }: { view: Full }) {
  const { when } = useTimes();
  if (contacts.length === 0) return null;
  return (
    <>
      <h3>Met directly</h3>
      <ul className="plain-list">
        {contacts.map(({ entry, by, name, from, to, atMs }) => {
          const neighbour = from.id === tank.id ? to : from;
          return (
            <li key={entry + from.id + to.id}>
              <Link to={`/tank/${encodeURIComponent(neighbour.code)}`}>{neighbour.code}</Link> {from.id === tank.id ? 'got' : 'gave'}{' '}
              {by === 'tool' ? `wet ${name}` : 'water'}
              <span className="soft">, {when(atMs)}</span>
            </li>
          );
        })}
      </ul>
    </>
  );
}

export function Meals({ meals }: Pick<Full, 'meals'>) {
  const { when } = useTimes();
  if (meals.length === 0) return null;
  return (
    <>
      <h3>Meals</h3>
      <ul className="plain-list">
        {meals.slice(0, 6).map(({ lot, label, food, response, atMs }) => (
          <li key={lot + atMs}>
            <Strokes response={response} /> {response}{' '}
            <span className="soft">
              {food}, {label}, {when(atMs)}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
