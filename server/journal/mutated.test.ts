// Seeded random and mutated requests: never a 500, never an unbalanced book, whatever comes.
import request from 'supertest';
import { v7 } from 'uuid';
import { examples, KINDS, versionOf } from '#contract/kinds.ts';
import { paths } from '#contract/paths.ts';
import { VIEW_NAMES } from '#contract/views.ts';
import { makeChance } from '#core/chance/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeApp } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { makeHealth } from '../health.ts';
import { makeTestLog } from '../log/testLog.ts';
import { bringCrate, furnish, makeTestHouse } from '../testHouse.ts';
import { checkReplay } from './replay.ts';

/** For each seed; `npm run knocks` sends ten times as many. */
const REQUESTS = Number(process.env.MUTATED_REQUESTS ?? 300);
/** Routes besides the journal, with a body that each of them takes. */
const ROUTES: [string, object][] = [
  [paths.firstLead, { house: 'x', zone: 'UTC', name: 'n', title: 't', pin: '1234' }],
  [paths.demoClock, { to: 'next' }],
  [paths.pin, { person: 'bram', pin: '12x' }],
  [paths.signIn, { person: 'nobody' }],
];
const ODD: unknown[] = [
  null,
  true,
  '',
  'x',
  '💧',
  'supplier',
  '__proto__',
  -1,
  0,
  1e308,
  2 ** 53,
  0.1,
  [],
  {},
  [[]],
  { a: { b: {} } },
  'x'.repeat(5000),
  '2026-03-03',
  ' ',
  '%00',
  "'; drop table entry; --",
];

it.each([3, 77])(
  'seed %d',
  async (seed) => {
    const house = furnish(makeTestHouse());
    bringCrate(house);
    await makeCredentials(house.db).set('ines', '4711');
    const told = makeTestLog();
    const app = makeApp({ house, log: told.log });
    const agent = request.agent(app.express).set('host', 'localhost');
    await agent.post('/api/sign-in').send({ person: 'ines', pin: '4711' }).expect(200);
    const chance = makeChance(seed);
    const pick = <T>(from: readonly T[]): T => from[Math.floor(chance() * from.length)]!;
    const known = ['bag-1', 'crate-1', 'crate-1-bag1', 'crate-1-bag2', 'crate-1-fire', 'G1', 'F1', 'firefish', 'yard', 'salt'];

    /** Somewhere inside, one value is another, one field is gone, or a known id stands where another stood. */
    const mutate = (value: unknown): unknown => {
      if (Array.isArray(value))
        return chance() < 0.2 ? [...(value as unknown[]), pick(ODD)] : value.map((part) => (chance() < 0.3 ? mutate(part) : part));
      if (value !== null && typeof value === 'object') {
        const entries = Object.entries(value);
        const picked = Math.floor(chance() * entries.length);
        return Object.fromEntries(
          entries.flatMap(([key, value], index) => (index !== picked ? [[key, value]] : chance() < 0.15 ? [] : [[key, mutate(value)]])),
        );
      }
      return typeof value === 'string' && chance() < 0.5 ? pick(known) : chance() < 0.5 ? pick(ODD) : value;
    };
    const statuses = new Map<number, number>();
    for (let sent = 0; sent < REQUESTS; sent += 1) {
      const entries = Array.from({ length: 1 + Math.floor(chance() * 3) }, () => {
        const kind = pick(KINDS);
        return {
          id: v7(),
          kind,
          version: versionOf(kind),
          occurredAtMs: house.now() - Math.floor(chance() * 1e7),
          payload: structuredClone(examples[kind]),
        };
      });
      const act: unknown = { actId: v7(), entries };
      const body = chance() < 0.1 ? pick(ODD) : mutate(chance() < 0.7 ? mutate(act) : act);
      const [path, sample] = pick(ROUTES);
      const { status } =
        chance() < 0.1
          ? await agent
              .post(path)
              .set('content-type', 'application/json')
              .send(JSON.stringify(mutate(sample)))
          : chance() < 0.1
            ? await agent.get(
                `/api/views/${pick(VIEW_NAMES)}?bag=${encodeURIComponent(String(pick(ODD)))}&before=${encodeURIComponent(String(pick(ODD)))}&round=${encodeURIComponent(String(pick(ODD)))}`,
              )
            : await agent.post('/api/journal').set('content-type', 'application/json').send(JSON.stringify(body));
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
    }
    expect(told.errors()).toEqual([]);
    expect([...statuses.keys()].filter((status) => status >= 500)).toEqual([]);
    // All three must have been met, or nothing was tried.
    expect(Math.min(...[200, 400, 409].map((status) => statuses.get(status) ?? 0))).toBeGreaterThan(3);
    expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
    expect(checkReplay(house).differences).toEqual([]);
    app.close();
    house.close();
  },
  MINUTE_MS + REQUESTS * 60,
);
