/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { checkAct } from '#contract/act.ts';
import type { RoomView } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw } from '../testScreen.tsx';
import { LineBar } from './LineBar.tsx';

const tank = (code: string, ...occupants: object[]) => ({
  id: code,
  code,
  row: 0,
  column: 0,
  volumeL: 45,
  purpose: 'quarantine',
  lid: true,
  system: 'w',
  occupants,
  suspect: false,
  coming: 0,
});
const loach = { lot: 'l', label: 'kuhli loach', n: 7, promised: false };
const room = {
  seq: 1,
  racks: [{ id: 'r', name: 'Fern', room: 'Back', walk: 1, tanks: [tank('F2', loach), tank('F7')] }],
  systems: [{ id: 'w', name: 'Fern water', type: 'fresh', temperatureC: 25, salinityPpt: 0.2, volumeL: 45, tanks: 2 }],
} as unknown as RoomView;

async function open(answers: Parameters<typeof answer>[0] = { '/api/journal': { body: { seq: 5 } } }, role: 'keeper' | 'lead' = 'keeper') {
  const asked = answer({ '/api/views/room': { body: room }, ...answers });
  let closed = 0;
  draw(
    <ActionProvider>
      <LineBar onClose={() => (closed += 1)} />
    </ActionProvider>,
    role,
  );
  await outbox.signIn('p');
  const field = await screen.findByRole<HTMLInputElement>('textbox');
  const sent = () => asked.filter(({ path }) => path === '/api/journal').map(({ body }) => body as Act);
  return { field, sent, closed: () => closed, type: (value: string) => fireEvent.change(field, { target: { value } }) };
}
const write = () => fireEvent.submit(screen.getByRole('textbox').closest('form')!);
const says = () => document.querySelector('#line-says')!.textContent;

it('shows what it understood, writes it, and is empty for the next', async () => {
  const { field, sent, type } = await open();
  type('F2 lost 2');
  expect(says()).toBe('Understood: 2 kuhli loach dead in F2, cause not known');
  write();
  await waitFor(() => expect(sent()).toHaveLength(1));
  expect(checkAct(sent()[0])).toMatchObject({ ok: true });
  expect(sent()[0]!.entries[0]).toMatchObject({ kind: 'loss.recorded', payload: { lot: 'l', place: 'F2', n: 2 } });
  expect(field.value).toBe('');
  expect(says()).toBe('Written: 2 kuhli loach dead in F2, cause not known.');
});

it('says what it did not understand, offers what it could mean, and writes nothing until then', async () => {
  const { field, sent, type } = await open();
  type('F2 lots 2');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Write it' }).disabled).toBe(true);
  write();
  expect(says()).toBe('“lots” says nothing here. Did you mean:');
  fireEvent.click(screen.getByRole('button', { name: '2 kuhli loach dead in F2, cause not known' }));
  expect(field.value).toBe('f2 loss 2');
  expect(sent()).toEqual([]);
});

it('gives back a line that the house refused', async () => {
  const refusals = [{ code: 'stock.short', path: '', facts: { lot: 'kuhli loach', place: 'F2', missing: 1 } }];
  const { field, type } = await open({ '/api/journal': { status: 409, body: { code: 'refused', refusals } } });
  type('F2 lost 7');
  write();
  expect(field.value).toBe('');
  await waitFor(() => expect(field.value).toBe('F2 lost 7'));
});

it('asks a lead for a reason where one may pass over what stands against it', async () => {
  const refusals = [{ code: 'fit.noLid', path: 'moves.0.to', facts: { species: 'kuhli loach' }, overrule: 'lead' }];
  const { type } = await open({ '/api/journal': { status: 409, body: { code: 'refused', refusals } } }, 'lead');
  type('move 3 F2 > F7');
  write();
  expect((await screen.findByRole('dialog')).textContent).toMatch(/No lid, and kuhli loach jump/);
});

it('a line that is entered before the house has said what stands where is written once it has', async () => {
  const { sent, type } = await open();
  type('F2 lost 1');
  // Drawn anew, as on a page that has just come up: nothing is known yet.
  cleanup();
  const asked = answer({ '/api/views/room': { body: room }, '/api/journal': { body: { seq: 5 } } });
  draw(
    <ActionProvider>
      <LineBar onClose={() => undefined} />
    </ActionProvider>,
  );
  const field = screen.getByRole<HTMLInputElement>('textbox');
  fireEvent.change(field, { target: { value: 'F2 lost 2' } });
  write();
  const acts = () => asked.filter(({ path }) => path === '/api/journal');
  await waitFor(() => expect(acts()).toHaveLength(1));
  expect(sent()).toEqual([]);
  expect(field.value).toBe('');
});

it('closes on Escape', async () => {
  const { field, closed } = await open();
  fireEvent.keyDown(field, { key: 'Escape' });
  expect(closed()).toBe(1);
});

it('a reading far from the last one is asked about even when it is written before that one has come', async () => {
  const last = { quantity: 'pH', latest: [{ value: 8.2, atMs: 1, typed: '8.2' }] };
  const { sent, type } = await open({
    '/api/journal': { body: { seq: 5 } },
    '/api/views/readings?system=w': { body: { seq: 1, system: room.systems[0], readings: [last] } },
  });
  type('F2 pH 6.8');
  // Twice the same press, as a wet finger does.
  write();
  write();
  await screen.findByText(/Once more, if it is so/);
  expect(says()).toMatch(/and (pH )?8\.2 before/i);
  expect(sent()).toEqual([]);
  write();
  await waitFor(() => expect(sent()).toHaveLength(1));
  // What is as before is written at once, and once.
  type('F2 pH 8.1');
  write();
  write();
  await waitFor(() => expect(sent()).toHaveLength(2));
});

it('a reading far from what the water is set to is asked about before it is written, and written at the second press', async () => {
  const { sent, type } = await open();
  type('F2 25.6C');
  expect(screen.queryByText(/Is the probe in the water/)).toBeNull();
  type('F2 35C');
  expect(screen.getByText(/Temperature 35(\.0)?\s°C, and 25(\.0)?\s°C before/)).toBeTruthy();
  write();
  await waitFor(() => expect(screen.getByText(/Once more, if it is so/)).toBeTruthy());
  expect(sent()).toEqual([]);
  // Another text is another question.
  type('F2 36C');
  write();
  expect(sent()).toEqual([]);
  write();
  await waitFor(() => expect(sent()).toHaveLength(1));
});
