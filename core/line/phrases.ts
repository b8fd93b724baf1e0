// What a keeper may say in one line, and which phrases say it. Longest phrase first, so that `fast breathing` is one sign.
import { CAUSES, LEFTOVERS, RESPONSES, SIGNS, type Cause, type Leftovers, type Mishap, type Response, type Sign } from '../rounds/index.ts';

export type Meaning =
  | { is: 'loss' }
  | { is: 'count' }
  | { is: 'well' }
  | { is: 'move' }
  | { is: 'out'; to: 'sold' | 'given' | 'returned' | 'put-down' }
  | { is: 'all' }
  | { is: 'cause'; cause: Cause }
  | { is: 'response'; response: Response }
  | { is: 'leftovers'; leftovers: Leftovers }
  | { is: 'mishap'; what: Mishap }
  | { is: 'sign'; sign: Sign };

const LOSS = ['lost', 'loss', 'dead', 'died', 'found dead'];
const COUNT = ['count', 'counted'];
const WELL = ['well', 'all well', 'ok', 'okay', 'fine'];
const MOVE = ['move', 'moved'];
const OUT: Record<string, Extract<Meaning, { is: 'out' }>['to']> = {
  sold: 'sold',
  given: 'given',
  'given away': 'given',
  returned: 'returned',
  'put down': 'put-down',
};
/** Jumped out dead is a cause of a loss; jumped and alive is a mishap: `read` tells by whether a loss is named. */
const MISHAPS: Record<string, Mishap> = {
  fell: 'fell',
  jumped: 'jumped',
  'landed on its back': 'landed on its back',
  'on its back': 'landed on its back',
};
const RESPONSES_TOO: Record<string, Response> = { refused: 'ignored', 'did not eat': 'ignored' };

export const PHRASES: ReadonlyMap<string, Meaning> = new Map<string, Meaning>([
  ...LOSS.map((phrase): [string, Meaning] => [phrase, { is: 'loss' }]),
  ...COUNT.map((phrase): [string, Meaning] => [phrase, { is: 'count' }]),
  ...WELL.map((phrase): [string, Meaning] => [phrase, { is: 'well' }]),
  ...MOVE.map((phrase): [string, Meaning] => [phrase, { is: 'move' }]),
  ...Object.entries(OUT).map(([phrase, to]): [string, Meaning] => [phrase, { is: 'out', to }]),
  ['all', { is: 'all' }],
  ...CAUSES.map((cause): [string, Meaning] => [cause, { is: 'cause', cause }]),
  ...RESPONSES.map((response): [string, Meaning] => [response, { is: 'response', response }]),
  ...Object.entries(RESPONSES_TOO).map(([phrase, response]): [string, Meaning] => [phrase, { is: 'response', response }]),
  ...LEFTOVERS.map((leftovers): [string, Meaning] => [`leftovers ${leftovers}`, { is: 'leftovers', leftovers }]),
  ['no leftovers', { is: 'leftovers', leftovers: 'none' }],
  ...SIGNS.map((sign): [string, Meaning] => [sign, { is: 'sign', sign }]),
  ...Object.entries(MISHAPS).map(([phrase, what]): [string, Meaning] => [phrase, { is: 'mishap', what }]),
]);

export const LONGEST_PHRASE = Math.max(...[...PHRASES.keys()].map((phrase) => phrase.split(' ').length));
/** Words that carry no meaning of their own here. */
export const FILLERS: ReadonlySet<string> = new Set([
  'in',
  'the',
  'of',
  'a',
  'an',
  'were',
  'was',
  'is',
  'has',
  'have',
  'at',
  'tank',
  'and',
]);
