// Kinds of entries about treatments.
import { REMEDY_FAMILIES } from '#core/species/index.ts';
import type { RemedyEntries } from '#core/treatments/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, id, note } from '../basics/fields.ts';

export const treatmentsKinds: Kinds<RemedyEntries> = {
  'remedy.begun': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['exposure', 'water'],
    schema: { course: id(), system: id(), family: choice(REMEDY_FAMILIES), note: note() },
    example: { course: 'course-1', system: 'gull-1', family: 'copper', note: 'by the label' },
  }),
  'remedy.ended': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['exposure', 'water'],
    schema: { course: id(), system: id(), note: note() },
    example: { course: 'course-1', system: 'gull-1', note: 'test at zero' },
  }),
};
