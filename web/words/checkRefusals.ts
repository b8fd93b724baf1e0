// What is in the way of a check, a count, a chase, young fish: in words.
import type { RefusalCode } from '#core/journal/index.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital } from './text.ts';

type Code = Extract<RefusalCode, `${'born' | 'chase'}.${string}` | 'check.notOfTheirs' | 'check.moreThanThere' | 'count.notMissing'>;
export const checkRefusals: Record<Code, RefusalWords> = {
  'born.notNamed': ({ lot }) => `Nobody has named ${lot} yet: say what they are first.`,
  'born.notThere': ({ lot, tank }) => `No ${lot} live on the water of ${tank} on record. Write down first that they do.`,
  'count.notMissing': ({ missing, given }) =>
    `${missing} of them are missing on record, and ${given} were found: count the rest as more than on record.`,
  'check.notOfTheirs': ({ who, signs, is }) =>
    `${capital(who)}: ${signs} is no sign of a ${is}. Choose another, or say what they are first.`,
  'check.moreThanThere': ({ who, sign, n, expected }) => `${sign} on ${n} of ${expected} ${who}: more than there are. Count again.`,
  'chase.notThere': ({ who, tank }) => `There is no ${who} in ${tank} on record. Say why, if it was seen.`,
};

export const shortChecks = {
  'check.notOfTheirs': 'no sign of such an animal',
  'check.moreThanThere': 'more than there are',
  'chase.notThere': 'not there on record',
  'noted.notThere': 'not there on record',
} as const;
