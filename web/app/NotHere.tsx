// An address that leads nowhere says so, with the ways on.
import { Link, useLocation } from 'react-router';
import { STATIONS } from './stations.ts';

export function NotHere() {
  const { pathname } = useLocation();
  return (
    <div className="empty">
      <h1 className="station-title">There is no such page</h1>
      <p>
        Nothing is at <code>{pathname}</code>. It may have been mistyped, or be of another version.
      </p>
      <p>
        {STATIONS.map(({ to, name }, index) => (
          <span key={to}>
            {index > 0 && ' · '}
            <Link to={to}>{name}</Link>
          </span>
        ))}
      </p>
    </div>
  );
}
