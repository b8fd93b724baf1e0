import request from 'supertest';
import { MINUTE_MS, formatDay, formatTime, houseDay } from '#core/time/index.ts';
import { makeApp, type App } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { assign, bringCrate, float, furnish, KEEPER, land, makeTestHouse, T0, type TestHouse } from '../testHouse.ts';
import { momentOf } from './demoClock.ts';

const HOST = '127.0.0.1:4600';
let house: TestHouse;
let app: App;
/** A house in which a float of 20 minutes has just begun. */
async function open(demo: boolean) {
  house = furnish(makeTestHouse(':memory:', demo));
  bringCrate(house);
  house.must(KEEPER, land(1), assign(1), float(1));
  await makeCredentials(house.db).set('bram', '2020');
  app = makeApp({ house });
  const agent = request.agent(app.express).set('host', HOST);
  await agent.post('/api/sign-in').send({ person: 'bram', pin: '2020' }).expect(200);
  return agent;
}
afterEach(() => {
  app.close();
  house.close();
});
const say = (ms: number) => `${formatDay(houseDay(ms, 'Europe/Lisbon'))} ${formatTime(ms, 'Europe/Lisbon')}`;

it('moves to when the next due thing opens, then to the morning after, and what is written then is of then', async () => {
  const agent = await open(true);
  const { body } = await agent.post('/api/demo/clock').send({ to: 'next' }).expect(200);
  expect(body.nowMs).toBe(T0 + 20 * MINUTE_MS);
  expect(house.view('today').due.find(({ rule }) => rule === 'float')).toMatchObject({ fromMs: body.nowMs });
  const next = await agent.post('/api/demo/clock').send({ to: 'morning' }).expect(200);
  expect(say(next.body.nowMs)).toBe('Wed 4 Mar 07:30');
  expect((await agent.get('/api/me')).body.clock.nowMs).toBe(next.body.nowMs);
});

it('keeps the morning at half past seven by the wall when the clocks change', async () => {
  await open(true);
  house.clock.shift(Date.UTC(2026, 2, 28, 12) - house.clock.now());
  expect(say(momentOf(house, 'morning')!)).toBe('Sun 29 Mar 07:30');
});

it('is not there in a real house, nor for the signed-out, and takes two words only', async () => {
  const real = await open(false);
  await real.post('/api/demo/clock').send({ to: 'next' }).expect(404);
  app.close();
  house.close();
  const agent = await open(true);
  await request(app.express).post('/api/demo/clock').set('host', HOST).send({ to: 'next' }).expect(401);
  for (const body of [{}, { to: 'yesterday' }, { to: 'next', by: -1 }, []]) await agent.post('/api/demo/clock').send(body).expect(400);
  expect(house.clock.now()).toBe(T0);
});
