// What is seen of fish that are well, and what was changed around them: settled behaviour, males and females, the arrangement of a tank.
import type { Certainty } from '../lots/index.ts';

export const BEHAVIOURS = [
  'grazing',
  'out in the open',
  'hides by day',
  'holds a place',
  'shoals',
  'courting',
  'spawning',
  'guards eggs or young',
  'cleans others',
] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];
export type BehaviourSeen = { tank: string; lot: string; what: Behaviour[]; note?: string };

/** The rest of the lot is not known. An opinion until it is certain; the latest holds, and the history stays. */
export type LotSexed = { lot: string; males: number; females: number; sure: Certainty; note?: string };

/** A lid is the tank's own record: who jumps is judged by it. */
export const ARRANGED = [
  'hides added',
  'hides taken out',
  'rocks moved',
  'plants or wood added',
  'sand or gravel added',
  'bare now',
  'mirror on the glass',
  'flow changed',
] as const;
export type Arranged = (typeof ARRANGED)[number];
export type TankArranged = { tank: string; did: Arranged[]; note?: string };

export interface NotedEntries {
  'behaviour.seen': BehaviourSeen;
  'lot.sexed': LotSexed;
  'tank.arranged': TankArranged;
}
