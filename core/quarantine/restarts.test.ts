import { whoMeets, whoRestarts, type Placed } from './index.ts';

const placedAt = (lot: string, system: string, inQuarantine: boolean): Placed => ({
  lot,
  label: lot,
  tank: `${system}-1`,
  system,
  inQuarantine,
});
const living = [placedAt('held', 'w', true), placedAt('clear', 'w', false), placedAt('mover', 'v', true), placedAt('far', 'x', true)];
const move = (lot: string, inQuarantine: boolean, toSystem = 'w') => whoRestarts({ lot, inQuarantine, fromSystem: 'v', toSystem }, living);
const lots = (list: readonly Placed[]) => list.map(({ lot }) => lot);

it('fish in quarantine that come to a system begin its clocks anew, and their own', () => {
  const { restarted, exposed, newcomerExposed } = move('mover', true);
  expect([lots(restarted), lots(exposed), newcomerExposed]).toEqual([['held'], ['clear'], false]);
});

it('cleared fish begin nobody anew, but would meet fish in quarantine', () => {
  const { restarted, exposed, newcomerExposed } = move('sold', false);
  expect([restarted, exposed, newcomerExposed]).toEqual([[], [], true]);
});

it('within one system, and to an empty one, nothing restarts', () => {
  expect(move('mover', true, 'v').restarted).toEqual([]);
  expect(move('mover', true, 'empty')).toEqual({ restarted: [], exposed: [], newcomerExposed: false });
});

it('is no newcomer to its own lot', () => {
  const { restarted } = whoRestarts({ lot: 'held', inQuarantine: true, fromSystem: 'v', toSystem: 'w' }, living);
  expect(restarted).toEqual([]);
});

it('two systems that become one: everybody in quarantine in either meets the other', () => {
  const { restarted, exposed } = whoMeets(['w', 'v'], living);
  expect([lots(restarted).sort(), lots(exposed)]).toEqual([['held', 'mover'], ['clear']]);
  expect(whoMeets(['w', 'empty'], living)).toEqual({ restarted: [], exposed: [] });
});
