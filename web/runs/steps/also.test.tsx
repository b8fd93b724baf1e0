/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { trajectoryOf, runFactsOf } from '#core/runs/index.ts';
import { outbox } from '../../data/house.ts';
import { answer, NOW, press, sentAct } from '../../testScreen.tsx';
import { answers, card, inBath, payloads, show } from '../testRun.tsx';
import { Also } from './Also.tsx';

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer(answers);
  await outbox.signIn('p');
});
const action = async () => payloads(await sentAct(asked))[0];

it('the air is shown as it is, and turned in one tap', async () => {
  show(<Also run={card()} />);
  const level = (name: string) => screen.getByRole('button', { name });
  expect(level('gentle').getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(level('gentle'));
  fireEvent.click(level('none'));
  expect(screen.queryByText(/frees ammonia/)).toBeNull();
  expect(await action()).toEqual(['acclimation.actionTaken', { run: 'run-1', did: { do: 'air', level: 'none' } }]);
});

it('what more air frees is said as it is turned up, unless a binder is in', async () => {
  const { unmount } = show(<Also run={card()} />);
  fireEvent.click(screen.getByRole('button', { name: 'strong' }));
  expect(screen.getByText(/^Air keeps them alive and frees ammonia/)).toBeTruthy();
  unmount();

  const ammoniaBinder = { entry: 'b', atMs: NOW, by: 'Odalys', what: 'worked' as const, did: { do: 'ammonia binder' as const } };
  show(<Also run={card({ events: [...card().events, ammoniaBinder] })} />);
  fireEvent.click(screen.getByRole('button', { name: 'strong' }));
  expect(screen.queryByText(/frees ammonia/)).toBeNull();
  await waitFor(() => expect(asked.filter(({ path }) => path === '/api/journal')).toHaveLength(2));
});

it('a cup and what was poured off, in any unit, no more than it holds', async () => {
  show(<Also run={card()} />);
  fireEvent.click(screen.getByText('Something else was done'));
  const field = screen.getByLabelText(/^Cup out, tank water in/);
  const exchanged = () => screen.getByRole<HTMLButtonElement>('button', { name: /exchanged|How much/ });
  fireEvent.change(screen.getByLabelText(/^Poured off, left in it/), { target: { value: '2' } });
  fireEvent.change(field, { target: { value: '40' } });
  expect(screen.getByText('It holds 12 L.')).toBeTruthy();
  expect(exchanged().disabled).toBe(true);
  fireEvent.change(field, { target: { value: '600 mL' } });
  await press(/^0\.6 L exchanged/);
  expect(await action()).toEqual(['acclimation.actionTaken', { run: 'run-1', did: { do: 'cup', litres: 0.6 } }]);
});

it('a bath is told its air only', () => {
  show(<Also run={inBath()} />);
  expect(screen.getByRole('group', { name: 'Air, as it is' })).toBeTruthy();
  expect(screen.queryByText('Something else was done')).toBeNull();
});

it('the course follows what was done beside the sheet', () => {
  const facts = runFactsOf(card());
  const plain = trajectoryOf(facts, { now: NOW });
  const cup = trajectoryOf({ ...facts, actions: [...facts.actions, { atMs: NOW, did: { do: 'cup', litres: 1 } }] }, { now: NOW });
  expect(cup.now.salinity).toBeGreaterThan(plain.now.salinity + 1);
});
