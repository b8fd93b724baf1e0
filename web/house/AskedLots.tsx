// The lots of a list that something stands against: each with why, said all the same by one tap or left out.
import Button from 'react-bootstrap/Button';
import { useVoice } from '../data/voice.ts';
import { sayAll } from '../words/refusals.ts';
import { plural } from '../words/text.ts';
import { mayStand, standing, type AskedLot, type CountedLot } from './countLots.ts';
import css from './house.module.scss';

type Props = { asked: readonly AskedLot[]; onStand: (lots: readonly CountedLot[]) => void; onLeave: () => void };

export function AskedLots({ asked, onStand, onLeave }: Props) {
  const voice = useVoice();
  const may = asked.filter(mayStand);
  if (asked.length === 0) return <p role="status">All are counted.</p>;
  return (
    <section aria-label="Lots that are asked about">
      <h3>{plural(asked.length, 'lot is', 'lots are')} asked about; all else is counted</h3>
      <ul className="plain-list">
        {asked.map(({ key, words, refusals, code }) => (
          <li key={key}>
            <b>{words}</b>: <span className="warn">{sayAll(refusals, code, voice)}</span>
          </li>
        ))}
      </ul>
      <div className={css.listActs}>
        {may.length > 0 && (
          <Button variant="act" onClick={() => onStand(may.map(standing))}>
            {may.length === 1 ? 'It lives there all the same' : `All ${may.length} live there all the same`}
          </Button>
        )}
        <Button variant="plain" onClick={onLeave}>
          Leave {asked.length === 1 ? 'it' : 'them'} out
        </Button>
      </div>
    </section>
  );
}
