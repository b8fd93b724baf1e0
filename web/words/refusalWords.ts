// What the words of a refusal are made of.
import type { Voice } from '../data/voice.ts';

/** Facts as words: numbers written out, lists as their length; what is not known is empty. */
export type Told = Record<string, string>;
export type RefusalWords = (facts: Told, voice: Voice) => string;
export const by = ({ by: who, atMs }: Told, when: Voice['when']): string =>
  who ? `${who} did it${atMs ? ` at ${when(Number(atMs))}` : ''}` : '';
