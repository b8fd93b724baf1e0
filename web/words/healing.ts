// Healing in words: what is followed and how it is measured, what is in the way, what a lot still lacks before a medicine.
import type { Criterion, HealingBy, HealingEntries } from '#core/healing/index.ts';
import type { RefusalCode } from '#core/journal/index.ts';
import type { Words } from './entryWords.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital } from './text.ts';

export const sayMeasure = (value: number, by: HealingBy): string => (by === 'mm' ? `${value} mm` : `${value} % grown back`);
export const sayUntil = (until: number, by: HealingBy): string => (by === 'mm' ? `${until} mm or less` : `${until} % or more grown back`);
const because = (note: string | undefined) => (note ? `: ${note}` : '');

export const healingWords: Pick<Words, keyof HealingEntries> = {
  'healing.begun': ({ lot, what, by, until, note }, name) =>
    `Followed until it heals: ${what} of ${name(lot)}, until ${sayUntil(until, by)}${because(note)}`,
  'healing.measured': ({ healing, value, note }, name) => `Measured: ${name(healing)}, ${value}${because(note)}`,
  'healing.ended': ({ healing, how, why }, name) => `${name(healing)}: ${how}${because(why)}`,
};

type Code = Extract<RefusalCode, `healing.${string}`>;
export const healingRefusals: Record<Code, RefusalWords> = {
  'healing.running': ({ who, what, atMs }, { when }) => `${capital(what)} of ${who} is followed already, since ${when(Number(atMs))}.`,
  'healing.over': ({ what, by, atMs }, { when }) => `${capital(what)} is over already: ${by}, ${when(Number(atMs))}.`,
  'healing.notMet': ({ what, by, until, last }) =>
    `${capital(what)} is not healed by its own measure: until ${sayUntil(Number(until), by as HealingBy)}, ${last ? `last ${sayMeasure(Number(last), by as HealingBy)}` : 'and nobody measured it'}. Say why all the same.`,
  'healing.badShare': ({ value }) => `${value} % cannot be: all of it is 100 %.`,
  'healing.notHere': ({ who }) => `None of ${who} stand in a tank.`,
};

/** What a lot still lacks. */
export const LACKS: Record<Criterion, string> = {
  eats: 'nobody saw it eat within 48 h',
  'filled out': 'seen thin within a week, or not checked within 48 h',
  settled: 'moved within 48 h',
  strong: 'weak within 48 h, or not checked',
};
export const CRITERION_SAYS: Record<Criterion, string> = {
  eats: 'seen to eat within 48 h',
  'filled out': 'checked, and not thin for a week',
  settled: 'not moved for 48 h',
  strong: 'checked, and no sign of weakness for 48 h',
};
