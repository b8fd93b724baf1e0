/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { LogbookAct, LogbookView } from '#contract/views.ts';
import type { Role } from '#core/roles/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox, record } from '../data/house.ts';
import { answer, draw, NOW, press } from '../testScreen.tsx';
import Logbook from './Logbook.tsx';

const act = (no: number, more: Partial<LogbookAct> = {}): LogbookAct => ({
  actId: `act-${no}`,
  seq: no,
  actor: 'p',
  actorName: 'Bram Tell',
  entries: [
    {
      id: `e-${no}`,
      kind: 'tool.disinfected',
      occurredAtMs: NOW - no * MINUTE_MS,
      recordedAtMs: NOW - no * MINUTE_MS,
      payload: { tool: 'fern-net' },
    },
  ],
  ...more,
});
const view = (...acts: LogbookAct[]): LogbookView => ({
  seq: 9,
  acts,
  names: { 'fern-net': 'Fern net' },
  people: [],
  ...(acts.at(-1)!.seq > 1 && { earlier: { before: acts.at(-1)!.seq, sinceMs: NOW } }),
});
const away = { '/api/stream': { body: {} } };

let asked: ReturnType<typeof answer>;
const show = async (shown: LogbookView, role: Role = 'keeper') => {
  asked = answer({
    ...away,
    '/api/views/logbook': { body: shown },
    '/api/views/running': { body: { seq: 9, floats: [], vessels: [], stayLimits: [] } },
    '/api/journal': { body: { seq: 10 } },
  });
  await outbox.signIn('p');
  draw(
    <ActionProvider>
      <Logbook />
    </ActionProvider>,
    role,
  );
  await screen.findByRole('heading', { name: 'Written' });
};
const itemOf = (text: RegExp) => within(screen.getByText(text).closest('.act') as HTMLElement);

it('says what was written, by whom, with the names of things', async () => {
  await show(view(act(5)));
  expect(screen.getByText(/Fern net/)).toBeTruthy();
  expect(screen.getAllByText(/Bram Tell/).length).toBeGreaterThan(0);
  expect(screen.queryByText('Not written yet')).toBeNull();
});

it('one’s own act is undone in one tap', async () => {
  await show(view(act(5)));
  await press('Undo');
  await waitFor(() => expect(asked.some(({ path }) => path === '/api/journal')).toBe(true));
  expect(asked.find(({ path }) => path === '/api/journal')!.body).toMatchObject({
    entries: [{ kind: 'entry.reversed', payload: { act: 'act-5' } }],
  });
});

it('another’s act is a lead’s to undo; what is undone says by whom', async () => {
  const others = act(5, { actor: 'q', actorName: 'Wim Sato' });
  await show(view(others));
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  cleanup();
  await show(view(others, act(4, { undone: { by: 'Ines Okafor', atMs: NOW } })), 'lead');
  expect(screen.getAllByRole('button', { name: 'Undo' })).toHaveLength(1);
  expect(itemOf(/undone by Ines Okafor/).queryByRole('button')).toBeNull();
});

it('what was written all the same keeps its reason', async () => {
  const logbookAct = act(5);
  await show(view({ ...logbookAct, entries: [{ ...logbookAct.entries[0]!, overrules: [{ code: 'fit.noLid', reason: 'net over it' }] }] }));
  expect(screen.getByText(/All the same, against .*: net over it/)).toBeTruthy();
});

it('asks for what is chosen, and says how far back it has read where nothing is', async () => {
  await show(view(act(5)));
  answer({
    ...away,
    '/api/views/logbook': { body: view(act(5)) },
    '/api/views/logbook?what=gear': { body: { ...view(act(5)), acts: [], earlier: { before: 3, sinceMs: NOW } } },
  });
  fireEvent.change(screen.getByLabelText('About what'), { target: { value: 'gear' } });
  expect(await screen.findByText(/Nothing of that kind since/)).toBeTruthy();
  expect(screen.getByRole('button', { name: /^Before/ })).toBeTruthy();
  await press('Everything');
  expect(await screen.findByText(/Fern net/)).toBeTruthy();
});

it('goes back act by act, and not beyond the first', async () => {
  await show(view(act(9), act(8)));
  expect(screen.getByRole('button', { name: 'Earlier' })).toBeTruthy();
  cleanup();
  await show(view(act(1)));
  expect(screen.queryByRole('button', { name: 'Earlier' })).toBeNull();
});

it('what was refused stays here with the reason, until it is tried again or discarded', async () => {
  await show(view(act(5)));
  const refusal = {
    status: 409,
    body: { code: 'refused', refusals: [{ code: 'unknown', path: 'tool', facts: { what: 'tool', id: 'gone' } }] },
  };
  answer({ ...away, '/api/views/logbook': { body: view(act(5)) }, '/api/journal': refusal });
  await record({ kind: 'tool.disinfected', payload: { tool: 'gone' } });
  expect(await screen.findByText('Not written yet')).toBeTruthy();
  expect(screen.getByText('refused')).toBeTruthy();
  // Over plain http a browser gives no clipboard: the text is there to be taken by hand.
  await press('Copy as text');
  const text = await screen.findByRole<HTMLTextAreaElement>('textbox', { name: 'As text' });
  expect(JSON.parse(text.value)).toMatchObject({ entries: [{ kind: 'tool.disinfected', payload: { tool: 'gone' } }] });
  await press('Discard');
  await waitFor(() => expect(screen.queryByText('Not written yet')).toBeNull());
});
