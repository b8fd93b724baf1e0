// Kinds of entries about tests of water: a system's own plan, its filter, and what was done about a value over its limit.
import { DONE_ABOUT, LIMITED, TESTED, type OwnLimit, type OwnTest, type WaterTestEntries } from '#core/waterTests/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, count, finite, id, instant, list, note, uuid } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';

const MOST = 1000;
const HOUR_MS = 3_600_000;

export const waterTestsKinds: Kinds<WaterTestEntries> = {
  'tests.planned': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['water', 'today', 'rounds'],
    inHistoryByLinks: true,
    schema: {
      system: id(),
      basedOn: uuid().optional(),
      every: list(schemaOf<OwnTest>({ quantity: choice(TESTED), everyDays: count(0, 365) }), { max: TESTED.length }),
      limits: list(schemaOf<OwnLimit>({ quantity: choice(LIMITED), from: finite(0, MOST).optional(), to: finite(0, MOST).optional() }), {
        max: LIMITED.length,
      }),
      note: note(),
    },
    example: {
      system: 'gull-1',
      every: [{ quantity: 'copper', everyDays: 1 }],
      limits: [{ quantity: 'copper', from: 0.4, to: 0.5 }],
      note: 'the range is the label’s',
    },
  }),
  'filter.judged': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['water', 'today', 'rounds'],
    inHistoryByLinks: true,
    schema: { system: id(), is: choice(['ripe', 'not ripe'] as const), note: note() },
    example: { system: 'gull-1', is: 'not ripe', note: 'new sponge' },
  }),
  'reading.answered': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['water', 'today', 'rounds'],
    schema: {
      reading: uuid(),
      did: list(choice(DONE_ABOUT), { min: 1, max: DONE_ABOUT.length }),
      retestAtMs: instant().optional(),
      note: note(),
    },
    example: {
      reading: '019cb270-7380-7000-8036-9ee768e6d3a5',
      did: ['feed less', 'more air'],
      retestAtMs: AT + 4 * HOUR_MS,
    },
  }),
};
