// New water that would make the ammonia of a system more toxic than it is: it is stopped, whoever pours it and wherever.
import { refuse, type Refusal } from '../journal/index.ts';
import { freedBy } from './change.ts';
import { STARTING_WATER_TESTS } from './settings.ts';
import type { WaterTestState } from './state.ts';

/** `share` = of the whole system. `from` = the system that the water comes from. */
type Pour = { system: string; atMs: number; share: number; code: string; pouredPH?: number; from?: string };

/** Less than this brings no pH along. A judgement. */
const LEAST_SHARE = 0.1;
/** By less than this it is within what tests tell. */
const WORSE_FROM = 1.5;

export function againstFreeing(
  { system, atMs, share, code, pouredPH, from }: Pour,
  state: Pick<WaterTestState, 'ammoniaOf' | 'findRules'>,
): Refusal[] {
  const here = share < LEAST_SHARE ? undefined : state.ammoniaOf(system, atMs);
  if (!here) return [];
  const there = from === undefined ? undefined : state.ammoniaOf(from, atMs);
  const { limits } = (state.findRules() ?? STARTING_WATER_TESTS).waterTests;
  const pH = pouredPH ?? there?.beside.pH;
  const freed = freedBy({ tan: here.tan, share, pouredPH: pH, pouredTan: there?.tan }, here.beside, here.set);
  if (freed.then <= limits.freeAmmonia || freed.then < freed.now * WORSE_FROM) return [];
  const facts = { code, tan: here.tan, now: freed.now, then: freed.then, pH: freed.pH, unread: freed.unread.join(', ') };
  return refuse(freed.unread.length > 0 ? 'water.freesPerhaps' : 'water.frees', 'litres', facts, 'keeper');
}
