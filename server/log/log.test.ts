import request from 'supertest';
import { v7 } from 'uuid';
import { makeApp } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { bringCrate, furnish, land, makeTestHouse } from '../testHouse.ts';
import { makeTestLog } from './testLog.ts';

it('tells of a slow request, whatever it asked', async () => {
  const told = makeTestLog();
  const app = makeApp({ house: furnish(makeTestHouse()), log: told.log, slowMs: 0 });
  await request(app.express).get('/api/door').set('host', 'localhost').expect(200);
  expect(told.lines.map(({ level, msg }) => [level, msg])).toEqual([['warn', 'slow request']]);
});

it('tells of a request who, what and how long, of a broken one its kinds, and never a PIN, a cookie or what was written', async () => {
  const house = furnish(makeTestHouse());
  bringCrate(house);
  await makeCredentials(house.db).set('bram', '74913');
  const told = makeTestLog();
  const app = makeApp({ house, log: told.log, slowMs: Infinity });
  const agent = request.agent(app.express).set('host', 'localhost');
  await agent.post('/api/sign-in').send({ person: 'bram', pin: '74914' }).expect(401);
  const { headers } = await agent.post('/api/sign-in').send({ person: 'bram', pin: '74913' }).expect(200);
  const cookies = (headers['set-cookie'] as unknown as string[]).map((header) => header.split(/[=;]/)[1]!);
  const act = house.actOf([land(1, { note: 'a secret of bag 1' })]);
  await agent.post('/api/journal').send(act).expect(200);
  await agent.get('/api/views/dock').expect(200);
  await agent
    .post('/api/journal')
    .send({ ...act, actId: v7(), entries: [{ ...act.entries[0], id: v7() }] })
    .expect(409);
  await agent.post('/api/journal').set('content-type', 'application/json').send('{"pin":"74913"').expect(400);
  house.client.exec('drop table p_landing');
  const broken = { ...act, actId: v7(), entries: [{ ...act.entries[0], id: v7() }] };
  const answer = await agent.post('/api/journal').send(broken).expect(500);
  expect(answer.headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
  expect(told.lines.map(({ level, msg, status }) => [level, msg, status])).toEqual([
    ['info', 'request', 401],
    ['info', 'request', 200],
    ['info', 'request', 200],
    ['info', 'request', 409],
    ['info', 'request', 400],
    ['error', 'broken', undefined],
    ['error', 'request', 500],
  ]);
  expect(told.lines[2]).toMatchObject({
    person: 'bram',
    act: act.actId,
    kinds: ['bag.landed'],
    path: '/api/journal',
    ms: expect.any(Number),
  });
  expect(told.lines[5]).toMatchObject({
    person: 'bram',
    act: broken.actId,
    kinds: ['bag.landed'],
    request: answer.headers['x-request-id'],
    why: expect.stringContaining('p_landing'),
  });
  for (const secret of ['74913', '74914', 'a secret', ...cookies]) expect(told.raw.join('')).not.toContain(secret);
  app.close();
  house.close();
});
