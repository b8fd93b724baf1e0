// The comparison for the question in hand. While a new one is under way, and when the question is at fault, the last good picture stays.
import { useCallback, useMemo, useState } from 'react';
import type { Comparison, Bands, InputFault, AcclimationMethod, Turn, Help } from '#core/bench/index.ts';
import { useAsker, type Asking } from '../data/useAsker.ts';
import type { Answer, Question } from './compute.ts';

export type Picture = {
  comparison: Comparison;
  possible?: ReadonlyMap<AcclimationMethod, number>;
  helps?: readonly Help[];
  bands?: Bands;
  turns?: Turn[];
};
export type Computed = { picture?: Picture; faults: readonly InputFault[] };

const make = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });

export function useComparison(asking: Question): Computed & Asking {
  const [computed, setComputed] = useState<Computed>({ faults: [] });
  const asked = JSON.stringify(asking);
  const question = useMemo(() => JSON.parse(asked) as Question, [asked]);
  const onAnswer = useCallback((answer: Answer) => setComputed((was) => taken(was, answer)), []);
  return { ...computed, ...useAsker<Question, Answer>({ make, question, onAnswer }) };
}

function taken(was: Computed, answer: Answer): Computed {
  switch (answer.step) {
    case 'fault':
      return { ...was, faults: answer.faults };
    case 'points':
      return { picture: { comparison: answer.comparison }, faults: [] };
    case 'limits':
      return was.picture ? { ...was, picture: { ...was.picture, possible: new Map(answer.possible), helps: answer.helps } } : was;
    case 'bands':
      return was.picture ? { ...was, picture: { ...was.picture, bands: answer.bands } } : was;
    case 'turns':
      return was.picture ? { ...was, picture: { ...was.picture, turns: answer.turns } } : was;
  }
}
