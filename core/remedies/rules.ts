// When a water may be said to be under a remedy. What harms a fish that lives there is asked about.
import { refuse } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import type { RemedyEntries } from './entries.ts';

export const remedyRules: Rules<RemedyEntries> = {
  'remedy.begun': {
    decide({ payload: { course, water, family } }, { state }) {
      if (!state.findWater(water)) return refuse('unknown', 'water', { what: 'water', id: water });
      const open = state.openCourses(water);
      if (state.isTaken('course', course)) return refuse('exists', 'course', { what: 'remedy', name: family });
      const same = open.find((one) => one.family === family);
      if (same) return refuse('remedy.running', 'family', { family, atMs: same.begunAtMs });
      const shy = state.tanksOn(water).flatMap((tank) =>
        state.occupants(tank).flatMap(({ lot }) => {
          const species = state.findLot(lot)?.species;
          const facts = species === undefined ? undefined : state.findSpecies(species);
          return facts?.shyOf?.includes(family) ? [facts.common] : [];
        }),
      );
      return shy.length > 0 ? refuse('remedy.harms', 'family', { family, species: [...new Set(shy)].join(', ') }, 'lead') : [];
    },
    links: ({ course, water }) => ({ makes: [course], needs: [water] }),
  },
  'remedy.ended': {
    decide({ payload }, { state }) {
      return state.openCourses(payload.water).some(({ id }) => id === payload.course) ? [] : refuse('remedy.notRunning', 'course');
    },
    links: ({ course }) => ({ needs: [course] }),
  },
};
