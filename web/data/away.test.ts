/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { jest } from '@jest/globals';
import { HOUR_MS } from '#core/time/index.ts';
import { METRIC } from '#core/water/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import type { MeView } from '#contract/views.ts';
import { paths } from '#contract/paths.ts';
import { Refusal, ServerAway } from './api.ts';
import { forgetSeen, isFromBefore, keepOnlyFor, noteAnswer, pathsFromBefore, readOrSeen } from './away.ts';
import { setHouseClock } from './clock.ts';
import { seenStore } from './seen.ts';

const NOON = Date.UTC(2026, 2, 3, 12);
const away = () => Promise.reject(new ServerAway('no answer'));
const nobody = () => undefined;
const read = (path: string, ask: () => Promise<unknown>, later: (answer: unknown) => void = nobody) => readOrSeen({ path, ask, later });
/** A page that opens later: what the last one had from the house is only in the store. */
const before = async (path: string, body: unknown) => {
  seenStore.keep(path, body, NOON);
  await seenStore.flush();
};

beforeEach(async () => {
  setHouseClock({ nowMs: NOON, frozen: true });
  await forgetSeen();
});

it('gives the house’s answer, and keeps it', async () => {
  await expect(read('/a', () => Promise.resolve('fresh'))).resolves.toBe('fresh');
  expect(pathsFromBefore()).toEqual([]);
  await seenStore.flush();
  await expect(seenStore.last('/a')).resolves.toMatchObject({ body: 'fresh', atMs: NOON });
});

it('nobody answers: what was last seen, marked as from before', async () => {
  await before('/a', 'old');
  await expect(read('/a', away)).resolves.toBe('old');
  expect(isFromBefore('/a')).toBe(true);
  // The house is back: marked no more.
  await expect(read('/a', () => Promise.resolve('new'))).resolves.toBe('new');
  expect(pathsFromBefore()).toEqual([]);
});

it('nobody answers and nothing was seen: that nobody answers', async () => {
  await expect(read('/never', away)).rejects.toBeInstanceOf(ServerAway);
});

it('a house that refuses is there: nothing from before is shown in place of its no', async () => {
  await before('/a', 'old');
  await expect(read('/a', () => Promise.reject(new Refusal(401, {})))).rejects.toBeInstanceOf(Refusal);
  expect(pathsFromBefore()).toEqual([]);
  // Nor where it was shown already.
  await read('/a', away);
  await expect(read('/a', () => Promise.reject(new Refusal(404, {})))).rejects.toBeInstanceOf(Refusal);
  expect(pathsFromBefore()).toEqual([]);
});

it('what this page has from the house is never put back to what was kept', async () => {
  await read('/a', () => Promise.resolve('new'));
  await before('/a', 'old');
  await expect(read('/a', away)).rejects.toBeInstanceOf(ServerAway);
});

it('a house that is slow is shown as it was, until it answers', async () => {
  await before('/a', 'old');
  let answer!: (body: string) => void;
  const later: unknown[] = [];
  const shown = read(
    '/a',
    () => new Promise<string>((resolve) => (answer = resolve)),
    (body) => later.push(body),
  );
  await expect(shown).resolves.toBe('old');
  answer('new');
  await new Promise((resolve) => setTimeout(resolve));
  expect(later).toEqual(['new']);
  expect(pathsFromBefore()).toEqual([]);
});

const me = (id: string): MeView => ({
  person: { id, name: id, title: 'keeper', role: 'keeper' },
  prefers: METRIC,
  house: { name: 'House', zone: 'Europe/Lisbon', rules: STARTING_RULES, demo: false },
  clock: { nowMs: NOON, frozen: false },
});

it('what one has seen is not shown to another who signs in', async () => {
  noteAnswer(paths.me, me('bram'));
  await before('/a', 'seen by bram');
  await keepOnlyFor(me('bram'));
  await expect(seenStore.last('/a')).resolves.toBeDefined();
  await keepOnlyFor(me('wim'));
  await expect(seenStore.last('/a')).resolves.toBeUndefined();
  await expect(seenStore.last(paths.me)).resolves.toMatchObject({ body: { person: { id: 'wim' } } });
});

it('answers that were asked for longest ago make room', async () => {
  for (let no = 0; no < 405; no += 1) seenStore.keep(`/q${no}`, no, NOON);
  await seenStore.flush();
  const left = await Promise.all(Array.from({ length: 405 }, (_, no) => seenStore.last(`/q${no}`)));
  expect(left.filter(Boolean)).toHaveLength(400);
});

it('what was seen before the sign-in would have ended is shown no more', async () => {
  await before('/a', 'old');
  const now = Date.now();
  const clock = jest.spyOn(Date, 'now');
  try {
    clock.mockReturnValue(now + 11 * HOUR_MS);
    await expect(seenStore.last('/a')).resolves.toBeDefined();
    clock.mockReturnValue(now - HOUR_MS);
    await expect(seenStore.last('/a')).resolves.toBeUndefined();
    clock.mockReturnValue(now + 13 * HOUR_MS);
    await expect(seenStore.last('/a')).resolves.toBeUndefined();
  } finally {
    clock.mockRestore();
  }
});

it('an answer that comes after the sign-out is not kept', async () => {
  let answer!: (body: string) => void;
  const asked = read('/a', () => new Promise<string>((resolve) => (answer = resolve)));
  await forgetSeen();
  answer('of the last one');
  await expect(asked).resolves.toBe('of the last one');
  await seenStore.flush();
  await expect(seenStore.last('/a')).resolves.toBeUndefined();
});
