// A picture made smaller beside the page, one at a time: each needs fifty megabytes while it lasts.
import { MOST_FILE_BYTES, shrink, type ShrinkReply } from './shrink.ts';

const canBeAway = (): boolean => typeof Worker !== 'undefined' && typeof OffscreenCanvas !== 'undefined';

function inWorker(file: Blob): Promise<ShrinkReply> {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  return new Promise<ShrinkReply>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<ShrinkReply>) => resolve(data);
    worker.onerror = () => reject(new Error('the worker stopped'));
    worker.postMessage(file);
  }).finally(() => worker.terminate());
}

let last: Promise<unknown> = Promise.resolve();
export function shrinkAway(file: Blob): Promise<ShrinkReply> {
  if (file.size > MOST_FILE_BYTES) return Promise.resolve({ fault: 'too large' });
  const next = last.then(() => (canBeAway() ? inWorker(file).catch(() => shrink(file)) : shrink(file)));
  last = next.catch(() => undefined);
  return next;
}
