/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { draw, press } from '../testScreen.tsx';
import { firstDay } from './firstDay.ts';
import { FirstDay } from './FirstDay.tsx';

const line = () => screen.queryByRole('complementary', { name: 'The first day' });

it('five steps lead through the stations, and then it is over for good', async () => {
  firstDay.go(0);
  draw(<FirstDay />);
  for (const name of ['Room', 'Bench', 'Rounds', 'Today']) await press(`Next: ${name}`);
  expect(line()!.textContent).toContain('5 of 5: Today');
  await press('That is all');
  expect(line()).toBeNull();
  expect(localStorage.getItem('daily-crate first day')).toBe('over');
});

it('is skipped in one press, and begun again on purpose', async () => {
  firstDay.go(2);
  draw(<FirstDay />);
  expect(line()!.textContent).toContain('3 of 5: Bench');
  await press('Skip');
  expect(line()).toBeNull();
});
