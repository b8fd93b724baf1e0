// A search field whose words stand in the page's address: typed at once, asked after a pause.
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useStable } from '../data/useStable.ts';
import { useInAddress } from './useInAddress.ts';

const ASK_AFTER_MS = 150;

/** `words` as typed now; the address has them under `name` a moment later. */
export function useSearchWords(name: string): { words: string; asked: string; setWords: (words: string) => void } {
  const [query] = useSearchParams();
  const set = useStable(useInAddress());
  const asked = query.get(name) ?? '';
  const [typed, setTyped] = useState<{ words: string; over: string }>();
  // What was typed holds until the address says it, or something else was asked meanwhile (a chip, the way back).
  const words = typed && typed.over === asked ? typed.words : asked;
  useEffect(() => {
    if (words === asked) return;
    const timer = setTimeout(() => set(name, words.trim() === '' ? '' : words), ASK_AFTER_MS);
    return () => clearTimeout(timer);
  }, [words, asked, name, set]);
  return { words, asked, setWords: (next) => setTyped({ words: next, over: asked }) };
}
