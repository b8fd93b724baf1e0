// Kinds of entries about the notebook itself.
import type { JournalEntries } from '#core/catalogue/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { note, uuid } from '../basics/fields.ts';

export const notebookKinds: Kinds<JournalEntries> = {
  'entry.reversed': defineKind({
    minRole: 'trainee',
    undo: 'never',
    topics: ['stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure', 'house'],
    schema: { act: uuid(), why: note() },
    example: { act: '019cb270-7380-7000-8036-9ee768e6d3a5', why: 'wrong bag' },
  }),
};
