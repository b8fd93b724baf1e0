// Chores in words: what is planned, what was done, what is in the way, how heaps stand.
import type { ChoreEntries, ChoreFields } from '#core/chores/index.ts';
import type { RefusalCode } from '#core/journal/index.ts';
import type { SupplyUnit } from '#core/supplies/index.ts';
import type { Words } from './entryWords.ts';
import { sayAmount, sayChanged } from './kitchen.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital } from './text.ts';

const CHORE_FIELDS: Record<keyof ChoreFields, string> = {
  name: 'name',
  is: 'what it is',
  per: 'where',
  racks: 'racks',
  only: 'tanks',
  everyDays: 'how often',
  takes: 'what it takes',
  percent: 'how much',
  person: 'whose it is',
  gone: 'kept or not',
};
const because = (note: string | undefined) => (note ? `: ${note}` : '');
/** `daily`, `every 4 days`, `weekly`. */
export const sayEvery = (days: number): string => (days === 1 ? 'daily' : days === 7 ? 'weekly' : `every ${days} days`);

export const choreWords: Pick<Words, keyof ChoreEntries> = {
  'chore.planned': ({ name, everyDays, racks }, nameOf) => `Chore: ${name}, ${sayEvery(everyDays)}, at ${racks.map(nameOf).join(', ')}`,
  'chore.changed': ({ chore, fields }, name) => `${name(chore)}: ${sayChanged(fields, CHORE_FIELDS, fields.gone)}`,
  'chore.done': ({ chore, places, note }, name) => `${name(chore)}: done at ${places.map(name).join(', ')}${because(note)}`,
  'water.toppedUp': ({ tank, litres, salinityPpt, note }, name, { say }) =>
    `Topped up ${name(tank)}: ${say('volume', litres)} of ${salinityPpt === 0 ? 'plain water' : `water of ${say('salinity', salinityPpt)}`}${because(note)}`,
};

type Code = Extract<RefusalCode, `${'chore' | 'supply'}.${string}`>;
export const choreRefusals: Record<Code, RefusalWords> = {
  'chore.tooMany': ({ most }) => `${most} chores are planned here: take one off the list first.`,
  'chore.takesTwice': ({ name }) => `${capital(name)} takes one thing twice: make it one line.`,
  'chore.nowhere': ({ name }) => `There is no tank of those racks for ${name}. Choose others.`,
  'chore.byDoing': ({ name, is }) =>
    `${capital(name)} is done by saying how many litres: ${is === 'top-off' ? 'top the tank up' : 'change the water'} there.`,
  'chore.notItsPlace': ({ name }) => `${capital(name)} is not planned there any more. Reload the page.`,
  'chore.placeTwice': ({ name }) => `${capital(name)}: one place stands there twice.`,
  'chore.doneAlready': ({ name, where, by, atMs }, { when }) =>
    `${capital(name)} was done at ${where} already: ${by}, ${when(Number(atMs))}. Say why once more, if it was.`,
  'chore.treated': ({ where, is, family }) =>
    `${where}: ${family} is in that water. ${is === 'carbon' ? 'Carbon takes it out again' : 'Ultraviolet breaks it'}: it waits until the treatment is over.`,
  'chore.noPercent': ({ name }) => `Say how much of the water ${name} changes, in percent.`,
  'chore.waterPerRack': ({ name }) => `${capital(name)} is done by system or by tank: a rack has no water of its own.`,
  'supply.notSoMuch': ({ name, unit, amount, here, pile }) => {
    const [asked, there] = [amount, here].map((text) => sayAmount(Number(text), unit as SupplyUnit));
    const where = { clean: 'are here', dirty: 'lie dirty', out: 'were used and not brought back' }[pile as 'clean' | 'dirty' | 'out'];
    return `${capital(name)}: ${there} ${where} by the records, and this says ${asked}. Count them, or say why.`;
  },
  'supply.notReused': ({ name }) => `${capital(name)} is not washed and used again. Change that under Supplies first.`,
  'supply.twice': ({ name }) => `${capital(name)} stands there twice: make it one line.`,
  'supply.notSalt': ({ name }) => `Salt is counted in g or kg: choose one for ${name}.`,
  'supply.unitFixed': ({ name, unit }) =>
    `${capital(name)} is counted in ${unit} already. Put another supply on the list for another unit.`,
  'supply.tooMany': ({ most }) => `${most} supplies are kept here: take one off the list first.`,
};

export const shortChores = {
  'chore.doneAlready': 'done twice',
  'chore.treated': 'under treatment',
  'supply.notSoMuch': 'more than is on record',
} as const;

/** `12 clean, 5 dirty, 3 not back`. */
export const sayHeap = ({ clean, dirty, out }: { clean: number; dirty: number; out: number }): string =>
  [`${round(clean)} clean`, `${round(dirty)} dirty`, ...(out > 0 ? [`${round(out)} not back`] : [])].join(', ');
const round = (n: number): number => Math.round(n * 10) / 10;
/** Of what is named beside it: `8`, `8.9 kg`. */
export const sayMany = (amount: number, unit: SupplyUnit): string => (unit === 'pieces' ? String(round(amount)) : sayAmount(amount, unit));
