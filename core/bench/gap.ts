// The step in salinity that a bag's fish will take at release, or that nobody knows it.

export type SalinityGap =
  { judged: false } | { judged: true; fromPpt: number; toPpt: number; stepPpt: number; direction: 'up' | 'down' | 'none' };

/** Marine fish bear a step down with ease; a step up is what kills, so the direction is named. Below 0.5 ppt it is none. */
export function salinityGap(bagPpt: number | undefined, tankPpt: number | undefined): SalinityGap {
  if (bagPpt === undefined || tankPpt === undefined) return { judged: false };
  const stepPpt = tankPpt - bagPpt;
  return {
    judged: true,
    fromPpt: bagPpt,
    toPpt: tankPpt,
    stepPpt,
    direction: Math.abs(stepPpt) < 0.5 ? 'none' : stepPpt > 0 ? 'up' : 'down',
  };
}
