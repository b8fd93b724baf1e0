export { RELEASE_BY, type BenchEntries, type FishReleased, type FloatStarted, type ReleaseBy } from './entries.ts';
export { salinityGap, type SalinityGap } from './gap.ts';
export { benchRules } from './rules.ts';
