// Kinds of entries about treatments.
import { MEDICATION_FAMILIES } from '#core/species/index.ts';
import type { TreatmentEntries } from '#core/treatments/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, id, note } from '../basics/fields.ts';

export const treatmentsKinds: Kinds<TreatmentEntries> = {
  'treatment.begun': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['exposure', 'water'],
    schema: { treatment: id(), system: id(), family: choice(MEDICATION_FAMILIES), note: note() },
    example: { treatment: 'course-1', system: 'gull-1', family: 'copper', note: 'by the label' },
  }),
  'treatment.ended': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['exposure', 'water'],
    schema: { treatment: id(), system: id(), note: note() },
    example: { treatment: 'course-1', system: 'gull-1', note: 'test at zero' },
  }),
};
