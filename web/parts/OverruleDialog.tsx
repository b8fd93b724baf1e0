// The one way to pass over a refusal: what stands against it, who may, and the reason, which is kept with the entry.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { WITHOUT_LEAD, type Overrule, type Refusal } from '#core/journal/index.ts';
import { isTaken, KNOWINGLY, type CompatibilityCode } from '#core/placement/index.ts';
import { useRank } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { sayRefusal } from '../words/refusals.ts';
import { Chips } from './Chips.tsx';

type Props = {
  title: string;
  doing: string;
  refusals: readonly Pick<Refusal, 'code' | 'facts' | 'overrule' | 'emergency'>[];
  /** Who is put in quarantine again with it, unless somebody says not. */
  again?: string;
  onClose: () => void;
  onOverrule: (why: Pick<Overrule, 'reason' | 'without'> & { again?: true }) => void;
};

export function OverruleDialog({ title, doing, refusals, again: met = '', onClose, onOverrule }: Props) {
  const [reason, setReason] = useState('');
  const lead = useRank('lead');
  const keeper = useRank('keeper');
  const [again, setAgain] = useState<boolean>(true);
  const [without, setWithout] = useState<Overrule['without']>();
  // Some of it a keeper passes over with a reason; where fish cannot wait, all of it, and a lead is called.
  const own = refusals.every(({ overrule }) => overrule === 'trainee' || (overrule === 'keeper' && keeper));
  const emergency =
    !lead &&
    !own &&
    keeper &&
    refusals.every(({ overrule, emergency: urgent }) => urgent || overrule === 'keeper' || overrule === 'trainee');
  // Costs are taken knowingly by one tap; a reason may be given.
  const onlyCosts = refusals.every(({ code, overrule }) =>
    isTaken({ code: code as CompatibilityCode, ...(overrule === 'lead' ? { lead: true } : {}) }),
  );
  const may = lead || own || (emergency && without !== undefined);
  const voice = useVoice();
  return (
    <Modal show onHide={onClose} centered aria-labelledby="overrule-title">
      <Modal.Body>
        <h2 id="overrule-title">{title}</h2>
        <ul>
          {refusals.map((refusal) => (
            <li key={refusal.code + JSON.stringify(refusal.facts)}>{sayRefusal(refusal, voice)}</li>
          ))}
        </ul>
        {!lead && !own && <p>A lead may do it all the same, with a reason.</p>}
        {emergency && (
          <>
            <Chips label="Without a lead, only because" options={WITHOUT_LEAD} value={without} onChange={setWithout} />
            {without && <p className="soft">It is written down as that, and a lead is called.</p>}
          </>
        )}
        {met !== '' && keeper && (
          <Form.Check
            type="checkbox"
            id="overrule-again"
            label={`Back in quarantine: ${met}`}
            checked={again}
            onChange={(event) => setAgain(event.target.checked)}
          />
        )}
        {may && (
          <Form.Group controlId="overrule-reason" className="field">
            <Form.Label className="label">Why you do it all the same; it is kept with the entry</Form.Label>
            <Form.Control autoFocus value={reason} maxLength={300} onChange={(event) => setReason(event.target.value)} />
          </Form.Group>
        )}
        <div className="chips">
          {may && (
            <Button
              variant="primary"
              disabled={reason.trim() === '' && !onlyCosts}
              onClick={() =>
                onOverrule({
                  ...(again && keeper && met !== '' ? { again: true as const } : {}),
                  reason: reason.trim() || KNOWINGLY,
                  ...(emergency ? { without } : {}),
                })
              }
            >
              {doing}
            </Button>
          )}
          <Button variant="plain" onClick={onClose}>
            Leave it
          </Button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
