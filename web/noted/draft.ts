// Entries of notes, as the screens write them. No screen in here.
import type { Arranged, Behaviour, LotSexed } from '#core/noted/index.ts';
import type { Draft } from '../data/house.ts';

const said = (note: string) => (note.trim() ? { note: note.trim() } : {});

export const behaviourEntry = (place: { tank: string; lot: string }, what: readonly Behaviour[], note: string): Draft => ({
  kind: 'behaviour.seen',
  payload: { ...place, what: [...what], ...said(note) },
});
export const sexedEntry = (sexes: Omit<LotSexed, 'note'>, note: string): Draft => ({
  kind: 'lot.sexed',
  payload: { ...sexes, ...said(note) },
});
export const arrangedEntry = (tank: string, did: readonly Arranged[], note: string): Draft => ({
  kind: 'tank.arranged',
  payload: { tank, did: [...did], ...said(note) },
});
/** Chosen, or taken back. */
export const toggled = <T>(chosen: readonly T[], word: T): T[] =>
  chosen.includes(word) ? chosen.filter((known) => known !== word) : [...chosen, word];
