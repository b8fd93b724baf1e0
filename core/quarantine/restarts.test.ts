import { whoMeets, whoRestarts, type Placed } from './index.ts';

const one = (lot: string, system: string, onHold: boolean): Placed => ({ lot, label: lot, tank: `${system}-1`, system, onHold });
const living = [one('held', 'w', true), one('clear', 'w', false), one('mover', 'v', true), one('far', 'x', true)];
const move = (lot: string, onHold: boolean, toSystem = 'w') => whoRestarts({ lot, onHold, fromSystem: 'v', toSystem }, living);
const lots = (list: readonly Placed[]) => list.map(({ lot }) => lot);

it('fish on hold that come to a water begin its clocks anew, and their own', () => {
  const { restarted, exposed, newcomerExposed } = move('mover', true);
  expect([lots(restarted), lots(exposed), newcomerExposed]).toEqual([['held'], ['clear'], false]);
});

it('cleared fish begin nobody anew, but would meet fish on hold', () => {
  const { restarted, exposed, newcomerExposed } = move('sold', false);
  expect([restarted, exposed, newcomerExposed]).toEqual([[], [], true]);
});

it('within one water, and to an empty one, nothing begins anew', () => {
  expect(move('mover', true, 'v').restarted).toEqual([]);
  expect(move('mover', true, 'empty')).toEqual({ restarted: [], exposed: [], newcomerExposed: false });
});

it('is no newcomer to its own lot', () => {
  const { restarted } = whoRestarts({ lot: 'held', onHold: true, fromSystem: 'v', toSystem: 'w' }, living);
  expect(restarted).toEqual([]);
});

it('two waters that become one: everybody on hold in either meets the other', () => {
  const { restarted, exposed } = whoMeets(['w', 'v'], living);
  expect([lots(restarted).sort(), lots(exposed)]).toEqual([['held', 'mover'], ['clear']]);
  expect(whoMeets(['w', 'empty'], living)).toEqual({ restarted: [], exposed: [] });
});
