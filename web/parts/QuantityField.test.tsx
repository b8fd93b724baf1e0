/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { problemOf, QuantityField } from './QuantityField.tsx';

function Field() {
  const [text, setText] = useState('25.4');
  return <QuantityField label="Bag" quantity="temperature" text={text} onChange={setText} hint="folded" />;
}

it('keeps what was typed and says what is wrong with it', () => {
  render(<Field />);
  const field = screen.getByLabelText(/^Bag/);
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent.change(field, { target: { value: '78' } });
  expect(screen.getByRole('alert').textContent).toBe('78.0 °C cannot be. Is the unit right?');
  expect((field as HTMLInputElement).value).toBe('78');
  fireEvent.change(field, { target: { value: '78F' } });
  expect(screen.queryByRole('alert')).toBeNull();
});

it('asks which gallon, and lets an optional field be empty', () => {
  expect(problemOf('volume', '2 gal')).toMatch(/Which gallon/);
  expect(problemOf('temperature', '', true)).toBeUndefined();
  expect(problemOf('temperature', '')).toMatch(/Write a number/);
});
