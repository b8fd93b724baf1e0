// Kinds of entries about racks, systems, tanks.
import { boolean } from 'yup';
import {
  FLOWS,
  PURPOSES,
  THINGS,
  VESSELS,
  type RackFields,
  type TankFields,
  type SystemFields,
  type RoomEntries,
} from '#core/room/index.ts';
import { WATER_TYPES } from '#core/species/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, count, id, list, note, someOf, text, uuid } from '../basics/fields.ts';
import { type Shape, degrees, litres, salinity } from '../basics/shapes.ts';

const rackFields = (): Shape<RackFields> => ({ room: text(), name: text(), walk: count(0, 10_000) });

const systemFields = (): Shape<SystemFields> => ({
  name: text(),
  type: choice(WATER_TYPES),
  temperatureC: degrees(),
  salinityPpt: salinity(),
  volumeL: litres(),
});

const tankFields = (): Shape<TankFields> => ({
  rack: id(),
  system: id(),
  code: text(12),
  volumeL: litres(),
  purpose: choice(PURPOSES),
  lid: boolean().required(),
  row: count(0, 100),
  column: count(0, 100),
  flow: choice(FLOWS).optional(),
  vessel: choice(VESSELS).optional(),
  hangsIn: id().optional(),
});

export const roomKinds: Kinds<RoomEntries> = {
  'rack.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house'],
    schema: { rack: id(), basedOn: uuid(), fields: someOf(rackFields()) },
    example: { rack: 'gull', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { name: 'Gull bench, left' } },
  }),
  'rack.added': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house'],
    schema: { rack: id(), ...rackFields() },
    example: { rack: 'gull', room: 'Back room', name: 'Gull bench', walk: 70 },
  }),
  'system.added': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house', 'water'],
    schema: { system: id(), ...systemFields() },
    example: { system: 'gull-1', name: 'Gull near water', type: 'marine', temperatureC: 25.4, salinityPpt: 31, volumeL: 300 },
  }),
  'system.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house', 'water'],
    schema: { system: id(), basedOn: uuid(), fields: someOf(systemFields()) },
    example: { system: 'gull-1', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { salinityPpt: 32 } },
  }),
  'systems.joined': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house', 'water', 'stock'],
    schema: { from: id(), into: id(), tanks: list(id(), { max: 500 }), volumeL: litres() },
    example: { from: 'gull-2', into: 'gull-1', tanks: ['G5', 'G6'], volumeL: 600 },
  }),
  'tank.added': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house'],
    schema: { tank: id(), ...tankFields() },
    example: { tank: 'G1', rack: 'gull', system: 'gull-1', code: 'G1', volumeL: 60, purpose: 'quarantine', lid: true, row: 0, column: 0 },
  }),
  'tank.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['house', 'stock'],
    schema: { tank: id(), basedOn: uuid(), fields: someOf(tankFields()) },
    example: { tank: 'G1', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { lid: false, vessel: 'box', hangsIn: 'G2' } },
  }),
  'thing.retired': defineKind({
    minRole: 'lead',
    undo: 'lead',
    topics: ['house', 'exposure'],
    schema: { what: choice(THINGS), id: id(), why: note() },
    example: { what: 'tank', id: 'G9', why: 'cracked' },
  }),
};
