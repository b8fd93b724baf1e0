// Kinds of entries about getting ready for a crate.
import { string } from 'yup';
import type { BackStep, PrepareEntries, SwapStep } from '#core/prepare/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { AT } from '../basics/example.ts';
import { choice, finite, id, instant, list, maybe, text } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';

const ppt = () => finite(0, 60).required();
const swapped = () => finite(0.01, 1_000_000).required();

export const prepareKinds: Kinds<PrepareEntries> = {
  'match.planned': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['water', 'dock', 'today'],
    schema: {
      match: id(),
      crate: id(),
      system: id(),
      of: choice(['fresh', 'salt'] as const),
      waterPpt: ppt(),
      fromPpt: ppt(),
      toPpt: ppt(),
      swaps: list(schemaOf<SwapStep>({ atMs: instant(), litres: swapped(), toPpt: ppt() }), { min: 1, max: 100 }),
      back: list(schemaOf<BackStep>({ afterH: finite(0.1, 10_000).required(), litres: swapped(), toPpt: ppt() }), { max: 400 }),
      backPpt: ppt(),
    },
    example: {
      match: 'match-1',
      crate: 'pelican-1',
      system: 'gull-1',
      of: 'fresh',
      waterPpt: 0,
      fromPpt: 32,
      toPpt: 30,
      swaps: [{ atMs: AT + 3 * HOUR_MS, litres: 15, toPpt: 30 }],
      back: [{ afterH: 24, litres: 60, toPpt: 31 }],
      backPpt: 34,
    },
  }),
  'prep.added': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'today'],
    notInHistory: 'its words stand on the list of the crate',
    schema: {
      line: id(),
      crate: id(),
      words: text(200),
      byMs: instant().optional(),
      tank: string().max(64).optional(),
      waits: maybe({ what: text(), untilMs: instant() }),
    },
    example: {
      line: 'line-1',
      crate: 'pelican-1',
      words: 'two caves into G3',
      tank: 'G3',
      waits: { what: 'the caves', untilMs: AT + 24 * HOUR_MS },
    },
  }),
  'prep.moved': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['dock', 'today'],
    schema: { line: id(), untilMs: instant(), why: text(300).optional() },
    example: { line: 'line-1', untilMs: AT + 48 * HOUR_MS, why: 'the courier says Friday' },
  }),
  'prep.ticked': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock', 'today'],
    schema: {
      crate: id(),
      step: string()
        .matches(/^[A-Za-z0-9.\- ]{1,220}$/, 'must be the step of a line')
        .required(),
      left: text(300).optional(),
    },
    example: { crate: 'pelican-1', step: 'hands', left: 'Wim comes an hour later' },
  }),
};
