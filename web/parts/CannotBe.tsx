// What cannot be calculated says so in its own place, with why; the rest goes on.
import Button from 'react-bootstrap/Button';

export function CannotBe({ what, why, onAgain }: { what: string; why: string; onAgain: () => void }) {
  return (
    <div role="alert">
      <p className="warn">
        {what} cannot be calculated: {why}.
      </p>
      <p className="soft">
        Everything else goes on, and what was written is kept. Look after them by eye and by meter.{' '}
        <Button variant="link" className="btn-quiet" onClick={onAgain}>
          Try again
        </Button>
      </p>
    </div>
  );
}
