// Kinds of entries about what is decided of due things.
import { string } from 'yup';
import type { TodayEntries } from '#core/today/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { id, instant, note, text } from '../basics/fields.ts';

/** Entry, rule, step. */
const dueId = () =>
  string()
    .matches(/^[A-Za-z0-9-]{1,64}:[a-z-]{1,30}:[a-z0-9-]{1,30}$/, 'must be the id of a due thing')
    .required();

export const todayKinds: Kinds<TodayEntries> = {
  'shift.handed': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['today'],
    schema: { shift: id(), worries: text(1000).optional() },
    example: { shift: 'shift-1', worries: 'The heater of F7 hums. Nobody has seen the small puffer eat.' },
  }),
  'shift.taken': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['today'],
    schema: { shift: id(), note: note() },
    example: { shift: 'shift-1', note: 'seen the puffer' },
  }),
  'due.done': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['today', 'rounds'],
    schema: { due: dueId(), note: note() },
    example: { due: '019cb270-7380-7000-8036-9ee768e6d3a5:after-release:1h' },
  }),
  'due.snoozed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['today', 'rounds'],
    schema: { due: dueId(), untilMs: instant(), why: text(300) },
    example: { due: '019cb270-7380-7000-8036-9ee768e6d3a5:after-release:1h', untilMs: AT + 1_800_000, why: 'the van is here' },
  }),
  'due.skipped': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['today', 'rounds'],
    schema: { due: dueId(), why: text(300) },
    example: { due: '019cb270-7380-7000-8036-9ee768e6d3a5:after-release:4h', why: 'seen from the door' },
  }),
  'due.assigned': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['today', 'rounds'],
    schema: { due: dueId(), person: id().nullable() },
    example: { due: '019cb270-7380-7000-8036-9ee768e6d3a5:fault:mend', person: 'wim' },
  }),
};
