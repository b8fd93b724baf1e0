// On a phone: the stations that have no place at the foot.
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useOutbox } from '../data/house.ts';
import { DemoClock } from '../frame/DemoClock.tsx';
import { ThemeSwitch } from '../frame/ThemeSwitch.tsx';
import { SignOut } from '../frame/SignOut.tsx';
import { LineButton } from './FrameKeys.tsx';
import { STATIONS } from './stations.ts';

const Calculators = lazy(() => import('../calculators/Calculators.tsx'));

export function More() {
  const { acts } = useOutbox();
  const open = acts.filter(({ state }) => state !== 'saved').length;
  return (
    <div className="more">
      <h1 className="visually-hidden">More</h1>
      <ul className="rows">
        {STATIONS.filter(({ foot }) => !foot).map(({ to, name }) => (
          <li key={to}>
            <Link className="row-button" to={to}>
              {name} {to === '/logbook' && open > 0 && <span className="waiting">{open} not answered</span>}
            </Link>
          </li>
        ))}
        <li>
          <Link className="row-button" to="/find">
            Find a fish
          </Link>
        </li>
        <li>
          <Link className="row-button" to="/room/moves">
            Catch slips
          </Link>
        </li>
        <li>
          <Link className="row-button" to="/handbook">
            Handbook
          </Link>
        </li>
        <li>
          <Link className="row-button" to="/you">
            You: units, theme, PIN
          </Link>
        </li>
      </ul>
      <LineButton />
      <Suspense fallback={null}>
        <Calculators />
      </Suspense>
      <ThemeSwitch />
      <DemoClock />
      <SignOut />
    </div>
  );
}
