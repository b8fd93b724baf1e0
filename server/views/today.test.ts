import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { MISSED_DAYS, stateOf } from '#core/today/index.ts';
import { checkReplay } from '../journal/replay.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  quarantine,
  KEEPER,
  LEAD,
  land,
  check,
  makeTestHouse,
  release,
  T0,
  TODAY,
  TRAINEE,
  undo,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
});
afterEach(() => house.close());
const due = () => house.view('today').due;
const say = () => due().map((dueThing) => `${dueThing.rule} ${dueThing.step} ${stateOf(dueThing, house.now())}`);
const idOf = (rule: string, step: string) => due().find((dueThing) => dueThing.rule === rule && dueThing.step === step)!.id;

function releaseOne() {
  house.must(KEEPER, land(1), land(2), land(3), assign(1), float(1));
  house.must(KEEPER, quarantine(), release(1));
}

it('follows a bag from the box to the looks after its release', () => {
  expect(due().find(({ rule }) => rule === 'bags-waiting')?.facts).toMatchObject({ n: 3, crateLabel: 'crate-1' });
  house.must(KEEPER, land(1), assign(1), float(1));
  expect(due().find(({ rule }) => rule === 'bags-waiting')?.facts.n).toBe(2);
  expect(say()).toContain('float end next');
  house.wait(21 * MINUTE_MS);
  expect(say()).toContain('float end now');
  house.must(KEEPER, quarantine(), release(1));
  expect(say().filter((id) => id.startsWith('after-release'))).toEqual([
    'after-release 1h next',
    'after-release 4h next',
    'after-release 24h next',
  ]);
  house.wait(HOUR_MS);
  expect(say()).toContain('after-release 1h now');
  house.must(KEEPER, check('G1'));
  expect(say()).not.toContain('after-release 1h now');
  expect(say()).toContain('after-release 4h next');
});

it('forgets what was undone, and fish that are no longer there', () => {
  releaseOne();
  const act = house.must(KEEPER, { kind: 'mishap.recorded', payload: { lot: 'crate-1-fire', tank: 'G1', n: 1, what: 'jumped' } });
  expect(say().filter((id) => id.startsWith('after-mishap'))).toHaveLength(3);
  house.must(KEEPER, undo(act));
  expect(say().filter((id) => id.startsWith('after-mishap'))).toEqual([]);
  house.must(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'crate-1-fire', from: 'G1', to: 'returned', n: 4 }] } });
  expect(say().filter((id) => id.startsWith('after-release'))).toEqual([]);
});

it('keeps what people decide of a due thing, and takes it back with their entry', () => {
  releaseOne();
  house.wait(HOUR_MS);
  const id = idOf('after-release', '1h');
  const later = house.must(TRAINEE, { kind: 'due.snoozed', payload: { due: id, untilMs: house.now() + 2 * HOUR_MS, why: 'van' } });
  expect(due().find((dueThing) => dueThing.id === id)).toMatchObject({ fromMs: house.now() + 2 * HOUR_MS, snoozed: true });
  house.wait(1);
  house.must(KEEPER, { kind: 'due.done', payload: { due: id } });
  expect(due().some((dueThing) => dueThing.id === id)).toBe(false);
  house.must(TRAINEE, undo(later));
  expect(due().some((dueThing) => dueThing.id === id)).toBe(false);
  house.must(KEEPER, { kind: 'due.skipped', payload: { due: idOf('after-release', '4h'), why: 'seen from the door' } });
  expect(say().filter((id) => id.startsWith('after-release'))).toEqual(['after-release 24h next']);
  expect(checkReplay(house).differences).toEqual([]);
});

it('what was done does not come back, however long ago that was', () => {
  releaseOne();
  const place = 'G1';
  const lot = house.client.prepare('select lot from p_balance where place = ? and n > 0').pluck().get(place) as string;
  house.must(KEEPER, { kind: 'stay.limited', payload: { stayLimit: 'stay-1', lot, place, untilCm: 7, why: 'until they are grown' } });
  house.must(KEEPER, { kind: 'lot.measured', payload: { lot, place, sizeCm: 8 } });
  house.must(KEEPER, { kind: 'due.done', payload: { due: idOf('grown-out', 'size') } });
  expect(due().some(({ rule }) => rule === 'grown-out')).toBe(false);
  house.wait(40 * DAY_MS);
  expect(due().some(({ rule }) => rule === 'grown-out')).toBe(false);
});

it('what ends by being done is not ticked off by anybody', () => {
  const waits = idOf('bags-waiting', due().find(({ rule }) => rule === 'bags-waiting')!.step);
  house.must(KEEPER, land(1), assign(1), float(1));
  for (const id of [waits, idOf('float', 'end')]) {
    expect(house.codes(LEAD, { kind: 'due.done', payload: { due: id } })).toEqual(['due.endsByDoing']);
    expect(house.codes(LEAD, { kind: 'due.skipped', payload: { due: id, why: 'x' } })).toEqual(['due.endsByDoing']);
  }
  house.must(KEEPER, { kind: 'due.snoozed', payload: { due: waits, untilMs: house.now() + HOUR_MS, why: 'the van is here' } });
});

it('refuses what cannot be put off, and due things of nothing', () => {
  releaseOne();
  const id = idOf('after-release', '1h');
  const snooze = (untilMs: number, dueThing = id) =>
    house.codes(KEEPER, { kind: 'due.snoozed', payload: { due: dueThing, untilMs, why: 'x' } });
  expect(snooze(house.now())).toEqual(['due.badSnooze']);
  expect(snooze(house.now() + 8 * 24 * HOUR_MS)).toEqual(['due.badSnooze']);
  expect(snooze(house.now() + HOUR_MS, 'no-such-entry:after-release:1h')).toEqual(['unknown']);
  expect(house.codes(TRAINEE, { kind: 'due.skipped', payload: { due: id, why: 'x' } })).toEqual(['role']);
});

it('shows the round while tanks are left, and a crate that is to come', () => {
  releaseOne();
  expect(say()).toContain('round morning now');
  bringCrate(house, 'crate-2', false);
  expect(due().find(({ rule }) => rule === 'crate-due')).toMatchObject({ fromMs: T0 - HOUR_MS, facts: { crateLabel: 'crate-2' } });
  house.must(KEEPER, check('G1'));
  expect(say()).not.toContain('round morning now');
});

it('a fault is due until somebody fixes it, sooner where fish cannot wait, and its tank remembers it', () => {
  const act = house.must(TRAINEE, { kind: 'fault.noticed', payload: { tank: 'G1', what: 'no flow' } });
  house.must(TRAINEE, { kind: 'fault.noticed', payload: { tank: 'G2', what: 'lid squeaks' } });
  const faults = () => due().filter(({ rule }) => rule === 'fault');
  expect(faults().map(({ facts: { tankCode, what }, fromMs, byMs }) => [tankCode, what, (byMs - fromMs) / HOUR_MS])).toEqual([
    ['G1', 'no flow', 1],
    ['G2', 'lid squeaks', 24],
  ]);
  expect(house.view('tank', { tank: 'G1' }).timeline.map(({ kind }) => kind)).toContain('fault.noticed');
  expect(house.codes(KEEPER, { kind: 'fault.noticed', payload: { tank: 'nowhere', what: 'leak' } })).toEqual(['unknown']);

  const done = house.must(TRAINEE, { kind: 'due.done', payload: { due: idOf('fault', 'mend') } });
  expect(faults()).toHaveLength(1);
  house.must(TRAINEE, undo(done));
  house.wait(60 * DAY_MS);
  expect(faults()).toHaveLength(2);
  house.must(LEAD, undo(act));
  expect(faults().map(({ facts }) => facts.tankCode)).toEqual(['G2']);
  expect(checkReplay(house).differences).toEqual([]);
});

it.each(['constructor', '__proto__', 'toString', 'hasOwnProperty'])(
  'a fault that is called %s is due within a day like any other',
  (what) => {
    house.must(TRAINEE, { kind: 'fault.noticed', payload: { tank: 'G1', what } });
    const [fault] = due().filter(({ rule }) => rule === 'fault');
    expect([fault!.byMs - fault!.fromMs, stateOf(fault!, house.now())]).toEqual([DAY_MS, 'now']);
  },
);

it('nobody is sent to a tank that is gone', () => {
  house.must(KEEPER, { kind: 'fault.noticed', payload: { tank: 'G2', what: 'leak' } });
  house.must(LEAD, { kind: 'thing.retired', payload: { what: 'tank', id: 'G2' } });
  expect(due().filter(({ rule }) => rule === 'fault')).toEqual([]);
});

it('what nobody mended in a year is noted anew, and the round shows what wants mending where it is', () => {
  releaseOne();
  const note = () => house.codes(TRAINEE, { kind: 'fault.noticed', payload: { tank: 'G1', what: 'no flow' } });
  const faults = () => house.view('rounds').tanks.flatMap(({ code, faults: open }) => open.map(({ what }) => [code, what]));
  expect([note(), faults()]).toEqual([[], [['G1', 'no flow']]]);
  house.wait(365 * DAY_MS - HOUR_MS);
  expect([note(), faults()]).toEqual([['fault.known'], [['G1', 'no flow']]]);
  house.wait(2 * HOUR_MS);
  expect([faults(), note(), faults()]).toEqual([[], [], [['G1', 'no flow']]]);
});

it('what was put off and is seen again is due anew; a usual one is as urgent however it is typed', () => {
  const note = (what: string) => house.codes(TRAINEE, { kind: 'fault.noticed', payload: { tank: 'G1', what } });
  const faults = () => due().filter((thing) => thing.rule === 'fault');
  const shown = () => faults().filter((thing) => stateOf(thing, house.now()) !== 'next').length;
  expect(note('No Flow')).toEqual([]);
  const [first] = faults();
  expect(first!.byMs - first!.fromMs).toBe(HOUR_MS);
  const untilMs = house.now() + 5 * HOUR_MS;
  house.must(KEEPER, { kind: 'due.snoozed', payload: { due: first!.id, untilMs, why: 'the pump comes at noon' } });
  expect(shown()).toBe(0);
  house.wait(MINUTE_MS);
  expect([note('no flow'), shown(), note('no flow')]).toEqual([[], 1, ['fault.known']]);
  house.wait(5 * HOUR_MS);
  expect([note('no flow'), shown()]).toEqual([['fault.known'], 2]);
});

it('what is noted already is not noted twice, until it is mended; a tank with a dozen things to mend gets no more', () => {
  const note = (what: string, tank = 'G1') => house.codes(TRAINEE, { kind: 'fault.noticed', payload: { tank, what } });
  expect([note('no flow'), note(' No  Flow '), note('no flow', 'G2')]).toEqual([[], ['fault.known'], []]);
  const [fault] = due().filter(({ rule, facts }) => rule === 'fault' && facts.tankCode === 'G1');
  house.must(KEEPER, { kind: 'due.done', payload: { due: fault!.id } });
  expect(note('no flow')).toEqual([]);
  for (let no = 1; no < 12; no += 1) expect(note(`thing ${no}`)).toEqual([]);
  // A dozen at play keep nobody from a leak.
  expect([note('thing 12'), note('thing 12', 'G2'), note('leak')]).toEqual([['fault.tooMany'], [], []]);
  // In one act as in many.
  const twice = ['leak', 'leak'].map((what) => ({ kind: 'fault.noticed' as const, payload: { tank: 'G2', what } }));
  expect(house.codes(TRAINEE, ...twice)).toEqual(['fault.known']);
});

it('nobody passed by a tank that stood empty for days, though its fish came from there and are back', () => {
  releaseOne();
  const move = (from: string, to: string) =>
    house.must(LEAD, {
      kind: 'stock.moved',
      payload: { moves: [{ lot: 'crate-1-fire', from, to, n: 4 }] },
      overrules: [{ code: 'fit.noLid', reason: 'a net is on it' }],
    });
  const missed = () =>
    due().flatMap(({ rule, step, facts }) => (rule === 'round-missed' ? [[Number(step) - TODAY, facts.what?.includes('G1')]] : []));
  move('G1', 'G2');
  house.wait(3 * DAY_MS);
  move('G2', 'G1');
  expect(missed().some(([, inG1]) => inG1)).toBe(false);
  house.wait(2 * DAY_MS);
  expect(
    missed()
      .filter(([, inG1]) => inG1)
      .map(([day]) => day),
  ).toEqual([4]);
});

it('a round that was not walked stays until somebody says why, and is asked of nobody who could not have walked it', () => {
  releaseOne();
  house.must(KEEPER, check('G1'));
  const missed = () => due().filter(({ rule }) => rule === 'round-missed');
  house.wait(DAY_MS);
  // They came on the day before: no whole day lies behind them.
  expect(missed()).toEqual([]);
  house.must(KEEPER, check('G1', { day: TODAY + 1 }));
  house.wait(DAY_MS);
  expect(missed()).toMatchObject([{ step: '20516', facts: { what: 'G1 in the evening' } }]);
  const [row] = missed();
  expect(house.codes(TRAINEE, { kind: 'due.skipped', payload: { due: row!.id, why: 'x' } })).toEqual(['role']);
  expect(house.codes(KEEPER, { kind: 'due.skipped', payload: { due: 'day-x:round-missed:1', why: 'x' } })).toEqual(['unknown']);
  // Neither done nor put off, by anybody; and nothing of a day that is not over.
  expect(house.codes(LEAD, { kind: 'due.done', payload: { due: row!.id } })).toContain('due.wantsReason');
  expect(house.codes(LEAD, { kind: 'due.snoozed', payload: { due: row!.id, untilMs: house.now() + HOUR_MS, why: 'x' } })).toEqual([
    'due.wantsReason',
  ]);
  for (const due of [
    `day-${TODAY + 2}:round-missed:${TODAY + 2}`,
    `day-${TODAY + 9}:round-missed:${TODAY + 9}`,
    `day-${TODAY}:round-missed:${TODAY + 1}`,
  ])
    expect(house.codes(KEEPER, { kind: 'due.skipped', payload: { due, why: 'x' } })).toEqual(['unknown']);
  const skip = house.must(KEEPER, { kind: 'due.skipped', payload: { due: row!.id, why: 'both ill' } });
  expect(missed()).toEqual([]);
  house.must(KEEPER, undo(skip));
  expect(missed()).toHaveLength(1);
  house.wait(DAY_MS);
  expect(missed().map(({ facts }) => facts.what)).toContain('G1 in the morning; G1 in the evening');
  // A week later it still stands, with the days since; only a month lets it go.
  house.wait(7 * DAY_MS);
  expect(missed().map(({ step }) => Number(step) - TODAY)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
  house.wait(MISSED_DAYS * DAY_MS);
  expect(missed()).toHaveLength(MISSED_DAYS);
});
