// A claim of a crate: what was dead, short or other than listed, inside the hours that its supplier gives. Pure; the server gathers the facts.
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import { HOUR_MS } from '../time/index.ts';
import type { ClaimRule } from './entries.ts';

/** Heads; what landed alive is not claimed. */
export type ClaimCounts = { dead: number; short: number; wrong: number };
export const CLAIM_ANSWERS = ['paid', 'credit', 'refused'] as const;
export type ClaimAnswer = (typeof CLAIM_ANSWERS)[number];

export type ClaimSent = { crate: string; counts: ClaimCounts; note?: string };
/** `amount` in the currency that was answered in. */
export type ClaimAnswered = { crate: string; answer: ClaimAnswer; amount?: number; currency?: string; note?: string };
export interface ClaimEntries {
  'claim.sent': ClaimSent;
  'claim.answered': ClaimAnswered;
}

/** What is known of a crate that may be claimed; `rule` is missing when nobody wrote down what its supplier grants. */
export type ClaimFacts = {
  label: string;
  counts: ClaimCounts;
  rule?: ClaimRule;
  arrivedAtMs?: number;
  /** The first bag of it. */
  openedAtMs?: number;
  /** The latest letter, and the latest answer to it. */
  sent?: { counts: ClaimCounts; atMs: number };
  answered?: ClaimAnswer;
};
export interface ClaimState {
  findClaim(crate: string): ClaimFacts | undefined;
}

export const headsOf = ({ dead, short, wrong }: ClaimCounts): number => dead + short + wrong;
/** `2 dead, 1 short`; what is none is not said. */
export const sayClaimed = ({ dead, short, wrong }: ClaimCounts): string =>
  [dead > 0 && `${dead} dead`, short > 0 && `${short} short`, wrong > 0 && `${wrong} other than listed`].filter(Boolean).join(', ') ||
  'nothing';
const same = (a: ClaimCounts, b: ClaimCounts): boolean => a.dead === b.dead && a.short === b.short && a.wrong === b.wrong;

/** The hours in which it may be claimed; undefined where the rule is not known, or they have not begun. */
export function claimWindow({
  rule,
  arrivedAtMs,
  openedAtMs,
}: Pick<ClaimFacts, 'rule' | 'arrivedAtMs' | 'openedAtMs'>): { startMs: number; endMs: number } | undefined {
  const startMs = rule && (rule.from === 'arrival' ? arrivedAtMs : openedAtMs);
  return rule && startMs !== undefined ? { startMs, endMs: startMs + Math.round(rule.withinH * HOUR_MS) } : undefined;
}

/** Few dead and nothing else is not claimed by their rule; where no rule is known, one is enough. */
export function isFew({ counts, rule }: Pick<ClaimFacts, 'counts' | 'rule'>): boolean {
  return counts.short + counts.wrong === 0 && counts.dead < (rule?.leastDead ?? 1);
}

export type ClaimStage = 'nothing' | 'open' | 'sent' | 'grown' | ClaimAnswer;

/** Where it stands. `grown` = the records have other figures than the letter had: it is to be sent again, whatever was answered. */
export function claimStage({ counts, rule, sent, answered }: Pick<ClaimFacts, 'counts' | 'rule' | 'sent' | 'answered'>): ClaimStage {
  // All of it was found after all: there is no letter to write.
  if (headsOf(counts) === 0) return 'nothing';
  if (sent && !same(sent.counts, counts)) return 'grown';
  if (sent) return answered ?? 'sent';
  return isFew({ counts, rule }) ? 'nothing' : 'open';
}

export const claimRules: Rules<ClaimEntries, ClaimState> = {
  'claim.sent': {
    decide({ payload, occurredAtMs }, { state }) {
      const claim = state.findClaim(payload.crate);
      if (!claim) return refuse('unknown', 'crate', { what: 'crate', id: payload.crate });
      if (claim.arrivedAtMs === undefined) return refuse('crate.notArrived', 'crate', { crate: claim.label });
      // A letter with other figures than the records have is no letter.
      if (!same(claim.counts, payload.counts)) return refuse('claim.otherCount', 'counts', { ...claim.counts });
      if (headsOf(claim.counts) === 0) return refuse('claim.nothing', 'counts', { crate: claim.label });
      if (claim.sent && same(claim.sent.counts, claim.counts))
        return refuse('claim.sentAlready', 'crate', { crate: claim.label, atMs: claim.sent.atMs });
      return askedOf(claim, occurredAtMs);
    },
    links: ({ crate }) => ({ needs: [`arrival of ${crate}`] }),
  },
  'claim.answered': {
    decide({ payload }, { state }) {
      const claim = state.findClaim(payload.crate);
      if (!claim) return refuse('unknown', 'crate', { what: 'crate', id: payload.crate });
      return claim.sent ? [] : refuse('claim.notSent', 'crate', { crate: claim.label });
    },
  },
};

/** Possible all the same, knowingly. */
function askedOf(claim: ClaimFacts, atMs: number): Refusal[] {
  const window = claimWindow(claim);
  return [
    ...(isFew(claim) ? refuse('claim.few', 'counts', { dead: claim.counts.dead, least: claim.rule?.leastDead ?? 1 }, 'keeper') : []),
    ...(window && atMs > window.endMs ? refuse('claim.late', 'crate', { endMs: window.endMs, atMs: window.endMs }, 'keeper') : []),
  ];
}
