// Due things in words.
import type { Due, DueRule } from '#core/today/index.ts';

const plural = (n: number, word: string) => `${n} ${word}${n === 1 ? '' : 's'}`;

/** `24h`, `7 d`. */
const sayHours = (steps: string) =>
  steps
    .split(' and ')
    .map((step) => Number(step.replace('h', '')))
    .map((hours) => (hours >= 72 ? `${hours / 24} days` : `${hours} h`))
    .join(' and ');

/** What the hand does, where. */
export function sayDue({ rule, step, facts }: Pick<Due, 'rule' | 'step' | 'facts'>): string {
  switch (rule) {
    case 'bags-waiting':
      return `${plural(facts.n ?? 0, 'bag')} of ${facts.crateLabel} ${facts.n === 1 ? 'waits' : 'wait'} for water`;
    case 'crate-due':
      return `${facts.crateLabel} is to come`;
    case 'float':
      return `Net out ${facts.what} in ${facts.tankCode}`;
    case 'round':
      return `${step === 'morning' ? 'Morning' : 'Evening'} round: ${plural(facts.n ?? 0, 'tank')} to look at`;
    case 'after-release':
      return `Look at ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after release`;
    case 'after-mishap':
      return `Look at ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after a mishap`;
    case 'after-conversion':
      return `Look at ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after its conversion; losses come over days`;
    case 'run-step':
      return `Next step of ${facts.what} for ${facts.tankCode}`;
    case 'run-check':
      return `Look at ${facts.what} on the way to ${facts.tankCode}`;
    case 'run-binder':
      return `The binder of ${facts.what} for ${facts.tankCode} is spent: read the ammonia`;
    case 'run-end':
      return `Read and let go ${facts.what} into ${facts.tankCode}`;
    case 'lights-on':
      return `Lights of ${facts.tankCode} up again`;
    case 'fish-out':
      return `${facts.n} ${facts.what} out of ${facts.tankCode}`;
    case 'day-end':
      return `${facts.n} ${facts.what} still in ${facts.tankCode} at the end of the day: who watches them?`;
    case 'grown-out':
      return `${facts.what} have outgrown ${facts.tankCode}`;
    case 'measure':
      return `Measure ${facts.what} in ${facts.tankCode}`;
    case 'missing':
      return `Look for ${facts.n} missing ${facts.what}, last in ${facts.tankCode}`;
    case 'without-lead':
      return `Look at what was done without a lead. ${facts.what}`;
    case 'pins-guessed':
      return `Somebody is guessing a PIN: ${facts.what}. Ask who it was, and set a new PIN if in doubt`;
    case 'slip-waits':
      return `Is it here: ${facts.what}?`;
  }
}

const RULE_WORDS: Record<DueRule, string> = {
  'bags-waiting': 'bags waiting',
  'crate-due': 'a crate to come',
  float: 'the end of a float',
  round: 'a round',
  'after-release': 'a look after a release',
  'after-mishap': 'a look after a mishap',
  'after-conversion': 'a look after a conversion',
  'run-step': 'the next step of a run',
  'run-check': 'a look at a run',
  'run-binder': 'a binder spent',
  'run-end': 'the end of a run',
  'lights-on': 'lights up again',
  'fish-out': 'fish out of a temporary place',
  'day-end': 'fish in a temporary place at the end of the day',
  'grown-out': 'fish that have outgrown their place',
  measure: 'measuring fish that grow',
  missing: 'looking for missing fish',
  'without-lead': 'what was done without a lead',
  'pins-guessed': 'somebody guessing a PIN',
  'slip-waits': 'what a move waits for',
};

/** A due thing named by its id alone, for the daybook. */
export function sayDueId(id: string): string {
  const [, rule, step = ''] = id.split(':');
  return `${RULE_WORDS[rule as DueRule] ?? rule}${/^\d+h$/.test(step) ? `, ${sayHours(step)}` : ''}`;
}
