// One value as it was read: with which test, what it means, the last one and where it goes.
import Form from 'react-bootstrap/Form';
import type { ReadingsView } from '#contract/views.ts';
import { mostOf, type KitFacts, type Quantity } from '#core/water/index.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { problemOf } from '../parts/QuantityField.tsx';
import { titleOf } from '../words/waterTests.ts';
import { readWith, trendOf } from './draft.ts';
import type { Instruments } from './instrument.ts';
import css from './readings.module.scss';

/** Less than this is the noise of a test, in the unit that is stored. */
const LEAST: Partial<Record<Quantity, number>> = {
  temperature: 0.3,
  salinity: 0.5,
  pH: 0.1,
  'free ammonia': 0.01,
  nitrate: 5,
  alkalinity: 0.2,
  hardness: 1,
};
const LEAST_ELSE = 0.05;

type Props = {
  quantity: Quantity;
  latest: ReadingsView['readings'][number]['latest'];
  text: string;
  temperatureC: number | undefined;
  onChange: (text: string) => void;
  kits: readonly KitFacts[];
  kit: KitFacts | undefined;
  onKit: (name: string) => void;
};

export function ReadingField({ quantity, latest, text, temperatureC, onChange, kits, kit, onKit }: Props) {
  const units = useUnits();
  const { when } = useTimes();
  const id = `reading-${quantity.replace(' ', '-')}`;
  const read = text.trim() === '' ? undefined : readWith(quantity, text, { units, temperatureC, kit });
  const fault = read?.ok ? undefined : problemOf(quantity, text, { units, optional: true, temperatureC });
  const most = kit && mostOf(kit);
  const [last] = latest;
  const trend = trendOf(latest, LEAST[quantity] ?? LEAST_ELSE);
  const understood = read?.ok && kit?.form && quantity !== 'copper' ? `= ${units.say(quantity, read.value)}` : undefined;
  const atEnd = read?.ok && most !== undefined && read.value >= most * (1 - 1e-6) ? 'the end of its scale: it may be more' : undefined;
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label className="label">{quantity === 'pH' ? 'pH' : `${titleOf(quantity)}, ${kit?.form ?? units.unit(quantity)}`}</Form.Label>
      <Form.Control
        inputMode="decimal"
        autoComplete="off"
        value={text}
        isInvalid={fault !== undefined}
        aria-describedby={`${id}-says`}
        onChange={(event) => onChange(event.target.value)}
      />
      {kits.length > 0 && (
        <Form.Select
          id={`${id}-with`}
          size="sm"
          aria-label={`${titleOf(quantity)} read with`}
          value={kit?.name ?? ''}
          onChange={({ target }) => onKit(target.value)}
        >
          <option value="">with what?</option>
          {kits.map(({ id: kitId, name }) => (
            <option key={kitId} value={name}>
              {name}
            </option>
          ))}
        </Form.Select>
      )}
      <span id={`${id}-says`} className={fault ? 'field-problem' : 'soft'} role={fault ? 'alert' : undefined}>
        {fault ??
          [
            understood,
            atEnd,
            last
              ? `${units.say(quantity, last.value)} on ${when(last.atMs)}, ${last.by}${trend ? `; ${trend} over ${latest.length}` : ''}`
              : 'never read',
          ]
            .filter(Boolean)
            .join('; ')}
      </span>
    </Form.Group>
  );
}

type OtherProps = { quantities: readonly Quantity[]; instruments: Instruments; onChange: (quantity: Quantity, name: string) => void };

/** Of quantities of which the house keeps no test: a name, if somebody wants to give one. */
export function OtherMeters({ quantities, instruments, onChange }: OtherProps) {
  if (quantities.length === 0) return null;
  return (
    <fieldset className="form-part">
      <legend>With which meter or test</legend>
      <p className="soft tight">Kept on this device for the next time; may be left empty.</p>
      <div className={css.readings}>
        {quantities.map((quantity) => (
          <Form.Group key={quantity} className="field" controlId={`instrument-${quantity.replace(' ', '-')}`}>
            <Form.Label className="label">Meter or test, {quantity}</Form.Label>
            <Form.Control value={instruments[quantity] ?? ''} maxLength={60} onChange={({ target }) => onChange(quantity, target.value)} />
          </Form.Group>
        ))}
      </div>
    </fieldset>
  );
}
