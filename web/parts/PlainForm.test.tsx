/** @jest-environment jsdom */
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { draw } from '../testScreen.tsx';
import { PlainForm, type FormField, type Values } from './PlainForm.tsx';

const fields: FormField[] = [
  { name: 'name', type: 'text', label: 'Name' },
  { name: 'n', type: 'number', label: 'Heads', min: 1, max: 9, whole: true },
];
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const type = (label: string, text: string) => fireEvent.change(field(label), { target: { value: text } });

/** The form, with a house that answers when it is told to. */
function open() {
  const sent: Values[] = [];
  let answer: (wrong: string | undefined) => void = () => undefined;
  draw(
    <PlainForm
      fields={fields}
      submit={({ name }) => `Add ${name || 'it'}`}
      onSubmit={(values) => {
        sent.push(values);
        return new Promise((resolve) => (answer = resolve));
      }}
    />,
  );
  return { sent, answer: (wrong?: string) => answer(wrong) };
}
const press = () => fireEvent.click(screen.getByRole('button'));

it('sends nothing that is not whole, and says what is needed', async () => {
  const { sent } = open();
  type('Heads', '12');
  press();
  expect(await screen.findByText('A number from 1 to 9.')).toBeTruthy();
  expect(screen.getByText('This is needed.')).toBeTruthy();
  expect(sent).toEqual([]);
});

it('is empty at once, so that the next one can be typed while the house answers', async () => {
  const { sent, answer } = open();
  type('Name', ' comet ');
  type('Heads', '3');
  expect(screen.getByRole('button').textContent).toBe('Add  comet ');
  press();
  await waitFor(() => expect(sent).toEqual([{ name: 'comet', n: '3' }]));
  expect(field('Name').value).toBe('');
  type('Name', 'next');
  answer();
  await waitFor(() => expect(field('Name').value).toBe('next'));
});

it('gives back what the house refuses, unless the next one was begun', async () => {
  const { sent, answer } = open();
  type('Name', 'comet');
  type('Heads', '3');
  press();
  await waitFor(() => expect(sent).toHaveLength(1));
  answer('There is a comet already.');
  expect(await screen.findByText('There is a comet already.')).toBeTruthy();
  expect([field('Name').value, field('Heads').value]).toEqual(['comet', '3']);
});
