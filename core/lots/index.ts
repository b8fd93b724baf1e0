export { calledApart, type Standing } from './apart.ts';
export { ORIGINS, CERTAINTIES, type LotFacts, type Origin, type Certainty } from './facts.ts';
export type { LotState } from './state.ts';
