export { calledApart, type Standing } from './apart.ts';
export { ORIGINS, SURENESS, type LotFacts, type Origin, type Sureness } from './facts.ts';
export type { LotState } from './state.ts';
