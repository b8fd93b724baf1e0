// Acclimations that run and the water in their vessels, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { runFactsOf, vesselWater } from '#core/runs/index.ts';
import { prepareKnown } from './known.ts';
import { prepareRunSummary } from './runSummary.ts';

export function runState(client: Database.Database): Pick<HouseState, 'findRun' | 'hasRun' | 'findVesselWater'> {
  const find = prepareRunSummary(client);
  const runs = prepareKnown(client);
  return {
    findRun: find,
    hasRun: (id) => find(id) !== undefined,
    findVesselWater(run, atMs) {
      const [known] = runs(run);
      return known && vesselWater(runFactsOf(known), atMs);
    },
  };
}
