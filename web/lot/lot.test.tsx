/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import type { LotView, RoomView } from '#contract/views.ts';
import type { Role } from '#core/roles/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct, tankCard } from '../testScreen.tsx';
import { CutLot, JoinLot } from './CutAndJoin.tsx';
import LotPage from './LotPage.tsx';

const barb = { id: 'cherry-barb', common: 'cherry barb', scientific: 'Puntius titteya' };
const lot: NonNullable<LotView['lot']> = {
  id: 'barbs',
  label: 'cherry barb',
  species: barb,
  origin: 'bred',
  supplier: 'Fernhollow Hatchery',
  sizeCm: 3,
  eats: [{ food: 'flake', sinceMs: NOW - DAY_MS }],
  sexes: [],
  behaviours: [],
  inHouse: 9,
  promised: [{ promise: 'p', n: 2, forWhom: 'the school' }],
  cutFrom: [],
  cutInto: [{ lot: 'single', label: 'the torn one', n: 1, atMs: NOW - DAY_MS, how: 'cut' }],
};
const view: LotView = {
  seq: 1,
  lot,
  now: [
    { place: 'f3', name: 'F3', tank: true, n: 6 },
    { place: 'f4', name: 'F4', tank: true, n: 3 },
  ],
  been: [{ place: 'f3', name: 'F3', tank: true, fromMs: NOW - 9 * DAY_MS, peak: 10 }],
  left: [
    { place: 'died', n: 1 },
    { place: 'discrepancy', n: 2 },
  ],
  shared: [{ lot: 'gouramis', label: 'pearl gourami', place: 'F3', fromMs: NOW - 9 * DAY_MS, untilMs: NOW - 8 * DAY_MS }],
  quarantines: [],
  healings: [],
  gaps: [{ place: 'F4', fromMs: NOW - 2 * DAY_MS, n: 1 }],
  photos: [],
  timeline: [],
  names: {},
};
const kin = { lot: 'more-barbs', label: 'cherry barb, second crate', species: barb, n: 8, promised: false };
const room: RoomView = {
  seq: 1,
  systems: [],
  racks: [
    {
      id: 'fern',
      name: 'Fern bench',
      room: 'Back',
      walk: 1,
      tanks: [
        tankCard('F3', {
          id: 'f3',
          occupants: [
            { lot: 'barbs', label: 'cherry barb', species: barb, n: 6, promised: false },
            { lot: 'snails', label: 'nerite', n: 4, promised: false },
            kin,
          ],
        }),
        tankCard('F4', { id: 'f4' }),
      ],
    },
  ],
};

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } }, '/api/views/room': { body: room }, '/api/views/lot?lot=': { body: view } });
  await outbox.signIn('p');
});
const sent = async () => (await sentAct(asked)).entries[0]!;

describe('the page of a lot', () => {
  const page = async (shown: LotView, role: Role = 'keeper') => {
    asked = answer({ '/api/views/lot?lot=': { body: shown }, '/api/views/room': { body: room } });
    draw(
      <ActionProvider>
        <Routes>
          <Route path="*" element={<LotPage />} />
        </Routes>
      </ActionProvider>,
      role,
    );
    await screen.findByRole('heading', { level: 1 });
  };

  it('goes out of the house by one press, with whom it is promised to and why it is put down not left out', async () => {
    await page(view);
    asked = answer({ '/api/journal': { body: { seq: 1 } }, '/api/views/lot?lot=': { body: view }, '/api/views/room': { body: room } });
    fireEvent.click(screen.getByRole('button', { name: 'Out of the house' }));
    fireEvent.click(screen.getByRole('button', { name: 'put down' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^1 put down/ }).disabled).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: 'promised' }));
    fireEvent.change(screen.getByLabelText('To whom'), { target: { value: 'Mossbank school' } });
    fireEvent.click(screen.getByRole('button', { name: 'sold' }));
    fireEvent.click(screen.getByRole('button', { name: 'F4' }));
    await press(/^1 sold/);
    expect(await sent()).toMatchObject({ kind: 'stock.moved', payload: { moves: [{ lot: 'barbs', from: 'f4', to: 'sold', n: 1 }] } });
  });

  it('unnamed fish are named by any name they go by', async () => {
    const firefish = { id: 'firefish', common: 'firefish', scientific: 'Nemateleotris magnifica', alsoCalled: ['fire goby'] };
    await page({ ...view, lot: { ...lot, label: 'a red one', species: undefined } });
    asked = answer({
      '/api/journal': { body: { seq: 1 } },
      '/api/views/intake': { body: { seq: 1, suppliers: [], species: [firefish] } },
      '/api/views/lot?lot=': { body: view },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Name them' }));
    fireEvent.change(await screen.findByLabelText('What they are, by any name'), { target: { value: 'fire gob' } });
    fireEvent.click(await screen.findByRole('button', { name: 'firefish' }));
    await press(/^They are firefish/);
    expect(await sent()).toMatchObject({ kind: 'lot.named', payload: { lot: 'barbs', species: 'firefish', label: 'firefish' } });
  });

  it('a promise is fetched, with its fish, in one act', async () => {
    await page(view);
    asked = answer({ '/api/journal': { body: { seq: 1 } }, '/api/views/lot?lot=': { body: view }, '/api/views/room': { body: room } });
    await press('fetched');
    const { entries } = await sentAct(asked);
    expect(entries.map(({ kind }) => kind)).toEqual(['promise.lifted', 'stock.moved']);
  });

  it('says where it is, what left, to whom it is promised, what was cut off, what the records lack', async () => {
    await page(view);
    expect(screen.getByRole('heading', { name: 'cherry barb' })).toBeTruthy();
    expect(screen.getByText('1 died, 2 fewer than on record')).toBeTruthy();
    expect(screen.getByText(/^2 promised to the school/)).toBeTruthy();
    expect(screen.getByText(/1 cut off as/).textContent).toContain('the torn one');
    expect(screen.getByText(/Missing on record: 1 in F4/)).toBeTruthy();
    expect(screen.getByText(/Cleared: not in quarantine/)).toBeTruthy();
    const been = within(screen.getByRole('region', { name: 'Where it has been' }));
    expect(been.getByText('up to 10')).toBeTruthy();
    expect(been.getByText('pearl gourami')).toBeTruthy();
  });

  it('a trainee moves, cuts and joins nothing; only a lead joins', async () => {
    await page(view, 'trainee');
    expect(screen.queryByText('Move')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Make some a lot of their own' })).toBeNull();
  });

  it('a keeper cuts, and does not join', async () => {
    await page(view);
    expect(screen.getByRole('button', { name: 'Make some a lot of their own' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Join to its own kind' })).toBeNull();
  });

  it('one that is gone says so, and one that never was leads on', async () => {
    await page({ ...view, now: [], quarantines: [] });
    expect(screen.getByText('None of it is in the house any more.')).toBeTruthy();
    expect(screen.queryByText(/Cleared/)).toBeNull();
    cleanup();
    await page({ ...view, lot: undefined });
    expect(screen.getByText('There is no such lot')).toBeTruthy();
  });
});

const form = (part: React.ReactNode) => draw(<ActionProvider>{part}</ActionProvider>, 'lead');

it('cuts some off in the tank that was chosen, under a name of their own', async () => {
  let done = 0;
  form(<CutLot view={view} lot={lot} onDone={() => (done += 1)} />);
  fireEvent.change(screen.getByRole('combobox', { name: 'In which tank' }), { target: { value: 'f4' } });
  for (let tap = 0; tap < 5; tap += 1) fireEvent.click(screen.getByRole('button', { name: 'one how many more' }));
  // Three stand in F4, whatever is tapped.
  fireEvent.change(screen.getByLabelText('What they are called'), { target: { value: '  the pale ones ' } });
  await press(/^3 are a lot of their own/);
  const { kind, payload } = await sent();
  expect([kind, payload]).toEqual(['lot.split', expect.objectContaining({ lot: 'barbs', place: 'f4', n: 3, label: 'the pale ones' })]);
  expect(payload).not.toHaveProperty('quarantine');
  expect(done).toBe(1);
});

it('joins to its own kind only, in the same tank, with a reason', async () => {
  form(<JoinLot view={view} lot={lot} onDone={() => undefined} />);
  expect(await screen.findByRole('option', { name: '8 cherry barb, second crate' })).toBeTruthy();
  expect(screen.queryByRole('option', { name: /nerite/ })).toBeNull();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Join 6 to 8/ }).disabled).toBe(true);
  fireEvent.change(screen.getByLabelText(/^Why/), { target: { value: 'same spawn' } });
  await press(/^Join 6 to 8/);
  expect(await sent()).toMatchObject({
    kind: 'lot.joined',
    payload: { lot: 'barbs', into: 'more-barbs', place: 'f3', n: 6, why: 'same spawn' },
  });
});

it('says when nothing of its kind stands with it', async () => {
  form(<JoinLot view={{ ...view, now: [view.now[1]!] }} lot={lot} onDone={() => undefined} />);
  expect(await screen.findByText('No other lot of its kind stands with it in F4.')).toBeTruthy();
});

it('a refusal is said where it was asked, and the form stays', async () => {
  const refusals = [{ code: 'unknown', path: 'place', facts: { what: 'tank', id: 'f3' } }];
  answer({ '/api/journal': { status: 409, body: { code: 'refused', refusals } } });
  let done = 0;
  form(<CutLot view={view} lot={lot} onDone={() => (done += 1)} />);
  await press(/^1 is a lot of its own/);
  expect((await screen.findAllByRole('alert')).length).toBeGreaterThan(0);
  expect(done).toBe(0);
});
