// The rules of all areas in one table, and what entries move, make and rest on.
// Reversal stands apart (rules.ts): it asks these, so it cannot be among them.
import { benchRules } from '../bench/rules.ts';
import { dockRules } from '../dock/rules.ts';
import { exposureRules } from '../exposure/rules.ts';
import { holdRules } from '../holds/rules.ts';
import { moveRules } from '../moves/rules.ts';
import { peopleRules } from '../people/rules.ts';
import { remedyRules } from '../remedies/rules.ts';
import { roomRules } from '../room/rules.ts';
import { roundRules } from '../rounds/rules.ts';
import { runRules } from '../runs/rules.ts';
import { speciesRules } from '../species/rules.ts';
import type { Leg } from '../stock/legs.ts';
import { stockRules } from '../stock/rules.ts';
import { todayRules } from '../today/rules.ts';
import { waterRules } from '../water/rules.ts';
import type { Entry } from './entry.ts';
import type { Kind } from './payloads.ts';
import type { Links, Rule } from './rule.ts';

export const areaRules: { [K in Exclude<Kind, 'entry.reversed'>]: Rule<K> } = {
  ...peopleRules,
  ...roomRules,
  ...speciesRules,
  ...stockRules,
  ...waterRules,
  ...dockRules,
  ...benchRules,
  ...holdRules,
  ...moveRules,
  ...exposureRules,
  ...remedyRules,
  ...roundRules,
  ...runRules,
  ...todayRules,
};

function areaRuleOf(kind: Kind): Rule<Kind> | undefined {
  return (areaRules as unknown as Partial<Record<Kind, Rule<Kind>>>)[kind];
}

/** Stock legs of an entry; none for kinds that move no fish. */
export function legsOf(entry: Pick<Entry, 'kind' | 'payload'>): Leg[] {
  return areaRuleOf(entry.kind)?.legs?.(entry.payload) ?? [];
}

/** Ids have no spaces; a mark that others rest on has some, and may be made again after it was taken back. */
const isId = (made: string): boolean => !made.includes(' ');

/** Ids of the things that an entry brings into being: one name space for all of the house. */
export const idsMadeBy = (entry: Pick<Entry, 'kind' | 'payload'>): string[] => linksOf(entry).makes.filter(isId);

/** What an entry makes and what it rests on. */
export function linksOf(entry: Pick<Entry, 'kind' | 'payload'>): Required<Links> {
  return { makes: [], needs: [], ...areaRuleOf(entry.kind)?.links?.(entry.payload) };
}
