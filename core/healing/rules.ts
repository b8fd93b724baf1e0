// When a healing may be followed, measured and ended: it is done once, and a fish that is not healed by its own measure goes back only with a word.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { isSameName } from '../text/index.ts';
import type { HealingEntries, HealingFacts } from './entries.ts';
import { healingNow } from './heal.ts';
import type { HealingState } from './state.ts';

export const healingRules: Rules<HealingEntries, HealingState> = {
  'healing.begun': {
    decide({ payload: { healing, lot, what, by, until } }, { state }) {
      if (state.findHealing(healing)) return refuse('exists', 'healing', { what: 'healing', name: what });
      const known = state.findLot(lot);
      if (!known) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      if (!state.isInTank(lot)) return refuse('healing.notHere', 'lot', { who: known.label });
      if (by === 'percent' && (until <= 0 || until > 100)) return refuse('healing.badShare', 'until', { value: until });
      const same = state.healingsOf(lot).find((open) => isSameName(open.what, what));
      return same ? refuse('healing.running', 'what', { who: known.label, what: same.what, atMs: same.begunMs }) : [];
    },
    links: ({ healing, lot }) => ({ makes: [healing], needs: [lot] }),
  },
  'healing.measured': {
    decide({ payload: { healing, value } }, { state }) {
      const known = state.findHealing(healing);
      if (!known) return refuse('unknown', 'healing', { what: 'healing', id: healing });
      if (known.by === 'percent' && value > 100) return refuse('healing.badShare', 'value', { value });
      return isOver(known);
    },
    links: ({ healing }) => ({ needs: [healing] }),
  },
  'healing.ended': {
    decide({ payload: { healing, how } }, { state }) {
      const known = state.findHealing(healing);
      if (!known) return refuse('unknown', 'healing', { what: 'healing', id: healing });
      const over = isOver(known);
      if (over.length > 0) return over;
      const { met, last } = healingNow(known, known.begunMs, known.measures);
      const well = how === 'returned' || how === 'healed';
      return well && !met
        ? refuse(
            'healing.notMet',
            'how',
            { what: known.what, by: known.by, until: known.until, ...(last ? { last: last.value } : {}) },
            'keeper',
          )
        : [];
    },
    links: ({ healing }) => ({ needs: [healing] }),
  },
};

const isOver = ({ ended, what }: HealingFacts & { ended?: { by: string; atMs: number } }): Refusal[] =>
  ended ? refuse('healing.over', 'healing', { what, by: ended.by, atMs: ended.atMs }) : [];
