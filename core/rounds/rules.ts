// When a look, a meal or a loss may be written. A look is never refused because the records moved meanwhile:
// what eyes saw is a fact, and the difference shows.
import { move, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { houseDay } from '../time/index.ts';
import { FAULT_LAPSES_MS, faultHours, isSameFault, type LotCheck, type RoundEntries } from './entries.ts';
import { signsFor } from './signs.ts';
import type { RoundState } from './state.ts';

/** So many things to mend on one tank are a tank to empty, or somebody at play: more would hide the rest of the day. A leak is noted all the same. */
const MOST_FAULTS = 12;

/** A meal is judged by the kitchen: by its batch, and by what medicine is in it. */
export const roundRules: Rules<Omit<RoundEntries, 'lot.fed'>, RoundState> = {
  'tank.checked': {
    decide({ payload, occurredAtMs }, { state }) {
      if (!state.findTank(payload.tank)) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      const zone = state.findZone();
      if (zone && houseDay(occurredAtMs, zone) !== payload.day) return refuse('check.otherDay', 'day', { day: payload.day });
      const odd = payload.lots.some(({ signs, seen, expected }) => signs.length > 0 || (seen !== null && seen < expected));
      if (payload.allWell && odd) return refuse('check.contradicts', 'allWell');
      return payload.lots.flatMap((look, index) => {
        const unknown = lotKnown(look.lot, `lots.${index}.lot`, state);
        return unknown.length > 0 ? unknown : againstSigns(look, `lots.${index}.signs`, state);
      });
    },
    links: ({ lots }) => ({ needs: lots.map(({ lot }) => lot) }),
  },
  'chase.seen': {
    decide({ payload: { tank, chaser, chased } }, { state }) {
      const known = state.findTank(tank);
      if (!known) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      const unknown = [...lotKnown(chaser, 'chaser', state), ...lotKnown(chased, 'chased', state)];
      if (unknown.length > 0) return unknown;
      const there = state.occupants(tank);
      const [away] = [chaser, chased].filter((lot) => !there.some((living) => living.lot === lot));
      if (away !== undefined) return refuse('chase.notThere', 'chaser', { who: state.findLot(away)!.label, tank: known.code }, 'keeper');
      // One cannot chase itself.
      const alone = chaser === chased && there.find(({ lot }) => lot === chaser)!.n < 2;
      return alone
        ? refuse('chase.notThere', 'chased', { who: `a second ${state.findLot(chaser)!.label}`, tank: known.code }, 'keeper')
        : [];
    },
    links: ({ tank, chaser, chased }) => ({ needs: [tank, chaser, ...(chased === chaser ? [] : [chased])] }),
  },
  'mishap.recorded': {
    decide({ payload }, { state }) {
      if (!state.findTank(payload.tank)) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      return lotKnown(payload.lot, 'lot', state);
    },
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'fault.noticed': {
    decide({ payload, occurredAtMs }, { state }) {
      const tank = state.findTank(payload.tank);
      if (!tank) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      const open = state.faultsOf(payload.tank).filter(({ atMs }) => atMs > occurredAtMs - FAULT_LAPSES_MS);
      // One that was put off is off Today: seen again, it is due anew.
      const same = open.find(({ what, putOffUntilMs }) => isSameFault(what, payload.what) && !((putOffUntilMs ?? 0) > occurredAtMs));
      if (same) return refuse('fault.known', 'what', { tank: tank.code, what: same.what, atMs: same.atMs });
      return open.length >= MOST_FAULTS && faultHours(payload.what) === undefined
        ? refuse('fault.tooMany', 'tank', { tank: tank.code, n: open.length })
        : [];
    },
    links: ({ tank }) => ({ needs: [tank] }),
  },
  'loss.recorded': {
    decide({ payload }, { state }) {
      if (!state.findTank(payload.place) && !state.hasBag(payload.place) && !state.hasRun(payload.place))
        return refuse('unknown', 'place', { what: 'tank', id: payload.place });
      // A cause is a guess unless somebody examined the fish.
      if (payload.sure === 'examined' && payload.examined === 'not examined') return refuse('loss.notExamined', 'sure');
      return lotKnown(payload.lot, 'lot', state);
    },
    legs: ({ lot, place, n }) => move(lot, { from: place, to: 'died', n }),
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'loss.classed': {
    decide: ({ payload }, { state }) => (state.hasLoss(payload.loss) ? [] : refuse('unknown', 'loss', { what: 'loss', id: payload.loss })),
  },
};

/** No white spots on a shrimp: what is not a sign of such an animal is a slip, or it is called by a wrong name. And no sign on more than there are. */
function againstSigns({ lot, signs, expected }: LotCheck, path: string, state: RoundState): Refusal[] {
  const { species, label, sure } = state.findLot(lot)!;
  const is = species === undefined || sure === 'guess' ? undefined : state.findSpecies(species)?.is;
  const theirs = signsFor(is);
  const strange = signs.filter(({ sign }) => !theirs.includes(sign)).map(({ sign }) => sign);
  const many = signs.find(({ n = 0 }) => n > expected);
  return [
    ...(strange.length > 0 ? refuse('check.notOfTheirs', path, { who: label, signs: strange.join(', '), is: is ?? '' }, 'keeper') : []),
    ...(many ? refuse('check.moreThanThere', path, { who: label, sign: many.sign, n: many.n, expected }, 'trainee') : []),
  ];
}

function lotKnown(lot: string, path: string, state: RoundState): Refusal[] {
  return state.findLot(lot) ? [] : refuse('unknown', path, { what: 'lot', id: lot });
}
