// What a hand says of a claim: it was sent, or what they answered.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { ClaimCard } from '#contract/views.ts';
import { CLAIM_ANSWERS, sayClaimed, type ClaimAnswer } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { amountFault, answeredEntry, sentEntry } from './draft.ts';

export function ClaimActs({ claim }: { claim: ClaimCard }) {
  const may = useMayWrite('claim.sent');
  const overrule = useOverrule();
  const { recordAction } = useActions();
  const form = `claim ${claim.crate}`;
  const [note, setNote] = useKept(form, 'note', '');
  const [answer, setAnswer] = useState<ClaimAnswer>();
  const [amount, setAmount] = useKept(form, 'amount', '');
  const [currency, setCurrency] = useKept(form, 'currency', '');
  if (!may) return null;
  const fault = amountFault({ amount, currency });
  // What was said of one letter is not said of its answer, nor of the next.
  const done = () => {
    setAnswer(undefined);
    setNote('');
    setAmount('');
    setCurrency('');
    forgetKept(form);
  };
  const send = () =>
    overrule.attempt({
      title: `Claim ${sayClaimed(claim.counts)} of ${claim.label}`,
      doing: 'It is sent all the same',
      words: `Claimed ${sayClaimed(claim.counts)} of ${claim.label}`,
      drafts: [sentEntry(claim, note)],
      onDone: done,
    });
  const write = () => {
    if (!answer || fault) return;
    void recordAction(`${claim.supplier} answered: ${answer}`, answeredEntry(claim, answer, { note, amount, currency })).then(
      ({ status }) => status !== 'refused' && done(),
    );
  };
  const waits = claim.stage === 'open' || claim.stage === 'grown' || claim.stage === 'nothing';
  return (
    <>
      <Form.Group className="field" controlId="claim-note">
        <Form.Label className="label">How, or what to know of it (may be left empty)</Form.Label>
        <Form.Control value={note} maxLength={500} onChange={(event) => setNote(event.target.value)} />
      </Form.Group>
      {waits ? (
        <ActButton onPress={send} hint="Daily Crate sends nothing itself: send the letter, then say so here">
          It is sent
        </ActButton>
      ) : (
        <>
          <Chips label="They answered" options={CLAIM_ANSWERS} value={answer} onChange={setAnswer} odd={(option) => option === 'refused'} />
          {answer !== undefined && answer !== 'refused' && (
            <div className="pair">
              <Form.Group className="field" controlId="claim-amount">
                <Form.Label className="label">How much</Form.Label>
                <Form.Control inputMode="decimal" value={amount} maxLength={12} onChange={(event) => setAmount(event.target.value)} />
              </Form.Group>
              <Form.Group className="field" controlId="claim-currency">
                <Form.Label className="label">Currency</Form.Label>
                <Form.Control value={currency} maxLength={3} placeholder="EUR" onChange={(event) => setCurrency(event.target.value)} />
              </Form.Group>
            </div>
          )}
          {fault && (
            <p className="field-problem" role="alert">
              {fault}
            </p>
          )}
          <ActButton disabled={!answer || fault !== undefined} onPress={write}>
            {answer ? `They answered: ${answer}` : 'What did they answer?'}
          </ActButton>
        </>
      )}
    </>
  );
}
