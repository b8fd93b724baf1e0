// The fish in hand are not there any more: somebody was quicker. Where they are now, and the way on.
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { RoomView } from '#contract/views.ts';

type Props = { view: RoomView; lot: string; from: string; onTake: (lot: string, from: string) => void; onDone: () => void };

export function HandGone({ view, lot, from, onTake, onDone }: Props) {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const now = tanks.flatMap((tank) => tank.occupants.filter((occupant) => occupant.lot === lot).map((occupant) => ({ ...occupant, tank })));
  const label = now[0]?.label ?? 'fish';
  const code = tanks.find(({ id }) => id === from)?.code;
  return (
    <>
      <h2>Somebody was quicker</h2>
      <p role="alert">
        {code ? `The ${label} are not in ${code} any more` : 'That tank is gone'}
        {now.length > 0 ? `: ${now.map(({ n, tank }) => `${n} in ${tank.code}`).join(', ')} now.` : ', nor in any tank of the house.'}{' '}
        <Link to={`/lot/${lot}`}>What happened</Link>
      </p>
      <div className="chips">
        {now.map(({ tank }) => (
          <Button key={tank.id} variant="plain" onClick={() => onTake(lot, tank.id)}>
            Take them from {tank.code}
          </Button>
        ))}
        <Button variant="plain" onClick={onDone}>
          Leave them
        </Button>
      </div>
    </>
  );
}
