// What is seen on the walk, as sentences: checks, meals, losses, mishaps; and what is due of it.
import type { TankLoss } from '#contract/views.ts';
import type { FeedingEntries, FoodFields } from '#core/feeding/index.ts';
import { SIGN_CLASS, type LossRecorded, type RoundEntries } from '#core/rounds/index.ts';
import { formatDay } from '#core/time/index.ts';
import { AND, sayHours, toCheck, toTank, type DueWords } from './dueWords.ts';
import type { Words } from './entryWords.ts';
import { plural } from './text.ts';

const FOOD_FIELDS: Record<keyof FoodFields, string> = {
  name: 'name',
  form: 'what it is',
  guilds: 'for whom',
  mouths: 'for which mouths',
  heavy: 'heavy or not',
  thawH: 'thawing',
  strain: 'straining',
  soakMin: 'soaking',
  portionG: 'its portion',
  reorderG: 'when it is ordered again',
  leaveInH: 'how long it stays in',
  prepared: 'how it is prepared',
  gone: 'kept or not',
};

type Body = Pick<LossRecorded, 'found' | 'signs' | 'examined' | 'disposed' | 'note'>;
const bodyParts = ({ found, signs = [], examined, disposed, note }: Body): string[] =>
  [
    found && `found ${found}`,
    signs.length > 0 ? `shows ${signs.join(', ')}` : undefined,
    examined && (examined === 'not examined' ? examined : `examined ${examined}`),
    disposed,
    note,
  ].filter((part) => part !== undefined);
const sayBody = (body: Body): string => {
  const parts = bodyParts(body);
  return parts.length === 0 ? '' : `; ${parts.join('; ')}`;
};
/** Of a loss in its tank's list: the last check that said nothing of it (one tap for a tank is nobody's look at each fish), and what was said of the body. */
export const sayLoss = ({ wellMs, sure, cause, ...body }: TankLoss, when: (ms: number) => string): string =>
  [
    wellMs === undefined ? 'no check here without a sign before' : `last check without a sign ${when(wellMs)}`,
    ...(cause === 'not known' ? [] : [sure]),
    ...bodyParts(body),
  ].join('; ');

export const roundWords: Pick<Words, keyof (RoundEntries & FeedingEntries)> = {
  'tank.checked': ({ tank, round, allWell, lots }, name) => {
    const odd = lots.flatMap(({ lot, signs, seen, expected }) => [
      ...signs.map(
        ({ sign, n, strength, where = [] }) =>
          `${n ? `${n} ` : ''}${name(lot)} ${strength ? `${strength} ` : ''}${sign}${where.length > 0 ? ` (${where.join(', ')})` : ''}${SIGN_CLASS[sign] === 'illness' ? ' (illness)' : ''}`,
      ),
      ...(seen !== null && seen !== expected ? [`${seen} of ${expected} ${name(lot)} seen`] : []),
    ]);
    return `${round === 'morning' ? 'Morning' : 'Evening'} health check of ${name(tank)}: ${allWell ? 'all well' : odd.join(', ') || 'noted'}`;
  },
  'food.added': ({ name }) => `Food: ${name}`,
  'food.changed': ({ food, fields }, name) =>
    `${name(food)}: ${
      fields.gone
        ? 'not kept any more'
        : `${Object.keys(fields)
            .map((field) => FOOD_FIELDS[field as keyof FoodFields])
            .join(', ')} changed`
    }`,
  'lot.fed': ({ tank, lot, food, response, ate, leftovers, planned, mix }, name) =>
    `${name(lot)} in ${name(tank)}: ${food}${mix ? ` with ${name(mix)}` : ''}, ${response}${planned ? ' as planned' : ''}${ate === undefined ? '' : `, ${ate} ate`}${leftovers ? `, leftovers ${leftovers}` : ''}`,
  'loss.recorded': ({ n, lot, place, cause, sure, ...body }, name) =>
    `${n} ${name(lot)} dead in ${name(place)}${cause === 'not known' ? ', cause not known' : `: ${cause} (${sure})`}${sayBody(body)}`,
  'loss.classed': ({ cause, sure, why }) => `A loss was ${cause} (${sure}): ${why}`,
  'mishap.recorded': ({ n, lot, tank, what }, name) => `${n} ${name(lot)} in ${name(tank)} ${what}`,
  'chase.seen': ({ tank, chaser, chased, how, note }, name) =>
    `${name(chaser)} in ${name(tank)}: ${how}${how === 'displays' ? ' at' : ''} ${chaser === chased ? 'its own kind' : name(chased)}${note ? `: ${note}` : ''}`,
  'fault.noticed': ({ tank, what }, name) => `${name(tank)}: ${what}`,
};

/** Of several days the span, and how many it is: what is named then is of the latest. */
function sayDays(step: string): string {
  const days = step
    .split(AND)
    .map(Number)
    .toSorted((a, b) => a - b);
  const [first, last] = [days[0]!, days.at(-1)!];
  return days.length === 1 ? formatDay(first) : `${days.length} days, ${formatDay(first)} to ${formatDay(last)}, on the last`;
}

export const roundDueWords = {
  'round-missed': {
    says: ({ step, facts }) => `Not checked on ${sayDays(step)}: ${facts.what}. Why?`,
    name: 'a round that was not walked',
    leads: () => ({ to: '/rounds', doing: 'To the rounds' }),
  },
  round: {
    says: ({ step, facts }) => `${step === 'morning' ? 'Morning' : 'Evening'} round: ${plural(facts.n ?? 0, 'tank')} to check`,
    name: 'a round',
    leads: ({ step }) => ({ to: `/rounds?round=${step}`, doing: 'Walk it' }),
  },
  'after-mishap': {
    says: ({ step, facts }) => `Check ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after a mishap`,
    name: 'a check after a mishap',
    leads: toCheck,
  },
  'after-chase': {
    says: ({ step, facts }) => `Check ${facts.tankCode}: ${facts.what}, ${sayHours(step)} after it was chased`,
    name: 'a check after a chase',
    leads: toCheck,
  },
  settling: {
    says: ({ facts }) => `Check ${facts.tankCode}: ${facts.what} showed stress after the move; 48 h on it is a warning`,
    name: 'a check of fish that settle',
    leads: toCheck,
  },
  missing: {
    says: ({ facts }) => `Search for ${facts.n} missing ${facts.what}, last in ${facts.tankCode}`,
    name: 'searching for missing fish',
    leads: toTank,
  },
  fault: { says: ({ facts }) => `Fix in ${facts.tankCode}: ${facts.what}`, name: 'a fault to be fixed', leads: toTank },
} satisfies Record<string, DueWords>;
