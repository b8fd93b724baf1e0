// May this entry be written? Common rules first (role, time), then the kind's own, then what overrules pass over.
import { atLeast, type Role } from '../people/roles.ts';
import type { Entry } from './entry.ts';
import { refuse, type Refusal } from './refusal.ts';
import { ruleOf } from './rules.ts';
import type { Context } from './rule.ts';

/** An entry may be dated this far ahead of the house clock: two tablets never agree to the second. */
export const FUTURE_ALLOWED_MS = 2 * 60_000;
/** Older than this, only a lead writes: by then others have acted on the books. */
export const OLD_NEEDS_LEAD_MS = 7 * 86_400_000;

/**
 * Every reason that still stands against an entry; empty = it may be written. A refusal that names a rank is passed
 * over when the entry carries an overrule for its code and the actor has that rank.
 */
export function decide(entry: Entry, context: Context & { minRole: Role }): Refusal[] {
  const { actor, now, minRole } = context;
  if (!atLeast(actor.role, minRole)) return refuse('role', 'kind', { needs: minRole, has: actor.role });
  if (entry.occurredAtMs > now + FUTURE_ALLOWED_MS) return refuse('time.future', 'occurredAtMs', { atMs: entry.occurredAtMs, nowMs: now });
  if (entry.occurredAtMs < now - OLD_NEEDS_LEAD_MS && !atLeast(actor.role, 'lead')) {
    return refuse('time.old', 'occurredAtMs', { atMs: entry.occurredAtMs });
  }
  return ruleOf(entry.kind)
    .decide(entry as never, context)
    .filter((refusal) => !isOverruled(refusal, entry, actor.role));
}

function isOverruled(refusal: Refusal, entry: Entry, role: Role): boolean {
  if (!refusal.overrule) return false;
  const suffices = atLeast(role, refusal.overrule);
  const urgent = refusal.emergency === true && atLeast(role, 'keeper');
  // Of a cost nothing is taken by who does not say how large it was then.
  const grew = (size: number | undefined) => typeof refusal.facts.size === 'number' && refusal.facts.size > (size ?? 0) + 1e-9;
  return (
    entry.overrules?.some(
      ({ code, without, size }) => code === refusal.code && !grew(size) && (suffices || (urgent && without !== undefined)),
    ) ?? false
  );
}
