// What an area says about each of its kinds: may it be written, what it moves, what it makes and rests on.
import type { Actor, Written } from './entry.ts';
import type { Leg } from './legs.ts';
import type { Refusal } from './refusal.ts';

/** So much earlier than what it rests on an entry may be dated: two screens and two memories. */
export const BEFORE_ALLOWED_MS = 5 * 60_000;

/** Who may take an act back: its maker and any lead, only a lead, or nobody (then a further entry sets it right). */
export type Undo = 'self' | 'lead' | 'never';
/** What a decision may look at; `state` answers what its area asks of the house. */
export type Context<State> = { now: number; actor: Actor; state: State };
/** Ids that an entry brings into being, and ids whose making it rests on: undoing the maker must come later. */
export type Links = { makes?: string[]; needs?: string[] };

export type Rule<Kind extends string, Payload, State, Extra = object> = {
  /** Reasons against writing it, empty when there are none. Pure: state and clock come in. */
  decide(entry: Written<Kind, Payload>, context: Context<State> & Extra): Refusal[];
  /** What is passed over here is not asked again at what follows from it: so nothing is passed over in advance. */
  remembers?: true;
  /** Stock legs; they sum to zero per lot. */
  legs?(payload: Payload): Leg[];
  links?(payload: Payload): Links;
};
/** One rule for each kind that an area owns, asking only what the area names of the house's state. */
export type Rules<Entries, State> = { [K in keyof Entries & string]: Rule<K, Entries[K], State> };
