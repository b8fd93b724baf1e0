/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { METRIC_UNITS } from '../data/units.ts';
import { draw } from '../testScreen.tsx';
import Calculators, { OneCalculator } from './Calculators.tsx';
import { SUMS } from './table.ts';

// jsdom knows no media; the drawer asks for one.
globalThis.matchMedia ??= (() => ({ matches: false, addListener: () => undefined, removeListener: () => undefined })) as never;

const called = (title: string) => SUMS.find((sum) => sum.title.startsWith(title))!;
const says = () => screen.getByRole('status').textContent;

it.each(SUMS.filter(({ fields }) => fields.every(({ start }) => start !== '')))('$title: begins with an example that can be', (sum) => {
  draw(<OneCalculator sum={sum} />);
  expect(says()).not.toMatch(/cannot be|NaN|Infinity|undefined|Give every/);
  expect(says().length).toBeGreaterThan(20);
});

it('gives no dose until the label’s level is entered, and defers to the label', () => {
  draw(<OneCalculator sum={called('Dose')} />);
  expect(says()).toBe('Give every number.');
  expect(screen.getByText(/Follow the label, local rules and a veterinarian/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText('The label says, mg/L'), { target: { value: '0,5' } });
  expect(says()).toContain('27 mg into 54 L');
});

it('the published share of toxic ammonia, and a gallon as both', () => {
  draw(<OneCalculator sum={called('Toxic')} />);
  expect(says()).toContain('0.054 mg/L N toxic: not to stay in');
  expect(says()).toContain('5.38 %');
  const tape = called('Volume').calculate({ l: 60, w: 30, h: 30, less: 0, chosen: { shape: 'box' } } as never, METRIC_UNITS, String);
  expect(tape.lines).toEqual(['54 L', '14.3 US gal', '11.9 imp gal']);
});

it('matching a tank: what to swap, and the way back by dates', () => {
  draw(<OneCalculator sum={called('Match')} />);
  expect(says()).toContain('Swap 29.03 L');
  expect(says()).toMatch(/Wed 4 Mar: .* to 29 ppt/);
  fireEvent.change(screen.getByLabelText(/^Changed with/), { target: { value: '30' } });
  expect(says()).toContain('This cannot be: water of 30 never brings 31 to 28.');
});

it('opens by its key, and keeps to words where a number cannot be', () => {
  draw(<Calculators />);
  fireEvent.keyDown(document.body, { key: 'm', code: 'KeyM' });
  fireEvent.change(screen.getByLabelText(/^Salinity, as you have it/), { target: { value: '1.3 SG' } });
  expect(screen.getByText('That is no unit of salinity.')).toBeTruthy();
  expect(says()).toBe('Give every number.');
});
