// Kinds of entries about health checks, meals, losses.
import { array, boolean, string } from 'yup';
import {
  CAUSES,
  DISPOSALS,
  EXAMINED,
  FOUND_WHERE,
  LEFTOVERS,
  MISHAPS,
  RESPONSES,
  ROUNDS,
  BODY_PARTS,
  CHASES,
  SIGNS,
  STRENGTHS,
  SURENESS,
  type LotCheck,
  type RoundEntries,
} from '#core/rounds/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, closed, count, finite, id, list, note, text, uuid, MAX_HEADS } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';

export const roundsKinds: Kinds<RoundEntries> = {
  'tank.checked': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds'],
    notInHistory: 'counted as a number, one by one only when something was odd',
    schema: {
      tank: id(),
      day: count(0, MAX_HEADS),
      round: choice(ROUNDS),
      allWell: boolean().required(),
      lots: list(
        schemaOf<LotCheck>({
          lot: id(),
          expected: count(),
          seen: count().nullable().defined(),
          signs: array()
            .of(
              closed({
                sign: choice(SIGNS),
                n: finite(1, MAX_HEADS).integer().optional(),
                strength: choice(STRENGTHS).optional(),
                where: list(choice(BODY_PARTS), { min: 1, max: BODY_PARTS.length }).optional(),
              }),
            )
            .max(20)
            .required(),
        }),
        { max: 100 },
      ),
      note: note(),
    },
    example: {
      tank: 'G1',
      day: 20515,
      round: 'morning',
      allWell: false,
      lots: [{ lot: 'lot-3', expected: 3, seen: 2, signs: [{ sign: 'hiding', n: 1 }] }],
    },
  }),
  'lot.fed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds'],
    notInHistory: 'shown as the latest meals',
    schema: {
      tank: id(),
      lot: id(),
      food: text(60),
      response: choice(RESPONSES),
      ate: count().optional(),
      leftovers: choice(LEFTOVERS).optional(),
      planned: boolean().optional(),
      batch: string().max(64).optional(),
      mix: string().max(64).optional(),
    },
    example: { tank: 'G1', lot: 'lot-3', food: 'frozen mysis', response: 'ate', ate: 2, leftovers: 'some' },
  }),
  'mishap.recorded': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds'],
    schema: { lot: id(), tank: id(), n: count(1), what: choice(MISHAPS), note: note() },
    example: { lot: 'lot-3', tank: 'G1', n: 1, what: 'jumped', note: 'back in within a minute' },
  }),
  'chase.seen': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'today'],
    inHistoryByLinks: true,
    schema: { tank: id(), chaser: id(), chased: id(), how: choice(CHASES), note: note() },
    example: { tank: 'G1', chaser: 'lot-3', chased: 'lot-4', how: 'bites' },
  }),
  'fault.noticed': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['today', 'rounds'],
    inHistoryByLinks: true,
    schema: { tank: id(), what: text(60) },
    example: { tank: 'G1', what: 'no flow' },
  }),
  'loss.recorded': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['rounds', 'stock'],
    schema: {
      lot: id(),
      place: id(),
      n: count(1),
      cause: choice(CAUSES),
      sure: choice(SURENESS),
      found: choice(FOUND_WHERE).optional(),
      signs: array().of(choice(SIGNS)).max(20).optional(),
      examined: choice(EXAMINED).optional(),
      disposed: choice(DISPOSALS).optional(),
      note: note(),
    },
    example: {
      lot: 'lot-3',
      place: 'G1',
      n: 1,
      cause: 'jumped',
      sure: 'likely',
      found: 'out of the tank',
      signs: ['scrape'],
      examined: 'from outside',
      disposed: 'sealed, with the waste',
      note: 'on the floor behind the bench',
    },
  }),
  'loss.classed': defineKind({
    minRole: 'lead',
    undo: 'lead',
    topics: ['rounds'],
    schema: { loss: uuid(), cause: choice(CAUSES), sure: choice(SURENESS), why: text(300) },
    example: { loss: '019cb270-7380-7000-8036-9ee768e6d3a5', cause: 'bullied', sure: 'likely', why: 'seen chased the evening before' },
  }),
};
