// Net out: the count, the quarantine that begins, the release, the mishap, in the order in which they are judged.
import { v7 } from 'uuid';
import type { BenchBag } from '#contract/views.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { accepted } from '../data/testOverlay.ts';
import { beginsQuarantine, policyFor, releaseEntries } from './releaseDraft.ts';

const bag = {
  bag: v7(),
  lot: v7(),
  alive: 4,
  holdKnown: false,
  kind: { is: 'fish' },
  tank: { id: 'F2', code: 'F2' },
  system: { id: 's', type: 'marine', purpose: 'quarantine' },
} as unknown as BenchBag;
const policy = policyFor(bag, STARTING_RULES);
const release = (more: Partial<Parameters<typeof releaseEntries>[0]> = {}) =>
  accepted(...releaseEntries({ bag, floatId: v7(), alive: 4, dead: 0, by: 'net', along: [], policy, ...more })) as { kind: string }[];
const kinds = (...given: Parameters<typeof release>) => release(...given).map(({ kind }) => kind);

it('as on record: their quarantine begins, by the rule of their kind on that water, and they are in', () => {
  expect(kinds()).toEqual(['quarantine.opened', 'fish.released']);
  expect(release()).toMatchObject([
    { lot: bag.lot, policy, zero: 'arrival' },
    { bag: bag.bag, tank: 'F2', alive: 4, dead: 0, by: 'net' },
  ]);
  expect(policy).toEqual(STARTING_RULES.quarantine.marine);
});

it('none begins for a lot that has one, into water of customers, or when none lives', () => {
  expect(kinds({ bag: { ...bag, holdKnown: true } })).toEqual(['fish.released']);
  expect(kinds({ bag: { ...bag, system: { ...bag.system!, purpose: 'customer' } } })).toEqual(['fish.released']);
  expect(kinds({ alive: 0, dead: 4, mishap: 'jumped' })).toEqual(['fish.released']);
  expect(beginsQuarantine(bag, 1)).toBe(true);
});

it('another count than the records’ is posted first: missing when fewer, a difference when more', () => {
  expect(release({ alive: 2, dead: 1 })[0]).toMatchObject({ kind: 'stock.counted', found: 3, onRecord: 4, against: 'missing' });
  expect(release({ alive: 5 })[0]).toMatchObject({ kind: 'stock.counted', found: 5, onRecord: 4, against: 'discrepancy' });
});

it('others of the lot go in as they stand on the records, and a mishap is said after all are in', () => {
  const next = { bag: { ...bag, bag: v7(), alive: 3 }, floatId: v7() };
  expect(release({ along: [next], mishap: 'jumped' }).slice(1)).toMatchObject([
    { kind: 'fish.released', bag: bag.bag, alive: 4 },
    { kind: 'fish.released', bag: next.bag.bag, floatId: next.floatId, alive: 3, dead: 0, tank: 'F2' },
    { kind: 'mishap.recorded', lot: bag.lot, tank: 'F2', n: 1, what: 'jumped' },
  ]);
});
