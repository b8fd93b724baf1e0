export { againstChange, type Change, type Changed, type ChangeState } from './change.ts';
export { HOUSE_ACTOR, WITHOUT_LEAD, type Actor, type Mark, type Overrule, type Recorded, type Written } from './entry.ts';
export { findUnbalancedLot, move, negate, type Leg } from './legs.ts';
export { judge, passedInAdvance, passingOver, takenAs } from './overrules.ts';
export { JOURNAL_REFUSALS, refuse, type Facts, type Refusal, type RefusalCode } from './refusal.ts';
export { BEFORE_ALLOWED_MS, type Context, type Links, type Rule, type Rules, type Undo } from './rule.ts';
