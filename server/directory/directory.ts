// What stands in a data directory, and whether a house may be opened, begun or put there. Looks only; writes nothing.
import fs from 'node:fs';
import path from 'node:path';

/** `house` = one is there; `remains` = traces of one that is gone; `empty` = nothing of any house. */
export type Found = { is: 'house' } | { is: 'empty' } | { is: 'remains'; names: string[] };

/** The lock of a directory tells that somebody looked in, not that a house was there. */
const LOCK = 'house.lock';
const isTrace = (name: string): boolean => name.startsWith('house.db') || /^house-.*\.db/.test(name) || name === 'files';

/** Where the data directory keeps the house. */
export const houseFile = (data: string): string => path.join(data, 'house.db');
export const lockFile = (data: string): string => path.join(data, LOCK);

export function inspect(data: string): Found {
  const names = fs.existsSync(data) ? fs.readdirSync(data).filter(isTrace).sort() : [];
  const file = houseFile(data);
  if (names.includes('house.db') && fs.statSync(file).size > 0) return { is: 'house' };
  return names.length === 0 ? { is: 'empty' } : { is: 'remains', names };
}

/** Throws unless a house may be put there: a left-over write-ahead file would be played into whatever is put beside it. */
export function mustBeFree(data: string): string {
  const names = fs.existsSync(data) ? fs.readdirSync(data).filter((name) => name.startsWith('house.db') || name === 'files') : [];
  if (inspect(data).is === 'house') throw new Error(`${data} holds a house already; name an empty directory with --data`);
  if (names.length > 0)
    throw new Error(
      `${data} holds what is left of a house (${names.sort().join(', ')}): move it away, or name an empty directory with --data`,
    );
  return houseFile(data);
}

/** Throws where a house was and is no more, in words that say what to do. */
export function mustNotBeRemains(data: string): void {
  const found = inspect(data);
  if (found.is !== 'remains') return;
  throw new Error(
    `${data} holds ${found.names.join(', ')} but no house: one was here. Put a copy back into an empty directory (npm run restore), or name another with --data.`,
  );
}
