// When the house's settings may be changed: its zone is one that the calendar knows.
import { refuse, type Rules } from '../journal/index.ts';
import { isZone } from '../time/index.ts';
import type { SettingsEntries } from './entries.ts';
import type { SettingsState } from './state.ts';

export const settingsRules: Rules<SettingsEntries, SettingsState> = {
  'house.configured': {
    decide: ({ payload }) => (isZone(payload.zone) ? [] : refuse('zone.unknown', 'zone', { zone: payload.zone })),
  },
};
