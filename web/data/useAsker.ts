// A worker of a page's own, asked one question after another; an answer to an earlier one that comes late is dropped.
import { useEffect, useRef } from 'react';

/** What goes to such a worker, and what comes back: as often as it likes. */
export type Asked<Q> = { no: number; question: Q };
export type Answered<A> = { no: number; answer: A };

type Asker<Q, A> = {
  /** Makes the worker. Like `onAnswer` it must stay the same, or the worker is made anew. */
  make: () => Worker;
  /** Asked whenever it is another one; undefined = nothing to ask, and nothing more is heard. */
  question: Q | undefined;
  onAnswer: (answer: A) => void;
};

export function useAsker<Q, A>({ make, question, onAnswer }: Asker<Q, A>): void {
  const worker = useRef<Worker>(undefined);
  const no = useRef(0);
  useEffect(() => {
    const one = make();
    one.onmessage = ({ data }: MessageEvent<Answered<A>>) => {
      if (data.no === no.current) onAnswer(data.answer);
    };
    worker.current = one;
    return () => one.terminate();
  }, [make, onAnswer]);
  useEffect(() => {
    no.current += 1;
    if (question !== undefined) worker.current?.postMessage({ no: no.current, question } satisfies Asked<Q>);
  }, [question]);
}
