// What is due of fish that heal: a measure on its rhythm, and the way back when it is met.
import type { HealingNow } from '../healing/index.ts';
import { DAY_MS, houseDay, startOfHouseDay } from '../time/index.ts';
import { defineDue, type DueOf } from './define.ts';
import type { Walk } from './thing.ts';

export type HealingDueFacts = {
  healing: { entry: string; what: string; tank: string; tankCode: string; walk: Walk; now: HealingNow }[];
};
export const NO_HEALING_FACTS: HealingDueFacts = { healing: [] };

export const healingDue = {
  healing: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ healing }, { zone }) =>
      healing.flatMap(({ entry, what, tank, tankCode, walk, now }): DueOf[] =>
        now.met
          ? []
          : [
              {
                entry,
                step: `day-${houseDay(now.nextMs, zone)}`,
                fromMs: startOfHouseDay(houseDay(now.nextMs, zone), zone),
                atMs: now.nextMs,
                byMs: now.nextMs + DAY_MS,
                walk,
                facts: { tank, tankCode, what },
              },
            ],
      ),
  }),
  healed: defineDue({
    harm: 'work',
    ends: 'by doing',
    settledBy: 'anybody',
    derive: ({ healing }) =>
      healing.flatMap(({ entry, what, tank, tankCode, walk, now }): DueOf[] =>
        now.met
          ? [{ entry, step: 'return', fromMs: now.last!.atMs, byMs: now.last!.atMs + DAY_MS, walk, facts: { tank, tankCode, what } }]
          : [],
      ),
  }),
};
