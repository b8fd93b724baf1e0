/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { METRIC_UNITS as units } from '../data/units.ts';
import { draw } from '../testScreen.tsx';
import { problemOf, QuantityField } from './QuantityField.tsx';

function Field() {
  const [text, setText] = useState('25.4');
  return <QuantityField label="Bag" quantity="temperature" text={text} onChange={setText} hint="folded" />;
}

it('keeps what was typed and says what is wrong with it', () => {
  draw(<Field />);
  const field = screen.getByLabelText(/^Bag/);
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent.change(field, { target: { value: '78' } });
  expect(screen.getByRole('alert').textContent).toBe('78.0 °C cannot be. Is the unit right?');
  expect((field as HTMLInputElement).value).toBe('78');
  fireEvent.change(field, { target: { value: '78F' } });
  expect(screen.queryByRole('alert')).toBeNull();
});

it('asks which gallon, and lets an optional field be empty', () => {
  expect(problemOf('volume', '2 gal', { units })).toMatch(/Which gallon/);
  expect(problemOf('temperature', '', { units, optional: true })).toBeUndefined();
  expect(problemOf('temperature', '', { units })).toMatch(/Write a number/);
});

it('takes a bare number in the own unit of whoever types, and says so', () => {
  draw(<Field />, 'keeper', { temperature: '°F', volume: 'US gal' });
  const field = screen.getByLabelText(/°F unless you say otherwise/);
  expect(screen.getByRole('alert').textContent).toBe('25.4 °F cannot be. Is the unit right?');
  fireEvent.change(field, { target: { value: '78' } });
  expect(screen.queryByRole('alert')).toBeNull();
});
