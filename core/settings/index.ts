export { STARTING_RULES, type HouseConfigured, type HouseRules, type SettingsEntries } from './entries.ts';
export { SETTINGS_REFUSALS } from './refusals.ts';
export { settingsRules } from './rules.ts';
export type { SettingsState } from './state.ts';
