// Why a lot may not come to a place, or what that costs; their words stand in web.
import { COST_CODES, FORBIDDEN_CODES } from './placeFacts.ts';

export const PLACEMENT_REFUSALS = [...FORBIDDEN_CODES, ...COST_CODES] as const;

declare module '../journal/refusal.ts' {
  interface RefusalCodes extends Record<(typeof PLACEMENT_REFUSALS)[number], true> {}
}
