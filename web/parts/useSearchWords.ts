// A search field whose words stand in the page's address: typed at once, asked after a pause.
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';

const ASK_AFTER_MS = 150;

/** `words` as typed now; the address has them under `name` a moment later. */
export function useSearchWords(name: string): { words: string; asked: string; setWords: (words: string) => void } {
  const [query, setQuery] = useSearchParams();
  const asked = query.get(name) ?? '';
  const [typed, setTyped] = useState<{ words: string; over: string }>();
  // What was typed holds until the address says it, or something else was asked meanwhile (a chip, the way back).
  const words = typed && typed.over === asked ? typed.words : asked;
  useEffect(() => {
    if (words === asked) return;
    const timer = setTimeout(
      () =>
        setQuery(
          (now) => {
            const next = new URLSearchParams(now);
            if (words.trim() === '') next.delete(name);
            else next.set(name, words);
            return next;
          },
          { replace: true },
        ),
      ASK_AFTER_MS,
    );
    return () => clearTimeout(timer);
  }, [words, asked, name, setQuery]);
  return { words, asked, setWords: (next) => setTyped({ words: next, over: asked }) };
}
