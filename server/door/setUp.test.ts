import request from 'supertest';
import { makeApp, type App } from '../app.ts';
import { furnish, makeTestHouse, type TestHouse } from '../testHouse.ts';

const HOST = '127.0.0.1:4600';
let house: TestHouse;
let app: App;
const open = (made: TestHouse) => {
  house = made;
  app = makeApp({ house });
};
afterEach(() => {
  app.close();
  house.close();
});
const first = { house: 'Reed Street', zone: 'Europe/Lisbon', name: 'Mara Quill', title: 'owner', pin: '8642' };
const post = (path: string, body: object) => request(app.express).post(path).set('host', HOST).send(body);

it('lets the first lead set up an empty house, once, and signs them in', async () => {
  open(makeTestHouse());
  const agent = request.agent(app.express).set('host', HOST);
  expect((await agent.get('/api/door')).body).toEqual({ house: { name: 'A new house', demo: false, empty: true }, people: [] });
  await agent.post('/api/first-lead').send(first).expect(204);
  expect((await agent.get('/api/me').expect(200)).body).toMatchObject({
    person: { name: 'Mara Quill', role: 'lead' },
    house: { name: 'Reed Street' },
  });
  expect((await post('/api/first-lead', { ...first, name: 'Nob Ody' }).expect(409)).body).toEqual({ code: 'notEmpty' });
  const { body } = await request(app.express).get('/api/door').set('host', HOST);
  await post('/api/sign-in', { person: body.people[0].id, pin: '8642' }).expect(200);
});

it('of two who try at once takes one, and leaves no PIN of the other', async () => {
  open(makeTestHouse());
  const answers = await Promise.all([post('/api/first-lead', first), post('/api/first-lead', { ...first, name: 'Nob Ody' })]);
  expect(answers.map(({ status }) => status).sort()).toEqual([204, 409]);
  expect(house.view('house').people).toHaveLength(1);
  expect(house.client.prepare('select count(*) from credential').pluck().get()).toBe(1);
});

it.each([{ ...first, pin: '12' }, { ...first, name: ' ' }, { ...first, extra: 1 }, { house: 'x' }, []])(
  'takes nothing that is not whole: %j',
  async (body) => {
    open(makeTestHouse());
    await post('/api/first-lead', body).expect(400);
    expect(house.view('house').people).toEqual([]);
  },
);

it('says so when the zone is none, and keeps nothing', async () => {
  open(makeTestHouse());
  const { body } = await post('/api/first-lead', { ...first, zone: 'Middle/Earth' }).expect(409);
  expect(body.refusals[0].code).toBe('zone.unknown');
  expect(house.client.prepare('select count(*) from credential').pluck().get()).toBe(0);
});

it('lets a lead set any PIN, the others only their own, and that with the old one', async () => {
  open(furnish(makeTestHouse()));
  const { makeCredentials } = await import('./credentials.ts');
  await makeCredentials(house.db).set('ines', '4711');
  const lead = request.agent(app.express).set('host', HOST);
  await lead.post('/api/sign-in').send({ person: 'ines', pin: '4711' }).expect(200);
  await lead.post('/api/pin').send({ person: 'bram', pin: '2020' }).expect(204);
  await lead.post('/api/pin').send({ person: 'nobody', pin: '2020' }).expect(404);
  await lead.post('/api/pin').send({ person: 'bram', pin: '20' }).expect(400);
  const bram = request.agent(app.express).set('host', HOST);
  await bram.post('/api/sign-in').send({ person: 'bram', pin: '2020' }).expect(200);
  await bram.post('/api/pin').send({ person: 'ines', pin: '1111' }).expect(403);
  await bram.post('/api/pin').send({ person: 'bram', pin: '3131' }).expect(400);
  await bram.post('/api/pin').send({ person: 'bram', pin: '3131', old: '9999' }).expect(409);
  await bram.post('/api/pin').send({ person: 'bram', pin: '3131', old: '2020' }).expect(204);
  await bram.get('/api/me').expect(200);
  await post('/api/sign-in', { person: 'bram', pin: '3131' }).expect(200);
  // That a lead set it is written down, who changes their own is not; the PIN stands nowhere.
  const said = house.client.prepare("select actor, payload from entry where kind = 'person.pinSet'").all();
  expect(said).toEqual([{ actor: 'ines', payload: '{"person":"bram"}' }]);
  await post('/api/pin', { person: 'bram', pin: '3131' }).expect(401);
});
