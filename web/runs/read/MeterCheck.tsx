// A meter dipped into what is known: what it shows there tells by how much its readings were out, and sets them right.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { RunCard } from '#contract/views.ts';
import { correctedOf, isOut, REFERENCES_OF, type FollowedQuantity } from '#core/runs/index.ts';
import { useActions } from '../../actions/actions.tsx';
import { useMe, useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { capital } from '../../words/text.ts';
import { checkEntry } from './draft.ts';
import { dipReference } from './meter.ts';
import css from './read.module.scss';

type Props = { run: RunCard; quantity: FollowedQuantity; meter: string };

export function MeterCheck({ run, quantity, meter }: Props) {
  const { house } = useMe();
  const units = useUnits();
  const { when } = useTimes();
  const { recordAction } = useActions();
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const reference = REFERENCES_OF[quantity];
  const last = run.meterChecks.findLast((check) => check.instrument === meter && check.quantity === quantity);
  const set = correctedOf(run).filter((reading) => reading.quantity === quantity && Math.abs(reading.error) > 1e-9).length;
  if (!reference) return null;
  // A difference of degrees is no temperature: 1 °C is 1.8 °F, not 33.8.
  const sayOut = (out: number) => (quantity === 'temperature' ? units.sayStep(out) : units.say(quantity, out));
  const write = (shown: number) => {
    void recordAction(
      `${capital(meter)} checked: shows ${units.say(quantity, shown)}`,
      checkEntry(meter, { quantity, shown, truth: reference.truth }),
    );
    setText('');
  };
  const dip = async () => {
    setTrouble(undefined);
    try {
      write((await dipReference(quantity, true)).shown);
    } catch {
      setTrouble('The meter does not answer. Dip it yourself and type what it shows.');
    }
  };
  const parsed = units.read(quantity, text);
  return (
    <details className={css.meterCheck} open={last !== undefined}>
      <summary>
        Check the {meter} in {reference.in}
      </summary>
      {last ? (
        <p>
          {when(last.atMs)}: it showed <b className="num">{units.say(quantity, last.shown)}</b> in {reference.in}
          {isOut(last)
            ? `, out by ${sayOut(Math.abs(last.shown - last.truth))}${last.adjusted ? '; set right then' : ''}`
            : ', which is near enough'}
          .{set > 0 && ` ${set} earlier ${set === 1 ? 'reading is' : 'readings are'} set right by it; what was shown stays in the logbook.`}
        </p>
      ) : (
        <p className="soft">Not checked during this acclimation. A meter that is out looks just like a slipped hose.</p>
      )}
      <div className="field-row">
        {house.demo && (
          <Button variant="plain" onClick={() => void dip()}>
            Dip it and set it right
          </Button>
        )}
        <Form.Group controlId="meter-shows">
          <Form.Label className="label">It shows there, {units.unit(quantity)}</Form.Label>
          <Form.Control
            inputMode="decimal"
            value={text}
            maxLength={12}
            onChange={(event) => setText(event.target.value)}
            isInvalid={text.trim() !== '' && !parsed.ok}
          />
        </Form.Group>
        <Button variant="plain" disabled={!parsed.ok} onClick={() => parsed.ok && write(parsed.value)}>
          Write, and set it right
        </Button>
      </div>
      {trouble && (
        <p className="field-problem" role="alert">
          {trouble}
        </p>
      )}
    </details>
  );
}
