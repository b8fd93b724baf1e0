/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { MovesView, RoomView, TankCard } from '#contract/views.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, press, sentAct, tankCard } from '../testScreen.tsx';
import { MoveForm } from './MoveForm.tsx';

const tank = (code: string, more: Partial<TankCard> = {}) => tankCard(code, { system: `water-${code}`, reasons: [], ...more });
const inQuarantine = { id: 'h', days: 14, openedAtMs: 0 };
const barbs = { lot: 'barbs', label: 'cherry barb', n: 6, quarantine: inQuarantine, promised: false, sizeCm: 3 };
const F3 = tank('F3', { occupants: [barbs, { lot: 'snails', label: 'nerite', n: 4, promised: false }] });
const F10 = tank('F10', { occupants: [{ lot: 'gouramis', label: 'pearl gourami', n: 6, quarantine: inQuarantine, promised: false }] });
const F11 = tank('F11');
const bucket = tank('Bucket 1', { id: 'bucket-1', vessel: 'bucket' });
const view: RoomView = {
  seq: 1,
  systems: ['F3', 'F10', 'F11', 'Bucket 1'].map((code) => ({
    id: `water-${code}`,
    entry: 'e',
    name: code,
    type: 'fresh' as const,
    temperatureC: 25,
    salinityPpt: 0.3,
    volumeL: 45,
    tanks: 1,
  })),
  racks: [{ id: 'fern', name: 'Fern bench', room: 'Back', walk: 1, tanks: [F3, F10, F11, bucket] }],
  lot: { lot: 'barbs', from: 'F3' },
};
const moves: MovesView = {
  seq: 1,
  tasks: [],
  stayLimits: [],
  tools: [{ id: 'fern-net', name: 'Fern net', what: 'net', racks: ['fern'], wet: [{ tank: 'B3', code: 'B3', atMs: 0 }] }],
};

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const task = (to: TankCard | undefined, onDone = () => undefined as void, seen = view) =>
  draw(
    <ActionProvider>
      <MoveForm
        view={seen}
        hand={{ lot: 'barbs', from: 'F3' }}
        to={to}
        clocks={new Map()}
        moves={moves}
        onTo={() => undefined}
        onDone={onDone}
      />
    </ActionProvider>,
  );
const sent = () => sentAct(asked);
const fewer = (times: number) => {
  for (let time = 0; time < times; time += 1) fireEvent.click(screen.getByRole('button', { name: 'one in the net fewer' }));
};

it('says what another system asks of them, and their tolerance at once', () => {
  const salty = { ...view, systems: view.systems.map((system) => (system.name === 'F11' ? { ...system, salinityPpt: 8.3 } : system)) };
  task(F11, undefined, salty);
  expect(screen.getByText(/^F11 is 8 ppt up, by what is last known of both\. Ordinary fish tolerate 2 ppt of that at once/)).toBeTruthy();
});

it('says nothing of systems that are as good as one', () => {
  task(F11);
  expect(screen.getByRole('button', { name: /^Move/ })).toBeTruthy();
  expect(screen.queryByText(/by what is last known of both/)).toBeNull();
});

it('asks for a tank first, and says beforehand whose clock would restart', () => {
  task(undefined);
  expect(screen.getByText(/^Tap the tank where they shall go/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Move/ })).toBeNull();
  task(F10);
  const caution = screen.getByText('Clocks restart').closest('div')!;
  expect(within(caution).getByText('pearl gourami in F10')).toBeTruthy();
  expect(within(caution).getByText(/cherry barb themselves: they meet pearl gourami, in quarantine/)).toBeTruthy();
});

it('moves a whole lot as it is to an empty tank, with no warning', async () => {
  task(F11);
  expect(screen.queryByText('Clocks restart')).toBeNull();
  await press(/^Move 6 to F11/);
  const act = await sent();
  expect(act.entries.map(({ kind, payload }) => [kind, payload])).toEqual([
    ['stock.moved', { moves: [{ lot: 'barbs', from: 'F3', to: 'F11', n: 6 }] }],
  ]);
});

it('cuts a part off that goes to another system, unless it is to stay one lot', async () => {
  task(F11);
  fewer(4);
  await press(/^Move 2 to F11/);
  expect((await sent()).entries.map(({ kind }) => kind)).toEqual(['lot.split', 'stock.moved']);
});

it('keeps one lot and one clock when somebody says so', async () => {
  task(F11);
  fewer(4);
  fireEvent.click(screen.getByRole('checkbox', { name: /^Keep one lot and one clock/ }));
  await press(/^Move 2 to F11/);
  expect((await sent()).entries.map(({ kind }) => kind)).toEqual(['stock.moved']);
});

it('times a bucket, in which nobody stays forgotten', async () => {
  task(bucket);
  fireEvent.click(screen.getByRole('button', { name: '1 h' }));
  expect(screen.getByText(/^Until 08:40/)).toBeTruthy();
  await press(/^Move 6 to Bucket 1/);
  const [stay] = (await sent()).entries;
  expect(stay).toMatchObject({ kind: 'stay.limited', payload: { place: 'bucket-1', untilMs: Date.UTC(2026, 2, 3, 8, 40) } });
});

it('counts both ends, says what is missing, and that the net is wet from elsewhere', async () => {
  task(F11);
  fireEvent.click(screen.getByRole('button', { name: /^Counts, net/ }));
  fireEvent.click(screen.getByRole('button', { name: 'one counted in f11 fewer' }));
  expect(screen.getByText(/^1 missing/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'one nerite that went along more' }));
  fireEvent.change(screen.getByLabelText('Whose net or cup'), { target: { value: 'fern-net' } });
  expect(screen.getByText('It is wet from B3: disinfect it first.')).toBeTruthy();
  await press(/^Move 6 to F11/);
  const act = await sent();
  expect(act.entries.map(({ kind }) => kind)).toEqual(['stock.moved', 'tool.used']);
  expect(act.entries[0]!.payload).toMatchObject({
    moves: [
      { lot: 'barbs', n: 6, arrived: 5 },
      { lot: 'snails', n: 1 },
    ],
  });
});

it('writes a slip for later instead', async () => {
  task(F11);
  await press('Catch slip for later');
  const [plan] = (await sent()).entries;
  expect(plan).toMatchObject({ kind: 'moves.planned', payload: { tasks: [{ lot: 'barbs', from: 'F3', to: 'F11', n: 6, by: 'net' }] } });
});

it('tells the second of two what happened, and keeps the form', async () => {
  answer({
    '/api/journal': {
      status: 409,
      body: {
        code: 'refused',
        refusals: [
          {
            code: 'stock.short',
            path: 'entries.0',
            facts: { lot: 'cherry barb', place: 'F3', missing: 6, by: 'Wim', atMs: Date.UTC(2026, 2, 3, 7, 39) },
          },
        ],
      },
    },
  });
  let done = false;
  task(F11, () => void (done = true));
  await press(/^Move 6 to F11/);
  await waitFor(() => expect(outbox.getState().acts.filter(({ state }) => state === 'waiting')).toEqual([]));
  expect(done).toBe(false);
  expect(screen.getByRole('button', { name: /^Move 6 to F11/ })).toBeTruthy();
});
