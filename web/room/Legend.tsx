// Nothing chosen: what the pictures mean, what is empty, what is planned and due in the room.
import { Link } from 'react-router';
import type { QuarantineCard, MovesView, RoomView } from '#contract/views.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { ToolList } from '../exposure/ToolList.tsx';
import { plural } from '../words/text.ts';

type Props = { view: RoomView; moves: MovesView | undefined; clocks: ReadonlyMap<string, QuarantineCard> };

export function Legend({ view, moves, clocks }: Props) {
  const lead = useMayWrite('tank.changed');
  const { when } = useTimes();
  const tanks = view.racks.flatMap((rack) => rack.tanks).filter(({ vessel }) => vessel === 'tank');
  const empty = tanks.filter(({ occupants, purpose }) => occupants.length === 0 && purpose !== 'customer');
  const mayLeave = [...clocks.values()].filter(({ clock }) => clock.blockers.length === 0);
  const open = moves?.tasks.filter(({ done, dropped }) => !done && !dropped) ?? [];
  const stayLimits = moves?.stayLimits.filter(({ vessel, untilMs }) => vessel !== 'tank' || untilMs !== undefined) ?? [];
  return (
    <>
      <h2>
        {tanks.length} tanks, {view.systems.length} systems
      </h2>
      <p>Tap a tank to see who lives there. Drag fish to another tank, or tap Move and then the tank.</p>
      <ul className="plain-list">
        <li>
          <Link to="?clock=may+leave">
            {mayLeave.length === 0 ? 'No quarantine can be signed off yet' : `${plural(mayLeave.length, 'lot')} may be signed off`}
          </Link>
        </li>
        <li>
          <Link to="/room/moves">
            {open.length === 0 ? 'No catch slip is open' : `${open.length} catch ${open.length === 1 ? 'slip' : 'slips'} open`}
          </Link>
        </li>
        {stayLimits.map(({ stayLimit, n, lotLabel, tankCode, untilMs, tank }) => (
          <li key={stayLimit}>
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
        A thick line: in quarantine, its tally below. A code with !: suspect, walked last. Tanks on one sump are one system: what one has,
        all have.
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
