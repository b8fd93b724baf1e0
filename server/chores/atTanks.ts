// Chores that are due at single tanks, for the walk: ticked where the hand is. Those of water have a form of their own.
import type Database from 'better-sqlite3';
import { AGAINST_TREATMENT, IS_WATER } from '#core/chores/index.ts';
import type { RoundTank } from '#contract/views.ts';
import { houseDay } from '#core/time/index.ts';
import { prepareSupplies } from '../supplies/state.ts';
import { notDueSince, prepareDoneSince, prepareKeptChores, preparePlaces, prepareTreated } from './standing.ts';

type Chores = RoundTank['chores'];

/** What is due is what was not done since: when it was done before does not matter on the walk. */
export function prepareTankChores(client: Database.Database): (given: { now: number; zone: string }) => Map<string, Chores> {
  const kept = prepareKeptChores(client);
  const places = preparePlaces(client);
  const doneSince = prepareDoneSince(client);
  const treated = prepareTreated(client);
  const supplies = prepareSupplies(client);
  return (given) => {
    const at = new Map<string, Chores>();
    const today = houseDay(given.now, given.zone);
    const chores = kept().filter(
      ({ is, per, plannedMs }) => per === 'tank' && !IS_WATER.includes(is) && houseDay(plannedMs, given.zone) <= today,
    );
    if (chores.length === 0) return at;
    const names = new Map(supplies().map(({ id, name }) => [id, name]));
    const [where, under] = [places(), treated()];
    for (const chore of chores) {
      const { id, is, name, takes = [] } = chore;
      const done = doneSince(id, notDueSince(chore, given));
      const waits = AGAINST_TREATMENT.includes(is) ? under : NOBODY;
      const due = { chore: id, name, takes: takes.map(({ item, amount }) => ({ item, amount, name: names.get(item) ?? item })) };
      for (const place of where.of(chore)) {
        if (done.has(place.id) || place.systems.some((system) => waits.has(system))) continue;
        const here = at.get(place.tank);
        if (here) here.push(due);
        else at.set(place.tank, [due]);
      }
    }
    return at;
  };
}
const NOBODY: ReadonlySet<string> = new Set();
