import fc from 'fast-check';
import { HOUR_MS } from '../time/index.ts';
import { claimStage, claimWindow, headsOf, isFew, sayClaimed, type ClaimFacts } from './index.ts';

const counts = { dead: 2, short: 1, wrong: 0 };
const rule = { withinH: 4, from: 'arrival' as const, leastDead: 3 };

it('the hours run from the door or from the first bag; where the rule or the moment is not known there are none', () => {
  expect(claimWindow({ rule, arrivedAtMs: 1000, openedAtMs: 5000 })).toEqual({ startMs: 1000, endMs: 1000 + 4 * HOUR_MS });
  expect(claimWindow({ rule: { ...rule, from: 'opening' }, arrivedAtMs: 1000 })).toBeUndefined();
  expect(claimWindow({ rule: { ...rule, from: 'opening', withinH: 0.5 }, arrivedAtMs: 1000, openedAtMs: 5000 })?.endMs).toBe(
    5000 + HOUR_MS / 2,
  );
  expect(claimWindow({ arrivedAtMs: 1000, openedAtMs: 5000 })).toBeUndefined();
});

it('few dead are not claimed by their rule, what is short always is; where nobody knows the rule one is enough', () => {
  expect(isFew({ counts: { dead: 2, short: 0, wrong: 0 }, rule })).toBe(true);
  expect(isFew({ counts, rule })).toBe(false);
  expect(isFew({ counts: { dead: 1, short: 0, wrong: 0 } })).toBe(false);
  expect(isFew({ counts: { dead: 0, short: 0, wrong: 0 } })).toBe(true);
});

// A ledger that is told the same in another way: events in their order, the stage after each.
it('where a claim stands follows from the latest of what happened, whatever came before', () => {
  const event = fc.oneof(
    fc.record({ is: fc.constant('found' as const), n: fc.integer({ min: 1, max: 3 }) }),
    fc.record({ is: fc.constant('sent' as const) }),
    fc.record({ is: fc.constantFrom('paid' as const, 'credit' as const, 'refused' as const) }),
  );
  fc.assert(
    fc.property(fc.array(event, { maxLength: 14 }), (events) => {
      const facts: Pick<ClaimFacts, 'counts' | 'sent' | 'answered'> = { counts: { dead: 0, short: 0, wrong: 0 } };
      let expected = 'nothing';
      events.forEach((happened, index) => {
        if (happened.is === 'found') {
          facts.counts = { ...facts.counts, dead: facts.counts.dead + ('n' in happened ? happened.n : 0) };
          expected = expected === 'nothing' || expected === 'open' ? 'open' : 'grown';
        } else if (happened.is === 'sent') {
          if (headsOf(facts.counts) === 0) return;
          facts.sent = { counts: facts.counts, atMs: index };
          delete facts.answered;
          expected = 'sent';
        } else {
          if (!facts.sent) return;
          facts.answered = happened.is;
          if (expected !== 'grown') expected = happened.is;
        }
        expect(claimStage(facts)).toBe(expected);
      });
    }),
    { numRuns: 3000 },
  );
});

it('what was claimed and found after all asks for no second letter', () => {
  const none = { dead: 0, short: 0, wrong: 0 };
  expect(claimStage({ counts: none, sent: { counts, atMs: 1 } })).toBe('nothing');
});

it('says what there is', () => {
  expect([sayClaimed(counts), sayClaimed({ dead: 0, short: 0, wrong: 0 })]).toEqual(['2 dead, 1 short', 'nothing']);
});
