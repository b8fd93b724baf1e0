// Readings of one system, as many as were taken: each in whatever unit it was read, beside the last one and where it goes.
import { useRef, useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { ReadingsView } from '#contract/views.ts';
import type { Quantity } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useView } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { useVoice } from '../data/voice.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { useKept } from '../parts/useKept.ts';
import { problemOf } from '../parts/QuantityField.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayAll } from '../words/refusals.ts';
import { capital, plural } from '../words/text.ts';
import { FarOffCaution } from './FarOffCaution.tsx';
import { farOff, quantitiesOf, readingEntries, readTyped, trendOf, type Typed } from './draft.ts';
import { keepInstruments, keptInstruments } from './instrument.ts';
import css from './readings.module.scss';

/** Less than this is the noise of a test, in the unit that is stored. */
const LEAST: Partial<Record<Quantity, number>> = { temperature: 0.3, salinity: 0.5, pH: 0.1, nitrate: 5, alkalinity: 0.2, hardness: 1 };
const LEAST_ELSE = 0.05;
type Props = { system: string; onDone: () => void };

export function ReadingsForm({ system, onDone }: Props) {
  const { data, error, mutate } = useView('readings', { system });
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (!data.system) return <p>There is no such system.</p>;
  return <Fields view={data} system={data.system} onDone={onDone} />;
}

function Fields({ view, system, onDone }: { view: ReadingsView; system: NonNullable<ReadingsView['system']>; onDone: () => void }) {
  const units = useUnits();
  const voice = useVoice();
  const { recordAction } = useActions();
  const [typed, setTyped] = useKept<Typed>(`readings ${system.id}`, 'typed', {});
  const [instruments, setInstruments] = useState(keptInstruments);
  const [problem, setProblem] = useState<string>();
  const temperature = typed.temperature?.trim() ? units.read('temperature', typed.temperature) : undefined;
  const temperatureC = temperature?.ok ? temperature.value : undefined;
  const read = readTyped(typed, units, temperatureC);
  const far = read ? farOff(read, view) : [];
  const sent = useRef(false);
  const save = async () => {
    if (!read || read.length === 0 || sent.current) return;
    sent.current = true;
    keepInstruments(Object.fromEntries(read.map(({ quantity }) => [quantity, instruments[quantity] ?? ''])));
    const words = `${system.name}: ${read.map(({ quantity, read: { value } }) => units.say(quantity, value)).join(', ')}`;
    const outcome = await recordAction(words, ...readingEntries(system.id, read, instruments));
    sent.current = false;
    if (outcome.status === 'refused') return setProblem(sayAll(outcome.refusals, outcome.code, voice));
    setTyped({});
    onDone();
  };
  return (
    <form
      className="tank-form"
      // Enter in a field is this form's, wherever it stands.
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="soft tight">Any unit is understood: 78F, 1.022, 48 mS comp, 8 dKH, 0.25 NH4. What is left empty was not read.</p>
      <div className={css.readings}>
        {quantitiesOf(system.type).map((quantity) => (
          <ReadingField
            key={quantity}
            quantity={quantity}
            latest={view.readings.find((known) => known.quantity === quantity)?.latest ?? []}
            text={typed[quantity] ?? ''}
            temperatureC={temperatureC}
            onChange={(text) => setTyped({ ...typed, [quantity]: text })}
          />
        ))}
      </div>
      {read && read.length > 0 && (
        <fieldset className="form-part">
          <legend>With which meter or test</legend>
          <p className="soft tight">Kept on this device for the next time; may be left empty.</p>
          <div className={css.readings}>
            {read.map(({ quantity }) => (
              <Form.Group key={quantity} className="field" controlId={`instrument-${quantity}`}>
                <Form.Label className="label">Meter or test, {quantity}</Form.Label>
                <Form.Control
                  value={instruments[quantity] ?? ''}
                  maxLength={60}
                  onChange={({ target }) => setInstruments((now) => ({ ...now, [quantity]: target.value }))}
                />
              </Form.Group>
            ))}
          </div>
        </fieldset>
      )}
      <FarOffCaution far={far} />
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <ActButton
        type="submit"
        disabled={!read || read.length === 0}
        onPress={() => undefined}
        hint={`of ${system.name}, for all its tanks`}
      >
        {far.length > 0 ? 'It is so: ' : ''}
        {read && read.length > 0 ? plural(read.length, 'reading') : 'Readings'}
      </ActButton>
    </form>
  );
}

type FieldProps = {
  quantity: Quantity;
  latest: ReadingsView['readings'][number]['latest'];
  text: string;
  temperatureC: number | undefined;
  onChange: (text: string) => void;
};

function ReadingField({ quantity, latest, text, temperatureC, onChange }: FieldProps) {
  const units = useUnits();
  const { when } = useTimes();
  const fault = problemOf(quantity, text, { units, optional: true, temperatureC });
  const [last] = latest;
  const trend = trendOf(latest, LEAST[quantity] ?? LEAST_ELSE);
  return (
    <Form.Group className="field" controlId={`reading-${quantity}`}>
      <Form.Label className="label">{quantity === 'pH' ? 'pH' : `${capital(quantity)}, ${units.unit(quantity)}`}</Form.Label>
      <Form.Control
        inputMode="decimal"
        autoComplete="off"
        value={text}
        isInvalid={fault !== undefined}
        aria-describedby={`reading-${quantity}-says`}
        onChange={(event) => onChange(event.target.value)}
      />
      <span id={`reading-${quantity}-says`} className={fault ? 'field-problem' : 'soft'} role={fault ? 'alert' : undefined}>
        {fault ??
          (last
            ? `${units.say(quantity, last.value)} on ${when(last.atMs)}, ${last.by}${trend ? `; ${trend} over ${latest.length}` : ''}`
            : 'never read')}
      </span>
    </Form.Group>
  );
}
