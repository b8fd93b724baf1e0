// A change taken off again: what it made is gone, what it took is back, and what others did meanwhile stays.
import fc from 'fast-check';
import type { BenchView } from '#contract/views.ts';
import { makeLayers } from './overlay.ts';
import { revert } from './revert.ts';

const bag = (id: string, more: object = {}) => ({ bag: id, lot: 'l', ...more });

it('what it added goes, what it took comes back to its place, what it changed is as it was', () => {
  const before = { bags: [bag('a'), bag('b'), bag('c', { n: 4 })], left: 3 };
  const after = { bags: [bag('b'), bag('c', { n: 3 }), bag('d')], left: 2 };
  expect(revert(after, before, after)).toEqual(before);
});

it('what somebody else set meanwhile stays', () => {
  const before = { bags: [bag('a', { n: 4, tank: 'G1' })], left: 3 };
  const after = { bags: [bag('a', { n: 3, tank: 'G1' })], left: 2 };
  const now = { bags: [bag('a', { n: 2, tank: 'C1' }), bag('new')], left: 2 };
  expect(revert(now, before, after)).toEqual({ bags: [bag('a', { n: 2, tank: 'C1' }), bag('new')], left: 3 });
});

it('what was set together goes together: found well by another since, it is not half of it mine', () => {
  const before = { tank: { checkedBy: 'Wim', allWell: false, lots: [bag('a', { n: 4 })] } };
  const after = { tank: { checkedBy: 'Bram', allWell: true, lots: [bag('a', { n: 3 })] } };
  const since = { tank: { checkedBy: 'Ines', allWell: true, lots: [bag('a', { n: 3 })] } };
  expect(revert(since, before, after)).toEqual({ tank: { ...since.tank, lots: [bag('a', { n: 4 })] } });
  // What the house knows beyond what was shown does not make it another's.
  const answered = { tank: { ...after.tank, seenBy: 'nobody else' } };
  expect(revert(answered, before, after).tank).toMatchObject({ checkedBy: 'Wim', allWell: false, seenBy: 'nobody else' });
});

it('lists of the same sort are told apart by what names each: several lots of one bag by the lot', () => {
  const before = {
    fish: [
      { bag: 'a', lot: 'x', n: 1 },
      { bag: 'a', lot: 'y', n: 2 },
    ],
  };
  const after = {
    fish: [
      { bag: 'a', lot: 'x', n: 1 },
      { bag: 'a', lot: 'y', n: 1 },
    ],
  };
  expect(revert({ fish: [...after.fish, { bag: 'a', lot: 'z', n: 5 }] }, before, after).fish.map(({ n }) => n)).toEqual([1, 2, 5]);
});

const things = fc.uniqueArray(fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), n: fc.integer({ min: 0, max: 3 }) }), {
  selector: ({ id }) => id,
});
it('whatever it was, straight afterwards nothing of it is left', () => {
  fc.assert(
    fc.property(things, things, fc.integer(), (before, after, left) => {
      const back = revert({ after, left }, { after: before, left: 0 }, { after, left });
      expect(back.left).toBe(0);
      expect(back.after.toSorted((a, b) => a.id.localeCompare(b.id))).toEqual(before.toSorted((a, b) => a.id.localeCompare(b.id)));
    }),
    { seed: 7, numRuns: 500 },
  );
});

/** Edits of other things than those that the act touched, done to whatever stands there. */
const edits = fc.array(fc.record({ id: fc.constantFrom('v', 'w', 'x'), n: fc.integer({ min: 4, max: 9 }), gone: fc.boolean() }), {
  maxLength: 4,
});
type Thing = { id: string; n: number };
const done = (list: readonly Thing[], all: readonly (Thing & { gone: boolean })[]): Thing[] =>
  all.reduce<Thing[]>((now, { id, n, gone }) => [...now.filter((item) => item.id !== id), ...(gone ? [] : [{ id, n }])], [...list]);
const inOrder = (list: readonly Thing[]) => list.toSorted((a, b) => a.id.localeCompare(b.id));

it('what others did to other things stands as if the act had never been', () => {
  fc.assert(
    fc.property(things, things, edits, (before, after, others) => {
      const back = revert({ list: done(after, others) }, { list: before }, { list: after });
      expect(inOrder(back.list)).toEqual(inOrder(done(before, others)));
    }),
    { seed: 11, numRuns: 2000 },
  );
});

it('an act that the view has seen is taken off again, as the layers remember it', () => {
  const layered = makeLayers();
  const view = { seq: 1, bags: [], floats: [], runs: [], people: [] } as BenchView;
  const entry = (kind: string, payload: object) => ({ id: kind, kind, version: 1, occurredAtMs: 1, payload }) as never;
  const overlay = (now: BenchView, act: { entries: { kind: string }[] }) =>
    act.entries[0]!.kind === 'float.started' ? { ...now, people: [{ id: 'x', name: 'afloat' }] } : now;
  const maker = { by: 'Bram', codeOf: (tank: string) => tank };
  const float = { actId: 'f', entries: [entry('float.started', {})] };
  const undo = { actId: 'u', entries: [entry('entry.reversed', { act: 'f' })] };
  const shown = layered<'bench'>('bench', view, { acts: [float], overlay, maker });
  expect(shown.people).toHaveLength(1);
  // The house has answered the float: it is in the view, and no longer among the acts that lie over it.
  const answered = { ...shown, seq: 2 };
  expect(layered<'bench'>('bench', answered, { acts: [undo], overlay, maker }).people).toEqual([]);
  expect(
    layered<'bench'>('bench', answered, { acts: [{ ...undo, entries: [entry('entry.reversed', { act: 'another' })] }], overlay, maker })
      .people,
  ).toHaveLength(1);
});
