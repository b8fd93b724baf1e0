// What the house's own settings ask of it.
import type { HouseRules } from './entries.ts';

export interface SettingsState {
  findZone(): string | undefined;
  findRules(): HouseRules | undefined;
  /** The house's rules as they were at an instant, by when a lead said so. */
  rulesAt(atMs: number): HouseRules | undefined;
}
