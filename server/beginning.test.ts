// A directory with nothing in it: nothing is written before a first lead says so, and from another machine only who read the code may.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import request from 'supertest';
import { makeApp, type App } from './app.ts';
import { makeBeginning } from './beginning.ts';
import { makeClock } from './clock/clock.ts';
import { houseFile } from './directory/directory.ts';
import { FIRST_CODE_HEADER, makeFirstCode } from './door/firstCode.ts';
import { startHouse, type RunningHouse } from './house/house.ts';
import { furnish, makeTestHouse } from './testHouse.ts';

const HOST = '127.0.0.1:4600';
const FIRST = { house: 'Reed Street', zone: 'Europe/Lisbon', name: 'Mara Quill', title: 'owner', pin: '8642' };
const AWAY = { 'x-forwarded-for': '192.0.2.7' };
let data: string;
let open: { house: RunningHouse; app: App } | undefined;
let times = 0;
const code = () => makeFirstCode('12345678');
const begin = () => {
  times += 1;
  fs.mkdirSync(data);
  const house = startHouse({ file: houseFile(data), makeClock: () => makeClock() });
  open = { house, app: makeApp({ house, firstCode: code() }) };
  return open.app.express;
};
const beginning = () => makeBeginning({ data, code: code(), begin });
beforeEach(() => {
  data = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'beginning-')), 'house');
  times = 0;
});
afterEach(() => {
  open?.app.close();
  open?.house.close();
  open = undefined;
  fs.rmSync(path.dirname(data), { recursive: true });
});

it('asks whether a house is to begin here, and writes nothing by being asked', async () => {
  const app = beginning();
  const { body } = await request(app).get('/api/door').set('host', HOST).expect(200);
  expect(body).toEqual({ house: { name: 'A new house', demo: false, empty: true, code: false, nothingIn: data }, people: [] });
  await request(app).get('/api/health').set('host', HOST).expect(200);
  await request(app).get('/api/me').set('host', HOST).expect(401);
  await request(app).post('/api/journal').set('host', HOST).send({}).expect(401);
  await request(app).post('/api/first-lead').set('host', 'evil.example').send(FIRST).expect(403);
  expect(fs.existsSync(data)).toBe(false);
});

it('begins by the first lead’s own request, and goes on as that house', async () => {
  const app = beginning();
  await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(204);
  await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(409);
  expect(times).toBe(1);
  expect(open!.house.view('house').people).toMatchObject([{ name: 'Mara Quill', role: 'lead' }]);
});

it('a form that is not whole leaves a house that can still be begun', async () => {
  const app = beginning();
  await request(app).post('/api/first-lead').set('host', HOST).send({ house: 'x' }).expect(400);
  await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(204);
});

it('what stands against it by then is said, and asked anew', async () => {
  let refuse = true;
  const app = makeBeginning({
    data,
    code: code(),
    begin() {
      if (refuse) throw new Error('one was here');
      return begin();
    },
  });
  const { body } = await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(409);
  expect(body).toEqual({ code: 'cannotBegin', why: 'one was here' });
  refuse = false;
  await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(204);
});

it('from another machine only with the code, and not by guessing on', async () => {
  const app = beginning();
  const from = (given?: string) =>
    request(app)
      .post('/api/first-lead')
      .set('host', HOST)
      .set({ ...AWAY, ...(given === undefined ? {} : { [FIRST_CODE_HEADER]: given }) })
      .send(FIRST);
  expect((await request(app).get('/api/door').set('host', HOST).set(AWAY)).body).toMatchObject({ house: { code: true } });
  await from().expect(403);
  await from('123').expect(403);
  for (let guess = 0; guess < 20; guess += 1) await from(String(10_000_000 + guess)).expect(403);
  await from('12345678').expect(403);
  expect(fs.existsSync(data)).toBe(false);
  // At the machine itself nobody is asked.
  await request(app).post('/api/first-lead').set('host', HOST).send(FIRST).expect(204);
});

it('the code counts in the house too, while its journal is empty', async () => {
  const house = makeTestHouse();
  const app = makeApp({ house, firstCode: code() });
  const from = (given: string) =>
    request(app.express)
      .post('/api/first-lead')
      .set('host', HOST)
      .set({ ...AWAY, [FIRST_CODE_HEADER]: given });
  expect((await from('87654321').send(FIRST).expect(403)).body).toEqual({ code: 'code' });
  await from('12345678').send(FIRST).expect(204);
  app.close();
  house.close();
});

it('nobody becomes the lead of a house whose journal is not empty, whatever its views say', async () => {
  const house = furnish(makeTestHouse());
  const app = makeApp({ house });
  house.client.exec('delete from p_person');
  expect((await request(app.express).get('/api/door').set('host', HOST)).body.house).toMatchObject({ empty: false });
  await request(app.express).post('/api/first-lead').set('host', HOST).send(FIRST).expect(409);
  app.close();
  house.close();
});
