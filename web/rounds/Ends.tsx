// Where no tank of the walk is in front: all are checked, or the address names none.
import Button from 'react-bootstrap/Button';
import type { RoundsView } from '#contract/views.ts';

/** An address that names no tank of this walk shows none in its place. */
export function NotOnWalk({ code, onWalk }: { code: string; onWalk: () => void }) {
  return (
    <div className="empty">
      <h2>{code} is not on this walk</h2>
      <p>No fish live in it, or there is no such tank.</p>
      <Button variant="plain" onClick={onWalk}>
        To the next tank of the walk
      </Button>
    </div>
  );
}

export function AllDone({ view }: { view: RoundsView }) {
  const odd = view.tanks.filter(({ allWell }) => allWell === false);
  return (
    <div className="empty">
      <h2>The {view.round} round is done</h2>
      <p>
        {view.tanks.length} tanks checked{odd.length > 0 ? `; something odd in ${odd.map(({ code }) => code).join(', ')}` : ', all well'}.
      </p>
    </div>
  );
}
