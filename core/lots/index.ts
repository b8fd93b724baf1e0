export { calledApart, type Standing } from './apart.ts';
export { ORIGINS, type LotFacts, type Origin } from './facts.ts';
export type { LotState } from './state.ts';
