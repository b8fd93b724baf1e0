// When such a note may be written: of fish that stand there, and of no more of them than there are.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isTemporary } from '../room/index.ts';
import type { Arranged, NotedEntries } from './entries.ts';
import type { NotedState } from './state.ts';

/** No tank is both at once. */
const AGAINST: readonly (readonly [Arranged, Arranged])[] = [
  ['bare now', 'sand or gravel added'],
  ['bare now', 'plants or wood added'],
];

export const notedRules: Rules<NotedEntries, NotedState> = {
  'behaviour.seen': {
    decide({ payload: { tank, lot, what } }, { state }) {
      const into = state.findTank(tank);
      if (!into) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      const known = state.findLot(lot);
      if (!known) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      const isHere = state.occupants(tank).some((occupant) => occupant.lot === lot);
      return [...twice(what, 'what'), ...(isHere ? [] : refuse('noted.notThere', 'lot', { who: known.label, tank: into.code }, 'keeper'))];
    },
    links: ({ tank, lot }) => ({ needs: [tank, lot] }),
  },
  'lot.sexed': {
    decide({ payload: { lot, males, females } }, { state }) {
      const known = state.findLot(lot);
      if (!known) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      const { inHouse } = state.lotCount(lot);
      return males + females > inHouse ? refuse('noted.moreThanThere', 'males', { who: known.label, said: males + females, inHouse }) : [];
    },
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'tank.arranged': {
    decide({ payload: { tank, did } }, { state }) {
      const known = state.findTank(tank);
      if (!known) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      if (isTemporary(known)) return refuse('noted.notOfTank', 'tank', { code: known.code });
      const both = AGAINST.find((pair) => pair.every((word) => did.includes(word)));
      return [...twice(did, 'did'), ...(both ? refuse('noted.against', 'did', { one: both[0], other: both[1] }) : [])];
    },
    links: ({ tank }) => ({ needs: [tank] }),
  },
};

const twice = (words: readonly string[], path: string): Refusal[] =>
  new Set(words).size < words.length ? refuse('noted.twice', path) : [];
