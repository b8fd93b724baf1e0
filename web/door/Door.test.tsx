/** @jest-environment jsdom */
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { answer, draw, meAs } from '../testScreen.tsx';
import { Door } from './Door.tsx';

const people = [
  { id: 'bram', name: 'Bram Tell', title: 'receiver', pin: '2020' },
  { id: 'pia', name: 'Pia Lund', title: 'trainee' },
];
const door = { body: { house: { name: 'Saltgrass Lane', demo: true }, people } };
const enter = async (pin: string) => {
  fireEvent.click(await screen.findByRole('button', { name: /Bram Tell/ }));
  for (const digit of pin) fireEvent.click(screen.getByRole('button', { name: digit }));
  fireEvent.click(screen.getByRole('button', { name: 'Sign in' }));
};

it('shows who works here, and PINs only where the house gives them', async () => {
  answer({ '/api/door': door });
  draw(<Door />);
  expect((await screen.findByRole('button', { name: /Bram Tell/ })).textContent).toContain('PIN 2020');
  expect(screen.getByRole('button', { name: /Pia Lund/ }).textContent).not.toContain('PIN');
  expect(screen.getByText(/A demo house/)).toBeTruthy();
});

it('sends the name and the PIN that was tapped', async () => {
  const asked = answer({ '/api/door': door, '/api/sign-in': { body: meAs('keeper') } });
  draw(<Door />);
  await enter('2020');
  await waitFor(() => expect(asked.at(-1)).toEqual({ method: 'POST', path: '/api/sign-in', body: { person: 'bram', pin: '2020' } }));
});

it('waits for four digits, takes one back, and takes letters for nothing', async () => {
  answer({ '/api/door': door });
  draw(<Door />);
  fireEvent.click(await screen.findByRole('button', { name: /Bram Tell/ }));
  const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Sign in' });
  fireEvent.change(screen.getByLabelText('PIN'), { target: { value: '20a2' } });
  expect(button.disabled).toBe(true);
  fireEvent.click(screen.getByRole('button', { name: '0' }));
  expect(button.disabled).toBe(false);
  fireEvent.click(screen.getByRole('button', { name: 'Delete a digit' }));
  expect(button.disabled).toBe(true);
});

it.each([
  [{ status: 401, body: { code: 'wrongPin', left: 4 } }, 'That is not the PIN. 4 more tries.'],
  [{ status: 401, body: { code: 'wrongPin', left: 1 } }, 'That is not the PIN. 1 more try.'],
  [{ status: 401, body: { code: 'wrongPin', left: 0 } }, 'That is not the PIN. Wait a minute, then try again.'],
  [{ status: 429, body: { code: 'tooMany', waitMs: 42_000 } }, 'Too many wrong tries. Wait 42 s.'],
  [undefined, 'The house does not answer. Try again in a moment.'],
])('%j: %s', async (given, words) => {
  answer({ '/api/door': door, '/api/sign-in': given });
  draw(<Door />);
  await enter('9999');
  await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(words));
});

it('says so when the house is away, with a way to try again', async () => {
  answer({});
  draw(<Door />);
  expect(await screen.findByText('The house does not answer')).toBeTruthy();
  answer({ '/api/door': door });
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByRole('button', { name: /Bram Tell/ })).toBeTruthy();
});
