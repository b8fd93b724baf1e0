// The latest reading of the list in hand; an answer to an earlier question that comes late is dropped.
import { useEffect, useRef, useState } from 'react';
import type { ReadReply, ReadRequest } from './read.ts';

export function useReader(request: ReadRequest | undefined): ReadReply | undefined {
  const worker = useRef<Worker>(undefined);
  const no = useRef(0);
  const [reply, setReply] = useState<ReadReply>();
  useEffect(() => {
    const one = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    one.onmessage = ({ data }: MessageEvent<{ no: number; reply: ReadReply }>) => {
      if (data.no === no.current) setReply(data.reply);
    };
    worker.current = one;
    return () => one.terminate();
  }, []);
  useEffect(() => {
    no.current += 1;
    if (request) worker.current?.postMessage({ no: no.current, request });
  }, [request]);
  return request && reply;
}
