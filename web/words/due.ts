// Due things in words, and where each is done: one row a rule, none may be missing.
import { isDueRule, type Due, type DueRule } from '#core/today/index.ts';
import { sayHours, toCheck, toDock, toKitchen, toRun, toTank, toWater, type DueWords } from './dueWords.ts';
import { roundDueWords } from './rounds.ts';
import { capital, plural } from './text.ts';

export const DUE_WORDS: Record<DueRule, DueWords> = {
  ...roundDueWords,
  'bags-waiting': {
    says: ({ facts }) => `${plural(facts.n ?? 0, 'bag')} of ${facts.crateLabel} ${facts.n === 1 ? 'waits' : 'wait'} for water`,
    name: 'bags waiting',
    leads: toDock,
  },
  claim: {
    says: ({ facts }) => `Claim of ${facts.crateLabel}: ${facts.what}`,
    name: 'a claim to be sent',
    leads: ({ facts }) => ({ to: `/dock/claims?crate=${facts.crate}`, doing: 'To the claim' }),
  },
  'clean-water': {
    says: ({ facts }) => `Check the fish in clean water, and move them on: ${facts.what}`,
    name: 'fish in clean water',
    leads: ({ facts }) => ({ to: `/bench?bag=${facts.bag}`, doing: 'To the bench' }),
  },
  prepare: {
    says: ({ facts }) => `Get ready for ${facts.crateLabel}: ${plural(facts.n ?? 0, 'thing')} open`,
    name: 'getting ready for a crate',
    leads: ({ facts }) => ({ to: `/dock/prepare?crate=${facts.crate}`, doing: 'To the list' }),
  },
  'match-step': {
    says: ({ facts }) => `Swap ${facts.what} (match for ${facts.crateLabel})`,
    name: 'a swap of a match',
    // Once the crate is here nothing is got ready for it: its page tells what came.
    leads: ({ facts, step }) =>
      step.startsWith('back')
        ? { to: `/dock/report?crate=${facts.crate}`, doing: 'To the crate' }
        : { to: `/dock/prepare?crate=${facts.crate}`, doing: 'To the plan' },
  },
  'match-read': {
    says: ({ facts }) => `Read the salinity of ${facts.what}: is it where ${facts.crateLabel} wants it?`,
    name: 'the reading after a match',
    leads: () => ({ to: '/rounds', doing: 'To the rounds' }),
  },
  'crate-due': { says: ({ facts }) => `${facts.crateLabel} is to come`, name: 'a crate to come', leads: toDock },
  float: {
    says: ({ facts }) => `Net out ${facts.what} in ${facts.tankCode}`,
    name: 'the end of a float',
    leads: ({ facts }) => ({ to: `/bench?bag=${facts.bag}`, doing: 'To the bench' }),
  },
  'after-release': {
    says: ({ step, facts }) => `Check ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after release`,
    name: 'a check after a release',
    leads: toCheck,
  },
  'after-conversion': {
    says: ({ step, facts }) => `Check ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after its conversion; losses come over days`,
    name: 'a check after a conversion',
    leads: toTank,
  },
  'run-step': {
    says: ({ facts }) => `Next step of ${facts.what} for ${facts.tankCode}`,
    name: 'the next step of an acclimation',
    leads: toRun,
  },
  'run-check': {
    says: ({ facts }) => `Check ${facts.what} on the way to ${facts.tankCode}`,
    name: 'a check of an acclimation',
    leads: toRun,
  },
  'run-binder': {
    says: ({ facts }) => `The ammonia binder of ${facts.what} for ${facts.tankCode} is spent: read the ammonia`,
    name: 'an ammonia binder spent',
    leads: toRun,
  },
  'run-end': {
    says: ({ facts }) => `Read and release ${facts.what} into ${facts.tankCode}`,
    name: 'the end of an acclimation',
    leads: toRun,
  },
  'lights-on': { says: ({ facts }) => `Lights of ${facts.tankCode} up again`, name: 'lights up again', leads: toTank },
  'fish-out': {
    says: ({ facts }) => `${facts.n} ${facts.what} out of ${facts.tankCode}`,
    name: 'fish out of a temporary place',
    leads: toTank,
  },
  'day-end': {
    says: ({ facts }) => `${facts.n} ${facts.what} still in ${facts.tankCode} at the end of the day: who watches them?`,
    name: 'fish in a temporary place at the end of the day',
    leads: toTank,
  },
  'grown-out': {
    says: ({ facts }) => `${facts.what} have outgrown ${facts.tankCode}`,
    name: 'fish that have outgrown their place',
    leads: toTank,
  },
  measure: { says: ({ facts }) => `Measure ${facts.what} in ${facts.tankCode}`, name: 'measuring fish that grow', leads: toTank },
  'without-lead': {
    says: ({ facts }) => `Check what was done without a lead. ${facts.what}`,
    name: 'what was done without a lead',
    leads: () => ({ to: '/logbook', doing: 'To the logbook' }),
  },
  'pins-guessed': {
    says: ({ facts }) => `Somebody is guessing a PIN: ${facts.what}. Ask who it was, and set a new PIN if in doubt`,
    name: 'somebody guessing a PIN',
    leads: () => ({ to: '/house?part=people', doing: 'To the people' }),
  },
  'death-test': {
    says: ({ facts }) => `Test the ammonia of ${facts.tankCode}’s water: ${facts.what} dead there`,
    name: 'a water test after a death',
    leads: toTank,
  },
  'food-out': {
    says: ({ facts }) => `Take the ${facts.what} out of ${facts.tankCode}`,
    name: 'food to come out again',
    leads: toTank,
  },
  'batch-away': {
    says: ({ facts }) => `Throw away what is left of the ${facts.what}: it keeps no longer`,
    name: 'thawed food that keeps no longer',
    leads: toKitchen,
  },
  kitchen: {
    says: () => 'Begin the kitchen for the next meal: food has to thaw',
    name: 'the kitchen of a meal',
    leads: ({ step }) => ({ to: `/rounds/kitchen?at=${step}`, doing: 'To the kitchen sheet' }),
  },
  supply: {
    says: ({ step, facts }) =>
      step === 'low'
        ? `Order ${facts.what}: little is left`
        : `${facts.what}: some of it may be past its date. Check, and count what is good`,
    name: 'a supply to order or to check',
    leads: () => ({ to: '/house?part=supplies', doing: 'To the supplies' }),
  },
  chore: {
    says: ({ facts }) => capital(facts.what),
    name: 'a chore',
    leads: () => ({ to: '/rounds/chores', doing: 'To the chores' }),
  },
  healing: {
    says: ({ facts }) => `Measure in ${facts.tankCode}: ${facts.what}`,
    name: 'measuring a fish that heals',
    leads: toCheck,
  },
  healed: {
    says: ({ facts }) => `Healed by its measure: ${facts.what} in ${facts.tankCode} may return`,
    name: 'a healed fish to return',
    leads: toTank,
  },
  heap: {
    says: ({ step, facts }) =>
      step === 'back'
        ? `${capital(facts.what)}: count the dirty ${facts.n === 1 ? 'one' : `${facts.n}`} back`
        : `Wash ${facts.what}: too few are clean for the next walk`,
    name: 'things to bring back or to wash',
    leads: () => ({ to: '/rounds/chores', doing: 'To the chores' }),
  },
  'over-limit': {
    says: ({ facts }) => `Over its limit: ${facts.what}. Say what is done about it`,
    name: 'a value over its limit',
    leads: toWater,
  },
  retest: {
    says: ({ facts }) => `Test again: ${facts.what}`,
    name: 'a test after something was done',
    leads: toWater,
  },
  'water-test': {
    says: ({ facts }) => `Test the water of ${facts.what}`,
    name: 'tests of water',
    leads: toWater,
  },
  'move-waits': {
    says: ({ facts }) => `Is it here: ${facts.what}?`,
    name: 'what a move waits for',
    leads: () => ({ to: '/room/moves', doing: 'To the catch slips' }),
  },
};

export const sayDue = ({ rule, step, facts }: Pick<Due, 'rule' | 'step' | 'facts'>): string => DUE_WORDS[rule].says({ step, facts });

/** A due thing named by its id alone, for the logbook. */
export function sayDueId(id: string): string {
  const [, rule = '', step = ''] = id.split(':');
  return `${isDueRule(rule) ? DUE_WORDS[rule].name : rule}${/^\d+h$/.test(step) ? `, ${sayHours(step)}` : ''}`;
}
