// The one way to pass over a refusal: what stands against it, who may, and the reason, which is kept with the entry.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import type { Overrule, Refusal } from '#core/journal/index.ts';
import { useMay } from '../data/me.ts';
import { sayRefusal } from '../words/refusals.ts';
import { useVoice } from '../data/voice.ts';

type Props = {
  title: string;
  doing: string;
  refusals: readonly Pick<Refusal, 'code' | 'facts'>[];
  onClose: () => void;
  onOverrule: (overrules: Overrule[]) => void;
};

export function OverruleDialog({ title, doing, refusals, onClose, onOverrule }: Props) {
  const [reason, setReason] = useState('');
  const may = useMay('lead');
  const voice = useVoice();
  const codes = [...new Set(refusals.map(({ code }) => code))];
  return (
    <Modal show onHide={onClose} centered aria-labelledby="overrule-title">
      <Modal.Body>
        <h2 id="overrule-title">{title}</h2>
        <ul>
          {refusals.map((one) => (
            <li key={one.code + JSON.stringify(one.facts)}>{sayRefusal(one, voice)}</li>
          ))}
        </ul>
        {may ? (
          <Form.Group controlId="overrule-reason" className="field">
            <Form.Label className="label">Why you do it all the same; it is kept with the entry</Form.Label>
            <Form.Control autoFocus value={reason} maxLength={300} onChange={(event) => setReason(event.target.value)} />
          </Form.Group>
        ) : (
          <p>A lead may do it all the same, with a reason.</p>
        )}
        <div className="chips">
          {may && (
            <Button
              variant="primary"
              disabled={reason.trim() === ''}
              onClick={() => onOverrule(codes.map((code) => ({ code, reason: reason.trim() })))}
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
