// An answer about one lot is none about another, and none about more than was said.
import type { Overrule } from './entry.ts';
import { judge, passingOver, takenAs } from './overrules.ts';
import { refuse } from './refusal.ts';

const leftOver = (...given: Parameters<typeof judge>) => judge(...given).left;
const crowded = (path: string, size: number) => refuse('cost.crowded', path, { size }, 'keeper');
const entry = (...overrules: Parameters<typeof judge>[1]['overrules'] & object) => ({ overrules });

it('passes what it names, where it names it, as large as it said', () => {
  const both = [...crowded('moves.0', 1.2), ...crowded('moves.1', 1.6)];
  const taken = (path: string, size: number) => ({ code: 'cost.crowded' as const, reason: 'seen', path, size });
  expect(leftOver(both, entry(taken('moves.0', 1.2)), 'keeper')).toEqual(crowded('moves.1', 1.6));
  expect(leftOver(both, entry(taken('moves.0', 1.2), taken('moves.1', 1.2)), 'keeper')).toEqual(crowded('moves.1', 1.6));
  expect(leftOver(both, entry(taken('moves.0', 1.2), taken('moves.1', 1.6)), 'keeper')).toEqual([]);
});

it('one that names no place passes only what stands at one', () => {
  const anywhere = { code: 'cost.crowded' as const, reason: 'seen', size: 2 };
  expect(leftOver(crowded('moves.0', 1.2), entry(anywhere), 'keeper')).toEqual([]);
  expect(leftOver([...crowded('moves.0', 1.2), ...crowded('moves.1', 1.6)], entry(anywhere), 'keeper')).toHaveLength(2);
});

it('a cost whose size was not said is not taken', () => {
  expect(leftOver(crowded('tank', 1.2), entry({ code: 'cost.crowded', reason: 'seen' }), 'lead')).toHaveLength(1);
  expect(leftOver(refuse('fit.noLid', 'tank', {}, 'lead'), entry({ code: 'fit.noLid', reason: 'net' }), 'lead')).toEqual([]);
});

it('a rank too low passes nothing, but in need, which a trainee has not', () => {
  const lid = [{ ...refuse('fit.noLid', 'tank', {}, 'lead')[0]!, emergency: true as const }];
  const need = entry({ code: 'fit.noLid', reason: 'net', without: 'done already' });
  expect(leftOver(lid, entry({ code: 'fit.noLid', reason: 'net' }), 'keeper')).toHaveLength(1);
  expect(leftOver(lid, need, 'keeper')).toEqual([]);
  expect(leftOver(lid, need, 'trainee')).toHaveLength(1);
});

it('is laid on the entry that was refused, and on those that ask the same for the same lot and tank', () => {
  const bag = (lot: string, tank: string): { kind: string; payload: object; overrules?: Overrule[] } => ({
    kind: 'bag.assigned',
    payload: { bag: 'b', lot, tank },
  });
  const entries = [bag('a', 'G1'), bag('a', 'G1'), bag('b', 'G1'), bag('a', 'G2')];
  const [cost] = crowded('entries.0.payload.tank', 1.2);
  const over = passingOver(entries, [cost!], (refusal) => takenAs(refusal, 'seen'));
  const expected = [{ code: 'cost.crowded', reason: 'seen', path: 'tank', size: 1.2 }];
  expect(over.map(({ overrules }) => overrules)).toEqual([expected, expected, undefined, undefined]);
});
