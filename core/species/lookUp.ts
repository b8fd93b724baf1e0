// A species by whatever it is called: any of its names, in any order, with a wrong letter or two. Says how sure it is.
import MiniSearch from 'minisearch';
import { allowedEdits as allowed, editsBetween as distance, wordsOf } from '../text/index.ts';

export type Named = { id: string; scientific?: string; common: string; alsoCalled: string[] };
/** `same` = one of its names; `near` = a name but for a letter or two; `part` = could be: ask. */
export type Likeness = 'same' | 'near' | 'part';
export type Found = { id: string; likeness: Likeness; /** The name it was found by. */ name: string; score: number };
export type LookUp = {
  /** What `text` could mean, the likeliest first. */
  find(text: string, limit?: number): Found[];
  /** The one species that `text` names, or nothing when it could be another. */
  settle(text: string): Found | undefined;
};

type Doc = { id: number; species: string; name: string; latin: boolean; words: string[]; joined: string; text: string };
const ORDER: Record<Likeness, number> = { same: 2, near: 1, part: 0 };
const MAX_EDITS = 2;
const CANDIDATES = 60;
/** Shorter words are not searched by their beginning. */
const SEARCHED_FROM = 3;
/** What is this much less alike than the likeliest is not worth offering. */
const OFFERED_FROM = 0.5;

const termsOf = (words: readonly string[]) => (words.length > 1 ? [...words, words.join('')] : [...words]);

/** Built once for a species list; a look-up on 5,000 names takes a few milliseconds (docs/performance.md). */
export function makeLookUp(allSpecies: readonly Named[]): LookUp {
  const docs: Doc[] = [];
  for (const { id: species, scientific, common, alsoCalled } of allSpecies) {
    for (const name of new Set([common, ...(scientific ? [scientific] : []), ...alsoCalled])) {
      const words = wordsOf(name);
      docs.push({
        id: docs.length,
        species,
        name,
        latin: name === scientific,
        words,
        joined: words.join(''),
        text: termsOf(words).join(' '),
      });
    }
  }
  const codes = new Map<string, Doc>();
  for (const doc of docs) {
    const code = tradeCodeOf(doc.name);
    if (code) codes.set(code, doc);
  }
  // Names that are written right, in whatever order, need no search.
  const exact = new Map<string, Doc | 'several'>();
  for (const doc of docs)
    for (const key of keysOf(doc.words)) {
      const known = exact.get(key);
      exact.set(key, known === undefined || (known !== 'several' && known.species === doc.species) ? doc : 'several');
    }
  const index = new MiniSearch<Doc>({ fields: ['text'], tokenize: (text) => text.split(' '), processTerm: (term) => term });
  index.addAll(docs);

  const searched = (words: readonly string[]): Doc[] =>
    index
      .search(termsOf(words).join(' '), {
        fuzzy: (term) => allowed(term.length),
        prefix: (term) => term.length >= SEARCHED_FROM,
        combineWith: 'OR',
      })
      .slice(0, CANDIDATES)
      .map(({ id }) => docs[id as number]!);
  /** Names with words that begin so: a letter or two begin too many words to weigh them all. */
  const begun = (words: readonly string[]): Doc[] =>
    docs.filter((doc) => words.every((word) => doc.words.some((known) => known.startsWith(word)))).slice(0, CANDIDATES);

  function find(text: string, limit = 6): Found[] {
    const coded = codes.get(tradeCodeOf(text) ?? '');
    if (coded) return [{ id: coded.species, name: coded.name, likeness: 'same', score: 1 }];
    const words = wordsOf(text);
    if (words.length === 0) return [];
    const hits = words.every((word) => word.length < SEARCHED_FROM) ? begun(words) : searched(words);
    const best = new Map<string, Found>();
    for (const doc of hits.slice(0, CANDIDATES)) {
      const found = { id: doc.species, name: doc.name, ...compare(words, doc) };
      const known = best.get(doc.species);
      if (!known || rank(found) > rank(known)) best.set(doc.species, found);
    }
    const likeliest = Math.max(...[...best.values()].map(({ score }) => score));
    return [...best.values()]
      .filter(({ score }) => score >= likeliest * OFFERED_FROM)
      .sort((a, b) => rank(b) - rank(a) || a.name.localeCompare(b.name))
      .slice(0, limit);
  }

  function settle(text: string): Found | undefined {
    const right = keysOf(wordsOf(text))
      .map((key) => exact.get(key))
      .find(Boolean);
    if (right && right !== 'several') return { id: right.species, name: right.name, likeness: 'same', score: 1 };
    const [first, second] = find(text, 2);
    if (!first || first.likeness === 'part') return undefined;
    return second?.likeness === first.likeness ? undefined : first;
  }

  return {
    find,
    settle(text) {
      // What stands in brackets is another name or a remark; without it the name may be plain.
      return settle(text) ?? (/[([]/.test(text) ? settle(text.replace(/[([].*?([)\]]|$)/g, ' ')) : undefined);
    },
  };
}

/** A trade number of catfish, however it is written: `L046`, `l-46`, `LDA 33`; undefined where there is none. */
function tradeCodeOf(text: string): string | undefined {
  const [, series, number, variant = ''] = /(?:^|[^a-z0-9])(lda|l)\s?[-_]?\s?0*(\d{1,3})([a-z]?)(?![a-z0-9.,])/i.exec(text) ?? [];
  return series && `${series}${number}${variant}`.toLowerCase();
}

const keysOf = (words: readonly string[]) => (words.length === 0 ? [] : [[...words].sort().join(' '), words.join('')]);
const rank = ({ likeness, score }: Found) => ORDER[likeness] * 10 + score;

function compare(query: readonly string[], { words, joined, latin }: Doc): { likeness: Likeness; score: number } {
  const asked = query.join('');
  if (asked === joined) return { likeness: 'same', score: 1 };
  let edits = 0;
  let matched = 0;
  let begun = 0;
  const free = new Set(query);
  for (const word of words) {
    const nearest = [...free].map((known) => ({ known, far: distance(known, word) })).sort((a, b) => a.far - b.far)[0];
    if (nearest && nearest.far <= allowed(Math.min(word.length, nearest.known.length))) {
      free.delete(nearest.known);
      edits += nearest.far;
      matched += 1;
    } else if ([...free].some((known) => known.length >= 2 && word.startsWith(known))) begun += 1;
  }
  const whole = matched === words.length;
  const share = (matched + begun / 2) / Math.max(words.length, query.length) - edits / 20;
  // Both words of a scientific name say it all, whatever else stands beside them.
  if (whole && edits === 0 && (free.size === 0 || (latin && words.length > 1))) return { likeness: 'same', score: share };
  if (whole && free.size === 0 && edits <= MAX_EDITS) return { likeness: 'near', score: share };
  if (asked.length >= 7 && distance(asked, joined) <= MAX_EDITS) return { likeness: 'near', score: share };
  return { likeness: 'part', score: share };
}
