// The rule of every kind in one table; the type makes a missing one an error.
import type { Context, Rule } from '../journal/index.ts';
import { areaRules } from './areaRules.ts';
import type { Kind, Payloads } from './payloads.ts';
import { reversalRule, type UndoContext } from './reversal.ts';
import type { HouseState } from './state.ts';

export const rules: { [K in Kind]: Rule<K, Payloads[K], HouseState, UndoContext> } = { 'entry.reversed': reversalRule, ...areaRules };

/** What every rule may be asked with: reversal alone asks who may take a kind back. */
export type DecideContext = Context<HouseState> & UndoContext;

/** The rule of a kind, its payload widened: an entry always meets the rule of its own kind. */
export function ruleOf(kind: Kind): Rule<Kind, Payloads[Kind], HouseState, UndoContext> {
  return rules[kind];
}
