// May this entry be written? Common rules first (role, time), then the kind's own, then what overrules pass over.
import { BEFORE_ALLOWED_MS, judge, passedInAdvance, refuse, type Overrule, type Refusal } from '../journal/index.ts';
import { isCost } from '../placement/index.ts';
import { atLeast, type Role } from '../roles/index.ts';
import { DAY_MS, MINUTE_MS } from '../time/index.ts';
import { idsMadeBy, linksOf } from './areaRules.ts';
import type { Entry } from './payloads.ts';
import { ruleOf, type DecideContext } from './rules.ts';

/** An entry may be dated this far ahead of the house clock: two tablets never agree to the second. */
export const FUTURE_ALLOWED_MS = 2 * MINUTE_MS;
/** Older than this, only a lead writes: by then others have acted on the records. */
export const OLD_NEEDS_LEAD_MS = 7 * DAY_MS;

/** `left` = every reason that still stands against an entry; empty = it may be written. `passing` = which of its overrules passed over one. */
export type Judged = { left: Refusal[]; passing: ReadonlySet<Overrule> };
const against = (left: Refusal[]): Judged => ({ left, passing: new Set() });

/**
 * May it be written? A refusal that names a rank is passed over when the entry carries an overrule for its code and the actor has that rank.
 * `asked` = refusals of the house as a whole, judged with those of its own rule.
 */
export function decide(entry: Entry, context: DecideContext & { minRole: Role; asked?: readonly Refusal[] }): Judged {
  const { actor, now, minRole } = context;
  if (!atLeast(actor.role, minRole)) return against(refuse('role', 'kind', { needs: minRole, has: actor.role }));
  if (entry.occurredAtMs > now + FUTURE_ALLOWED_MS)
    return against(refuse('time.future', 'occurredAtMs', { atMs: entry.occurredAtMs, nowMs: now }));
  if (entry.occurredAtMs < now - OLD_NEEDS_LEAD_MS && !atLeast(actor.role, 'lead')) {
    return against(refuse('time.old', 'occurredAtMs', { atMs: entry.occurredAtMs }));
  }
  const tooEarly = beforeItsGround(entry, context);
  if (tooEarly.length > 0) return against(tooEarly);
  const rule = ruleOf(entry.kind);
  const refusals = rule.decide(entry, context);
  refusals.push(...namedAnew(entry, refusals, context));
  const judged = judge([...refusals, ...(context.asked ?? [])], entry, actor.role);
  if (!rule.remembers) return judged;
  const leadOnly: readonly string[] = context.state.findRules()?.places.leadOnly ?? [];
  const isTap = (code: string) => isCost(code) && !leadOnly.includes(code);
  // What a place costs is taken for all that are to come there: it passes later, as large as it was said to be.
  const taps = (entry.overrules ?? []).filter(({ code }) => isTap(code));
  const inAdvance = atLeast(actor.role, 'lead') ? [] : passedInAdvance(refusals, entry, isTap);
  return { left: [...judged.left, ...inAdvance], passing: new Set([...judged.passing, ...taps]) };
}

/** What is called so once is nothing else ever: a bag with the id of a tank would be released into it. Not said of what its own area knows already. */
function namedAnew(entry: Entry, known: readonly Refusal[], { state }: DecideContext): Refusal[] {
  if (known.some(({ code }) => code === 'exists')) return [];
  const ids = idsMadeBy(entry);
  const twice = ids.find((id, index) => ids.indexOf(id) !== index || state.isTaken(id));
  return twice === undefined ? [] : refuse('id.taken', 'kind', { id: twice });
}

/** Nothing was done with what was not there yet; a lead sets right what was written down in the wrong order. */
function beforeItsGround(entry: Entry, { state, actor }: DecideContext): Refusal[] {
  if (atLeast(actor.role, 'lead')) return [];
  const grounds = linksOf(entry).needs.map((ref) => state.madeAt(ref) ?? 0);
  const latest = Math.max(0, ...grounds);
  return entry.occurredAtMs + BEFORE_ALLOWED_MS < latest
    ? refuse('time.before', 'occurredAtMs', { atMs: entry.occurredAtMs, afterMs: latest })
    : [];
}
