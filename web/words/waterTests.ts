// Tests of water in words: what is planned, what a value means, what was done about it, what is in the way.
import type { KitFields, KitForm, Quantity, WaterEntries } from '#core/water/index.ts';
import type { RefusalCode } from '#core/journal/index.ts';
import type { DoneAbout, FilterState, OverLimit, TestPhase, WaterTestEntries } from '#core/waterTests/index.ts';
import type { Units } from '../data/units.ts';
import { sayEvery } from './chores.ts';
import type { Words } from './entryWords.ts';
import { sayChanged } from './kitchen.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital } from './text.ts';

const because = (note: string | undefined) => (note ? `: ${note}` : '');

/** As it stands in a label: `pH`, `ammonia`, `toxic ammonia`. */
export const sayQuantity = (quantity: Quantity): string => (quantity === 'free ammonia' ? 'toxic ammonia' : quantity);
export const titleOf = (quantity: Quantity): string => (quantity === 'pH' ? 'pH' : capital(sayQuantity(quantity)));

export const FORM_SAYS: Record<KitForm, string> = {
  'total N': 'all ammonia, as nitrogen',
  'total NH3': 'all ammonia, as NH₃',
  'total NH4': 'all ammonia, as NH₄',
  'free N': 'the toxic part, as nitrogen',
  'free NH3': 'the toxic part, as NH₃',
  NO2: 'nitrite, NO₂',
  'NO2-N': 'nitrite, as nitrogen',
  NO3: 'nitrate, NO₃',
  'NO3-N': 'nitrate, as nitrogen',
  'ionic copper': 'ionic copper',
  'chelated copper': 'chelated copper',
};
const KIT_FIELDS: Record<keyof KitFields, string> = {
  name: 'name',
  quantity: 'what it tests',
  form: 'its scale',
  most: 'the end of its scale',
  goodUntilMs: 'until when it is good',
  gone: 'kept or not',
};

export const PHASE_SAYS: Record<TestPhase, string> = {
  unripe: 'filter not ripe',
  quarantine: 'quarantine',
  treated: 'under treatment',
  settled: 'settled',
};
export const sayFilter = (filter: FilterState): string =>
  filter.is === 'not known'
    ? 'not known whether the filter is ripe: tested as if it were not'
    : `filter ${filter.is}, ${filter.by === 'word' ? 'by a keeper’s word' : filter.is === 'ripe' ? 'by two good tests of ammonia and of nitrite' : 'by the last test'}`;

export const DONE_SAYS: Record<DoneAbout, string> = {
  'changed water': 'water changed',
  'feed less': 'feeding less',
  'more air': 'more air',
  'bound ammonia': 'ammonia bound',
  'set heater': 'heater set',
  'dosed by the label': 'dosed by the label',
  'found the cause': 'cause found',
  nothing: 'nothing done',
};

export const waterTestWords: Pick<Words, keyof WaterTestEntries | Exclude<keyof WaterEntries, 'reading.taken'>> = {
  'kit.added': ({ name, quantity, form }) => `Test kept: ${name}, for ${form ? FORM_SAYS[form] : sayQuantity(quantity)}`,
  'kit.changed': ({ kit, fields }, name) => `${name(kit)}: ${sayChanged(fields, KIT_FIELDS, fields.gone)}`,
  'tests.planned': ({ system, every, limits, note }, name) =>
    `Own tests of ${name(system)}: ${
      [
        ...every.map(({ quantity, everyDays }) => `${sayQuantity(quantity)} ${everyDays === 0 ? 'not asked' : sayEvery(everyDays)}`),
        ...limits.map(({ quantity, from, to }) => `${sayQuantity(quantity)} ${sayRange({ from, to })}`),
      ].join(', ') || 'as the house tests'
    }${because(note)}`,
  'filter.judged': ({ system, is, note }, name) => `Filter of ${name(system)}: ${is}${because(note)}`,
  'reading.answered': ({ reading, did, note }, name) =>
    `About ${name(reading)}: ${did.map((what) => DONE_SAYS[what]).join(', ')}${because(note)}`,
};

export const sayRange = ({ from, to }: { from?: number; to?: number }): string =>
  from === undefined ? `up to ${to}` : to === undefined ? `from ${from}` : `${from} to ${to}`;

const nh3 = (value: number): string => `${value.toFixed(3)} mg/L N`;

/** `Ammonia 0.8 mg/L N: over its limit of 0.5`; of ammonia what of it harms. */
export function sayOver({ quantity, value, verdict }: { quantity: Quantity; value: number; verdict: OverLimit }, units: Units): string {
  const said = `${titleOf(quantity)} ${units.say(quantity, value).replace(/^pH /, '')}`;
  if (verdict.is === 'perhaps')
    return `${said}: its toxic part may be up to ${nh3(verdict.toxic.high)}, over ${verdict.limit}; nobody read the pH with it`;
  const limit = units.say(verdict.by, verdict.limit).replace(/^pH /, '');
  if (verdict.by === 'free ammonia' && quantity === 'ammonia')
    return `${said}: its toxic part is ${verdict.toxic!.low === verdict.toxic!.high ? nh3(verdict.toxic!.low) : `at least ${nh3(verdict.toxic!.low)}`}, over its limit of ${verdict.limit}`;
  return `${said}: ${verdict.is === 'above' ? 'over' : 'under'} its limit of ${limit}`;
}

type Code = Extract<RefusalCode, `${'kit' | 'tests' | 'answer'}.${string}`>;
export const waterTestRefusals: Record<Code, RefusalWords> = {
  'kit.form': ({ quantity, forms }) =>
    forms === ''
      ? `A test of ${quantity} has one scale only: leave that empty.`
      : `Say what a number of this test means: ${forms}. One that reads NH₄ shows nearly a third more than one that reads nitrogen.`,
  'kit.otherQuantity': ({ name, is, quantity }) => `${capital(name)} tests ${is}, not ${quantity}.`,
  'kit.overScale': ({ name, most }) =>
    `The scale of ${name} ends at ${most}. Thin the sample with pure water and test again, then multiply; or use another test.`,
  'kit.expired': ({ name, atMs }, { when }) =>
    `${capital(name)} was good until ${when(Number(atMs))}: it may read too low. Use another, or say why.`,
  'kit.otherCopper': ({ name, form, before }) =>
    `${capital(name)} reads ${form}; the last test here read ${before}. The two scales differ: dosed by the wrong one it is an overdose.`,
  'kit.copperNotSaid': ({ before }) =>
    `The last copper test here read ${before}. Say with which test this was read: on the other scale it is another amount of copper.`,
  'kit.tooMany': ({ most }) => `${most} tests are kept here: take one off the list first.`,
  'tests.planTwice': ({ quantity }) => `${titleOf(quantity as Quantity)} stands there twice: make it one line.`,
  'tests.noRange': ({ quantity }) => `${titleOf(quantity as Quantity)}: write the least, the most or both, the least first.`,
  'answer.notOver': ({ quantity }) => `${titleOf(quantity as Quantity)} is not over its limit any more. Reload the page.`,
  'answer.already': ({ by, atMs }, { when }) =>
    `${by} has done something about it already, ${when(Number(atMs))}. Say why once more, if you did too.`,
  'answer.noChange': () => 'No change of the system’s water is written down since it was read. Write its litres first.',
  'answer.binderInCopper': () =>
    'Copper is in this system, or in its rock and sand: an ammonia binder lets it loose all at once. Change water instead, dosed to the same level.',
  'answer.noReason': () => 'Say why nothing is done about it, or what the cause was.',
  'answer.notEnough': ({ quantity, enough }) =>
    `This harms within hours, and that takes days: ${enough}, or a keeper says why not. Call one now.${quantity === 'ammonia' ? ' Read the pH with it, if nobody has.' : ''}`,
  'answer.nothingElse': () => 'Nothing, or something: choose one of the two.',
  'answer.noRetest': () => 'Say when it is read again, an hour that is still to come.',
  'answer.lateRetest': ({ hours }) =>
    Number(hours) > 24 ? 'Read it again within a week.' : `This harms within hours: read it again within ${hours} h.`,
  'answer.byKeeper': () => 'That nothing is done about it only a keeper may say.',
};
export const shortWaterTests = {
  'kit.expired': 'a test past its day',
  'kit.otherCopper': 'copper read on another scale',
  'kit.copperNotSaid': 'copper read with a test not said',
  'answer.already': 'answered twice',
  'answer.lateRetest': 'read again late',
  'answer.notEnough': 'too little for what harms within hours',
  'water.frees': 'new water that frees ammonia',
  'water.freesPerhaps': 'new water that may free ammonia',
} as const;
