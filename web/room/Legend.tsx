// Nothing chosen: what the pictures mean, what is empty, what is planned and due in the room.
import { Link } from 'react-router';
import type { HoldCard, MovesView, RoomView } from '#contract/views.ts';
import { useMay, useTimes } from '../data/me.ts';
import { ToolList } from '../exposure/ToolList.tsx';

type Props = { view: RoomView; moves: MovesView | undefined; clocks: ReadonlyMap<string, HoldCard> };

export function Legend({ view, moves, clocks }: Props) {
  const lead = useMay('lead');
  const { when } = useTimes();
  const tanks = view.racks.flatMap((rack) => rack.tanks).filter(({ vessel }) => vessel === 'tank');
  const empty = tanks.filter(({ occupants, purpose }) => occupants.length === 0 && purpose !== 'customer');
  const mayLeave = [...clocks.values()].filter(({ clock }) => clock.blockers.length === 0);
  const open = moves?.slips.filter(({ done, dropped }) => !done && !dropped) ?? [];
  const stays = moves?.stays.filter(({ vessel, untilMs }) => vessel !== 'tank' || untilMs !== undefined) ?? [];
  return (
    <>
      <h2>
        {tanks.length} tanks, {view.systems.length} waters
      </h2>
      <p>Tap a tank to see who lives there. Drag fish to another tank, or tap Move and then the tank.</p>
      <ul className="plain-list">
        <li>
          <Link to="?clock=may+leave">
            {mayLeave.length === 0
              ? 'No hold may be signed off yet'
              : `${mayLeave.length} ${mayLeave.length === 1 ? 'hold' : 'holds'} may be signed off`}
          </Link>
        </li>
        <li>
          <Link to="/room/moves">
            {open.length === 0 ? 'No catch slip is open' : `${open.length} catch ${open.length === 1 ? 'slip' : 'slips'} open`}
          </Link>
        </li>
        {stays.map(({ stay, n, lotLabel, tankCode, untilMs, tank }) => (
          <li key={stay}>
            <Link to={`?tank=${tank}`}>
              {n} {lotLabel} in {tankCode}
            </Link>
            {untilMs !== undefined && <span className="soft">, out {when(untilMs)}</span>}
          </li>
        ))}
        <li>
          <Link to="?empty=1">{empty.length} empty</Link>: <span className="num">{empty.map(({ code }) => code).join(' ')}</span>
        </li>
      </ul>
      <p className="soft">
        A thick line on the water: on hold, its tally below. A code with !: suspect, walked last. Tanks on one sump are one water: what one
        has, all have.
      </p>
      <ToolList moves={moves} />
      <p>
        {lead && (
          <>
            <Link to="?edit=1">Edit the racks</Link> ·{' '}
          </>
        )}
        <Link to="/room/labels">Tank labels</Link>
      </p>
    </>
  );
}
