// When the house may be furnished: ids new, codes free, the things named there.
import { refuse } from '../journal/refusal.ts';
import type { Rules } from '../journal/rule.ts';
import { isZone } from '../time/index.ts';
import type { RoomEntries } from './entries.ts';

export const roomRules: Rules<RoomEntries> = {
  'house.configured': {
    decide: ({ payload }) => (isZone(payload.zone) ? [] : refuse('zone.unknown', 'zone', { zone: payload.zone })),
  },
  'rack.added': {
    decide({ payload }, { state }) {
      return state.findRack(payload.rack) ? refuse('exists', 'rack', { what: 'rack', name: payload.name }) : [];
    },
    links: ({ rack }) => ({ makes: [rack] }),
  },
  'water.added': {
    decide({ payload }, { state }) {
      return state.findWater(payload.water) ? refuse('exists', 'water', { what: 'water', name: payload.name }) : [];
    },
    links: ({ water }) => ({ makes: [water] }),
  },
  'tank.added': {
    decide({ payload }, { state }) {
      if (state.findTank(payload.tank) || state.findTankByCode(payload.code))
        return refuse('exists', 'code', { what: 'tank', name: payload.code });
      if (!state.findRack(payload.rack)) return refuse('unknown', 'rack', { what: 'rack', id: payload.rack });
      if (!state.findWater(payload.water)) return refuse('unknown', 'water', { what: 'water', id: payload.water });
      return [];
    },
    links: ({ tank, rack, water }) => ({ makes: [tank], needs: [rack, water] }),
  },
};
