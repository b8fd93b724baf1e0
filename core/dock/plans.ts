// What is laid down of a crate before it is here: the tank that each bag is meant for, and that it does not come at all.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { refuseUnfit } from '../placement/index.ts';
import type { BagFacts, DockState } from './state.ts';

/** The tank that a bag on its way is meant for; the latest one counts. Once landed it is judged anew, by what was seen of it. */
export type BagPlanned = { bag: string; lot: string; tank: string };
/** It is waited for no longer. Should it come all the same, its arrival stands. */
export type CrateGivenUp = { crate: string; why: string };

export interface PlanEntries {
  'bag.planned': BagPlanned;
  'crate.givenUp': CrateGivenUp;
}

/** A bag that somebody settled already is told who did it. */
export function settled(bag: BagFacts): Refusal[] {
  if (bag.landing) return refuse('bag.alreadyLanded', 'bag', { bag: bag.label, by: bag.landing.by, atMs: bag.landing.atMs });
  if (bag.absence) return refuse('bag.alreadyAbsent', 'bag', { bag: bag.label, by: bag.absence.by, atMs: bag.absence.atMs });
  return [];
}

export const planRules: Rules<PlanEntries, DockState> = {
  'bag.planned': {
    decide({ payload, occurredAtMs }, context) {
      const bag = context.state.findBag(payload.bag);
      if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      const against = settled(bag);
      if (against.length > 0) return against;
      if (bag.lot !== payload.lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
      const tank = context.state.findTank(payload.tank);
      if (!tank) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      return refuseUnfit({ lot: bag.lot, n: bag.listed, tank, path: 'tank', atMs: occurredAtMs, out: bag.id }, context);
    },
    links: ({ bag }) => ({ needs: [bag] }),
  },
  'crate.givenUp': {
    decide({ payload }, { state }) {
      const crate = state.findCrate(payload.crate);
      if (!crate) return refuse('unknown', 'crate', { what: 'crate', id: payload.crate });
      if (crate.arrived)
        return refuse('crate.alreadyArrived', 'crate', { crate: crate.label, by: crate.arrived.by, atMs: crate.arrived.atMs });
      return crate.givenUp
        ? refuse('crate.alreadyGivenUp', 'crate', { crate: crate.label, by: crate.givenUp.by, atMs: crate.givenUp.atMs })
        : [];
    },
    links: ({ crate }) => ({ needs: [crate] }),
  },
};
