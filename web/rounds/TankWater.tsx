// Of the water of the tank in front: what is over its limit and whether less is fed, before anything is; what is to be tested, after.
import { Link } from 'react-router';
import type { RoundTank } from '#contract/views.ts';
import { capital } from '../words/text.ts';
import { sayQuantity } from '../words/waterTests.ts';

const listed = (quantities: NonNullable<RoundTank['water']>['over']) => quantities.map(sayQuantity).join(', ');
const toWater = ({ code }: RoundTank) => `/rounds/water?tank=${encodeURIComponent(code)}`;

export function WaterAlarm({ tank }: { tank: RoundTank }) {
  const { over = [], feedLess } = tank.water ?? {};
  if (over.length === 0 && !feedLess) return null;
  return (
    <p className="tight">
      {over.length > 0 && <b className="warn">{capital(listed(over))} over the limit. </b>}
      {feedLess && <b className="warn">Feed half, for {sayQuantity(feedLess)}. </b>}
      <Link to={toWater(tank)}>{over.length > 0 ? 'Say what is done' : 'To its water'}</Link>
    </p>
  );
}

export function TestsDue({ tank }: { tank: RoundTank }) {
  const { due = [] } = tank.water ?? {};
  if (due.length === 0) return null;
  return (
    <p className="tight">
      <Link to={toWater(tank)}>Test {listed(due)}</Link>
    </p>
  );
}
