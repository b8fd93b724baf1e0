import { makeSender, type Sent } from './sender.ts';

const DAY = 86_400_000;
function makeParts(answers: Record<string, Sent[]>) {
  const kept = new Map(Object.keys(answers).map((sha256) => [sha256, { sha256, data: new ArrayBuffer(1), atMs: 0 }]));
  const sent: string[] = [];
  const clock = { now: 0 };
  const sender = makeSender({
    store: {
      put: (picture) => Promise.resolve(void kept.set(picture.sha256, picture)),
      get: (sha256) => Promise.resolve(kept.get(sha256)),
      keys: () => Promise.resolve([...kept.keys()]),
      remove: (sha256) => Promise.resolve(void kept.delete(sha256)),
    },
    send: (sha256) => {
      sent.push(sha256);
      return Promise.resolve(answers[sha256]!.shift() ?? 'later');
    },
    now: () => clock.now,
    retryMs: 1_000_000,
  });
  return { sender, kept, sent, clock };
}

it('sends each until it is taken, and never again', async () => {
  const { sender, kept, sent } = makeParts({ a: ['taken'], b: ['later', 'taken'] });
  await sender.flush();
  expect([sender.getWaiting(), [...kept.keys()]]).toEqual([1, ['b']]);
  await sender.flush();
  expect([sender.getWaiting(), sent]).toEqual([0, ['a', 'b', 'b']]);
  sender.stop();
});

it('keeps what nobody can take now, for others of this device too; lets go of what never will be taken', async () => {
  const { sender, kept, sent, clock } = makeParts({ a: ['signed out'], b: [], c: ['never'] });
  await sender.flush();
  expect([[...kept.keys()], sent]).toEqual([['a', 'b', 'c'], ['a']]);
  await sender.flush();
  expect([...kept.keys()]).toEqual(['a', 'b']);
  // Its entry never came.
  clock.now = 31 * DAY;
  await sender.flush();
  expect(sender.getWaiting()).toBe(0);
  sender.stop();
});
