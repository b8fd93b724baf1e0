// Kinds of entries about methods, floats, releases.
import { string } from 'yup';
import { METHODS, RELEASE_BY, type BenchEntries } from '#core/bench/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { folded, inTank } from '../basics/example.ts';
import { choice, count, finite, id, note, text } from '../basics/fields.ts';
import { compared } from '../basics/inputs.ts';
import { reading } from '../basics/shapes.ts';

export const benchKinds: Kinds<BenchEntries> = {
  'method.chosen': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['bench', 'dock'],
    schema: {
      bag: id(),
      lot: id(),
      method: choice(METHODS),
      advised: choice(METHODS).optional(),
      house: choice(METHODS).optional(),
      why: note(),
      compared: compared(),
    },
    example: {
      bag: 'bag-2',
      lot: 'lot-2',
      method: 'drip',
      advised: 'match, float, net',
      house: 'match, float, net',
      why: 'the tank has residents that tolerate no change',
    },
  }),
  'cleanWater.given': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['bench', 'dock', 'stock'],
    schema: {
      bag: id(),
      lot: id(),
      n: count(1),
      vessel: text(40),
      litres: finite(0.2, 1000).required(),
      temperature: reading(),
      salinity: reading(),
    },
    example: {
      bag: 'bag-1',
      lot: 'lot-1',
      n: 2,
      vessel: 'bucket 1',
      litres: 8,
      temperature: { value: 23.5, typed: '23.5', method: 'in the water', source: 'measured' },
      salinity: { value: 28, typed: '28', method: 'in the water', source: 'measured' },
    },
  }),
  'float.started': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['bench', 'stock', 'dock'],
    notInHistory: 'the release tells it',
    schema: {
      floatId: id(),
      bag: id(),
      lot: id(),
      tank: id(),
      n: count(1),
      bagTemperature: reading(),
      tankTemperature: reading(),
      water: reading(),
      minutes: finite(0, 600).required(),
    },
    example: {
      floatId: 'run-1',
      bag: 'bag-1',
      lot: 'lot-1',
      tank: 'G1',
      n: 2,
      bagTemperature: folded,
      tankTemperature: inTank,
      water: { value: 1.4, typed: '1.4', method: 'by eye', source: 'estimated' },
      minutes: 30.9,
    },
  }),
  'fish.released': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['bench', 'stock', 'dock', 'rounds'],
    schema: {
      bag: id(),
      lot: id(),
      tank: id(),
      floatId: string().max(64).optional(),
      alive: count(),
      dead: count(),
      by: choice(RELEASE_BY),
      note: note(),
    },
    example: { bag: 'bag-1', lot: 'lot-1', tank: 'G1', floatId: 'run-1', alive: 2, dead: 0, by: 'net' },
  }),
};
