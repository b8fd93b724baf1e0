// Kinds of entries about settled behaviour, males and females, and how a tank is arranged.
import { CERTAINTIES } from '#core/lots/index.ts';
import { ARRANGED, BEHAVIOURS, type NotedEntries } from '#core/noted/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, count, id, list, note } from '../basics/fields.ts';

export const notedKinds: Kinds<NotedEntries> = {
  'behaviour.seen': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'stock'],
    inHistoryByLinks: true,
    schema: { tank: id(), lot: id(), what: list(choice(BEHAVIOURS), { min: 1, max: BEHAVIOURS.length }), note: note() },
    example: { tank: 'C1', lot: 'lot-3', what: ['courting', 'holds a place'], note: 'the cave on the left' },
  }),
  'lot.sexed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['stock'],
    inHistoryByLinks: true,
    schema: { lot: id(), males: count(), females: count(), sure: choice(CERTAINTIES), note: note() },
    example: { lot: 'lot-3', males: 1, females: 2, sure: 'likely' },
  }),
  'tank.arranged': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'stock', 'house'],
    inHistoryByLinks: true,
    schema: { tank: id(), did: list(choice(ARRANGED), { min: 1, max: ARRANGED.length }), note: note() },
    example: { tank: 'C1', did: ['hides added', 'rocks moved'], note: 'two caves, lights were off' },
  }),
};
