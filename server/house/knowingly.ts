// An act written by the demo or a test: what a place costs is taken knowingly, as a keeper's tap does on a screen; anything else stands.
import type { Act } from '#core/catalogue/index.ts';
import type { Actor } from '#core/journal/index.ts';
import { takenKnowingly } from '#core/placement/index.ts';
import type { RunningHouse } from './house.ts';

/** A place has no more kinds of cost than this. */
const MOST_TURNS = 20;

export function appendKnowingly(house: Pick<RunningHouse, 'append'>, act: Act, actor: Actor): ReturnType<RunningHouse['append']> {
  let outcome = house.append(act, actor);
  let taken: Act | undefined = act;
  for (let turn = 0; !outcome.ok && turn < MOST_TURNS; turn += 1) {
    taken = takenKnowingly(taken, outcome.refusals);
    if (!taken) break;
    outcome = house.append(taken, actor);
  }
  return outcome;
}
