// Live updates: after each commit every open screen hears which topics changed. No data goes this way.
import type { Response } from 'express';
import { TOPICS } from '#contract/topics.ts';
import type { LiveMessage } from '#contract/views.ts';
import type { RunningHouse } from '../house.ts';

const HEARTBEAT_MS = 20_000;

export function makeHub(house: RunningHouse) {
  const screens = new Set<Response>();
  const send = (screen: Response, message: LiveMessage) => screen.write(`data: ${JSON.stringify(message)}\n\n`);
  const stop = house.onAppended((message) => screens.forEach((screen) => send(screen, message)));
  // Keeps proxies from closing a quiet stream, and finds screens that are gone.
  const heartbeat = setInterval(() => screens.forEach((screen) => screen.write(': still here\n\n')), HEARTBEAT_MS);
  heartbeat.unref();

  return {
    join(screen: Response): void {
      screen.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' });
      screens.add(screen);
      screen.on('close', () => screens.delete(screen));
      send(screen, { seq: house.store.latestSeq(), topics: [], houseNowMs: house.clock.now() });
    },
    /** The clock was moved: everything that is told by it is read again. */
    clockMoved(): void {
      screens.forEach((screen) => send(screen, { seq: house.store.latestSeq(), topics: [...TOPICS], houseNowMs: house.clock.now() }));
    },
    close(): void {
      stop();
      clearInterval(heartbeat);
      screens.forEach((screen) => screen.end());
    },
  };
}
