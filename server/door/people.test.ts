import type { SessionData } from 'express-session';
import { HOUR_MS } from '#core/time/index.ts';
import { readOptions } from '../options.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, TRAINEE, type TestHouse } from '../testHouse.ts';
import { hashPin, makeCredentials, PIN_PATTERN } from './credentials.ts';
import { makePeople } from './people.ts';
import { SessionStore } from './sessionStore.ts';

let house: TestHouse;
beforeEach(() => (house = furnish(makeTestHouse())));
afterEach(() => house.close());

it('keeps PINs as slow salted hashes, and knows the right one', async () => {
  const credentials = makeCredentials(house.db);
  await credentials.set('ines', '4711');
  expect(await hashPin('4711')).not.toBe(await hashPin('4711'));
  expect(house.client.prepare('select pin_hash from credential').pluck().get()).toMatch(/^scrypt\$32768\$8\$1\$/);
  expect(await Promise.all(['4711', '4712', ''].map((pin) => credentials.isRight('ines', pin)))).toEqual([true, false, false]);
  expect(await credentials.isRight('nobody', '4711')).toBe(false);
  await credentials.set('ines', '12345678');
  expect(await Promise.all(['4711', '12345678'].map((pin) => credentials.isRight('ines', pin)))).toEqual([false, true]);
});

it.each([
  ['4711', true],
  ['12345678', true],
  ['471', false],
  ['123456789', false],
  ['47a1', false],
  ['', false],
])('PIN %j: %p', (pin, fits) => expect(PIN_PATTERN.test(pin)).toBe(fits));

it('keeps a sign-in over a restart, forgets it when it is over, and touches the disk seldom', () => {
  const data = { cookie: {}, person: 'ines' } as unknown as SessionData;
  const get = (store: SessionStore, id: string) => {
    let found: SessionData | null | undefined;
    store.get(id, (_error, session) => (found = session));
    return found;
  };
  const store = new SessionStore(house.db);
  store.set('a', data);
  store.set('b', data);
  expect(get(new SessionStore(house.db), 'a')).toMatchObject({ person: 'ines' });
  const writes = () => house.client.prepare('select total_changes()').pluck().get() as number;
  store.touch('a', data);
  const after = writes();
  store.touch('a', data);
  expect(writes()).toBe(after);
  store.destroy('a');
  expect(get(store, 'a')).toBeNull();
  house.client.exec("update session set expires_at_ms = 1 where id = 'b'");
  expect(get(store, 'b')).toBeNull();
  expect(new SessionStore(house.db)).toBeDefined();
  expect(house.client.prepare('select count(*) from session').pluck().get()).toBe(0);
});

describe('the command line', () => {
  it('takes what it knows', () => {
    expect(
      readOptions(['--port', '0', '--clock', '2026-03-03T07:40', '--freeze', '--host-name', 'fishroom.local'], { data: '/tmp/x' }),
    ).toEqual({
      port: 0,
      host: '127.0.0.1',
      data: '/tmp/x',
      clock: '2026-03-03T07:40',
      freeze: true,
      fresh: false,
      hostNames: ['fishroom.local'],
    });
  });
  it.each([[['--port', '99999']], [['--port', 'x']], [['--nonsense']], [['stray']]])('refuses %j in words', (args) => {
    expect(() => readOptions(args, { data: '/tmp/x' })).toThrow(/port|nonsense|stray/);
  });
});

it('each says their own units, and the latest word counts in whatever order it comes', () => {
  const prefers = (person: string, temperature: '°C' | '°F') =>
    ({ kind: 'person.prefers', payload: { person, temperature, volume: 'L' } }) as const;
  const people = makePeople(house);
  expect(people.prefers('pia')).toEqual({ temperature: '°C', volume: 'L' });
  expect(house.codes(LEAD, prefers('pia', '°F'))).toEqual(['person.notYou']);
  expect(house.codes(LEAD, prefers('nobody', '°F'))).toEqual(['unknown']);
  house.must(TRAINEE, prefers('pia', '°F'));
  house.must(KEEPER, prefers('bram', '°C'));
  expect(people.prefers('pia')).toEqual({ temperature: '°F', volume: 'L' });
  // A tablet that was away brings in what was said before.
  house.wait(HOUR_MS);
  const late = house.actOf([prefers('pia', '°C')]);
  late.entries[0]!.occurredAtMs -= 7_200_000;
  expect(house.append(late, TRAINEE).ok).toBe(true);
  expect(people.prefers('pia').temperature).toBe('°F');
});
