// The rules of all areas in one table, and what entries move, make and rest on.
// Reversal stands apart (rules.ts): it asks these, so it cannot be among them.
import { benchRules } from '../bench/index.ts';
import { choreRules } from '../chores/index.ts';
import { dockRules } from '../dock/index.ts';
import { exposureRules } from '../exposure/index.ts';
import { feedingRules } from '../feeding/index.ts';
import { healingRules } from '../healing/index.ts';
import { kitchenRules } from '../kitchen/index.ts';
import type { Leg, Links, Rule } from '../journal/index.ts';
import { moveRules } from '../moves/index.ts';
import { notedRules } from '../noted/index.ts';
import { peopleRules } from '../people/index.ts';
import { photoRules } from '../photos/index.ts';
import { prepareRules } from '../prepare/index.ts';
import { quarantineRules } from '../quarantine/index.ts';
import { roomRules } from '../room/index.ts';
import { roundRules } from '../rounds/index.ts';
import { runRules } from '../runs/index.ts';
import { settingsRules } from '../settings/index.ts';
import { speciesRules } from '../species/index.ts';
import { stockRules } from '../stock/index.ts';
import { supplyRules } from '../supplies/index.ts';
import { todayRules } from '../today/index.ts';
import { treatmentRules } from '../treatments/index.ts';
import { waterRules } from '../water/index.ts';
import { waterTestRules } from '../waterTests/index.ts';
import type { Entry, Kind, Payloads } from './payloads.ts';
import type { HouseState } from './state.ts';

export const areaRules: { [K in Exclude<Kind, 'entry.reversed'>]: Rule<K, Payloads[K], HouseState> } = {
  ...peopleRules,
  ...photoRules,
  ...settingsRules,
  ...roomRules,
  ...speciesRules,
  ...stockRules,
  ...waterRules,
  ...waterTestRules,
  ...dockRules,
  ...prepareRules,
  ...benchRules,
  ...quarantineRules,
  ...moveRules,
  ...notedRules,
  ...exposureRules,
  ...treatmentRules,
  ...feedingRules,
  ...kitchenRules,
  ...supplyRules,
  ...healingRules,
  ...choreRules,
  ...roundRules,
  ...runRules,
  ...todayRules,
};

type AnyRule = Rule<Kind, unknown, HouseState>;
function areaRuleOf(kind: Kind): AnyRule | undefined {
  return (areaRules as unknown as Partial<Record<Kind, AnyRule>>)[kind];
}

/** Stock legs of an entry; none for kinds that move no fish. */
export function legsOf(entry: Pick<Entry, 'kind' | 'payload'>): Leg[] {
  return areaRuleOf(entry.kind)?.legs?.(entry.payload) ?? [];
}

/** Ids have no spaces; a mark that others rest on has some, and may be made again after it was undone. */
const isId = (made: string): boolean => !made.includes(' ');

/** Ids of the things that an entry brings into being: one name space for all of the house. */
export const idsMadeBy = (entry: Pick<Entry, 'kind' | 'payload'>): string[] => linksOf(entry).makes.filter(isId);

/** What an entry makes and what it rests on. */
export function linksOf(entry: Pick<Entry, 'kind' | 'payload'>): Required<Links> {
  return { makes: [], needs: [], ...areaRuleOf(entry.kind)?.links?.(entry.payload) };
}
