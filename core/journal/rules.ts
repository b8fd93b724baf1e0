// The rule of every kind in one table; the type makes a missing one an error.
import { areaRules } from './areaRules.ts';
import type { Kind } from './payloads.ts';
import { reversalRule } from './reversal.ts';
import type { Rule } from './rule.ts';

export const rules: { [K in Kind]: Rule<K> } = { 'entry.reversed': reversalRule, ...areaRules };

/** The rule of a kind, its entry type widened: an entry always meets the rule of its own kind. */
export function ruleOf(kind: Kind): Rule<Kind> {
  return rules[kind];
}
