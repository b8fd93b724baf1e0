// Chores that are due at single tanks, for the walk: ticked where the hand is. Those of water have a form of their own.
import type Database from 'better-sqlite3';
import { IS_WATER } from '#core/chores/index.ts';
import type { RoundTank } from '#contract/views.ts';
import { prepareSupplies } from '../supplies/state.ts';
import { prepareStandingChores } from './standing.ts';

export function prepareTankChores(client: Database.Database): (given: { now: number; zone: string }) => Map<string, RoundTank['chores']> {
  const standing = prepareStandingChores(client);
  const supplies = prepareSupplies(client);
  return (given) => {
    const at = new Map<string, RoundTank['chores']>();
    const chores = standing(given).filter(({ is, per }) => per === 'tank' && !IS_WATER.includes(is));
    if (chores.length === 0) return at;
    const names = new Map(supplies().map(({ id, name }) => [id, name]));
    for (const { id, name, takes = [], places } of chores)
      for (const place of places)
        if (place.is === 'due' || place.is === 'overdue')
          at.set(place.tank, [
            ...(at.get(place.tank) ?? []),
            { chore: id, name, takes: takes.map(({ item, amount }) => ({ item, amount, name: names.get(item) ?? item })) },
          ]);
    return at;
  };
}
