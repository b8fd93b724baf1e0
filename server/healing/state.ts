// Healing, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { prepareHealings } from './cards.ts';

export function healingState(client: Database.Database): Pick<HouseState, 'findHealing' | 'healingsOf'> {
  const healings = prepareHealings(client);
  return {
    findHealing: (id) => healings.find(id),
    healingsOf: (lot) => healings.ofLot(lot).flatMap(({ healing, what, begunMs, ended }) => (ended ? [] : [{ healing, what, begunMs }])),
  };
}
