// Tests of water in a house: what is due in which phase, what is over its limit and how it is answered, with which test it was read, which new water is stopped.
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import type { KitFields, Quantity } from '#core/water/index.ts';
import type { ReadingAnswered, TestsPlanned } from '#core/waterTests/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { change, kit, read, treat } from './testWater.ts';
import { furnish, KEEPER, LEAD, makeTestHouse, quarantine, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  house.must(LEAD, stock('fire', 'C1', 'firefish', 4));
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const answer = (more: Partial<ReadingAnswered> = {}): Said => ({
  kind: 'reading.answered',
  payload: { reading: over().reading.entry, did: ['feed less'], retestAtMs: house.now() + 4 * HOUR_MS, ...more },
});
const plan = (more: Partial<TestsPlanned> = {}): Said => ({
  kind: 'tests.planned',
  payload: { system: 'reef', every: [], limits: [], ...more },
});
const tests = (system = 'reef') => house.view('waterTests').systems.find(({ id }) => id === system)!;
const asked = () => tests().tests.map(({ quantity, everyDays, is }) => `${quantity} ${everyDays} ${is}`);
const over = (quantity: Quantity = 'ammonia') => tests().over.find((card) => card.quantity === quantity)!;
const dues = (rule: string) => house.view('today').due.filter((due) => due.rule === rule && due.fromMs <= house.now());

describe('what is asked', () => {
  it('goes by the phase: daily while nobody knows the filter, less once it is proven, daily again when it fails', () => {
    expect(tests()).toMatchObject({ filter: { is: 'not known' }, phases: ['unripe'] });
    expect(asked()).toEqual(['ammonia 1 due', 'nitrite 2 due', 'pH 2 due', 'salinity 7 due']);
    expect(dues('water-test')).toMatchObject([
      { facts: { tankCode: 'C1', what: expect.stringContaining('ammonia, nitrite, pH, salinity') as string } },
    ]);
    house.must(TRAINEE, read('ammonia', 0.1), read('nitrite', 0.1), read('pH', 8.1), read('salinity', 34));
    expect(asked()).toEqual(['ammonia 1 done', 'nitrite 2 done', 'pH 2 done', 'salinity 7 done']);
    expect(dues('water-test')).toEqual([]);
    house.wait(DAY_MS);
    expect(asked()[0]).toBe('ammonia 1 due');
    house.wait(DAY_MS);
    expect(asked()[0]).toBe('ammonia 1 overdue');
    house.wait(DAY_MS);
    house.must(TRAINEE, read('ammonia', 0), read('nitrite', 0.1), read('pH', 8.1));
    expect(tests()).toMatchObject({ filter: { is: 'ripe', by: 'tests' }, phases: ['settled'] });
    expect(asked()[0]).toBe('ammonia 7 done');
    // After a treatment nobody knows what it left of it.
    house.must(LEAD, treat('dye'));
    house.wait(HOUR_MS);
    house.must(LEAD, { kind: 'treatment.ended', payload: { treatment: 'dye', system: 'reef' } });
    expect(tests()).toMatchObject({ filter: { is: 'not known' }, phases: ['unripe'] });
    house.wait(HOUR_MS);
    house.must(TRAINEE, read('ammonia', 2), read('pH', 8.1));
    expect(tests()).toMatchObject({ filter: { is: 'not ripe', by: 'tests' }, phases: ['unripe'] });
  });
  it('a keeper’s word, a quarantine, a treatment and copper each ask their own; empty water is not asked about', () => {
    house.must(KEEPER, { kind: 'filter.judged', payload: { system: 'reef', is: 'ripe' } });
    expect(tests().phases).toEqual(['settled']);
    expect(house.view('waterTests').systems.map(({ id }) => id)).toEqual(['reef']);
    house.must(KEEPER, quarantine('fire', 'hold-fire'));
    expect(tests().phases).toEqual(['quarantine']);
    house.must(LEAD, treat('copper', 'cu'));
    expect(tests()).toMatchObject({ phases: ['quarantine', 'treated'], copper: true });
    expect(asked()).toContain('copper 1 due');
    house.must(LEAD, {
      kind: 'stock.moved',
      payload: { moves: [{ lot: 'fire', from: 'C1', to: 'sold', n: 4 }] },
      overrules: [{ code: 'out.inQuarantine', reason: 'for the test' }],
    });
    expect(house.view('waterTests').systems).toEqual([]);
  });
  it('what a keeper planned for one system stands in the place of the rule; two who plan it at once are told', () => {
    house.must(
      KEEPER,
      plan({
        every: [
          { quantity: 'nitrite', everyDays: 0 },
          { quantity: 'hardness', everyDays: 30 },
        ],
      }),
    );
    expect(asked()).toEqual(['ammonia 1 due', 'pH 2 due', 'salinity 7 due', 'hardness 30 due']);
    expect(house.codes(KEEPER, plan())).toEqual(['change.overtaken']);
    const mine = plan({ basedOn: tests().own!.entry, limits: [{ quantity: 'pH', from: 7, to: 9 }] });
    const { act } = house.write(KEEPER, mine);
    expect(asked()).toContain('nitrite 2 due');
    expect(tests().limits.pH).toEqual({ from: 7, to: 9 });
    house.must(KEEPER, undo(act.actId));
    expect(asked()).toContain('hardness 30 due');
    expect(house.codes(KEEPER, plan({ basedOn: tests().own!.entry, limits: [{ quantity: 'pH', from: 9, to: 7 }] }))).toEqual([
      'tests.noRange',
    ]);
    expect(house.codes(KEEPER, plan({ basedOn: tests().own!.entry, limits: [{ quantity: 'pH' }] }))).toEqual(['tests.noRange']);
    expect(house.codes(TRAINEE, plan({ basedOn: tests().own!.entry }))).toEqual(['role']);
  });
});

describe('a value over its limit', () => {
  const ammonia = () => house.must(TRAINEE, read('ammonia', 1), read('pH', 8.1), read('temperature', 25), read('salinity', 34));
  it('is due until somebody answers it, then to be read again, and over with a good reading', () => {
    ammonia();
    expect(over()).toMatchObject({ verdict: { is: 'above', by: 'free ammonia' }, beside: { pH: 8.1 } });
    expect(dues('over-limit')).toMatchObject([{ facts: { what: 'ammonia, reef' } }]);
    house.wait(20 * MINUTE_MS);
    house.must(TRAINEE, answer());
    expect(dues('over-limit')).toEqual([]);
    expect(tests()).toMatchObject({ feedLess: 'ammonia' });
    expect(over().answered).toMatchObject({ by: 'Pia', did: ['feed less'] });
    expect(dues('retest')).toEqual([]);
    house.wait(4 * HOUR_MS);
    expect(dues('retest')).toMatchObject([{ facts: { what: 'ammonia, reef' } }]);
    house.must(TRAINEE, read('ammonia', 0.9), read('pH', 8.1));
    expect(dues('retest')).toEqual([]);
    expect(dues('over-limit')).toHaveLength(1);
    expect(tests().feedLess).toBe('ammonia');
    house.wait(HOUR_MS);
    house.must(TRAINEE, read('ammonia', 0.1), read('pH', 8.1));
    expect([dues('over-limit'), tests().feedLess, tests().over]).toEqual([[], undefined, []]);
  });
  it('an answer holds what was done: no change without its litres, no binder with copper, no nothing without a reason', () => {
    ammonia();
    const codes = (more: Partial<ReadingAnswered>, who = KEEPER) => house.codes(who, answer(more));
    expect(codes({ did: ['changed water'] })).toEqual(['answer.noChange']);
    expect(codes({ did: ['found the cause'] })).toEqual(['answer.noReason']);
    // In a year it is another water.
    expect(codes({ retestAtMs: house.now() + 8 * DAY_MS })).toEqual(['answer.lateRetest']);
    expect(codes({ did: ['nothing'], retestAtMs: undefined })).toEqual(['answer.noReason']);
    expect(codes({ did: ['nothing', 'more air'], note: 'x' })).toEqual(['answer.nothingElse']);
    expect(codes({ did: ['nothing'], note: 'the test is old', retestAtMs: undefined }, TRAINEE)).toEqual(['answer.byKeeper']);
    expect(codes({ did: ['nothing'], note: 'the test is old', retestAtMs: undefined })).toEqual([]);
    expect(codes({ retestAtMs: undefined })).toEqual(['answer.noRetest', 'answer.already']);
  });
  it('is answered once: a second hand is told who and when; the change and its answer go together', () => {
    ammonia();
    house.must(KEEPER, change(), answer({ did: ['changed water', 'feed less'] }));
    expect(house.write(TRAINEE, answer()).outcome).toMatchObject({ refusals: [{ code: 'answer.already', facts: { by: 'Bram' } }] });
    expect(house.codes(TRAINEE, { ...answer(), overrules: [{ code: 'answer.already', reason: 'more air too' }] })).toEqual([]);
    expect(
      house.codes(TRAINEE, {
        kind: 'reading.answered',
        payload: { reading: tests().latest.pH!.entry, did: ['feed less'], retestAtMs: house.now() + HOUR_MS },
      }),
    ).toEqual(['answer.notOver']);
  });
  it('what harms within hours is read again within them', () => {
    house.must(TRAINEE, read('ammonia', 6), read('pH', 8.3));
    expect(over().verdict).toMatchObject({ urgent: true });
    // A sip and a top-off are no change, whatever they are called.
    house.must(TRAINEE, { kind: 'water.toppedUp', payload: { tank: 'C1', litres: 2, salinityPpt: 0 } });
    expect(house.codes(TRAINEE, answer({ did: ['changed water'] }))).toEqual(['answer.noChange']);
    house.must(KEEPER, change({ litres: 3 }));
    expect(house.codes(TRAINEE, answer({ did: ['changed water'] }))).toEqual(['answer.notEnough']);
    // Less food and more air are good, and take days.
    expect(house.codes(TRAINEE, answer({ did: ['feed less', 'more air'] }))).toEqual(['answer.notEnough']);
    const late = answer({ did: ['bound ammonia'], retestAtMs: house.now() + 24 * HOUR_MS });
    expect(house.codes(TRAINEE, late)).toEqual(['answer.lateRetest']);
    expect(house.codes(KEEPER, { ...late, overrules: [{ code: 'answer.lateRetest', reason: 'moved out' }] })).toEqual([]);
  });
  it('without a pH it may be the worst; the pH that is read with it says', () => {
    house.must(TRAINEE, read('ammonia', 0.45));
    expect(over().verdict).toMatchObject({ is: 'perhaps' });
    house.wait(HOUR_MS);
    house.must(TRAINEE, read('pH', 7.8), read('temperature', 25));
    expect(tests().over).toEqual([]);
    house.wait(3 * HOUR_MS);
    house.must(TRAINEE, read('ammonia', 0.45));
    expect(over().verdict).toMatchObject({ is: 'perhaps' });
  });
  it('a salinity that is another on purpose is none; what was read a fortnight ago says nothing of now', () => {
    house.must(TRAINEE, read('salinity', 20));
    expect(over('salinity').verdict).toMatchObject({ is: 'below' });
    house.must(LEAD, treat('low salinity', 'low'));
    expect(tests().over).toEqual([]);
    house.must(LEAD, { kind: 'treatment.ended', payload: { treatment: 'low', system: 'reef' } });
    expect(tests().over).toHaveLength(1);
    house.wait(15 * DAY_MS);
    expect(tests().over).toEqual([]);
  });
  it('copper has the limits of its label and no others, and no binder beside it, held copper included', () => {
    const begun = treat('copper', 'cu');
    house.must(LEAD, begun, read('copper', 0.9));
    expect(tests().over).toEqual([]);
    house.must(KEEPER, plan({ limits: [{ quantity: 'copper', from: 0.4, to: 0.5 }], note: 'the label' }));
    expect(over('copper').verdict).toMatchObject({ is: 'above', limit: 0.5, urgent: true });
    ammonia();
    expect(house.codes(KEEPER, answer({ did: ['bound ammonia'] }))).toEqual(['answer.binderInCopper']);
    house.must(LEAD, { kind: 'treatment.ended', payload: { treatment: 'cu', system: 'reef' } });
    expect(house.codes(KEEPER, answer({ did: ['bound ammonia'] }))).toEqual(['answer.binderInCopper']);
    // What is over asks for no copper, though its label did.
    house.must(KEEPER, read('copper', 0.3));
    expect(tests().over.map(({ quantity }) => quantity)).toEqual(['ammonia']);
    house.wait(MINUTE_MS);
    house.must(KEEPER, read('copper', 0));
    expect(house.codes(KEEPER, answer({ did: ['bound ammonia'] }))).toEqual([]);
  });
});

describe('a test', () => {
  it('is of one quantity, to the end of its scale, until its day', () => {
    house.must(KEEPER, kit('drops'), kit('badge', { quantity: 'free ammonia', form: 'free NH3', most: undefined }));
    expect(house.codes(KEEPER, kit('odd', { quantity: 'nitrite' }))).toEqual(['kit.form']);
    expect(house.codes(KEEPER, kit('odd', { form: undefined }))).toEqual(['kit.form']);
    expect(house.codes(KEEPER, kit('other', { name: 'Drops' }))).toEqual(['exists']);
    expect(house.codes(TRAINEE, read('nitrite', 0.1, { kit: 'drops' }))).toEqual(['kit.otherQuantity']);
    // 8 of NH4 are 6.21 of nitrogen.
    expect(house.codes(TRAINEE, read('ammonia', 6.3, { kit: 'drops' }))).toEqual(['kit.overScale']);
    expect(house.codes(TRAINEE, read('ammonia', 6.2, { kit: 'drops' }))).toEqual([]);
    expect(house.codes(TRAINEE, read('ammonia', 0.1, { kit: 'none' }))).toEqual(['unknown']);
    const [drops] = house.view('house').kits.filter(({ id }) => id === 'drops');
    const gone = (fields: object): Said => ({ kind: 'kit.changed', payload: { kit: 'drops', basedOn: drops!.entry, fields } });
    house.must(KEEPER, gone({ goodUntilMs: house.now() - 3 * DAY_MS }));
    expect(house.codes(TRAINEE, read('ammonia', 0.1, { kit: 'drops' }))).toEqual(['kit.expired']);
    expect(
      house.codes(TRAINEE, { ...read('ammonia', 0.1, { kit: 'drops' }), overrules: [{ code: 'kit.expired', reason: 'the only one' }] }),
    ).toEqual([]);
    expect(tests().latest['ammonia']).toMatchObject({ with: 'drops' });
  });
  it('of copper on another scale than the last one is asked about', () => {
    const copper = (id: string, form: KitFields['form']) => kit(id, { quantity: 'copper', form, most: 3 });
    house.must(KEEPER, copper('ionic', 'ionic copper'), copper('chelated', 'chelated copper'));
    house.must(LEAD, treat('copper', 'cu'));
    house.must(TRAINEE, read('copper', 0.2, { kit: 'ionic' }));
    expect(house.codes(TRAINEE, read('copper', 0.2, { kit: 'chelated' }))).toEqual(['kit.otherCopper']);
    expect(house.codes(TRAINEE, read('copper', 0.2, { kit: 'ionic' }))).toEqual([]);
    // Not said is not the same one.
    expect(house.codes(TRAINEE, read('copper', 0.2))).toEqual(['kit.copperNotSaid']);
  });
  it('a badge answers for the ammonia, and is judged as it stands', () => {
    house.must(TRAINEE, read('free ammonia', 0.06));
    expect(asked()[0]).toBe('ammonia 1 done');
    // Little of it free is not little of it: no badge proves a filter.
    for (let day = 0; day < 5; day += 1) {
      house.must(TRAINEE, read('free ammonia', 0), read('nitrite', 0));
      house.wait(DAY_MS);
    }
    expect(tests().filter).toEqual({ is: 'not ripe', by: 'tests' });
    house.must(TRAINEE, read('free ammonia', 0.06));
    expect(over('free ammonia').verdict).toMatchObject({ is: 'above', limit: 0.05 });
  });
});
