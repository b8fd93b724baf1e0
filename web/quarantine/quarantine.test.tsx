/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, within } from '@testing-library/react';
import type { QuarantineCard } from '#contract/views.ts';
import { STARTING_QUARANTINES } from '#core/quarantine/index.ts';
import type { Role } from '#core/roles/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct } from '../testScreen.tsx';
import { QuarantineClock } from './QuarantineClock.tsx';

const TODAY = Math.floor(NOW / DAY_MS);
const quarantine = (clock: Partial<QuarantineCard['clock']> = {}): QuarantineCard => ({
  quarantine: 'hold-1',
  lot: 'banggai',
  label: 'banggai cardinalfish',
  n: 2,
  tanks: [{ id: 'q8', code: 'Q8' }],
  policy: STARTING_QUARANTINES.marine,
  opened: { zero: 'arrival', atMs: NOW - 10 * DAY_MS },
  clock: {
    zero: { cause: 'illness', entry: 'i', atMs: NOW - 4 * DAY_MS, day: TODAY - 4 },
    restarts: [{ cause: 'illness', entry: 'i', atMs: 0, day: TODAY - 4, what: 'white spots', who: 'banggai', place: 'Q8' }],
    openedDay: TODAY - 10,
    days: ['zero', 'clear', 'clear', 'clear', 'clear', 'clear', 'zero', 'clear', 'clear', 'clear', 'today'],
    clear: 3,
    required: 28,
    blockers: [
      { why: 'days', left: 25 },
      { why: 'not eating', atMs: NOW - 3 * DAY_MS },
    ],
    earliestDay: TODAY + 25,
    ...clock,
  },
});
const over = { clear: 28, blockers: [], earliestDay: TODAY };

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const show = (card: QuarantineCard, role: Role = 'keeper', full = false) =>
  draw(
    <ActionProvider>
      <QuarantineClock quarantine={card} full={full} />
    </ActionProvider>,
    role,
  );

const ends = () => screen.queryAllByRole('button', { name: /quarantine of/ });

it('explains itself: what was counted, every restart with its cause, what stands before release', () => {
  show(quarantine(), 'keeper', true);
  const restarts = within(screen.getByRole('list', { name: 'When the clock restarted' }));
  expect(restarts.getByText(/white spots on banggai in Q8/)).toBeTruthy();
  expect(screen.getByText(/^Before it may leave: last seen to eat/)).toBeTruthy();
  expect(
    screen.getByText(/28 clear days, 28 after a treatment.*newcomers in quarantine.*tools or water from fish in quarantine\.$/),
  ).toBeTruthy();
});

it('says it short beside a tank', () => {
  show(quarantine());
  expect(screen.queryByRole('list', { name: 'When the clock restarted' })).toBeNull();
  expect(screen.queryByText(/By the rule of/)).toBeNull();
  expect(screen.getByText(/^Before it may leave/)).toBeTruthy();
});

it('a keeper ends it when its clock allows it, and not before', async () => {
  const early = show(quarantine());
  expect(ends()).toEqual([]);
  early.unmount();
  show(quarantine(over));
  await press('Sign off the quarantine of banggai cardinalfish');
  const [entry] = (await sentAct(asked)).entries;
  expect(entry).toMatchObject({ kind: 'quarantine.signedOff', payload: { quarantine: 'hold-1', lot: 'banggai' } });
  expect(entry!.overrules).toBeUndefined();
});

it('a trainee ends none', () => {
  show(quarantine(over), 'trainee');
  expect(ends()).toEqual([]);
});

it('a lead may end it early, only with a reason for all that stands against it', async () => {
  show(quarantine(), 'lead');
  await press('End the quarantine of banggai cardinalfish early');
  const dialog = within(await screen.findByRole('dialog'));
  expect(dialog.getByText('Its quarantine has 3 clear days of 28: 25 to go.')).toBeTruthy();
  expect(dialog.getByText(/last seen to eat .* It should be seen to eat before it leaves/)).toBeTruthy();
  const act = dialog.getByRole<HTMLButtonElement>('button', { name: /Sign off its quarantine/ });
  expect(act.disabled).toBe(true);
  fireEvent.change(dialog.getByLabelText(/^Why you do it all the same/), { target: { value: 'goes to its pair' } });
  fireEvent.click(act);
  const [entry] = (await sentAct(asked)).entries;
  expect(entry!.overrules!.map(({ code, reason }) => [code, reason])).toEqual([
    ['quarantine.notOver', 'goes to its pair'],
    ['quarantine.notEating', 'goes to its pair'],
  ]);
});
