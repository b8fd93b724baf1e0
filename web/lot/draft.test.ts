// What is said of a lot becomes what was meant, and what the house takes.
import { v7 } from 'uuid';
import { accepted } from '../data/testOverlay.ts';
import { asksWhy, fetchedEntries, joinEntry, liftedEntry, namedEntry, outEntry, splitEntry, WAYS_OUT } from './draft.ts';

const lot = { id: v7(), label: 'green chromis' };
const from = { place: 'F2', name: 'F2', n: 6 };
const promise = { promise: v7(), n: 2, forWhom: 'the front window' };

it.each([
  ['sold', 'sold'],
  ['given away', 'given'],
  ['returned', 'returned'],
  ['put down', 'put-down'],
] as const)('%s: that many leave that tank, with the note that was typed', (way, to) => {
  expect(accepted(outEntry({ lot, way, from, n: 3, why: ' ill ' }))).toEqual([
    { kind: 'stock.moved', moves: [{ lot: lot.id, from: 'F2', to, n: 3 }], why: 'ill' },
  ]);
  expect(accepted(outEntry({ lot, way, from, n: 3, why: '  ' }))[0]).not.toHaveProperty('why');
});

it('promised, they stay where they are; for whom is asked, as the why of putting down is', () => {
  expect(accepted(outEntry({ lot, way: 'promised', from, n: 2, why: 'a school' }))).toMatchObject([
    { kind: 'lot.promised', lot: lot.id, n: 2, forWhom: 'a school' },
  ]);
  expect(WAYS_OUT.filter(asksWhy)).toEqual(['put down', 'promised']);
});

it('fetched, the promise ends and as many are sold; not wanted, it only ends', () => {
  expect(accepted(...fetchedEntries({ lot, promise }, from))).toEqual([
    { kind: 'promise.lifted', promise: promise.promise, lot: lot.id, why: 'fetched' },
    { kind: 'stock.moved', moves: [{ lot: lot.id, from: 'F2', to: 'sold', n: 2 }], why: 'the front window' },
  ]);
  expect(accepted(liftedEntry({ lot, promise }, 'not wanted'))).toMatchObject([{ kind: 'promise.lifted', why: 'not wanted' }]);
});

it('cut off in quarantine they carry a clock of their own; without a name of their own they keep the lot’s', () => {
  const cut = { lot, place: 'F2', n: 1, why: 'followed singly', label: ' ' } as const;
  expect(accepted(splitEntry({ ...cut, inQuarantine: false }))[0]).not.toHaveProperty('quarantine');
  const [part] = accepted(splitEntry({ ...cut, inQuarantine: true })) as { label: string; child: string; quarantine?: string }[];
  expect(part).toMatchObject({ label: 'green chromis', place: 'F2', n: 1 });
  expect(part!.quarantine).toMatch(/^[\da-f-]{36}$/);
  expect(new Set([part!.child, part!.quarantine, lot.id]).size).toBe(3);
});

it('joined and named by what was typed, without the spaces around it', () => {
  const into = v7();
  expect(accepted(joinEntry({ lot, into, place: 'F2', n: 6, why: ' same crate ' }))).toEqual([
    { kind: 'lot.joined', lot: lot.id, into, place: 'F2', n: 6, why: 'same crate' },
  ]);
  const species = { id: 'green-chromis', common: 'green chromis' };
  expect(accepted(namedEntry({ lot, species, sure: 'guess', note: '' }))).toEqual([
    { kind: 'lot.named', lot: lot.id, species: 'green-chromis', label: 'green chromis', sure: 'guess' },
  ]);
  expect(accepted(namedEntry({ lot, species, sure: 'likely', note: ' by its tail ' }))).toMatchObject([{ note: 'by its tail' }]);
});
