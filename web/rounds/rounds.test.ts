import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import type { RoundsView, RoundTank } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { laidOver } from '../data/testOverlay.ts';
import { entriesOf, isOdd, isUntouched, lacksFood, untouched } from './draft.ts';
import { overlayRounds } from './overlay.ts';

const meal = { phase: 'ordinary' as const, mealsADay: 1, nothing: 'not known' as const, due: false };
const tank: RoundTank = {
  id: 'G1',
  code: 'G1',
  rack: 'Gull',
  system: 'w',
  suspect: false,
  purpose: 'quarantine',
  odd: [],
  faults: [],
  chases: [],
  chores: [{ chore: 'felt', name: 'Felt socks', takes: [] }],
  lots: [
    { lot: 'a', label: 'firefish', n: 4, meal },
    { lot: 'b', label: 'chromis', n: 6, meal },
  ],
};
const view: RoundsView = {
  seq: 1,
  day: 20515,
  round: 'morning',
  current: 'morning',
  left: { morning: 1, evening: 1 },
  toFeed: 0,
  foods: [],
  tanks: [tank],
};
const actOf = (drafts: object[]): Act => ({
  actId: v7(),
  entries: drafts.map((draft) => ({ id: v7(), version: 1, occurredAtMs: Date.UTC(2026, 2, 3, 8), ...draft }) as Entry),
});

it('all well is one look that counts nobody', () => {
  expect(entriesOf(tank, view, [])).toEqual([
    {
      kind: 'tank.checked',
      payload: {
        tank: 'G1',
        day: 20515,
        round: 'morning',
        allWell: true,
        lots: [
          { lot: 'a', expected: 4, seen: null, signs: [] },
          { lot: 'b', expected: 6, seen: null, signs: [] },
        ],
      },
    },
  ]);
});

it('a meal leaves all well; a sign, a death or a missing fish does not', () => {
  expect(isUntouched(untouched('a'))).toBe(true);
  const fed = { ...untouched('a'), response: 'ate' as const, food: 'mysis' };
  expect(entriesOf(tank, view, [fed])).toMatchObject([
    { payload: { allWell: true } },
    { kind: 'lot.fed', payload: { lot: 'a', food: 'mysis', response: 'ate' } },
  ]);
  expect(
    [
      { ...untouched('a'), seen: 4 },
      { ...untouched('a'), seen: 3 },
      { ...untouched('a'), dead: 1 },
      { ...untouched('a'), signs: [{ sign: 'pale' as const }] },
    ].map((draft) => isOdd(draft, 4)),
  ).toEqual([false, true, true, true]);
});

it('a response wants its food named', () => {
  expect(
    [untouched('a'), { ...untouched('a'), response: 'ate' as const }, { ...untouched('a'), response: 'ate' as const, food: 'mysis' }].map(
      lacksFood,
    ),
  ).toEqual([false, true, false]);
});

it('the dead are posted, and are not among the seen', () => {
  const entries = entriesOf(tank, view, [{ ...untouched('a'), dead: 1, cause: 'jumped', sure: 'likely' }]);
  expect(entries).toMatchObject([
    {
      payload: {
        allWell: false,
        lots: [
          { lot: 'a', expected: 4, seen: 3 },
          { lot: 'b', seen: null },
        ],
      },
    },
    { kind: 'loss.recorded', payload: { lot: 'a', place: 'G1', n: 1, cause: 'jumped', sure: 'likely' } },
  ]);
  expect(checkAct(actOf(entries))).toMatchObject({ ok: true });
});

it('shows looks, losses, counts and meals before the server has answered', () => {
  const acts = [
    actOf(entriesOf(tank, view, [{ ...untouched('a'), dead: 1, response: 'ate', food: 'mysis' }])),
    actOf([{ kind: 'stock.counted', payload: { place: 'G1', lot: 'b', found: 5, onRecord: 6, against: 'missing' } }]),
  ];
  expect(laidOver(overlayRounds, view, [...acts, acts[0]!]).left).toEqual({ morning: 0, evening: 1 });
  expect(laidOver(overlayRounds, view, acts).tanks[0]).toMatchObject({
    checkedBy: 'Bram',
    allWell: false,
    lots: [{ n: 3, lastFed: { food: 'mysis' } }, { n: 5 }],
  });
  const evening = { ...view, round: 'evening' as const };
  expect(laidOver(overlayRounds, evening, acts).tanks[0]!.checkedBy).toBeUndefined();
});

it('a fault shows on its tank at once, after what was noted before', () => {
  const note = (what: string) => actOf([{ kind: 'fault.noticed', payload: { tank: 'G1', what } }]);
  const shown = laidOver(overlayRounds, view, [note('no flow'), note('leak')]);
  expect(shown.tanks[0]!.faults).toEqual(['no flow', 'leak'].map((what) => ({ what, atMs: Date.UTC(2026, 2, 3, 8) })));
});
