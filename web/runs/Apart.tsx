// Read and calculated have parted: said at once, with what it may mean and what settles it.
import Button from 'react-bootstrap/Button';
import type { Parted } from '#core/runs/index.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { MEANING_WORDS } from '../words/runs.ts';

export function Apart({ parted, onRead }: { parted: readonly Parted[]; onRead: () => void }) {
  const { say } = useUnits();
  return (
    <>
      {parted.map(({ quantity, reading, reckoned, low, high, mayMean }) => (
        <Caution strong key={quantity}>
          <details open={matchMedia?.('(min-width: 701px)').matches ?? true}>
            <summary>
              <b>
                Read {say(quantity, reading.value)}, calculated {say(quantity, reckoned)}
              </b>
              : they have parted.
            </summary>
            It was to lie from {say(quantity, low)} to {say(quantity, high)}. Perhaps{' '}
            {mayMean.map((meaning) => MEANING_WORDS[meaning]).join(', or ')}.{' '}
            <Button variant="link" className="btn-quiet" onClick={onRead}>
              read again
            </Button>
          </details>
        </Caution>
      ))}
    </>
  );
}
