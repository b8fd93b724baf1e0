// How much air a vessel is given: none, a stone that bubbles gently, one that boils.
export const AIR_LEVELS = ['none', 'gentle', 'strong'] as const;
export type AirLevel = (typeof AIR_LEVELS)[number];
