import fc from 'fast-check';
import { checkAct } from '#contract/act.ts';
import type { BagCard } from '#contract/views.ts';
import { CONDITIONS, headsIn, worstOf } from '#core/dock/index.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { cleanEntries, ownOf, readClean, startClean } from './cleanDraft.ts';
import { asListed, oneLooks, withAlive } from './draft.ts';

const bag: BagCard = {
  bag: 'b1',
  label: 'bag 1',
  box: 1,
  listed: 2,
  lot: 'l1',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
  landed: { by: 'Bram', atMs: 1, actId: 'a', alive: 2, dead: 0, condition: 'critical', bagCondition: 'sound', wrong: false },
};
const kin: BagCard = {
  ...bag,
  bag: 'b2',
  temperature: { value: 22, method: 'folded', atMs: 0 },
  salinity: { value: 28.5, method: 'meter' },
};
const stated = { temperatureC: 24, salinityPpt: 28 };
const known = (card: BagCard, bags: BagCard[], said = stated, now = 0) => ({
  temperature: ownOf(card, { stated: said, bags }, 'temperature', { roomC: 25, now }),
  salinity: ownOf(card, { stated: said, bags }, 'salinity', { roomC: 25, now }),
});

it('believes the bag, then another of its lot, then what was said of its salinity; how warm it was packed never', () => {
  expect(known(bag, [bag])).toEqual({ temperature: undefined, salinity: { value: 28, from: 'stated' } });
  expect(known(bag, [bag, kin])).toEqual({
    temperature: { value: 22, from: 'another bag of it' },
    salinity: { value: 28.5, from: 'another bag of it' },
  });
  // What was read in clean water says nothing of a bag, and neither does another lot.
  const given = { by: 'Bram', atMs: 1, actId: 'a', vessel: 'x', litres: 1, temperature: {} as never, salinity: {} as never };
  expect(known(bag, [bag, { ...kin, clean: given }, { ...kin, lot: 'l2' }]).temperature).toBeUndefined();
  expect(known({ ...bag, temperature: { value: 22, method: 'on the bag', atMs: 0 } }, [bag, kin]).temperature).toMatchObject({
    loose: 'skin',
  });
  // What was read long ago has gone towards the room, and what floats towards its tank; in a room as warm as itself a bag stays what it is.
  const read = { ...bag, temperature: { value: 22, method: 'folded' as const, atMs: 0 } };
  expect(known(read, [read], stated, 20 * 60_000).temperature).toEqual({ value: 22, from: 'read in it' });
  expect(known(read, [read], stated, 3 * 3_600_000).temperature).toMatchObject({ loose: 'long ago' });
  expect(known({ ...read, afloat: true }, [read]).temperature).toMatchObject({ loose: 'afloat' });
  const warm = { ...read, temperature: { ...read.temperature, value: 25 } };
  expect(known(warm, [warm], stated, 9 * 3_600_000).temperature?.loose).toBeUndefined();
});

it('is ready once both are known, keeps to theirs, and says what is off', () => {
  const start = startClean(METRIC_UNITS);
  const unknown = known(bag, [bag], {} as typeof stated);
  expect(readClean(start, unknown, METRIC_UNITS)).toMatchObject({ ask: { temperature: true, salinity: true }, ready: false });
  const typed = { ...start, 'bag temperature': '21.8', 'bag salinity': '1.0212' };
  const read = readClean(typed, unknown, METRIC_UNITS);
  expect(read.ready).toBe(true);
  expect(read.made.temperature).toBe(21.8);
  expect(read.made.salinity).toBeCloseTo(28.1, 0);
  expect(readClean({ ...typed, 'made salinity': '34' }, unknown, METRIC_UNITS).off).toEqual(['salinity']);
  expect(readClean({ ...typed, 'made salinity': 'salty' }, unknown, METRIC_UNITS).ready).toBe(false);
  expect(readClean({ ...typed, litres: '0' }, unknown, METRIC_UNITS).ready).toBe(false);
});

it('writes what was read of the bag, and of the vessel no more than somebody read in it', () => {
  const fields = { ...startClean(METRIC_UNITS), 'bag temperature': '21.8', 'made salinity': '28.4' };
  const read = readClean(fields, known(bag, [bag]), METRIC_UNITS);
  const drafts = cleanEntries(bag, fields, { read, units: METRIC_UNITS });
  expect(drafts).toMatchObject([
    { kind: 'reading.taken', payload: { quantity: 'temperature', reading: { value: 21.8, source: 'measured' } } },
    {
      kind: 'cleanWater.given',
      payload: { n: 2, litres: 8, temperature: { value: 21.8, source: 'stated' }, salinity: { value: 28.4, source: 'measured' } },
    },
  ]);
  const entries = drafts.map((draft, index) => ({
    id: `019cb270-7380-7000-8036-9ee768e6d3a${index}`,
    version: 1,
    occurredAtMs: 1_772_523_600_000,
    ...draft,
  }));
  expect(checkAct({ actId: '019cb270-7380-7000-8036-9ee768e6d3af', entries })).toMatchObject({ ok: true });
});

it('taps on single fish keep the sum and the worst, whatever the order', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      fc.array(fc.oneof(fc.constantFrom(...CONDITIONS), fc.integer({ min: 0, max: 12 })), { maxLength: 20 }),
      (listed, taps) => {
        let draft = asListed(listed);
        for (const tap of taps) draft = { ...draft, ...(typeof tap === 'number' ? withAlive(draft, tap) : oneLooks(draft, tap)) };
        if (!draft.each) return;
        expect(headsIn(draft.each)).toBe(draft.alive);
        expect(worstOf(draft.each)).toBe(draft.condition);
        expect(Object.values(draft.each).every((n) => n > 0)).toBe(true);
      },
    ),
    { seed: 11, numRuns: 2000 },
  );
});
