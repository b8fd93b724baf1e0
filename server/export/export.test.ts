import request from 'supertest';
import { parseCsv, writeCsv } from '#core/text/index.ts';
import { makeApp, type App } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { assign, bringCrate, float, furnish, quarantine, KEEPER, land, makeTestHouse, release, type TestHouse } from '../testHouse.ts';
import { startRun } from '../testRuns.ts';
import { journalLines } from './journalLines.ts';
import { tableCsv, TABLES, type TableName } from './tables.ts';

const HOST = '127.0.0.1:4600';
let house: TestHouse;
let app: App;
beforeAll(async () => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2, { alive: 1, dead: 1 }), assign(1), float(1));
  house.must(KEEPER, quarantine(), release(1));
  house.must(KEEPER, { kind: 'lot.fed', payload: { tank: 'G1', lot: 'crate-1-fire', food: '=mysis', response: 'ate', ate: 3 } });
  house.must(KEEPER, { kind: 'loss.recorded', payload: { lot: 'crate-1-fire', place: 'G1', n: 1, cause: 'jumped', sure: 'likely' } });
  house.must(KEEPER, {
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'system', id: 'salt' },
      quantity: 'temperature',
      reading: { value: 25.5, typed: '25,5', method: 'meter', source: 'measured' },
    },
  });
  house.must(KEEPER, {
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'bag', id: 'crate-1-bag3' },
      quantity: 'ammonia',
      reading: { value: 2, typed: '2', method: 'test', source: 'measured' },
    },
  });
  house.must(KEEPER, {
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'bag', id: 'crate-1-bag3' },
      quantity: 'salinity',
      reading: { value: 29.22, typed: '1.022', method: 'meter', source: 'measured', reference: '25/25' },
    },
  });
  house.must(KEEPER, land(3), assign(3), startRun([3], {}, { bagPpt: 29.22 }));
  const credentials = makeCredentials(house.db);
  await Promise.all([credentials.set('ines', '4711'), credentials.set('bram', '2020')]);
  app = makeApp({ house });
});
afterAll(() => {
  app.close();
  house.close();
});
const signIn = async (person: string, pin: string) => {
  const agent = request.agent(app.express).set('host', HOST);
  await agent.post('/api/sign-in').send({ person, pin }).expect(200);
  return agent;
};

it('gives a lead the whole journal, a line an entry', async () => {
  const lead = await signIn('ines', '4711');
  const { text, headers } = await lead
    .get('/api/export/journal.jsonl')
    .buffer(true)
    .parse((response, done) => {
      let all = '';
      response.on('data', (chunk: Buffer) => (all += chunk.toString()));
      response.on('end', () => done(null, all));
    })
    .then((response) => ({ text: response.body as string, headers: response.headers }));
  expect(headers['content-disposition']).toBe('attachment; filename=journal.jsonl');
  const lines = text.trimEnd().split('\n');
  expect(lines.slice(1)).toEqual([...journalLines(house.client, 0)].slice(1));
  expect(JSON.parse(lines[0]!)).toMatchObject({ format: 'daily-crate journal', entries: lines.length - 1 });
});

it('gives each reading its own unit, and what it refers to', () => {
  const table = tableCsv(house.client, 'readings', 'Europe/Lisbon');
  expect(table).toMatch(/ammonia,2,mg\/L N,2,,test,measured/);
  expect(table).toMatch(/salinity,29.22,ppt,1.022,25\/25,meter,measured/);
});

it.each(Object.keys(TABLES) as TableName[])('gives a lead the table %s, as wide as its headings, with rows in it', async (name) => {
  const lead = await signIn('ines', '4711');
  const { text } = await lead.get(`/api/export/${name}.csv`).expect(200);
  const { rows } = parseCsv(text);
  expect(rows[0]!.cells).toEqual(TABLES[name].headings);
  expect(new Set(rows[0]!.cells).size).toBe(rows[0]!.cells.length);
  expect(rows.length).toBeGreaterThan(1);
  for (const { cells } of rows) expect(cells).toHaveLength(TABLES[name].headings.length);
});

it('writes times as the wall has them, and no formula', async () => {
  const lead = await signIn('ines', '4711');
  const { text } = await lead.get('/api/export/meals.csv').expect(200);
  expect(parseCsv(text).rows[1]!.cells).toEqual(['2026-03-03 07:40', 'Bram', 'G1', 'firefish', "'=mysis", 'ate', '3', '']);
});

it.each([
  ['-3', '-3'],
  ['+4.5', '+4.5'],
  ['-1+2', "'-1+2"],
  ['+1|calc', "'+1|calc"],
  ['-1,2,3', "'-1,2,3"],
  ['@x', "'@x"],
  ['＝x', "'＝x"],
  ['a=1', 'a=1'],
])('a cell %j is written as %j', (cell, written) => {
  expect(parseCsv(writeCsv(['h'], [[cell]])).rows[1]!.cells).toEqual([written]);
});

it('is for leads, and knows its own tables only', async () => {
  const keeper = await signIn('bram', '2020');
  for (const file of ['journal.jsonl', 'stock.csv']) {
    await keeper.get(`/api/export/${file}`).expect(403);
    await request(app.express).get(`/api/export/${file}`).set('host', HOST).expect(401);
  }
  const lead = await signIn('ines', '4711');
  for (const file of ['constructor.csv', 'credential.csv', '..%2Fhouse.db', 'stock']) await lead.get(`/api/export/${file}`).expect(404);
});
