/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { act, fireEvent, screen } from '@testing-library/react';
import type { BagCard } from '#contract/views.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { draw } from '../testScreen.tsx';
import type { LandingDraft } from './draft.ts';
import { LandingForm } from './LandingForm.tsx';

const chromis = { id: 'green-chromis', common: 'green chromis', scientific: 'Chromis viridis', alsoCalled: ['blue-green chromis'] };
const allSpecies = [
  chromis,
  { id: 'six-line-wrasse', common: 'six-line wrasse', scientific: 'Pseudocheilinus hexataenia', alsoCalled: ['six line'] },
];
const bag: BagCard = {
  bag: 'b',
  label: 'bag 11',
  box: 2,
  listed: 6,
  waterL: 1.4,
  lot: 'l',
  lotLabel: 'green chromis',
  species: chromis,
  origin: 'wild',
  sizeCm: 4,
  afloat: false,
};

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

/** How many more were landed with each. */
const same: number[] = [];
/** The card in front, its first moments over. */
function open(listed?: BagCard, settled = true, like = 0) {
  const landed: LandingDraft[] = [];
  same.length = 0;
  draw(
    <ActionProvider>
      <LandingForm
        bag={listed}
        title="Yard · bag 11 of 19"
        species={allSpecies}
        like={like}
        onLand={(draft, more) => {
          landed.push(draft);
          same.push(more);
        }}
        onAbsent={() => undefined}
      />
    </ActionProvider>,
  );
  if (settled) act(() => void jest.advanceTimersByTime(400));
  return landed;
}
const press = (name: RegExp | string) => fireEvent.click(screen.getByRole('button', { name }));
const key = (code: string) => fireEvent.keyDown(document, { key: code, code: code.length === 1 ? `Key${code.toUpperCase()}` : code });
const says = () => document.querySelector('.says')!.firstChild!.textContent;

it('says what one tap asserts, and one tap lands just that', () => {
  const landed = open(bag);
  expect(says()).toBe('Bag sound, water clear, all 6 upright.');
  press(/^Land 6/);
  expect(landed).toEqual([expect.objectContaining({ alive: 6, dead: 0, condition: 'fit', bagCondition: 'sound' })]);
});

it('takes no tap in its first moments, so that a double tap lands one bag; a held key is one press', () => {
  const landed = open(bag, false);
  press(/^Land 6/);
  expect(landed).toEqual([]);
  fireEvent.keyDown(document, { key: 'Enter', code: 'Enter', repeat: true });
  expect(landed).toEqual([]);
  act(() => void jest.advanceTimersByTime(400));
  press(/^Land 6/);
  expect(landed).toHaveLength(1);
});

it('one key lands it too, one key says that one is dead, one takes all back', () => {
  const landed = open(bag);
  key('d');
  expect(says()).toBe('Bag sound, water clear, all 5 upright.');
  expect(screen.getByRole('button', { name: /^Land 5, 1 dead/ })).toBeTruthy();
  key('Escape');
  expect(says()).toBe('Bag sound, water clear, all 6 upright.');
  key('Enter');
  expect(landed).toEqual([expect.objectContaining({ alive: 6 })]);
});

it('lands the next five of its lot the same, but never what is dead or another fish', () => {
  open(bag, true, 7);
  press('some of them');
  press(/^Land 6, and 4 more bags as listed/);
  // A second press on its heels is the same press.
  press(/^Land 6/);
  expect(same).toEqual([4]);
  act(() => void jest.advanceTimersByTime(400));
  press(/^Dead in bag/);
  expect(screen.queryByRole('button', { name: 'all 8' })).toBeNull();
  press(/^Land 5, 1 dead/);
  expect(same).toEqual([4, 0]);
});

it('says short and over as the count changes', () => {
  open(bag);
  press(/^Count/);
  press('one alive fewer');
  expect(says()).toBe('Bag sound, water clear, all 5 upright. 1 short of 6 listed.');
  press('one alive more');
  press('one alive more');
  expect(says()).toContain('1 over of 6 listed.');
});

it('a soft bag is not floated, and the card says so before it is landed', () => {
  open(bag);
  press(/^Soft or foul/);
  expect(screen.getByRole('note').textContent).toMatch(/Soft bag: it sinks .* Not to be floated/);
  press('foul');
  expect(screen.getByRole('note').textContent).toMatch(/Foul water: keep the bag closed/);
  press('sound');
  press('tired');
  expect(screen.getByRole('note').textContent).toMatch(/no medicine yet/);
});

it('waits with a temperature that cannot be, and keeps what was typed', () => {
  const landed = open(bag);
  press(/^Count/);
  const field = screen.getByLabelText(/^Temperature/);
  fireEvent.change(field, { target: { value: '210' } });
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Land 6/ }).disabled).toBe(true);
  key('Enter');
  expect(landed).toEqual([]);
  fireEvent.change(field, { target: { value: '70F' } });
  press(/^Land 6/);
  expect(landed[0]).toMatchObject({ temperature: '70F', method: 'folded' });
});

it('other fish are found by a name they go by, or land as they were heard', () => {
  const landed = open(bag);
  press('Other fish');
  const name = screen.getByLabelText(/^What is in the bag/);
  fireEvent.change(name, { target: { value: 'six lines' } });
  press('six-line wrasse');
  press(/^Land 6/);
  expect(landed[0]!.other).toMatchObject({ heardAs: 'six lines', species: { id: 'six-line-wrasse' } });
});

it('a bag on no list needs a name and at least one fish', () => {
  const landed = open();
  const land = () => screen.getByRole<HTMLButtonElement>('button', { name: /^Land/ });
  expect(land().disabled).toBe(true);
  fireEvent.change(screen.getByLabelText(/^What is in the bag/), { target: { value: 'blue thing' } });
  expect(land().disabled).toBe(false);
  press('one alive fewer');
  expect(land().disabled).toBe(true);
  press('one dead more');
  press(/^Land/);
  expect(landed).toEqual([expect.objectContaining({ alive: 0, dead: 1, other: { heardAs: 'blue thing' } })]);
});
