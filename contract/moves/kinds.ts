// Kinds of entries about planned moves and catch slips.
import { boolean } from 'yup';
import { CAUGHT_BY, SEXES, SIZES, type TransferTask, type MoveEntries } from '#core/moves/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, closed, count, id, instant, list, note, text } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';

export const movesKinds: Kinds<MoveEntries> = {
  'moves.planned': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['moves'],
    notInHistory: 'carried out, the move tells it',
    schema: {
      plan: id(),
      name: text(),
      tasks: list(
        schemaOf<TransferTask>({
          task: id(),
          lot: id(),
          from: id(),
          to: id(),
          n: count(1),
          sex: choice(SEXES),
          size: choice(SIZES),
          who: note(),
          by: choice(CAUGHT_BY),
          tool: id().optional(),
          after: list(id(), { max: 50 }),
          waitsFor: closed({ what: text(), untilMs: instant().optional() }).default(undefined).optional(),
          comesBack: boolean().required(),
          why: note(),
        }),
        { min: 1, max: 60 },
      ),
    },
    example: {
      plan: 'plan-1',
      name: 'Room for the gramma',
      tasks: [
        {
          task: 'slip-1',
          lot: 'lot-3',
          from: 'G1',
          to: 'G2',
          n: 2,
          sex: 'any',
          size: 'largest',
          who: 'the one with the torn fin stays',
          by: 'net',
          tool: 'gull-net',
          after: ['slip-0'],
          waitsFor: { what: 'caves', untilMs: AT + DAY_MS },
          comesBack: true,
          why: 'they chase the gramma',
        },
      ],
    },
  }),
  'transfer.tried': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['moves'],
    schema: { task: id(), note: note() },
    example: { task: 'slip-1', note: 'behind the heater' },
  }),
  'transfer.unblocked': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['moves'],
    schema: { task: id() },
    example: { task: 'slip-1' },
  }),
  'transfer.dropped': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['moves'],
    schema: { task: id(), why: text(300) },
    example: { task: 'slip-1', why: 'they get on after all' },
  }),
};
