export type { CourseFacts, RemedyBegun, RemedyEnded, RemedyEntries } from './entries.ts';
export { remedyRules } from './rules.ts';
