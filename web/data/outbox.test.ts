/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { jest } from '@jest/globals';
import { v7 } from 'uuid';
import type { Act } from '#core/catalogue/index.ts';
import { actStore } from './actStore.ts';
import { Refusal, ServerAway, type Away } from './api.ts';
import { makeOutbox } from './outbox.ts';

const act = (bag: string): Act => ({
  actId: v7(),
  entries: [{ id: v7(), kind: 'bag.absent', version: 1, occurredAtMs: 1, payload: { bag, crate: 'c' } }],
});
const bagOf = (sent: Act) => (sent.entries[0]!.payload as { bag: string }).bag;

/** A server that can be away, can be slow, and answers each act once. */
function makeServer() {
  const taken: string[] = [];
  const server = {
    away: false,
    refuse: new Set<string>(),
    status: 409,
    taken,
    delayMs: 0,
    send: async (sent: Act) => {
      if (server.delayMs) await new Promise((resolve) => setTimeout(resolve, server.delayMs));
      if (server.away) throw new ServerAway('gone');
      if (server.refuse.has(bagOf(sent)))
        throw new Refusal(server.status, { code: 'refused', refusals: [{ code: 'bag.alreadyLanded', path: '', facts: {} }] });
      taken.push(bagOf(sent));
      return { seq: taken.length };
    },
  };
  return server;
}

const open: ReturnType<typeof makeOutbox>[] = [];
async function start(server: ReturnType<typeof makeServer>, person = 'bram') {
  const calls = { saved: [] as number[], signedOut: 0 };
  const outbox = makeOutbox({
    store: actStore,
    send: server.send,
    retryMs: 20,
    keepSavedMs: 5,
    onSaved: (seq) => calls.saved.push(seq),
    onSignedOut: () => void (calls.signedOut += 1),
  });
  open.push(outbox);
  await outbox.signIn(person);
  return { outbox, calls };
}
const until = async (done: () => boolean | Promise<boolean>) => {
  for (let tries = 0; !(await done()); tries += 1) {
    if (tries > 6000) throw new Error('it never came');
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
};
beforeEach(async () => {
  for (const {
    act: { actId },
  } of await actStore.all())
    await actStore.remove(actId);
});
afterEach(() => open.splice(0).forEach((outbox) => outbox.signOut()));

it('shows an act before the server has answered, and keeps it until then', async () => {
  const server = makeServer();
  server.delayMs = 20;
  const { outbox, calls } = await start(server);
  const sent = outbox.record(act('b1'));
  expect(outbox.getState().acts.map(({ state }) => state)).toEqual(['waiting']);
  expect(await sent).toEqual({ status: 'saved', seq: 1 });
  expect(await actStore.all()).toEqual([]);
  expect(calls.saved).toEqual([1]);
  await until(() => outbox.getState().acts.length === 0);
});

it('loses nothing of a page that is left before the store has it', async () => {
  const server = makeServer();
  const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new Error('the page is gone');
  });
  server.away = true;
  const { outbox } = await start(server);
  await outbox.record(act('shown'));
  outbox.signOut();
  localStorage.setItem('daily-crate-act torn', '{"act":');
  put.mockRestore();
  server.away = false;
  await start(server);
  await until(() => server.taken.length === 1);
  expect(server.taken).toEqual(['shown']);
  await until(async () => (await actStore.all()).length === 0);
  expect(Object.keys(localStorage)).toEqual(['daily-crate-act torn']);
  localStorage.clear();
});

it('keeps the order while the server is away, and sends each once when it is back', async () => {
  const server = makeServer();
  server.away = true;
  const { outbox } = await start(server);
  for (const bag of ['b1', 'b2', 'b3']) expect(await outbox.record(act(bag))).toEqual({ status: 'waiting' });
  expect(outbox.getState()).toMatchObject({ away: 'away' });
  expect((await actStore.all()).map((kept) => bagOf(kept.act))).toEqual(['b1', 'b2', 'b3']);
  server.away = false;
  await until(() => server.taken.length === 3);
  expect(server.taken).toEqual(['b1', 'b2', 'b3']);
  await until(() => outbox.getState().away === false && outbox.getState().acts.every(({ state }) => state === 'saved'));
  expect(await actStore.all()).toEqual([]);
});

it('keeps what a house cannot write, and says why', async () => {
  const server = makeServer();
  const how: Away[] = ['full', 'cannotWrite'];
  const { outbox } = await start({
    ...server,
    send: (sent) => (how.length > 0 ? Promise.reject(new ServerAway('503', how.shift())) : server.send(sent)),
  });
  expect(await outbox.record(act('b1'))).toEqual({ status: 'waiting' });
  expect(outbox.getState().away).toBe('full');
  await until(() => outbox.getState().away === false);
  expect(server.taken).toEqual(['b1']);
});

it('what another tab has sent neither waits here nor lies in the tray', async () => {
  const server = makeServer();
  server.refuse.add('b1');
  const { outbox } = await start(server);
  const refused = act('b1');
  await outbox.record(refused);
  outbox.savedElsewhere(refused.actId);
  expect(outbox.getState().acts).toEqual([]);
});

it('sends after a reload what was kept before it', async () => {
  const server = makeServer();
  server.away = true;
  const first = await start(server);
  await first.outbox.record(act('b1'));
  first.outbox.signOut();
  server.away = false;
  const second = await start(server);
  await until(() => second.outbox.getState().acts.every(({ state }) => state === 'saved'));
  expect(server.taken).toEqual(['b1']);
});

it('sends nothing under another sign-in', async () => {
  const server = makeServer();
  server.away = true;
  const bram = await start(server);
  await bram.outbox.record(act('b1'));
  bram.outbox.signOut();
  server.away = false;
  const pia = await start(server, 'pia');
  await pia.outbox.record(act('b2'));
  expect(server.taken).toEqual(['b2']);
  expect((await actStore.all()).map((kept) => kept.person)).toEqual(['bram']);
});

it('lays a refused act in the tray and goes on with the others; it may be tried again or discarded', async () => {
  const server = makeServer();
  server.refuse.add('b1');
  const { outbox } = await start(server);
  const refused = act('b1');
  expect(await outbox.record(refused)).toMatchObject({ status: 'refused', refusals: [{ code: 'bag.alreadyLanded' }] });
  expect(await outbox.record(act('b2'))).toMatchObject({ status: 'saved' });
  expect((await actStore.all()).map(({ refused: why }) => why?.code)).toEqual(['refused']);
  await outbox.again(refused.actId);
  expect(outbox.getState().acts.find(({ act: { actId } }) => actId === refused.actId)!.state).toBe('refused');
  server.refuse.clear();
  await outbox.again(refused.actId);
  expect(server.taken).toEqual(['b2', 'b1']);

  server.refuse.add('b3');
  const third = act('b3');
  await outbox.record(third);
  await outbox.discard(third.actId);
  expect(await actStore.all()).toEqual([]);
});

it('waits, and says so, when the sign-in has ended', async () => {
  const server = makeServer();
  server.refuse.add('b1');
  server.status = 401;
  const { outbox, calls } = await start(server);
  await outbox.record(act('b1'));
  expect(calls.signedOut).toBeGreaterThan(0);
  expect((await actStore.all()).map(({ refused }) => refused)).toEqual([undefined]);
});

it('sends all the same in a browser that keeps nothing, and says so', async () => {
  const server = makeServer();
  const full = () => Promise.reject(new Error('quota'));
  const outbox = makeOutbox({
    store: { all: full, put: full, remove: full },
    send: server.send,
    keepSavedMs: 5,
    onSaved: () => undefined,
    onSignedOut: () => undefined,
  });
  open.push(outbox);
  await outbox.signIn('bram');
  expect(await outbox.record(act('b1'))).toMatchObject({ status: 'saved' });
  expect(outbox.getState().unkept).toBe(true);
});

it('tries again after a broken answer instead of giving the act up', async () => {
  const server = makeServer();
  server.refuse.add('b1');
  server.status = 500;
  const { outbox } = await start(server);
  expect(await outbox.record(act('b1'))).toEqual({ status: 'waiting' });
  server.refuse.clear();
  await until(() => server.taken.length === 1);
});

describe('what the house cannot take', () => {
  it('an act that it breaks on three times goes to the tray, and the rest goes on', async () => {
    const server = makeServer();
    server.status = 500;
    server.refuse.add('bad');
    const { outbox } = await start(server);
    const [bad, good] = [act('bad'), act('good')];
    void outbox.record(bad);
    void outbox.record(good);
    await until(() => server.taken.includes('good'));
    expect(server.taken).toEqual(['good']);
    const inTray = outbox.getState().acts.find((act) => act.act.actId === bad.actId);
    expect(inTray).toMatchObject({ state: 'refused', code: 'refused' });
    // Tried again by hand it is asked anew.
    server.refuse.clear();
    await outbox.again(bad.actId);
    expect(server.taken).toEqual(['good', 'bad']);
  });

  it('an answer without a number is none: the act waits and is sent again', async () => {
    const server = makeServer();
    let answers = 0;
    const { outbox } = await start({
      ...server,
      send: (sent) => (answers++ === 0 ? Promise.resolve({ seq: undefined as unknown as number }) : server.send(sent)),
    });
    void outbox.record(act('b'));
    await until(() => server.taken.length === 1);
    expect([answers, server.taken]).toEqual([2, ['b']]);
  });

  it('each act goes under its maker’s name', async () => {
    const makers: string[] = [];
    const server = makeServer();
    const send = (sent: Act, maker: string) => (makers.push(maker), server.send(sent));
    const parts = { store: actStore, send, onSaved: () => undefined, onSignedOut: () => undefined, retryMs: 20 };
    const outbox = makeOutbox(parts);
    await outbox.signIn('bram');
    server.away = true;
    await outbox.record(act('of bram'));
    outbox.signOut();
    server.away = false;
    await outbox.signIn('ines');
    await outbox.record(act('of ines'));
    await outbox.signIn('bram');
    await until(() => server.taken.length === 2);
    expect(server.taken).toEqual(['of ines', 'of bram']);
    expect([makers[0], ...makers.slice(-2)]).toEqual(['bram', 'ines', 'bram']);
  });
});
