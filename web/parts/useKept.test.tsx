/** @jest-environment jsdom */
// What was typed outlives its form; it is the typist's own; and it is kept where a reload finds it.
import { jest } from '@jest/globals';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { MeContext } from '../data/me.ts';
import { forgetAllKept, forgetKept, useKept } from './useKept.ts';

type Me = NonNullable<Parameters<typeof MeContext>[0]['value']>;

function Form({ form }: { form: string }) {
  const [text, setText] = useKept(form, 'text', '');
  return (
    <>
      <input aria-label="text" value={text} onChange={({ target }) => setText(target.value)} />
      <button
        type="button"
        onClick={() => {
          setText((now) => `${now}a`);
          setText((now) => `${now}b`);
        }}
      >
        twice
      </button>
    </>
  );
}
const draw = (form: string, person = 'bram') =>
  render(
    <MeContext value={{ person: { id: person } } as Me}>
      <Form form={form} />
    </MeContext>,
  );
const text = () => screen.getByLabelText<HTMLInputElement>('text').value;

beforeEach(forgetAllKept);

it('is there again when the form comes back, for that form and that person alone', () => {
  const { unmount } = draw('bag 1');
  fireEvent.change(screen.getByLabelText('text'), { target: { value: '21.5' } });
  unmount();
  draw('bag 1').unmount();
  const again = draw('bag 1');
  expect(text()).toBe('21.5');
  again.unmount();
  const second = draw('bag 2');
  expect(text()).toBe('');
  second.unmount();
  draw('bag 1', 'pia');
  expect(text()).toBe('');
});

it('stands where a reload reads it, until the form is done with', () => {
  draw('bag 1');
  fireEvent.change(screen.getByLabelText('text'), { target: { value: 'kept' } });
  expect(sessionStorage.getItem('daily-crate-drafts')).toContain('"kept"');
  forgetKept('bag 1');
  expect(sessionStorage.getItem('daily-crate-drafts')).not.toContain('kept');
});

it('is gone after a sitting: what was read this morning is no reading of this afternoon', () => {
  const clock = jest.spyOn(Date, 'now');
  clock.mockReturnValue(1_000_000);
  draw('bag 1').unmount();
  const { unmount } = draw('bag 1');
  fireEvent.change(screen.getByLabelText('text'), { target: { value: '21.5' } });
  unmount();
  clock.mockReturnValue(1_000_000 + 119 * 60_000);
  const soon = draw('bag 1');
  expect(text()).toBe('21.5');
  soon.unmount();
  clock.mockReturnValue(1_000_000 + 121 * 60_000);
  draw('bag 1');
  expect(text()).toBe('');
  clock.mockRestore();
});

it('two changes on each other’s heels both count', () => {
  draw('bag 1');
  act(() => screen.getByText('twice').click());
  expect(text()).toBe('ab');
});
