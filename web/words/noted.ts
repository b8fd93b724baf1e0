// Notes about fish that are well, and tanks arranged anew, in words.
import type { RefusalCode } from '#core/journal/index.ts';
import type { LotSexed, NotedEntries } from '#core/noted/index.ts';
import type { Words } from './entryWords.ts';
import type { RefusalWords } from './refusalWords.ts';
import { capital, plural } from './text.ts';
import { SURE_SAYS } from './triage.ts';

const because = (note: string | undefined) => (note ? `: ${note}` : '');

/** `1 male, 2 females`; what is left is not known. */
export const saySexes = ({ males, females }: Pick<LotSexed, 'males' | 'females'>, inHouse?: number): string => {
  if (inHouse !== undefined && males + females > inHouse) return `${males + females} of them then, ${inHouse} are left: count again`;
  const unknown = inHouse === undefined ? 0 : inHouse - males - females;
  const said = [males > 0 && plural(males, 'male'), females > 0 && plural(females, 'female'), unknown > 0 && `${unknown} not known`].filter(
    Boolean,
  );
  return said.length > 0 ? said.join(', ') : 'not known';
};

export const notedWords: Pick<Words, keyof NotedEntries> = {
  'behaviour.seen': ({ tank, lot, what, note }, name) => `${name(lot)} in ${name(tank)}: ${what.join(', ')}${because(note)}`,
  'lot.sexed': ({ lot, sure, note, ...sexes }, name) => `${name(lot)}: ${saySexes(sexes)} (${SURE_SAYS[sure]})${because(note)}`,
  'tank.arranged': ({ tank, did, note }, name) => `${name(tank)}: ${did.join(', ')}${because(note)}`,
};

type Code = Extract<RefusalCode, `noted.${string}`>;
export const notedRefusals: Record<Code, RefusalWords> = {
  'noted.notThere': ({ who, tank }) => `There is no ${who} in ${tank} on record. Say why, if it was seen.`,
  'noted.twice': () => 'The same stands there twice: choose it once.',
  'noted.moreThanThere': ({ who, said, inHouse }) => `${said} of ${inHouse} ${who}: more than there are. Count again.`,
  'noted.against': ({ one, other: otherWord }) => `${capital(one ?? '')} and ${otherWord}: a tank is not both. Choose one.`,
  'noted.notOfTank': ({ code }) => `${code} is only for a time: nothing is arranged in it.`,
};
