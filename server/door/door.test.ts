// Guessing at PINs, and how sign-ins end.
import { jest } from '@jest/globals';
import request from 'supertest';
import type { Payloads } from '#core/catalogue/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeApp, type App } from '../app.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, TRAINEE, type Said, type TestHouse } from '../testHouse.ts';
import { makeCredentials } from './credentials.ts';
import { makeThrottle, TELL_AFTER } from './throttle.ts';

const HOST = 'localhost:4600';
const PINS = { ines: '4711', bram: '2020', pia: '1234' };
let house: TestHouse;
let app: App;
beforeEach(async () => {
  house = furnish(makeTestHouse());
  const credentials = makeCredentials(house.db);
  for (const [person, pin] of Object.entries(PINS)) await credentials.set(person, pin);
  app = makeApp({ house });
});
afterEach(() => {
  jest.useRealTimers();
  app.close();
  house.close();
});
const newAgent = () => request.agent(app.express).set('host', HOST);
type Agent = ReturnType<typeof newAgent>;
const signIn = (agent: Agent, person: keyof typeof PINS, pin = PINS[person]) => agent.post('/api/sign-in').send({ person, pin });
async function signedIn(person: keyof typeof PINS): Promise<Agent> {
  const agent = newAgent();
  await signIn(agent, person).expect(200);
  return agent;
}

describe('guessing', () => {
  it('a stranger who guesses keeps nobody out who has signed in on that device before', async () => {
    const tablet = await signedIn('ines');
    await tablet.post('/api/sign-out').expect(204);
    const stranger = newAgent();
    for (let tried = 0; tried < 5; tried += 1) await signIn(stranger, 'ines', '0000').expect(401);
    await signIn(stranger, 'ines', '0000').expect(429);
    await signIn(stranger, 'ines').expect(429);
    await signIn(tablet, 'ines').expect(200);
    // Not for another person, on the same tablet.
    const bramOnTablet = await signIn(tablet, 'bram', '0000');
    expect(bramOnTablet.body).toEqual({ code: 'wrongPin', left: 4 });
  });

  it('is counted before the hash: of many tries at once no more than five are looked at', async () => {
    const stranger = newAgent();
    const all = await Promise.all(Array.from({ length: 12 }, () => signIn(stranger, 'bram', '0000')));
    expect(all.filter(({ status }) => status === 401)).toHaveLength(5);
    expect(all.filter(({ status }) => status === 429)).toHaveLength(7);
  });

  it('is not forgotten by a restart', async () => {
    const throttle = makeThrottle(house.client);
    const asking = { person: 'ines', address: '10.0.0.9' };
    for (let tried = 0; tried < 5; tried += 1) expect((await throttle(asking)).ok).toBe(true);
    const again = await makeThrottle(house.client)(asking);
    expect(again).toMatchObject({ ok: false });
  });

  it('from many addresses waits too, and at many people from one', async () => {
    const throttle = makeThrottle(house.client);
    let checked = 0;
    for (let no = 0; no < 60; no += 1) if ((await throttle({ person: 'ines', address: `10.0.1.${no}` })).ok) checked += 1;
    expect(checked).toBe(30);
    const people = await Promise.all(Array.from({ length: 40 }, (_, no) => throttle({ person: `p${no}`, address: '10.0.2.1' })));
    expect(people.filter(({ ok }) => ok)).toHaveLength(20);
    // The one who knows it, on a device of their own, does not wait.
    expect(await throttle({ person: 'ines', address: '10.0.2.1', device: 'hers' })).toMatchObject({ ok: true });
  });

  it('more than thirty at once are sent away with words, and let in a moment later', async () => {
    const credentials = makeCredentials(house.db);
    const flood = Promise.allSettled(Array.from({ length: 40 }, () => credentials.isRight('ines', '0000')));
    const bram = newAgent();
    expect((await signIn(bram, 'bram')).body).toEqual({ code: 'busy' });
    expect((await flood).filter(({ status }) => status === 'rejected').length).toBeGreaterThanOrEqual(10);
    await signIn(bram, 'bram').expect(200);
  });

  it('a right PIN gives the tries back', async () => {
    const throttle = makeThrottle(house.client);
    for (let turn = 0; turn < 40; turn += 1) {
      const asked = await throttle({ person: 'ines', address: '10.0.0.1' });
      if (!asked.ok) throw new Error(`waits at ${turn}`);
      await asked.right();
    }
  });

  it('that goes on is told to a lead, once, on Today and in the logbook', async () => {
    const stranger = newAgent();
    for (let tried = 0; tried < TELL_AFTER + 3; tried += 1) {
      await signIn(stranger, 'bram', '0000');
      house.client.exec("delete from attempt where key like 'fromAddress%'");
    }
    const told = house.view('today').due.filter(({ rule }) => rule === 'pins-guessed');
    expect(told.map(({ facts }) => facts.what)).toEqual(['10 wrong PINs within an hour for Bram']);
    const said = house.client.prepare("select actor, payload from entry where kind = 'page.sent'").all() as {
      actor: string;
      payload: string;
    }[];
    expect(said.map(({ actor, payload }) => [actor, (JSON.parse(payload) as Payloads['page.sent']).to])).toEqual([['house', 'ines']]);
    // Who guesses does not take it off the list.
    const [call] = told;
    for (const who of [TRAINEE, KEEPER]) {
      expect(house.codes(who, { kind: 'due.done', payload: { due: call!.id } })).toEqual(['role']);
      expect(house.codes(who, { kind: 'due.snoozed', payload: { due: call!.id, untilMs: house.now() + HOUR_MS, why: 'x' } })).toEqual([
        'role',
      ]);
    }
    house.must(LEAD, { kind: 'due.done', payload: { due: call!.id } });
    expect(house.view('today').due.some(({ rule }) => rule === 'pins-guessed')).toBe(false);
  });
});

describe('a sign-in ends', () => {
  it('with another PIN, by whomever; one’s own change keeps where it was made', async () => {
    const [lead, tablet, phone] = [await signedIn('ines'), await signedIn('bram'), await signedIn('bram')];
    await tablet.post('/api/pin').send({ person: 'bram', pin: '8888', old: '2020' }).expect(204);
    await tablet.get('/api/me').expect(200);
    await phone.get('/api/me').expect(401);
    await lead.post('/api/pin').send({ person: 'bram', pin: '7777' }).expect(204);
    await tablet.get('/api/me').expect(401);
    await lead.get('/api/me').expect(200);
  });

  it('when they leave; back again they sign in anew, and their actions keep their name', async () => {
    const bram = await signedIn('bram');
    const act = house.must(LEAD, { kind: 'person.left', payload: { person: 'bram', why: 'moved away' } });
    await bram.get('/api/me').expect(401);
    await signIn(bram, 'bram').expect(401);
    expect((await bram.get('/api/door')).body.people.map(({ name }: { name: string }) => name)).toEqual(['Ines', 'Pia']);
    expect(house.view('house').people.find(({ id }) => id === 'bram')).toMatchObject({ name: 'Bram', leftAct: act });
    house.must(LEAD, { kind: 'entry.reversed', payload: { act } });
    await signIn(bram, 'bram').expect(200);
  });

  it('after a shift, used or not', async () => {
    jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask', 'setTimeout', 'setInterval'], now: Date.now() });
    const bram = await signedIn('bram');
    for (let hour = 0; hour < 11; hour += 1) {
      jest.setSystemTime(Date.now() + HOUR_MS);
      await bram.get('/api/me').expect(200);
    }
    jest.setSystemTime(Date.now() + HOUR_MS + 1000);
    await bram.get('/api/me').expect(401);
  });

  it('on the live stream too', async () => {
    const bram = await signedIn('bram');
    const ended = new Promise<void>((resolve, reject) => {
      bram.get('/api/live').end((error: Error | null) => (error ? reject(error) : resolve()));
    });
    await new Promise((resolve) => setTimeout(resolve, 100));
    house.must(LEAD, { kind: 'person.left', payload: { person: 'bram' } });
    await ended;
  });
});

describe('ranks', () => {
  const entryOf = (person: string) => house.view('house').people.find(({ id }) => id === person)!.entry;
  const change = (person: string, role: 'trainee' | 'keeper' | 'lead'): Said => ({
    kind: 'person.changed',
    payload: { person, basedOn: entryOf(person), fields: { role } },
  });

  it('are changed by a lead, and count from the next request on', async () => {
    const pia = await signedIn('pia');
    expect((await pia.get('/api/me')).body.person.role).toBe('trainee');
    expect(house.codes(KEEPER, change('pia', 'keeper'))).toEqual(['role']);
    house.must(LEAD, change('pia', 'keeper'));
    expect((await pia.get('/api/me')).body.person.role).toBe('keeper');
  });
  it('a house keeps a lead', () => {
    expect(house.codes(LEAD, change('ines', 'keeper'))).toEqual(['person.lastLead']);
    expect(house.codes(LEAD, { kind: 'person.left', payload: { person: 'ines' } })).toEqual(['person.lastLead']);
    house.must(LEAD, change('bram', 'lead'));
    house.must(LEAD, change('ines', 'keeper'));
    expect(house.codes({ id: 'bram', role: 'lead' }, { kind: 'person.left', payload: { person: 'bram' } })).toEqual(['person.lastLead']);
  });
  it('who is gone is not changed, called or given a PIN', () => {
    house.must(LEAD, { kind: 'person.left', payload: { person: 'pia' } });
    const gone: Said[] = [
      change('pia', 'keeper'),
      { kind: 'person.left', payload: { person: 'pia' } },
      { kind: 'person.pinSet', payload: { person: 'pia' } },
    ];
    for (const said of gone) expect(house.codes(LEAD, said)).toEqual(['person.gone']);
  });
});
