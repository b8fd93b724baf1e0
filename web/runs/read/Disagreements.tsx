// Read and calculated have parted: said at once, with what it may mean and what settles it.
import Button from 'react-bootstrap/Button';
import type { Disagreement } from '#core/runs/index.ts';
import { useUnits } from '../../data/units.ts';
import { Caution } from '../../parts/Caution.tsx';
import { MEANING_WORDS } from '../../words/runs.ts';

export function Apart({ disagreement, onRead }: { disagreement: readonly Disagreement[]; onRead: () => void }) {
  const { say } = useUnits();
  return (
    <>
      {disagreement.map(({ quantity, reading, calculated, low, high, mayMean }) => (
        <Caution strong key={quantity}>
          <details open={matchMedia?.('(min-width: 701px)').matches ?? true}>
            <summary>
              <b>
                Read {say(quantity, reading.value)}, calculated {say(quantity, calculated)}
              </b>
              : they disagree.
            </summary>
            Expected from {say(quantity, low)} to {say(quantity, high)}. Perhaps{' '}
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
