// What is said of a whole crate: its name, when it was packed and is due, the water as its supplier states it. For a list, and for putting right.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { PACKED_WITH } from '#core/dock/index.ts';
import { useUnits } from '../data/units.ts';
import { Chips } from './Chips.tsx';
import type { Filled } from './crateFacts.ts';

const ANSWERS = [
  { field: 'pH', label: 'pH as stated', max: 10 },
  { field: 'lastMeal', label: 'Last meal, when and what', max: 200 },
  { field: 'caught', label: 'Wild, farmed or bred; how caught', max: 200 },
] as const;

type Props = {
  filled: Filled;
  /** Dates that could stand the other way round. */ unsure?: boolean;
  onSet: (field: keyof Filled, text: string) => void;
};

export function CrateFacts({ filled, unsure = false, onSet }: Props) {
  const { unit } = useUnits();
  // Open from the start where something is answered; a field that is emptied to be typed anew does not fold it away.
  const [answered] = useState(() => ANSWERS.some(({ field }) => filled[field] !== ''));
  return (
    <>
      <Form.Group className="field" controlId="intake-label">
        <Form.Label className="label">What to call this crate</Form.Label>
        <Form.Control value={filled.label} maxLength={120} onChange={(event) => onSet('label', event.target.value)} />
      </Form.Group>
      <Form.Group className="field" controlId="intake-packed">
        <Form.Label className="label">Packed</Form.Label>
        <Form.Control type="datetime-local" value={filled.packed} onChange={(event) => onSet('packed', event.target.value)} />
      </Form.Group>
      <Form.Group className="field" controlId="intake-due">
        <Form.Label className="label">Due here</Form.Label>
        <Form.Control type="datetime-local" value={filled.due} onChange={(event) => onSet('due', event.target.value)} />
      </Form.Group>
      {unsure && <p className="warn">The list writes its date in figures only; it is read day first. Please check it.</p>}
      <div className="pair">
        <Form.Group className="field" controlId="intake-temperature">
          <Form.Label className="label">Water as stated, {unit('temperature')}</Form.Label>
          <Form.Control value={filled.temperature} maxLength={20} onChange={(event) => onSet('temperature', event.target.value)} />
        </Form.Group>
        <Form.Group className="field" controlId="intake-salinity">
          <Form.Label className="label">Salinity as stated, ppt</Form.Label>
          <Form.Control
            value={filled.salinity}
            maxLength={40}
            placeholder="28, or 1.021 sg 25/25"
            onChange={(event) => onSet('salinity', event.target.value)}
          />
        </Form.Group>
      </div>
      <details open={answered}>
        <summary>What they answered besides</summary>
        {ANSWERS.map(({ field, label, max }) => (
          <Form.Group key={field} className="field" controlId={`intake-${field}`}>
            <Form.Label className="label">{label}</Form.Label>
            <Form.Control value={filled[field]} maxLength={max} onChange={(event) => onSet(field, event.target.value)} />
          </Form.Group>
        ))}
        <Chips
          label="Gas in the bags"
          options={['not known', ...PACKED_WITH]}
          value={filled.packedWith || 'not known'}
          onChange={(chosen) => onSet('packedWith', chosen === 'not known' ? '' : chosen)}
        />
      </details>
    </>
  );
}
