// What a place is judged by besides its tank: its system, what was odd there, how weak a lot is.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { CALM_SYSTEM } from '#core/placement/index.ts';
import { prepareNeed } from './need.ts';
import { prepareSuspects } from '../rounds/suspects.ts';
import { prepareSystems } from './systems.ts';
import { prepareWeak } from './weak.ts';

export function placementState(
  client: Database.Database,
): Pick<HouseState, 'systemStateOf' | 'isWeak' | 'needOf' | 'needOfBag' | 'isSuspect'> {
  const systemStates = prepareSystems(client);
  const need = prepareNeed(client);
  const suspects = prepareSuspects(client);
  return {
    systemStateOf: (id) => systemStates(id).get(id) ?? CALM_SYSTEM,
    isWeak: prepareWeak(client),
    needOf: need.ofLot,
    needOfBag: need.ofBag,
    isSuspect: (id, atMs) => suspects(atMs).systems.has(id),
  };
}
