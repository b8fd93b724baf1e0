// What the label says and what the bath's water is: each asked, none guessed.
import Form from 'react-bootstrap/Form';
import { LIKE_THEIRS } from '#core/bench/index.ts';
import { LABEL_UNITS } from '#core/runs/index.ts';
import { useUnits } from '../../data/units.ts';
import { QuantityField } from '../../parts/QuantityField.tsx';
import type { BathFields as Fields, ReadBath } from './bathDraft.ts';
import css from './begin.module.scss';
import type { Patient } from './patient.ts';

type Props = { patient: Patient; fields: Fields; read: ReadBath; onChange: (more: Partial<Fields>) => void };

export function BathFields({ patient, fields, read, onChange }: Props) {
  const units = useUnits();
  /** Their own water; what nobody measured or stated is asked, not guessed. */
  const theirs = (quantity: 'temperature' | 'salinity'): string => {
    const { source, method } = patient.facts.find((fact) => fact.of === `bag.${quantity}`)!;
    const within = quantity === 'salinity' ? units.say('salinity', LIKE_THEIRS.salinity) : units.sayStep(LIKE_THEIRS.temperature);
    return source === 'estimated' || source === 'not known'
      ? 'Theirs: nobody has measured it. Measure it first.'
      : `Theirs: ${units.say(quantity, patient.input.bag[quantity])}${source === 'stated' ? ', as stated' : ''}${method === 'on the bag' ? ', on the skin of the bag: read its water' : ''}; within ${within}.`;
  };
  return (
    <div className={css.beginFields}>
      <Form.Group className="field" controlId="bath-label">
        <Form.Label className="label">Name on the label</Form.Label>
        <Form.Control value={fields.label} maxLength={80} onChange={(event) => onChange({ label: event.target.value })} />
      </Form.Group>
      <Form.Group className="field" controlId="bath-value">
        <Form.Label className="label">The label says</Form.Label>
        <Form.Control
          inputMode="decimal"
          value={fields.value}
          maxLength={10}
          onChange={(event) => onChange({ value: event.target.value })}
          isInvalid={read.isValueWrong}
        />
      </Form.Group>
      <Form.Group className="field" controlId="bath-unit">
        <Form.Label className="label">of it</Form.Label>
        <Form.Select
          value={fields.unit}
          onChange={(event) => onChange({ unit: LABEL_UNITS.find((unit) => unit === event.target.value) ?? fields.unit })}
        >
          {LABEL_UNITS.map((unit) => (
            <option key={unit}>{unit}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <QuantityField
        label="Water in the bath"
        quantity="volume"
        text={fields.litres}
        onChange={(litres) => onChange({ litres })}
        optional
      />
      <Form.Group className="field" controlId="bath-minutes">
        <Form.Label className="label">Minutes, by the label</Form.Label>
        <Form.Control
          inputMode="numeric"
          value={fields.minutes}
          maxLength={3}
          onChange={(event) => onChange({ minutes: event.target.value })}
          isInvalid={!read.lasts}
        />
      </Form.Group>
      <QuantityField
        label="The bath’s water"
        quantity="temperature"
        text={fields.bathC}
        onChange={(bathC) => onChange({ bathC })}
        optional
        hint={theirs('temperature')}
      />
      <QuantityField
        label="Its salinity"
        quantity="salinity"
        text={fields.bathPpt}
        onChange={(bathPpt) => onChange({ bathPpt })}
        optional
        hint={theirs('salinity')}
      />
    </div>
  );
}
