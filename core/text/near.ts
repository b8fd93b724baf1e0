// How far apart two words are, in letters to be changed; the one place that asks the library.
import { distance } from 'fastest-levenshtein';

export const editsBetween = (a: string, b: string): number => distance(a, b);

/** Letters that may be wrong in a word of this length. */
export const allowedEdits = (length: number): number => (length >= 7 ? 2 : length >= 4 ? 1 : 0);

/** The candidates at most `edits` letters away from `word`, the nearest first. @example nearest('lots', ['lost', 'count'], 2) gives ['lost'] */
export function nearest(word: string, candidates: readonly string[], edits: number): string[] {
  return candidates
    .map((candidate) => ({ candidate, far: editsBetween(word, candidate) }))
    .filter(({ far }) => far > 0 && far <= edits)
    .sort((a, b) => a.far - b.far || a.candidate.localeCompare(b.candidate))
    .map(({ candidate }) => candidate);
}
