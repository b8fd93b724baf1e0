// When a reading may be written. What it means for a bag or a tank is judged where it is used.
import { type Rules, refuse } from '../journal/index.ts';
import type { WaterEntries } from './entries.ts';
import type { WaterState } from './state.ts';
import { PLAUSIBLE } from './units.ts';

export const waterRules: Rules<WaterEntries, WaterState> = {
  'reading.taken': {
    decide({ payload }, { state }) {
      const { subject, quantity, reading } = payload;
      const { kind, id } = subject;
      const known = kind === 'bag' ? state.hasBag(id) : kind === 'run' ? state.hasRun(id) : state.hasSystem(id);
      if (!known) return refuse('unknown', 'subject.id', { what: subject.kind, id: subject.id });
      const { min, max, unit } = PLAUSIBLE[quantity];
      if (reading.value < min || reading.value > max) {
        return refuse('reading.implausible', 'reading.value', { quantity, value: reading.value, min, max, unit });
      }
      return [];
    },
  },
};
