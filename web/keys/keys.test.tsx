/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { readdirSync, readFileSync } from 'node:fs';
import { useState } from 'react';
import { MemoryRouter } from 'react-router';
import { KeyList } from './KeyList.tsx';
import { setLineOpen } from './lineOpen.ts';
import { KEYS, type KeyName } from './table.ts';
import { useKey } from './useKey.ts';

const press = (key: string, on: Element = document.body, more: KeyboardEventInit = {}) =>
  fireEvent.keyDown(on, { key, code: `Key${key.toUpperCase()}`, ...more });

it('every key of the table is bound somewhere, and `?` lists them all', () => {
  const sources = readdirSync('web', { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.') && !file.endsWith('keys/table.ts'))
    .map((file) => readFileSync(`web/${file}`, 'utf8'))
    .join('\n');
  const bound = (name: string) => new RegExp(`(useKey\\(|pressKey=("|\\{[^}]*))'?${name.replace('.', '\\.')}['"]`).test(sources);
  expect(Object.keys(KEYS).filter((name) => !bound(name))).toEqual([]);
  render(
    <MemoryRouter>
      <KeyList />
    </MemoryRouter>,
  );
  press('?', document.body, { shiftKey: true });
  for (const { does } of Object.values(KEYS)) expect(screen.getAllByText(does).length).toBeGreaterThan(0);
});

function Listener({ name, inFields, inDialog }: { name: KeyName; inFields?: boolean; inDialog?: boolean }) {
  const [heard, setHeard] = useState(0);
  useKey(name, () => setHeard((now) => now + 1), { inFields, inDialog });
  return (
    <>
      <output>{heard}</output>
      <input aria-label="alone" />
      <form>
        <input aria-label="in a form" />
      </form>
      <button type="button">plain</button>
      <button type="button" data-enter="act">
        chosen
      </button>
    </>
  );
}
const heard = () => Number(screen.getByRole('status').textContent);

it('a key is heard on the page, not with another key and not twice while held', () => {
  render(<Listener name="dock.dead" />);
  press('d');
  press('d', document.body, { ctrlKey: true });
  press('d', document.body, { repeat: true });
  press('d', screen.getByLabelText('alone'));
  expect(heard()).toBe(1);
  press('D', document.body, { shiftKey: true });
  expect(heard()).toBe(2);
});

it('Enter belongs to the action where a finger or a mouse left the focus, and to the button again for who walks by keys', () => {
  render(
    <main>
      <Listener name="dock.land" inFields />
    </main>,
  );
  const plain = screen.getByText('plain');
  fireEvent.pointerDown(plain);
  press('Enter', plain);
  expect(heard()).toBe(1);
  press('Tab', plain);
  press('Enter', plain);
  expect(heard()).toBe(1);
});

it('Enter belongs to a button or a form in focus, but not to a lone field or a chosen tank', () => {
  render(<Listener name="dock.land" inFields />);
  press('Enter', screen.getByText('plain'));
  press('Enter', screen.getByLabelText('in a form'));
  expect(heard()).toBe(0);
  press('Enter', screen.getByLabelText('alone'));
  press('Enter', screen.getByText('chosen'));
  press('Enter');
  expect(heard()).toBe(3);
});

it('rests while a dialog is open', () => {
  render(
    <>
      <Listener name="undo" />
      <div role="dialog" />
    </>,
  );
  press('u');
  expect(heard()).toBe(0);
});

it('rests while the one line is open: what is typed for it never lands a bag', () => {
  render(<Listener name="dock.absent" />);
  setLineOpen(true);
  press('b');
  expect(heard()).toBe(0);
  setLineOpen(false);
  press('b');
  expect(heard()).toBe(1);
});
