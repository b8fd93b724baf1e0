// Role × route: what each rank gets at each address, signed out included.
import os from 'node:os';
import path from 'node:path';
import request, { type Agent } from 'supertest';
import { paths } from '#contract/paths.ts';
import { VIEW_NAMES } from '#contract/views.ts';
import { makeApp, type App } from './app.ts';
import { makeCredentials } from './door/credentials.ts';
import { furnish, makeTestHouse, type TestHouse } from './testHouse.ts';

const HOST = '127.0.0.1:4600';
const WHO = { trainee: 'pia', keeper: 'bram', lead: 'ines' } as const;
let house: TestHouse;
let app: App;
const agents = {} as Record<'nobody' | keyof typeof WHO, Agent>;
beforeAll(async () => {
  house = furnish(makeTestHouse());
  app = makeApp({ house, data: path.join(os.tmpdir(), 'no photographs here') });
  const credentials = makeCredentials(house.db);
  agents.nobody = request.agent(app.express).set('host', HOST);
  for (const [role, person] of Object.entries(WHO)) {
    await credentials.set(person, '4711');
    agents[role as keyof typeof WHO] = request.agent(app.express).set('host', HOST);
    await agents[role as keyof typeof WHO].post(paths.signIn).send({ person, pin: '4711' }).expect(200);
  }
});
afterAll(() => {
  app.close();
  house.close();
});

type Row = [method: 'get' | 'post', path: string, body: object | undefined, nobody: number, trainee: number, keeper: number, lead: number];
const rows: Row[] = [
  ['get', paths.health, undefined, 200, 200, 200, 200],
  ['get', paths.door, undefined, 200, 200, 200, 200],
  ['get', paths.me, undefined, 401, 200, 200, 200],
  ...VIEW_NAMES.map((name): Row => ['get', `${paths.views}/${name}`, undefined, 401, 200, 200, 200]),
  ['get', `${paths.views}/secrets`, undefined, 401, 404, 404, 404],
  ['post', paths.journal, {}, 401, 400, 400, 400],
  ['post', paths.pin, { person: 'nobody', pin: '1234' }, 401, 403, 403, 404],
  ['post', paths.firstLead, { house: 'x', zone: 'UTC', name: 'n', title: 't', pin: '1234' }, 409, 409, 409, 409],
  ['get', `${paths.export}/journal.jsonl`, undefined, 401, 403, 403, 200],
  ['get', `${paths.export}/photos.zip`, undefined, 401, 403, 403, 200],
  ['get', `${paths.files}/${'a'.repeat(64)}`, undefined, 401, 404, 404, 404],
  ['get', `${paths.export}/stock.csv`, undefined, 401, 403, 403, 200],
  // No demo house: the clock has no address, for anybody.
  ['post', paths.demoClock, { to: 'next' }, 401, 404, 404, 404],
  // Nor has the simulated meter one: what it shows is made up.
  ['post', paths.meter, { subject: { kind: 'run', id: 'r' }, quantity: 'pH', way: 'probe' }, 401, 404, 404, 404],
  ['post', paths.meterReference, { quantity: 'pH', setRight: false }, 401, 404, 404, 404],
  ['get', '/api/nothing', undefined, 404, 404, 404, 404],
];

it.each(rows)('%s %s %j', async (...[method, path, body, ...expected]) => {
  const got: number[] = [];
  for (const who of ['nobody', 'trainee', 'keeper', 'lead'] as const) {
    const asked = method === 'get' ? agents[who].get(path) : agents[who].post(path).send(body);
    got.push((await asked).status);
  }
  expect(got).toEqual(expected);
});

it('lists every address that there is', () => {
  const told = new Set(rows.map(([, path]) => path));
  const known = Object.values(paths).filter((path) => ![...told].some((route) => route.startsWith(path)));
  // The live stream never ends; signing in and out are told in app.test.ts.
  expect(known.sort()).toEqual([paths.live, paths.signIn, paths.signOut].sort());
});
