// What the chores screens write, and what they show of it before the house has answered.
import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import type { ChoresView, ChoreWater } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { laidOver } from '../data/testOverlay.ts';
import { backEntry, changeEntry, doneEntry, pouredPpt, saltFor, topUpEntry, topUpFor, washedEntry } from './draft.ts';
import { overlayChores } from './overlay.ts';

const NOW = Date.UTC(2026, 2, 3, 8);
const actOf = (...drafts: object[]): Act => ({
  actId: v7(),
  entries: drafts.map((draft) => ({ id: v7(), version: 1, occurredAtMs: NOW, ...draft }) as Entry),
});
const water: ChoreWater = { type: 'marine', volumeL: 1000, targetPpt: 34, temperatureC: 25, readPpt: 34.5, readMs: NOW - DAY_MS };
const salt = { item: 'salt', unit: 'kg' as const };
const card = { id: 'socks', takes: [{ item: 'felt', amount: 4 }] };

it('writes what the house takes, with what each place took', () => {
  expect(doneEntry(card, ['a', 'b']).payload).toEqual({ chore: 'socks', places: ['a', 'b'], used: [{ item: 'felt', amount: 8 }] });
  expect(doneEntry({ id: 'glass' }, ['a']).payload).toEqual({ chore: 'glass', places: ['a'] });
  const change = changeEntry({ tank: 'C1', water }, 100, { mixed: { salinityPpt: 34, temperatureC: 25 }, salt });
  expect(change.payload).toMatchObject({
    atSump: true,
    salinityPpt: 34,
    used: [{ item: 'salt', amount: expect.closeTo(100 * 34 * 1.02 * 1.1 * 0.001, 9) }],
  });
  // Of one tank, of water that nobody read, of fresh water: no sump, no salt.
  expect(changeEntry({ tank: 'C1', water: { ...water, part: true } }, 10, { mixed: {}, salt }).payload).toEqual({
    tank: 'C1',
    litres: 10,
    source: 'mixed',
  });
  expect(
    changeEntry({ tank: 'F1', water: { ...water, type: 'fresh' } }, 10, { mixed: { salinityPpt: 0.3 }, salt }).payload,
  ).not.toHaveProperty('used');
  expect(saltFor(10, 34, undefined)).toEqual({});
  for (const draft of [
    change,
    doneEntry(card, ['a']),
    topUpEntry({ tank: 'C1' }, 4, { ppt: 36, salt }),
    backEntry('felt', 3),
    washedEntry('felt', 3, 1),
  ])
    expect(checkAct(actOf(draft)).ok).toBe(true);
});

it('tops up plain where nobody read it of late, or it is fresh; by what was read where somebody did', () => {
  const at = { now: NOW, climbPpt: 1 };
  expect(topUpFor(water, 5, at)).toMatchObject({ salinityPpt: 0, short: 'above' });
  expect(topUpFor({ ...water, readMs: NOW - 4 * DAY_MS }, 5, at)).toEqual({ is: 'not read' });
  expect(topUpFor({ ...water, type: 'fresh' }, 5, at)).toEqual({ is: 'fresh' });
  expect(topUpFor({ ...water, readPpt: 20, held: 'treatment' }, 5, at)).toEqual({ is: 'treatment' });
  expect(topUpFor({ ...water, readPpt: 20, held: 'match' }, 5, at)).toEqual({ is: 'match' });
  expect(topUpFor(water, 1000, at)).toEqual({ is: 'too much' });
  const low = topUpFor({ ...water, readPpt: 33.9 }, 20, at);
  expect(low).toMatchObject({ becomesPpt: 34 });
  expect(pouredPpt(low)).toBe(38.9);
  expect(pouredPpt({ is: 'not read' })).toBe(0);
});

const view: ChoresView = {
  seq: 1,
  day: 20515,
  dayFromMs: Date.UTC(2026, 2, 3),
  chores: [
    { id: 'socks', entry: 'e', name: 'Felt socks', is: 'filter socks', per: 'system', racks: ['cove'], everyDays: 4, takes: card.takes },
  ],
  racks: [
    {
      id: 'cove',
      name: 'Cove',
      chores: [
        {
          chore: 'socks',
          places: [
            { id: 'a', name: 'A', tank: 'A1', is: 'due', dueDay: 20515 },
            { id: 'b', name: 'B', tank: 'B1', is: 'overdue', dueDay: 20510 },
          ],
        },
      ],
    },
  ],
  kit: [{ item: 'felt', amount: 8, name: 'felt socks', unit: 'pieces', here: 6, short: 2 }],
  heaps: [{ item: 'felt', name: 'felt socks', clean: 6, dirty: 1, out: 0 }],
  people: [],
};

it('shows at once what was ticked: done, by whom, carried no more, dirty ones to come back', () => {
  const shown = laidOver(overlayChores, view, [actOf(doneEntry(card, ['a']))]);
  expect(shown.racks[0]!.chores[0]!.places.map(({ is, dueDay }) => [is, dueDay])).toEqual([
    ['done', 20519],
    ['overdue', 20510],
  ]);
  expect(shown.kit).toEqual([{ item: 'felt', amount: 4, name: 'felt socks', unit: 'pieces', here: 2, short: 2 }]);
  expect(shown.heaps).toEqual([{ item: 'felt', name: 'felt socks', clean: 2, dirty: 1, out: 4 }]);
  const all = laidOver(overlayChores, view, [
    actOf(doneEntry(card, ['a', 'b'])),
    actOf(backEntry('felt', 7)),
    actOf(washedEntry('felt', 5, 1)),
  ]);
  expect(all.kit).toEqual([]);
  expect(all.heaps[0]).toMatchObject({ clean: 5, dirty: 2, out: 1 });
});

it('what was done on a day before is for the house to say', () => {
  const late = actOf(doneEntry(card, ['a']), washedEntry('felt', 1, 0));
  for (const entry of late.entries) entry.occurredAtMs = NOW - DAY_MS;
  expect(laidOver(overlayChores, view, [late])).toEqual(view);
});
