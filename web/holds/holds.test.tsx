/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, within } from '@testing-library/react';
import type { HoldCard } from '#contract/views.ts';
import { STARTING_HOLDS } from '#core/quarantine/index.ts';
import type { Role } from '#core/roles/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { DeedProvider } from '../actions/deed.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct } from '../testScreen.tsx';
import { HoldClock } from './HoldClock.tsx';

const TODAY = Math.floor(NOW / DAY_MS);
const hold = (clock: Partial<HoldCard['clock']> = {}): HoldCard => ({
  hold: 'hold-1',
  lot: 'banggai',
  label: 'banggai cardinalfish',
  n: 2,
  tanks: [{ id: 'q8', code: 'Q8' }],
  policy: STARTING_HOLDS.marine,
  opened: { zero: 'arrival', atMs: NOW - 10 * DAY_MS },
  clock: {
    zero: { cause: 'illness', entry: 'i', atMs: NOW - 4 * DAY_MS, day: TODAY - 4 },
    restarts: [{ cause: 'illness', entry: 'i', atMs: 0, day: TODAY - 4, what: 'white spots', who: 'banggai', place: 'Q8' }],
    openedDay: TODAY - 10,
    days: ['zero', 'clean', 'clean', 'clean', 'clean', 'clean', 'zero', 'clean', 'clean', 'clean', 'today'],
    clean: 3,
    required: 28,
    blockers: [
      { why: 'days', left: 25 },
      { why: 'not eating', atMs: NOW - 3 * DAY_MS },
    ],
    earliestDay: TODAY + 25,
    ...clock,
  },
});
const over = { clean: 28, blockers: [], earliestDay: TODAY };

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const show = (card: HoldCard, role: Role = 'keeper', full = false) =>
  draw(
    <DeedProvider>
      <HoldClock hold={card} full={full} />
    </DeedProvider>,
    role,
  );

const ends = () => screen.queryAllByRole('button', { name: /hold of/ });

it('explains itself: what was counted, every restart with its cause, what stands before release', () => {
  show(hold(), 'keeper', true);
  const restarts = within(screen.getByRole('list', { name: 'When the count began anew' }));
  expect(restarts.getByText(/white spots on banggai in Q8/)).toBeTruthy();
  expect(screen.getByText(/^Before it may leave: last seen to eat/)).toBeTruthy();
  expect(screen.getByText(/28 clean days, 28 after a remedy.*newcomers on hold.*tools or water from fish on hold\.$/)).toBeTruthy();
});

it('says it short beside a tank', () => {
  show(hold());
  expect(screen.queryByRole('list', { name: 'When the count began anew' })).toBeNull();
  expect(screen.queryByText(/By the rule of/)).toBeNull();
  expect(screen.getByText(/^Before it may leave/)).toBeTruthy();
});

it('a keeper ends it when its clock allows it, and not before', async () => {
  const early = show(hold());
  expect(ends()).toEqual([]);
  early.unmount();
  show(hold(over));
  await press('Sign off the hold of banggai cardinalfish');
  const [entry] = (await sentAct(asked)).entries;
  expect(entry).toMatchObject({ kind: 'hold.signedOff', payload: { hold: 'hold-1', lot: 'banggai' } });
  expect(entry!.overrules).toBeUndefined();
});

it('a trainee ends none', () => {
  show(hold(over), 'trainee');
  expect(ends()).toEqual([]);
});

it('a lead may end it early, only with a reason for all that stands against it', async () => {
  show(hold(), 'lead');
  await press('End the hold of banggai cardinalfish early');
  const dialog = within(await screen.findByRole('dialog'));
  expect(dialog.getByText('Its hold has 3 clean days of 28: 25 to go.')).toBeTruthy();
  expect(dialog.getByText(/last seen to eat .* It should be seen to eat before it leaves/)).toBeTruthy();
  const act = dialog.getByRole<HTMLButtonElement>('button', { name: /Sign off its hold/ });
  expect(act.disabled).toBe(true);
  fireEvent.change(dialog.getByLabelText(/^Why you do it all the same/), { target: { value: 'goes to its pair' } });
  fireEvent.click(act);
  const [entry] = (await sentAct(asked)).entries;
  expect(entry!.overrules!.map(({ code, reason }) => [code, reason])).toEqual([
    ['hold.notOver', 'goes to its pair'],
    ['hold.notEating', 'goes to its pair'],
  ]);
});
