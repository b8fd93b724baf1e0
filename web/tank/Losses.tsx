// What was lost here; a lead may class a death anew, with a reason, which can give a lot its days back.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { TankView } from '#contract/views.ts';
import { CAUSES, type Cause } from '#core/rounds/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite, useTimes } from '../data/me.ts';
import { sayLoss } from '../words/rounds.ts';
import { classedEntry } from './draft.ts';

export function Losses({ losses }: { losses: TankView['losses'] }) {
  const { when } = useTimes();
  const lead = useMayWrite('loss.classed');
  const [open, setOpen] = useState<string>();
  if (losses.length === 0) return null;
  return (
    <>
      <h3>Lost here</h3>
      <ul className="plain-list">
        {losses.slice(0, 6).map((loss) => {
          const { entry, label, n, cause, said, atMs } = loss;
          return (
            <li key={entry}>
              {n} {label}: {cause}
              {cause !== said && <span className="soft"> (said at first: {said})</span>}
              <span className="soft">, {when(atMs)}</span> <span className="soft">{sayLoss(loss, when)}</span>{' '}
              {lead && (
                <Button
                  variant="quiet"
                  className="btn-quiet"
                  aria-expanded={open === entry}
                  aria-label={`Class the loss of ${label} anew`}
                  onClick={() => setOpen(open === entry ? undefined : entry)}
                >
                  Change the cause
                </Button>
              )}
              {open === entry && <Classed loss={entry} label={label} now={cause} onDone={() => setOpen(undefined)} />}
            </li>
          );
        })}
      </ul>
    </>
  );
}

function Classed({ loss, label, now, onDone }: { loss: string; label: string; now: Cause; onDone: () => void }) {
  const { recordAction } = useActions();
  const [cause, setCause] = useState<Cause>(now);
  const [why, setWhy] = useState('');
  return (
    <form
      className="tank-form"
      onSubmit={(event) => {
        event.preventDefault();
        void recordAction(`Loss of ${label}: ${cause}`, classedEntry(loss, cause, why)).then(onDone);
      }}
    >
      <Form.Select aria-label="What it was" value={cause} onChange={(event) => setCause(event.target.value as Cause)}>
        {CAUSES.map((cause) => (
          <option key={cause}>{cause}</option>
        ))}
      </Form.Select>
      <Form.Control
        aria-label="Why you say so; it is kept"
        placeholder="Why you say so; it is kept"
        value={why}
        maxLength={300}
        onChange={(event) => setWhy(event.target.value)}
      />
      <Button type="submit" variant="plain" disabled={why.trim() === '' || cause === now}>
        It was {cause}
      </Button>
    </form>
  );
}
