export { decide, FUTURE_ALLOWED_MS, OLD_NEEDS_LEAD_MS, type Judged } from './decide.ts';
export type { EntryReversed, JournalEntries } from './entries.ts';
export { clearedMet, leftCleared, type LeftCleared } from './leftCleared.ts';
export { idsMadeBy, legsOf, linksOf } from './areaRules.ts';
export type { Act, Entry, EntryOf, Kind, Payloads, RecordedEntry } from './payloads.ts';
export { REFUSAL_CODES } from './refusals.ts';
export { OWN_UNDO_MS } from './reversal.ts';
export { ruleOf, rules } from './rules.ts';
export type { HouseState, NotebookState } from './state.ts';
