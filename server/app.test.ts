import { gzipSync } from 'node:zlib';
import request from 'supertest';
import { v7 } from 'uuid';
import { examples } from '#contract/kinds.ts';
import { VIEW_NAMES } from '#contract/views.ts';
import { makeApp, type App } from './app.ts';
import { makeCredentials } from './door/credentials.ts';
import { makeTestLog } from './log/testLog.ts';
import { bringCrate, furnish, KEEPER, land, makeTestHouse, type TestHouse } from './testHouse.ts';

let house: TestHouse;
let app: App;
let told: ReturnType<typeof makeTestLog>;
beforeAll(async () => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  const credentials = makeCredentials(house.db);
  await Promise.all(
    [
      ['ines', '4711'],
      ['bram', '2020'],
      ['pia', '1234'],
    ].map(([person, pin]) => credentials.set(person!, pin!)),
  );
  told = makeTestLog();
  app = makeApp({ house, hostNames: ['fishroom.local'], log: told.log });
});
afterAll(() => {
  app.close();
  house.close();
  expect(told.errors()).toEqual([]);
});
const HOST = '127.0.0.1:4600';
const signIn = async (person: string, pin: string) => {
  const agent = request.agent(app.express).set('host', HOST);
  await agent.post('/api/sign-in').send({ person, pin }).expect(200);
  return agent;
};

describe('the door', () => {
  it('lists who works here, without PINs in a real house', async () => {
    const { body } = await request(app.express).get('/api/door').set('host', HOST).expect(200);
    expect(body.people.map(({ name }: { name: string }) => name)).toEqual(['Bram', 'Ines', 'Pia']);
    expect(JSON.stringify(body)).not.toMatch(/pin|4711/);
  });

  it('signs in with a cookie that scripts and other sites do not get', async () => {
    const response = await request(app.express).post('/api/sign-in').set('host', HOST).send({ person: 'ines', pin: '4711' }).expect(200);
    const cookies = response.headers['set-cookie'] as unknown as string[];
    expect(cookies).toHaveLength(2);
    for (const cookie of cookies) expect(cookie).toMatch(/^crate(-device)?=.*HttpOnly; SameSite=Strict$/);
    expect(response.body).toMatchObject({ person: { name: 'Ines', role: 'lead' }, house: { zone: 'Europe/Lisbon', demo: false } });
  });

  it('says how many tries are left, then makes one wait, even with the right PIN', async () => {
    const wrong = () => request(app.express).post('/api/sign-in').set('host', HOST).send({ person: 'pia', pin: '9999' });
    for (const left of [4, 3, 2, 1, 0]) expect((await wrong().expect(401)).body).toEqual({ code: 'wrongPin', left });
    const { body } = await request(app.express).post('/api/sign-in').set('host', HOST).send({ person: 'pia', pin: '1234' }).expect(429);
    expect(body.waitMs).toBeGreaterThan(0);
  });

  it('treats an unknown name like a wrong PIN, and a PIN that is none as bad', async () => {
    await request(app.express).post('/api/sign-in').set('host', HOST).send({ person: 'nobody', pin: '1234' }).expect(401);
    for (const pin of ['', '12', 'abcd', 1234, null])
      await request(app.express).post('/api/sign-in').set('host', HOST).send({ person: 'ines', pin }).expect(400);
  });

  it('forgets who signed out', async () => {
    const agent = await signIn('ines', '4711');
    await agent.get('/api/me').expect(200);
    await agent.post('/api/sign-out').expect(204);
    await agent.get('/api/me').expect(401);
  });
});

describe('who may talk to it', () => {
  it('nobody reads or writes without signing in', async () => {
    for (const path of ['/api/me', '/api/live', ...VIEW_NAMES.map((name) => `/api/views/${name}`)])
      await request(app.express).get(path).set('host', HOST).expect(401);
    await request(app.express).post('/api/journal').set('host', HOST).send({}).expect(401);
  });

  it.each([
    ['evil.example', 403],
    ['localhost:4600', 200],
    ['127.0.0.1', 200],
    ['[::1]:4600', 200],
    ['192.168.1.7:4600', 200],
    ['fishroom.local', 200],
  ])('host %s: %d', async (host, status) => {
    await request(app.express).get('/api/health').set('host', host).expect(status);
  });

  it('no page of another origin writes', async () => {
    const agent = await signIn('ines', '4711');
    await agent.post('/api/journal').set('origin', 'http://evil.example').send({}).expect(403);
    await agent.post('/api/journal').set('sec-fetch-site', 'cross-site').send({}).expect(403);
    await agent.post('/api/journal').set('origin', `http://${HOST}`).send({}).expect(400);
  });

  it('sends the headers that keep scripts out', async () => {
    const { headers } = await request(app.express).get('/api/health').set('host', HOST);
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['content-security-policy']).not.toContain('unsafe');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
  });
});

describe('writing', () => {
  it('gives 400 with paths, 413, 404 and 403 as usual', async () => {
    const agent = await signIn('bram', '2020');
    const { body } = await agent
      .post('/api/journal')
      .send({ actId: v7(), entries: [{ id: v7(), kind: 'bag.absent', version: 1, occurredAtMs: house.now(), payload: { bag: 7 } }] })
      .expect(400);
    expect(body.faults.map(({ path }: { path: string }) => path).sort()).toEqual(['entries.0.payload.bag', 'entries.0.payload.crate']);
    await agent.post('/api/journal').set('content-type', 'application/json').send('{"actId":').expect(400);
    await agent
      .post('/api/journal')
      .set('content-type', 'application/json')
      .send(`{"actId":"x","entries":[${JSON.stringify('a'.repeat(1_200_000))}]}`)
      .expect(413);
    await agent
      .post('/api/journal')
      .set('content-type', 'application/json')
      .send(`{"actId":"${v7()}","entries":[{"id":"${v7()}","kind":"stock.moved","version":1,"occurredAtMs":1e999,"payload":{}}]}`)
      .expect(400);
    await agent.get('/api/views/nothing').expect(404);
    await agent.get('/api/nothing').expect(404);
    const person = { id: v7(), kind: 'person.added', version: 1, occurredAtMs: house.now(), payload: examples['person.added'] };
    const refused = await agent
      .post('/api/journal')
      .send({ actId: v7(), entries: [person] })
      .expect(403);
    expect(refused.body.refusals[0]).toMatchObject({ code: 'role', facts: { needs: 'lead' } });
  });

  it('answers with the seq, and 409 with code and facts when somebody was quicker', async () => {
    const agent = await signIn('bram', '2020');
    const { body } = await agent
      .post('/api/journal')
      .send(house.actOf([land(1)]))
      .expect(200);
    expect(body).toEqual({ seq: house.store.latestSeq(), repeated: false });
    const second = await agent
      .post('/api/journal')
      .send(house.actOf([land(1)]))
      .expect(409);
    expect(second.body.refusals[0]).toMatchObject({ code: 'bag.alreadyLanded', facts: { by: 'Bram' } });
  });

  it('every view answers with the seq it has seen', async () => {
    const agent = await signIn('bram', '2020');
    for (const name of VIEW_NAMES) expect((await agent.get(`/api/views/${name}`).expect(200)).body.seq).toBe(house.store.latestSeq());
    await agent.get('/api/views/room?bag=crate-1-bag1').expect(200);
    await agent.get('/api/views/room?bag=nothing&bag=twice').expect(200);
    await agent.get('/api/views/logbook?before=-1').expect(200);
    await agent.get('/api/views/rounds?round=midnight').expect(200);
  });
});

it('tells open screens which topics changed, and nothing else', async () => {
  const agent = await signIn('bram', '2020');
  const heard: string[] = [];
  const live = agent
    .get('/api/live')
    .buffer(false)
    .parse((response, done) => {
      response.on('data', (chunk: Buffer) => {
        heard.push(chunk.toString());
        if (heard.length === 1) house.must(KEEPER, land(2));
        else (response as unknown as { destroy(): void }).destroy();
      });
      response.on('close', () => done(null, undefined));
    });
  await live;
  const messages = heard
    .join('')
    .split('\n\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line.replace('data: ', '')));
  expect(messages[0]).toMatchObject({ topics: [], houseNowMs: expect.any(Number) });
  expect(messages[1]).toEqual({ seq: house.store.latestSeq(), topics: ['dock', 'stock', 'bench'] });
});

it('is well', async () => {
  const { body } = await request(app.express).get('/api/health').set('host', HOST).expect(200);
  expect(body).toMatchObject({ ok: true, balance: 0 });
});

it.each(['plain', 'gzip'] as const)('a body that nests without end is refused before it is parsed, %s', async (how) => {
  const agent = await signIn('bram', '2020');
  const text = `{"actId":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
  const sent = agent.post('/api/journal').set('content-type', 'application/json');
  const answer =
    how === 'gzip'
      ? await sent
          .set('content-encoding', 'gzip')
          .serialize((body: unknown) => body as string)
          .send(gzipSync(text))
      : await sent.send(text);
  expect([answer.status, answer.body]).toEqual([400, { code: 'bad', faults: [{ path: '', message: 'more than 12 levels deep' }] }]);
});

it('an act is taken under its maker’s sign-in alone', async () => {
  const agent = await signIn('bram', '2020');
  const before = house.store.latestSeq();
  const act = {
    actId: v7(),
    entries: [{ id: v7(), kind: 'tool.used', version: 1, occurredAtMs: house.now(), payload: { tool: 'hands-bram', tanks: ['G1'] } }],
  };
  const { body } = await agent.post('/api/journal').set('x-maker', 'ines').send(act).expect(401);
  expect([body, house.store.latestSeq()]).toEqual([{ code: 'otherMaker' }, before]);
  await agent.post('/api/journal').set('x-maker', 'bram').send(act).expect(200);
  expect(house.store.latestSeq()).toBe(before + 1);
});

it('a disk that takes nothing is said as that: what was sent is kept and sent again, reading goes on', async () => {
  const agent = await signIn('bram', '2020');
  const act = {
    actId: v7(),
    entries: [{ id: v7(), kind: 'tool.used', version: 1, occurredAtMs: house.now(), payload: { tool: 'hands-bram', tanks: ['G1'] } }],
  };
  house.client.pragma('query_only = on');
  const answer = await agent.post('/api/journal').send(act);
  const read = await agent.get('/api/views/room');
  // Who comes now can come in and read as well, and who goes is gone.
  const late = await signIn('ines', '4711');
  const lateRead = await late.get('/api/views/room');
  await late.post('/api/sign-out').send({}).expect(204);
  const gone = await late.get('/api/views/room');
  house.client.pragma('query_only = off');
  house.client.pragma(`max_page_count = ${house.client.pragma('page_count', { simple: true }) as number}`);
  const large = {
    ...act,
    actId: v7(),
    entries: Array.from({ length: 100 }, () => ({
      ...act.entries[0]!,
      id: v7(),
      payload: { tool: 'hands-bram', tanks: ['G1'], note: 'n'.repeat(400) },
    })),
  };
  const full = await agent.post('/api/journal').send(large);
  expect([full.status, full.body]).toEqual([503, { code: 'cannotWrite', full: true }]);
  house.client.pragma('max_page_count = 1073741823');
  expect([answer.status, answer.body, read.status, lateRead.status]).toEqual([503, { code: 'cannotWrite' }, 200, 200]);
  expect(gone.status).toBe(401);
  await late.get('/api/views/room').expect(401);
  expect(told.errors()).toEqual(['nothing can be written', 'request', 'nothing can be written', 'request']);
  told.lines.length = 0;
  await agent.post('/api/journal').send(act).expect(200);
});
