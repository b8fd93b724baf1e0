// A worker of a page's own, asked one question after another; an answer to an earlier one that comes late is dropped.
import { useEffect, useRef, useState } from 'react';

/** What goes to such a worker, and what comes back: as often as it likes. */
export type Asked<Q> = { no: number; question: Q };
export type Answered<A> = { no: number; answer: A } | { no: number; failed: string };
/** What a worker says of a question that it could not answer. */
export const failedBy = (error: unknown): string => (error instanceof Error ? error.message : String(error));

type Asker<Q, A> = {
  /** Makes the worker. Like `onAnswer` it must stay the same, or the worker is made anew. */
  make: () => Worker;
  /** Asked whenever it is another one; undefined = nothing to ask, and nothing more is heard. */
  question: Q | undefined;
  onAnswer: (answer: A) => void;
};
/** `failed` = why the last question has no answer; `again` asks it once more. */
export type Asking = { failed?: string; again: () => void };

export function useAsker<Q, A>({ make, question, onAnswer }: Asker<Q, A>): Asking {
  const worker = useRef<Worker>(undefined);
  const no = useRef(0);
  const [failed, setFailed] = useState<string>();
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    const made = make();
    made.onmessage = ({ data }: MessageEvent<Answered<A>>) => {
      if (data.no !== no.current) return;
      setFailed('failed' in data ? data.failed : undefined);
      if ('answer' in data) onAnswer(data.answer);
    };
    // Not one question but the worker itself: it could not be loaded, or ended.
    made.onerror = (event) => setFailed(event.message || 'the calculation could not be started');
    worker.current = made;
    return () => made.terminate();
  }, [make, onAnswer, turn]);
  useEffect(() => {
    no.current += 1;
    if (question !== undefined) worker.current?.postMessage({ no: no.current, question } satisfies Asked<Q>);
  }, [question, turn]);
  return {
    failed,
    again: () => {
      setFailed(undefined);
      setTurn((was) => was + 1);
    },
  };
}
