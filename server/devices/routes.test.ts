// The simulated meter over HTTP: in a demo house alone, what is asked of it checked.
import request, { type Agent } from 'supertest';
import { paths } from '#contract/paths.ts';
import { makeApp, type App } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { assign, bringCrate, furnish, KEEPER, land, makeTestHouse, type TestHouse } from '../testHouse.ts';
import { startRun } from '../testRuns.ts';

const HOST = '127.0.0.1:4600';
let house: TestHouse;
let app: App;
let agent: Agent;
beforeEach(async () => {
  house = furnish(makeTestHouse(':memory:', true));
  bringCrate(house);
  house.must(KEEPER, land(1), assign(1), startRun([1]));
  await makeCredentials(house.db).set('bram', '2020');
  app = makeApp({ house });
  agent = request.agent(app.express).set('host', HOST);
  await agent.post(paths.signIn).send({ person: 'bram', pin: '2020' }).expect(200);
});
afterEach(() => {
  app.close();
  house.close();
});
const inRun = { subject: { kind: 'run', id: 'run-a' }, quantity: 'salinity', way: 'probe' };

it('reads a vessel and its tank, and dips into its reference', async () => {
  const { body } = await agent.post(paths.meter).send(inRun).expect(200);
  expect(body).toMatchObject({ quantity: 'salinity', method: 'meter', instrument: 'bench meter', atMs: house.now() });
  await agent
    .post(paths.meter)
    .send({ ...inRun, subject: { kind: 'system', id: 'salt' }, quantity: 'temperature' })
    .expect(200);
  // Never set right it is a day out; set right it is not.
  const before = await agent.post(paths.meterReference).send({ quantity: 'salinity', setRight: true }).expect(200);
  expect(before.body.shown - before.body.truth).toBeGreaterThan(1);
  const after = await agent.post(paths.meterReference).send({ quantity: 'salinity', setRight: false }).expect(200);
  expect(Math.abs(after.body.shown - after.body.truth)).toBeLessThan(0.4);
});

it.each([
  ['nothing', {}],
  ['another quantity', { ...inRun, quantity: 'volume' }],
  ['another method', { ...inRun, way: 'nose' }],
  ['a bag', { ...inRun, subject: { kind: 'bag', id: 'crate-1-bag1' } }],
  ['more than is asked', { ...inRun, now: 1 }],
])('refuses %s', async (_what, body) => {
  await agent.post(paths.meter).send(body).expect(400);
});

it('what is not there, and a quantity without a reference, are not found', async () => {
  await agent
    .post(paths.meter)
    .send({ ...inRun, subject: { kind: 'run', id: 'run-z' } })
    .expect(404);
  await agent.post(paths.meterReference).send({ quantity: 'ammonia', setRight: false }).expect(404);
  await agent.post(paths.meterReference).send({ quantity: 'salinity' }).expect(400);
});

it('today asks for the next step of an acclimation, and after a conversion for a look over a fortnight instead of a day’s', () => {
  const rowsOf = (rule: string) =>
    house
      .view('today')
      .due.filter((due) => due.rule === rule)
      .map(({ step, facts }) => [step, facts.tankCode]);
  expect(rowsOf('run-step')).toEqual([['line-0', 'G1']]);
  expect(rowsOf('bags-waiting')).toHaveLength(1);
  expect(house.view('running').vessels).toEqual([expect.objectContaining({ run: 'run-a', tankCode: 'G1', n: 4 })]);
});
