/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen } from '@testing-library/react';
import type { DayMark, QuarantineClock } from '#core/quarantine/index.ts';
import { draw } from '../testScreen.tsx';
import { TallyLine, TallyMarks } from './TallyMarks.tsx';

const DAY = 20_510;
const days: DayMark[] = [
  'zero',
  'clear',
  'clear',
  'unseen',
  'zero',
  ...Array.from({ length: 6 }, (): DayMark => 'clear'),
  'unseen',
  'today',
];
const clock: QuarantineClock = {
  zero: { cause: 'illness', entry: 'i', atMs: 0, day: DAY + 4 },
  restarts: [{ cause: 'illness', entry: 'i', atMs: 0, day: DAY + 4, what: 'white spots', who: 'banggai', place: 'Q8' }],
  openedDay: DAY,
  days,
  clear: 6,
  required: 14,
  blockers: [],
  earliestDay: DAY + 22,
};
const count = (selector: string) => document.querySelectorAll(selector).length;

it('draws a stroke for each clear day, hollow for one that nobody looked on, dots for those to come, and the row that broke off', () => {
  draw(<TallyMarks clock={clock} />);
  expect(count('.tally-row:not(.faint) .tally-clear')).toBe(6);
  expect(count('.tally-row:not(.faint) .tally-unseen')).toBe(1);
  expect(count('.tally-row:not(.faint) .tally-open')).toBe(8);
  expect(count('.tally-row.faint .tally-clear')).toBe(2);
  expect(count('.tally-row.faint .tally-unseen')).toBe(1);
  expect(screen.getByText('6 of 14', { exact: false })).toBeTruthy();
});

it('names the cause of a break on hover, tap and focus', () => {
  draw(<TallyMarks clock={clock} />);
  const name = 'Restarted Mon 2 Mar: white spots on banggai in Q8';
  expect(screen.queryByRole('status')).toBeNull();
  fireEvent.mouseEnter(screen.getByRole('button', { name }));
  expect(screen.getByRole('status').textContent).toBe('Mon 2 Mar restarted: white spots on banggai in Q8');
  fireEvent.blur(screen.getByRole('button', { name }));
  expect(screen.queryByRole('status')).toBeNull();
  // A tap is a focus and then a click.
  fireEvent.focus(screen.getByRole('button', { name }));
  fireEvent.click(screen.getByRole('button', { name }));
  expect(screen.getByRole('status').textContent).toContain('white spots');
});

it('in the picture of a tank shows the days that count, every fifth through the four before it', () => {
  draw(<TallyLine clock={clock} />);
  expect(count('.tally-line line')).toBe(6);
  const [fifth] = [...document.querySelectorAll('.tally-line line')].slice(4);
  expect(fifth!.getAttribute('x1')).not.toBe(fifth!.getAttribute('x2'));
});
