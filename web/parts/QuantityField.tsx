// A quantity typed in any of its units (`78F`, `1.2 L`); what cannot be is asked about and the words stay in the field.
import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import type { Parsed, Quantity } from '#core/water/index.ts';
import { useUnits, type Units } from '../data/units.ts';

type Props = { label: string; quantity: Quantity; text: string; onChange: (text: string) => void; hint?: string; optional?: boolean };

const EXAMPLES: Record<Quantity, string> = {
  temperature: '25.4 C or 78F',
  volume: '1.4 L or 800 mL',
  salinity: '31 ppt, 1.022 or 48 mS comp',
  pH: '7.8',
  ammonia: '1.5 or 1.8 NH3',
  'free ammonia': '0.02 or 0.02 NH3',
  nitrite: '0.3 or 0.1 NO2-N',
  nitrate: '20 or 5 NO3-N',
  alkalinity: '2.5 or 7 dKH',
  hardness: '8 or 140 ppm',
  oxygen: '6.5',
  copper: '0.15',
};

type Problem = Extract<Parsed, { ok: false }>['problem'];
const PROBLEMS: Record<Problem, (quantity: Quantity, said: string, text: string) => string> = {
  'not a number': (quantity) => `Write a number, with a unit if you like: ${EXAMPLES[quantity]}.`,
  unit: (quantity) => `That is no unit of ${quantity}.`,
  ambiguous: (quantity, _said, text) => {
    if (/gal/i.test(text)) return 'Which gallon? Write US gal (3.785 L) or imp gal (4.546 L).';
    if (/s/i.test(text)) return 'As the meter shows it, compensated to 25 °C (nearly all do: write mS comp), or raw (mS raw 24C)?';
    if (text.includes(',')) return 'A thousand, or one and a part? Write it without the comma, or with a point.';
    return quantity === 'salinity'
      ? 'One part in a thousand, or the beginning of a specific gravity? Write 1 ppt, or 1.022.'
      : 'Degrees or meq? Write 7 dKH, or 7 meq.';
  },
  'no temperature': () => 'What a raw conductivity is worth hangs on its temperature: write it too, as in 48 mS raw 24C.',
  implausible: (_quantity, said) => `${said} cannot be. Is the unit right?`,
};

export function problemOf(
  quantity: Quantity,
  text: string,
  { units, optional, temperatureC }: { units: Units; optional?: boolean; temperatureC?: number },
): string | undefined {
  if (optional && text.trim() === '') return undefined;
  const parsed = units.read(quantity, text, temperatureC);
  return parsed.ok ? undefined : PROBLEMS[parsed.problem](quantity, units.say(quantity, parsed.value ?? 0), text);
}

export function QuantityField({ label, quantity, text, onChange, hint, optional }: Props) {
  const id = useId();
  const units = useUnits();
  const problem = problemOf(quantity, text, { units, optional });
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label className="label">
        {label}, {units.unit(quantity)} unless you say otherwise
      </Form.Label>
      <Form.Control
        inputMode="decimal"
        autoComplete="off"
        value={text}
        onChange={(event) => onChange(event.target.value)}
        isInvalid={problem !== undefined}
        aria-describedby={`${id}-says`}
      />
      <span id={`${id}-says`} className={problem ? 'field-problem' : 'soft'} role={problem ? 'alert' : undefined}>
        {problem ?? hint ?? ''}
      </span>
    </Form.Group>
  );
}
