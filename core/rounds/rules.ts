// When a look, a meal or a loss may be written. A look is never refused because the records moved meanwhile:
// what eyes saw is a fact, and the difference shows.
import { move, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { houseDay } from '../time/index.ts';
import { FAULT_LAPSES_MS, faultHours, isSameFault, type RoundEntries } from './entries.ts';
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
      return payload.lots.flatMap(({ lot }, index) => lotKnown(lot, `lots.${index}.lot`, state));
    },
    links: ({ lots }) => ({ needs: lots.map(({ lot }) => lot) }),
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

function lotKnown(lot: string, path: string, state: RoundState): Refusal[] {
  return state.findLot(lot) ? [] : refuse('unknown', path, { what: 'lot', id: lot });
}
