// Due things in words.
import type { Due, DueRule } from '#core/today/index.ts';

const plural = (n: number, word: string) => `${n} ${word}${n === 1 ? '' : 's'}`;

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
      return `Look at ${facts.tankCode}: ${facts.what}, ${step.replace('h', ' h')} after release`;
    case 'after-mishap':
      return `Look at ${facts.tankCode}: ${facts.what}, ${step.replace('h', ' h')} after a mishap`;
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
  'fish-out': 'fish out of a temporary place',
  'day-end': 'fish in a temporary place at the end of the day',
  'grown-out': 'fish that have outgrown their place',
  measure: 'measuring fish that grow',
  missing: 'looking for missing fish',
  'slip-waits': 'what a move waits for',
};

/** A due thing named by its id alone, for the daybook. */
export function sayDueId(id: string): string {
  const [, rule, step = ''] = id.split(':');
  return `${RULE_WORDS[rule as DueRule] ?? rule}${/^\d+h$/.test(step) ? `, ${step.replace('h', ' h')}` : ''}`;
}
