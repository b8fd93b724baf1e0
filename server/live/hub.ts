// Live updates: after each commit every open screen hears which topics changed. No data goes this way.
import type { Response } from 'express';
import { TOPICS } from '#contract/basics/topics.ts';
import type { LiveMessage } from '#contract/views.ts';
import type { RunningHouse } from '../house/house.ts';

const HEARTBEAT_MS = 20_000;

export function makeHub(house: RunningHouse) {
  const screens = new Map<Response, () => boolean>();
  const send = (screen: Response, message: LiveMessage) => screen.write(`data: ${JSON.stringify(message)}\n\n`);
  /** Whoever has left, or has another PIN, hears no more. */
  const toAll = (tell: (screen: Response) => void) =>
    screens.forEach((isStill, screen) => (isStill() ? tell(screen) : void (screens.delete(screen), screen.end())));
  const stop = house.onAppended((message) => toAll((screen) => send(screen, message)));
  // Keeps proxies from closing a quiet stream, finds screens that are gone, and tells those whose own clock was set what time it is.
  const tellTime = (screen: Response) => send(screen, { seq: house.store.latestSeq(), topics: [], houseNowMs: house.clock.now() });
  const heartbeat = setInterval(() => toAll(tellTime), HEARTBEAT_MS);
  heartbeat.unref();

  return {
    /** `isStill` = its person is signed in still. */
    join(screen: Response, isStill: () => boolean): void {
      screen.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' });
      screens.set(screen, isStill);
      screen.on('close', () => screens.delete(screen));
      tellTime(screen);
    },
    /** The clock was moved: everything that is told by it is read again. */
    clockMoved(): void {
      toAll((screen) => send(screen, { seq: house.store.latestSeq(), topics: [...TOPICS], houseNowMs: house.clock.now() }));
    },
    close(): void {
      stop();
      clearInterval(heartbeat);
      screens.forEach((_isStill, screen) => screen.end());
    },
  };
}
