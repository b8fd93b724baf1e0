// One declaration a due rule: what it makes of the facts, who may settle it, and whether a word of anybody can. What it is called and where it leads stands in web, in
// a table of all rules.
import type { DueFacts } from './facts.ts';
import type { Due } from './thing.ts';

export type DueAt = { now: number; zone: string; /** House rules. */ lateAfterH: number; eveningFromHour: number };

/** A due thing without its name: `entry` = what it comes of, from which its id follows. */
export type DueOf = Omit<Due, 'id' | 'rule' | 'snoozed'> & { entry: string };

/** What waits for it, the worst first: fish in a bag, a bucket or a bath; fish that were hurt or moved; a tank that fails; what the day brings (a crate, the walk); work that hurts nobody. */
export const HARMS = ['vessel', 'fish', 'tank', 'round', 'work'] as const;
export type Harm = (typeof HARMS)[number];

export type DueDefinition = {
  harm: Harm;
  /**
   * `by hand`: somebody may call it done or leave it out. `by doing`: it ends when it is done, and can only be put off; a word of anybody would hide it for ever.
   * `by a reason`: nobody can do it any more, so it is neither done nor put off: it is left out, and says why.
   */
  ends: 'by hand' | 'by doing' | 'by a reason';
  /** What a lead is called to nobody else may say was checked, or put off. */
  settledBy: 'anybody' | 'lead';
  /** Everything of this rule that follows from the facts, whether it is shown yet or not. */
  derive(facts: DueFacts, asked: DueAt): DueOf[];
};

export const defineDue = (definition: DueDefinition): DueDefinition => definition;
