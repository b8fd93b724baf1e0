// Tanks edited, and temporary places: a bucket has water of its own, what hangs in a tank has that tank's.
import { v7 } from 'uuid';
import type { RoomView, TankCard } from '#contract/views.ts';
import { accepted } from '../data/testOverlay.ts';
import { changedEntry, fieldsOf, goneEntry, vesselOf } from './draft.ts';

const tank = (more: Partial<TankCard>) =>
  ({ id: 'c4', entry: v7(), code: 'C4', row: 0, column: 0, volumeL: 60, purpose: 'sale', lid: true, system: 'salt', ...more }) as TankCard;
const view = {
  racks: [{ id: 'c', tanks: [tank({}), tank({ id: 'c5', code: 'C5', row: 1 }), tank({ id: 'box', code: 'Box', row: 7, hangsIn: 'c4' })] }],
  systems: [{ id: 'salt', type: 'marine', temperatureC: 25, salinityPpt: 34, volumeL: 400 }],
} as unknown as RoomView;
const told = { vessel: 'bucket', code: 'Bucket 9', at: ' c4 ', volumeL: '12,5' };
const vessel = (more: Partial<typeof told> = {}) => vesselOf({ ...told, ...more }, view, v7);

it('a bucket stands in a row of its own below the tanks, in water of its own that begins as the tank’s', () => {
  const [water, bucket] = accepted(...(vessel() as never[])) as Record<string, unknown>[];
  expect(water).toMatchObject({ kind: 'system.added', type: 'marine', temperatureC: 25, salinityPpt: 34, volumeL: 12.5 });
  expect(bucket).toMatchObject({ kind: 'tank.added', rack: 'c', code: 'Bucket 9', row: 2, column: 0, system: water!.system });
  expect(bucket).not.toHaveProperty('hangsIn');
});

it.each(['box', 'divider'])('a %s is in its tank’s place and water', (what) => {
  expect(accepted(...(vessel({ vessel: what }) as never[]))).toMatchObject([
    { kind: 'tank.added', vessel: what, hangsIn: 'c4', system: 'salt', row: 0, column: 0 },
  ]);
});

it('by a tank that is not there, it says so', () => {
  expect(vessel({ at: 'Z9' })).toMatch(/There is no tank Z9/);
});

it('only what differs is changed; a flow that nobody knows stays not known', () => {
  const values = { code: 'C4', volumeL: '60', purpose: 'sale', lid: 'no', system: 'salt', flow: 'not known' };
  expect(fieldsOf(values, tank({}))).toEqual({ lid: false });
  expect(accepted(changedEntry(tank({}), { lid: false }))).toMatchObject([{ kind: 'tank.changed', tank: 'c4', fields: { lid: false } }]);
  expect(accepted(goneEntry('c4', ' '))).toEqual([{ kind: 'thing.retired', what: 'tank', id: 'c4' }]);
  expect(accepted(goneEntry('c4', ' cracked '))).toMatchObject([{ why: 'cracked' }]);
});
