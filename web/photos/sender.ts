// Sends kept pictures until the house has them: each once, whole, after the entry that names it. Knows no screen.
import { DAY_MS } from '#core/time/index.ts';
import type { PhotoStore } from './photoStore.ts';

/** What the house says of a picture. `later` = nobody answers, or its entry is not there yet; `never` = it will not take it. */
export type Sent = 'taken' | 'later' | 'never' | 'signed out';
type Parts = {
  store: PhotoStore;
  send: (sha256: string, data: ArrayBuffer) => Promise<Sent>;
  now: () => number;
  retryMs?: number;
};
/** One whose entry never came (refused, discarded) is let go after so long. */
const KEPT_MS = 30 * DAY_MS;
const LONGEST_WAIT_MS = 10 * 60_000;

export function makeSender({ store, send, now, retryMs = 15_000 }: Parts) {
  let waiting = 0;
  /** Tries in a row by which nothing was taken: what nobody will take is not carried there every few seconds. */
  let inVain = 0;
  let sending: Promise<void> | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();
  const tell = (n: number) => {
    if (n === waiting) return;
    waiting = n;
    listeners.forEach((listener) => listener());
  };

  async function sendAll(): Promise<void> {
    const keys = await store.keys().catch(() => []);
    let left = keys.length;
    inVain += 1;
    tell(left);
    for (const sha256 of keys) {
      const kept = await store.get(sha256).catch(() => undefined);
      if (!kept) continue;
      const sent = await send(sha256, kept.data);
      if (sent === 'signed out') break;
      const isOld = sent === 'later' && now() - kept.atMs > KEPT_MS;
      if (sent === 'later' && !isOld) continue;
      if (sent === 'taken') inVain = 0;
      await store.remove(sha256).catch(() => undefined);
      tell((left -= 1));
    }
    if (left > 0) retry ??= setTimeout(() => void flush(), Math.min(LONGEST_WAIT_MS, retryMs * 2 ** Math.max(0, inVain - 1)));
  }

  function flush(): Promise<void> {
    clearTimeout(retry);
    retry = undefined;
    sending ??= sendAll().finally(() => (sending = undefined));
    return sending;
  }

  return {
    /** How many the house does not have yet. */
    getWaiting: () => waiting,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    flush,
    stop: () => clearTimeout(retry),
  };
}
