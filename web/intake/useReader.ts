// The latest reading of the list in hand.
import { useState } from 'react';
import { useAsker } from '../data/useAsker.ts';
import type { ReadReply, ReadRequest } from '#core/intake/index.ts';

const make = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });

export function useReader(request: ReadRequest | undefined): ReadReply | undefined {
  const [reply, setReply] = useState<ReadReply>();
  useAsker<ReadRequest, ReadReply>({ make, question: request, onAnswer: setReply });
  return request && reply;
}
