// The comparison for the question in hand. While a new one is under way, and when the question is at fault, the last good picture stays.
import { useEffect, useRef, useState } from 'react';
import type { Comparison } from '#core/bench/compare.ts';
import type { Bands } from '#core/bench/draws.ts';
import type { InputFault } from '#core/bench/input.ts';
import type { Turn } from '#core/bench/settle.ts';
import type { Answer, Question } from './compute.ts';

export type Picture = { comparison: Comparison; bands?: Bands; turns?: Turn[] };
export type Computed = { picture?: Picture; faults: readonly InputFault[] };

export function useComparison(question: Question): Computed {
  const worker = useRef<Worker>(undefined);
  const no = useRef(0);
  const [computed, setComputed] = useState<Computed>({ faults: [] });
  const asked = JSON.stringify(question);
  useEffect(() => {
    const one = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    one.onmessage = ({ data }: MessageEvent<{ no: number; answer: Answer }>) => {
      if (data.no === no.current) setComputed((was) => taken(was, data.answer));
    };
    worker.current = one;
    return () => one.terminate();
  }, []);
  useEffect(() => {
    no.current += 1;
    worker.current?.postMessage({ no: no.current, question: JSON.parse(asked) as Question });
  }, [asked]);
  return computed;
}

function taken(was: Computed, answer: Answer): Computed {
  switch (answer.step) {
    case 'fault':
      return { ...was, faults: answer.faults };
    case 'points':
      return { picture: { comparison: answer.comparison }, faults: [] };
    case 'bands':
      return was.picture ? { ...was, picture: { ...was.picture, bands: answer.bands } } : was;
    case 'turns':
      return was.picture ? { ...was, picture: { ...was.picture, turns: answer.turns } } : was;
  }
}
