// Of the water of the tank in front: what is to be tested, what is over its limit, whether less is fed.
import { Link } from 'react-router';
import type { RoundTank } from '#contract/views.ts';
import { capital } from '../words/text.ts';
import { sayQuantity } from '../words/waterTests.ts';

export function TankWater({ tank }: { tank: RoundTank }) {
  if (!tank.water) return null;
  const { due, over, feedLess } = tank.water;
  const listed = (quantities: typeof over) => quantities.map(sayQuantity).join(', ');
  return (
    <p className="tight">
      {over.length > 0 && <b className="warn">{capital(listed(over))} over the limit. </b>}
      {feedLess && <b className="warn">Feed half, for {sayQuantity(feedLess)}. </b>}
      <Link to={`/rounds/water?tank=${encodeURIComponent(tank.code)}`}>
        {due.length > 0 ? `Test ${listed(due)}` : over.length > 0 ? 'Say what is done' : 'To its water'}
      </Link>
    </p>
  );
}
