// A quantity typed in any of its units (`78F`, `1.2 L`); what cannot be is asked about and the words stay in the field.
import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import { formatQuantity, METRIC, parseQuantity, type Parsed, type Quantity } from '#core/water/index.ts';

type Props = { label: string; quantity: Quantity; text: string; onChange: (text: string) => void; hint?: string; optional?: boolean };

const PROBLEMS: Record<Extract<Parsed, { ok: false }>['problem'], (quantity: Quantity, value?: number) => string> = {
  'not a number': (quantity) => `Write a number, with a unit if you like: ${quantity === 'temperature' ? '25.4 or 78F' : '1.4 or 800 mL'}.`,
  unit: (quantity) => `That is no unit of ${quantity}.`,
  ambiguous: () => 'Which gallon? Write US gal (3.785 L) or imp gal (4.546 L).',
  implausible: (quantity, value) => `${formatQuantity(quantity, value ?? 0)} cannot be. Is the unit right?`,
};

export function problemOf(quantity: Quantity, text: string, optional = false): string | undefined {
  if (optional && text.trim() === '') return undefined;
  const parsed = parseQuantity(quantity, text, METRIC);
  return parsed.ok ? undefined : PROBLEMS[parsed.problem](quantity, parsed.value);
}

export function QuantityField({ label, quantity, text, onChange, hint, optional }: Props) {
  const id = useId();
  const problem = problemOf(quantity, text, optional);
  const bare = quantity === 'temperature' ? '°C' : quantity === 'volume' ? 'L' : 'ppt';
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label className="label">
        {label}, {bare} unless you say otherwise
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
