/** @jest-environment jsdom */
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { draw } from '../testScreen.tsx';
import { PlainForm, type FormField, type Values } from './PlainForm.tsx';

const FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'Name' },
  { name: 'n', type: 'number', label: 'Heads', min: 1, max: 9, whole: true },
];
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const type = (label: string, text: string) => fireEvent.change(field(label), { target: { value: text } });

/** The form, with a house that answers when it is told to; left, and come back to for the same or something else. */
function open(first: { draft?: string; fields?: FormField[] } = {}) {
  const sent: Values[] = [];
  let answer: (wrong: string | undefined) => void = () => undefined;
  const send = (values: Values) => {
    sent.push(values);
    return new Promise<string | undefined>((resolve) => (answer = resolve));
  };
  let show: (form: typeof first | undefined) => void = () => undefined;
  function Page() {
    const [form, setForm] = useState<typeof first | undefined>(first);
    show = setForm;
    if (!form) return null;
    return (
      <PlainForm
        draft={form.draft ?? 'comet'}
        fields={form.fields ?? FIELDS}
        submit={({ name }) => `Add ${name || 'it'}`}
        onSubmit={send}
      />
    );
  }
  draw(<Page />);
  const back = (form: typeof first = first) => {
    act(() => show(undefined));
    act(() => show(form));
  };
  return { sent, answer: (wrong?: string) => answer(wrong), back };
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

it('what was typed is there after leaving and coming back, for what it was typed of alone; a PIN is not', () => {
  const fields: FormField[] = [...FIELDS, { name: 'pin', type: 'pin', label: 'PIN' }];
  const { back } = open({ fields });
  type('Name', 'comet');
  type('PIN', '8642');
  expect(sessionStorage.getItem('daily-crate-drafts')).not.toContain('8642');
  back({ draft: 'damsel', fields });
  expect(field('Name').value).toBe('');
  back({ fields });
  expect([field('Name').value, field('PIN').value]).toEqual(['comet', '']);
  // A form that begins with other fields by now begins anew.
  back({ fields: FIELDS });
  expect(field('Name').value).toBe('');
});

it('under way it is the act that is kept: the form comes back empty, and is kept again when the house refuses', async () => {
  const { sent, answer, back } = open();
  type('Name', 'comet');
  type('Heads', '3');
  press();
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sessionStorage.getItem('daily-crate-drafts')).not.toContain('comet');
  answer('There is a comet already.');
  await screen.findByText('There is a comet already.');
  back();
  expect(field('Name').value).toBe('comet');
  press();
  await waitFor(() => expect(sent).toHaveLength(2));
  answer();
  await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button').disabled).toBe(false));
  back();
  expect(field('Name').value).toBe('');
});
