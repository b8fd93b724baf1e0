// The shape of what is written down, whatever it is about: an entry, an entry once recorded, who wrote it, what passed over a refusal.
import type { Role } from '../roles/index.ts';
import type { RefusalCode } from './refusal.ts';

/** A named refusal that somebody of sufficient rank passed over, with the reason given. */
export const WITHOUT_LEAD = ['no lead to be reached', 'done already'] as const;
/** `path` = where in the payload the refusal stands; `without` = why no lead said so; `size` = as large as a cost was when it was taken. */
export type Overrule = { code: RefusalCode; reason: string; path?: string; size?: number; without?: (typeof WITHOUT_LEAD)[number] };

/** One thing that happened, as its maker sends it. `id` is identity only, never order. */
export type Written<Kind extends string = string, Payload = unknown> = {
  id: string;
  kind: Kind;
  version: number;
  occurredAtMs: number;
  payload: Payload;
  overrules?: Overrule[];
  corrects?: string;
};

/** What the server adds when it takes an entry into the journal. `seq` is the order of record. */
export type Recorded<Entry extends Written> = Entry & { seq: number; recordedAtMs: number; actor: string; actId: string };

/** Who did something and when, for words such as “Bram landed it at 07:12”. */
export type Mark = { entry: string; by: string; atMs: number };

/** Who writes: a person, or the house itself before its first lead exists. */
export type Actor = { id: string; role: Role };
export const HOUSE_ACTOR = 'house';
