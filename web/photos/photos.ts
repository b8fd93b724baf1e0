// This screen's pictures: taken, kept, sent, shown.
import { useEffect, useState, useSyncExternalStore } from 'react';
import { paths } from '#contract/paths.ts';
import { houseNow } from '../data/clock.ts';
import { outbox } from '../data/house.ts';
import { photoStore } from './photoStore.ts';
import { makeSender, type Sent } from './sender.ts';
import type { Shrunk } from './shrink.ts';

const SENDS_WITHIN_MS = 60_000;

async function put(sha256: string, data: ArrayBuffer): Promise<Sent> {
  try {
    const { status } = await fetch(`${paths.files}/${sha256}`, {
      method: 'PUT',
      credentials: 'same-origin',
      headers: { 'content-type': 'image/jpeg' },
      body: data,
      ...('timeout' in AbortSignal ? { signal: AbortSignal.timeout(SENDS_WITHIN_MS) } : {}),
    });
    if (status < 300) return 'taken';
    if (status === 401) return 'signed out';
    return status === 400 || status === 413 ? 'never' : 'later';
  } catch {
    return 'later';
  }
}

const sender = makeSender({ store: photoStore, send: put, now: houseNow });
// An entry that was recorded may be the one that names a picture which waits; where none waits, a tap is not made slower by asking.
let seen = 0;
outbox.subscribe(() => {
  const { lastSavedSeq } = outbox.getState();
  if (lastSavedSeq === seen) return;
  seen = lastSavedSeq;
  if (sender.getWaiting() > 0) void sender.flush();
});
if (typeof window !== 'undefined') addEventListener('online', () => void sender.flush());

/** Signed in: what waits is sent. */
export const sendPictures = (): void => void sender.flush();
export const usePicturesWaiting = (): number => useSyncExternalStore(sender.subscribe, sender.getWaiting);

/** Kept before its entry is written: nothing is named that is not there. Throws where this browser keeps nothing. */
export async function keepPictures({ picture, small }: Shrunk): Promise<void> {
  for (const { sha256, data } of [small, picture]) await photoStore.put({ sha256, data, atMs: houseNow() });
}

/** Where to show it from: this device while the house does not have it. */
export function usePicture(sha256: string): string | undefined {
  const [url, setUrl] = useState<string>();
  const waiting = usePicturesWaiting();
  useEffect(() => {
    let made: string | undefined;
    let gone = false;
    void photoStore
      .get(sha256)
      .catch(() => undefined)
      .then((kept) => {
        if (gone) return;
        if (kept) made = URL.createObjectURL(new Blob([kept.data], { type: 'image/jpeg' }));
        setUrl(made ?? `${paths.files}/${sha256}`);
      });
    return () => {
      gone = true;
      if (made !== undefined) URL.revokeObjectURL(made);
    };
  }, [sha256, waiting]);
  return url;
}

/** Its bytes, from this device or from the house; undefined where neither has them. */
export async function findPicture(sha256: string): Promise<Uint8Array | undefined> {
  const kept = await photoStore.get(sha256).catch(() => undefined);
  if (kept) return new Uint8Array(kept.data);
  const answer = await fetch(`${paths.files}/${sha256}`, { credentials: 'same-origin' }).catch(() => undefined);
  return answer?.ok ? new Uint8Array(await answer.arrayBuffer()) : undefined;
}
