// Which of the simulated methods to follow. What is about equal goes to the least work; what fish do not bear is never advised while something
// within tolerance can be had; and straight transfer only when nothing else is within.
import { secondWorst, type Stress } from './figures.ts';
import type { AcclimationMethod } from './methods.ts';

/** Methods this close to the best of their group are about equal, and below {@link HARMLESS} all are. */
export const TIE = 0.1;
export const HARMLESS = 0.3;

export type Advisable = { method: AcclimationMethod; limiting: Stress; stresses: readonly Stress[]; handsOnMinutes: number };
export type Advice =
  | {
      is: 'advised';
      method: AcclimationMethod;
      /** Of several that are about equal the one with the least work, or with the smallest second-worst stress. */
      why: 'least stressful' | 'least work' | 'second worst' | 'only one within';
      /** All that are about equal with it, itself among them. */
      group: AcclimationMethod[];
    }
  /** All that can be had are over tolerance. */
  | { is: 'none within' };

/** What to follow of the methods that can be had. */
export function advise(offered: readonly Advisable[]): Advice {
  const within = offered.filter(({ limiting }) => limiting.stress <= 1).sort((a, b) => a.limiting.stress - b.limiting.stress);
  const slow = within.filter(({ method }) => method !== 'straight');
  const [best] = slow;
  if (!best) {
    const [straight] = within;
    return straight ? { is: 'advised', method: straight.method, why: 'only one within', group: [straight.method] } : { is: 'none within' };
  }
  const equal = slow.filter(({ limiting: { stress } }) => stress <= best.limiting.stress + TIE || stress < HARMLESS);
  const [pick] = equal.toSorted((a, b) => a.handsOnMinutes - b.handsOnMinutes || secondWorst(a.stresses) - secondWorst(b.stresses)) as [
    Advisable,
  ];
  const asLittle = equal.filter(({ handsOnMinutes }) => handsOnMinutes === pick.handsOnMinutes);
  return {
    is: 'advised',
    method: pick.method,
    why:
      equal.length === 1
        ? within.length === 1
          ? 'only one within'
          : 'least stressful'
        : asLittle.length > 1
          ? 'second worst'
          : 'least work',
    group: equal.map(({ method }) => method),
  };
}
