// What a crate's list of getting ready asks for, and when; whether a match is worth it.
import { HOUR_MS } from '../time/index.ts';
import { offerFor, prepLines, STARTING_PREPARE, type PrepFacts, type PrepLine } from './index.ts';

const DUE = Date.UTC(2026, 2, 6, 9);
const before = (hours: number) => DUE - hours * HOUR_MS;
const NOW = before(30);
const fish = { label: 'gramma', tolerance: 'ordinary', invertebrate: false } as const;
const system: PrepFacts['systems'][number] = {
  system: 'gull',
  name: 'Gull',
  type: 'marine',
  volumeL: 300,
  setC: 25,
  salinityPpt: 33,
  readAtMs: { temperature: before(90), salinity: before(5) },
  residents: [],
};
const facts = (more: Partial<PrepFacts> = {}): PrepFacts => ({
  listedAtMs: before(80),
  promisedAtMs: DUE,
  stated: { temperatureC: 24, salinityPpt: 28 },
  open: 0,
  lots: [{ lot: 'l1', label: 'gramma', n: 3, without: 0, kind: fish }],
  tanks: [{ tank: 't1', code: 'G1', system: 'gull', lots: ['l1'], occupants: [], against: [] }],
  systems: [system],
  matches: [],
  notes: [],
  ...more,
});
const lines = (more: Partial<PrepFacts> = {}, now = NOW) => prepLines(facts(more), STARTING_PREPARE, now);
const find = (all: readonly PrepLine[], step: string) => all.find((line) => line.step === step);

it('asks for what is still to be told, chosen, read, mixed and laid out, each by its hour, the first due first', () => {
  const all = lines({ open: 2, lots: [{ lot: 'l1', label: 'gramma', n: 3, without: 2, kind: fish }] });
  expect(all.map(({ step }) => step)).toEqual(['ask', 'salt', 'match.gull', 'tank.l1', 'ready.t1', 'read.gull', 'first-aid.salt', 'vessels', 'nets', 'hands']); // prettier-ignore
  expect(all.map(({ byMs }) => byMs)).toEqual(all.map(({ byMs }) => byMs).toSorted((a, b) => a - b));
  expect(find(all, 'ask')).toMatchObject({ ends: 'by doing', byMs: before(24) });
  // 20 L to spare and 10 for first aid at 34 ppt: 30 × 34 × 1.02 × 1.1 g.
  expect(find(all, 'salt')).toMatchObject({ byMs: before(24), what: { litres: 30, ppt: 34, kg: expect.closeTo(1.144, 3) as number } });
  expect(find(all, 'ready.t1')).toMatchObject({ byMs: before(2), ends: 'by hand' });
});

it('a reading that is too old by then, or was never taken, is asked for; salinity not of fresh water', () => {
  expect(find(lines(), 'read.gull')!.what).toMatchObject({ quantities: ['temperature', 'pH'], lastMs: before(5) });
  const readAtMs = { temperature: before(20), salinity: before(24), pH: before(1) };
  expect(find(lines({ systems: [{ ...system, readAtMs }] }), 'read.gull')).toBeUndefined();
  const never = find(lines({ systems: [{ ...system, type: 'fresh', readAtMs: {} }] }), 'read.gull')!.what;
  expect(never).toMatchObject({ quantities: ['temperature', 'pH'] });
  expect('lastMs' in never).toBe(false);
});

it('what depends on a delivery moves with it', () => {
  const note = { line: 'n1', words: 'two caves into G1', tank: 't1', waits: { what: 'the caves', untilMs: before(1) } };
  const all = lines({ notes: [note] });
  expect(find(all, 'ready.t1')).toMatchObject({ fromMs: before(1), byMs: before(1), what: { waits: 'the caves' } });
  expect(find(all, 'note.n1')).toMatchObject({ fromMs: before(1), byMs: before(1) });
  // Here sooner, it is ready at its usual hour.
  expect(find(lines({ notes: [{ ...note, waits: { ...note.waits, untilMs: before(40) } }] }), 'ready.t1')).toMatchObject({
    byMs: before(2),
  });
});

it('nothing is late before the crate was written down and there was time to do it', () => {
  const late = lines({ open: 1, listedAtMs: before(10) });
  expect(find(late, 'ask')).toMatchObject({ fromMs: before(10), byMs: before(8) });
  expect(find(lines({ open: 1, listedAtMs: before(1) }), 'ask')).toMatchObject({ byMs: before(2) });
});

it('what stands against a lot in its tank is a line of its own', () => {
  const against = [{ code: 'fit.noLid' as const, facts: { species: 'gramma' }, lot: 'l1', label: 'gramma' }];
  const [line] = lines({ tanks: [{ ...facts().tanks[0]!, against }] }).filter(({ what }) => what.kind === 'way');
  expect(line).toMatchObject({ step: 'way.t1.l1.fit.noLid', ends: 'by hand', what: { against: { code: 'fit.noLid' } } });
});

it('a match is offered where the tank is saltier than the bags; a saltier bag goes down by itself, as far as its fish bear', () => {
  const offer = (more: Partial<PrepFacts>, part: Partial<typeof system> = {}) =>
    offerFor({ ...system, ...part }, facts(more), STARTING_PREPARE, NOW);
  expect(offer({})).toMatchObject({ toPpt: 28, plan: { of: 'fresh', reachesPpt: 28 } });
  expect(offer({ stated: { salinityPpt: 32.5 } })).toBeUndefined();
  expect(offer({ stated: { salinityPpt: 36 } })).toBeUndefined();
  // An ordinary fish bears 4 ppt an hour down, not more: 8 ppt are a match, upwards.
  expect(offer({ stated: { salinityPpt: 41 } }, { salinityPpt: 20 })).toMatchObject({ toPpt: 41 });
  expect(offer({ stated: {} })).toBeUndefined();
  // Fresh water with hardly any salt on both sides.
  expect(offer({ stated: { salinityPpt: 0 } }, { salinityPpt: 1.5 })).toBeUndefined();
});

it('a match that is laid down is not offered again, and its salt water is mixed with the rest', () => {
  const laid = { entry: 'e', match: 'm', crate: 'c', system: 'gull', of: 'salt' as const, waterPpt: 34, fromPpt: 28, toPpt: 30, swaps: [{ atMs: before(3), litres: 100, toPpt: 30 }], back: [], backPpt: 0 }; // prettier-ignore
  const all = lines({ matches: [laid] });
  expect(find(all, 'match.gull')).toBeUndefined();
  expect(find(all, 'salt')!.what).toMatchObject({ litres: 130 });
});
