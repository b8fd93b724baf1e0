// What a line that was not understood could mean: small changes to it, kept when the whole line then has a meaning.
import { plain, wordsOf, allowedEdits, nearest } from '../text/index.ts';
import type { LineHouse, LineTank, NotUnderstood, Understood } from './line.ts';
import { PHRASES } from './phrases.ts';
import { readLine } from './read.ts';

const MOST_OFFERS = 5;
/** A run of so many words may be one phrase with a letter wrong (`white spot`). */
const LONGEST_RUN = 3;
const SHORTEST_WORD = 3;
const CODE = /\b[a-z]{1,3}\s?\d{1,4}\b/gi;

/** Lines near to this one that are understood, the likeliest first. Never more than five; each would be shown before it is saved. */
export function offersFor({ text, stuck }: NotUnderstood, house: LineHouse): Understood[] {
  const offers: Understood[] = [];
  const seen = new Set<string>();
  for (const candidate of candidates(text, stuck, house)) {
    const read = readLine(candidate, house);
    const key = read.ok ? JSON.stringify(read.entries) : '';
    if (read.ok && !seen.has(key)) {
      seen.add(key);
      offers.push(read);
    }
    if (offers.length === MOST_OFFERS) break;
  }
  return offers;
}

function candidates(text: string, stuck: NotUnderstood['stuck'], house: LineHouse): string[] {
  switch (stuck.at) {
    case 'tank':
      return [...otherCodes(text, house), ...otherWords(text, house), ...tanksThatHold(text, house)];
    case 'destination':
    case 'noFish':
      return otherCodes(text, house);
    case 'words':
      return [...otherWords(text, house), ...otherCodes(text, house)];
    case 'saying':
      return [...otherWords(text, house), ...sayings(text)];
    case 'fish':
      return [...stuck.lots.map(({ label }) => `${text} ${label}`), `${text} all`];
    case 'food':
      return [];
    case 'number':
      return stuck.lots.flatMap(({ n }) => [1, n].filter((count) => count > 0).map((count) => `${text} ${count}`));
    case 'tooMany':
      return [
        text.replace(new RegExp(`\\b${stuck.said}\\b(?!.*\\b${stuck.said}\\b)`), String(stuck.lot.n)),
        text.replace(`${stuck.said}/`, `${stuck.lot.n}/`),
      ];
    default:
      return [];
  }
}

/** Each code in the line put right: B33 could be B3. */
function otherCodes(text: string, { tanks }: LineHouse): string[] {
  const codes = tanks.map(({ code }) => code.toLowerCase());
  const said = [...new Set(plain(text).match(CODE) ?? [])].map((written) => written.replace(/\s/g, ''));
  return said.flatMap((written) =>
    codes.includes(written)
      ? []
      : nearest(written, codes, 1)
          .slice(0, MOST_OFFERS * 2)
          .map((code) => plain(text).replace(written, code)),
  );
}

/** Words of the line put right by the phrases and by the fish of this house. */
function otherWords(text: string, { tanks }: LineHouse): string[] {
  const words = plain(text).split(/\s+/);
  const known = [...PHRASES.keys(), ...new Set(tanks.flatMap(({ lots }) => lots.flatMap(({ names }) => names.flatMap(wordsOf))))];
  const found: string[] = [];
  for (let run = 1; run <= LONGEST_RUN; run += 1)
    for (let start = 0; start + run <= words.length; start += 1) {
      const [, said = '', colon = ''] = /^(.*?)(:?)$/.exec(words.slice(start, start + run).join(' ')) ?? [];
      if (PHRASES.has(said) || said.length < SHORTEST_WORD) continue;
      for (const near of nearest(said, known, Math.max(1, allowedEdits(said.length))))
        found.push([...words.slice(0, start), near + colon, ...words.slice(start + run)].join(' '));
    }
  return found;
}

/** No tank was named, but fish were: where they live. */
function tanksThatHold(text: string, { tanks }: LineHouse): string[] {
  const words = new Set(wordsOf(text));
  const holds = ({ lots }: LineTank) => lots.some(({ names }) => names.some((name) => wordsOf(name).some((word) => words.has(word))));
  return tanks.filter(holds).map(({ code }) => `${code} ${text}`);
}

/** A tank and perhaps a number, and nothing that was said of it. */
function sayings(text: string): string[] {
  const plainly = /\b\d+\b/.test(text.replace(CODE, '')) ? ['lost', 'count'] : ['well'];
  return [
    ...plainly.map((word) => `${text} ${word}`),
    ...(text.includes(':') ? ['ate', 'charged', 'tasted', 'looked', 'ignored'].map((word) => `${text} ${word}`) : []),
  ];
}
