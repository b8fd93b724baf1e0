// Getting ready in a house: lines that follow from plans and readings, a match laid down, judged and done, its way back from the arrival on.
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { bringCrate, furnish, KEEPER, LEAD, makeTestHouse, stock, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
/** On its way for 20 hours more, at 28 ppt as they say, with a tank for its firefish. */
function coming(stated: object = { temperatureC: 24, salinityPpt: 28 }): void {
  bringCrate(house, 'crate-1', false);
  const { entry } = house.view('dock').crates[0]!;
  house.must(KEEPER, {
    kind: 'crate.changed',
    payload: { crate: 'crate-1', basedOn: entry, fields: { promisedAtMs: house.now() + 20 * HOUR_MS, stated } },
  });
  house.must(KEEPER, { kind: 'bag.planned', payload: { bag: 'crate-1-bag1', lot: 'crate-1-fire', tank: 'G1' } }, read('salinity', 32));
}
const view = () => house.view('prepare', { crate: 'crate-1' });
const steps = () => view().lines.map(({ step }) => step);
const dueOf = (rule: string) => house.view('today').due.filter((due) => due.rule === rule);
const read = (quantity: 'temperature' | 'salinity' | 'pH', value: number): Said => ({
  kind: 'reading.taken',
  payload: {
    subject: { kind: 'system', id: 'salt' },
    quantity,
    reading: { value, typed: String(value), method: 'meter', source: 'measured' },
  },
});
type Match = Extract<Said, { kind: 'match.planned' }>['payload'];
function laid(more: Partial<Match> = {}): Said {
  const { offer, salinityPpt } = view().systems[0]!;
  const { plan, back, backPpt } = offer!;
  return {
    kind: 'match.planned',
    payload: { match: 'match-1', crate: 'crate-1', system: 'salt', of: plan!.of, waterPpt: plan!.waterPpt, fromPpt: salinityPpt, toPpt: plan!.reachesPpt, swaps: plan!.swaps, back, backPpt, ...more }, // prettier-ignore
  };
}

it('says what is to be done, on its page and on Today, until it is done or left out', () => {
  coming();
  expect(steps()).toEqual(
    expect.arrayContaining(['ask', 'tank.crate-1-fire', 'tank.crate-1-chromis', 'ready.G1', 'read.salt', 'match.salt', 'hands']),
  );
  const [due] = dueOf('prepare');
  expect(due!.facts).toMatchObject({ crate: 'crate-1', n: view().lines.length });
  house.must(TRAINEE, { kind: 'prep.ticked', payload: { crate: 'crate-1', step: 'hands' } });
  expect(house.codes(TRAINEE, { kind: 'prep.ticked', payload: { crate: 'crate-1', step: 'nets', left: 'no time' } })).toEqual(['role']);
  const act = house.must(KEEPER, { kind: 'prep.ticked', payload: { crate: 'crate-1', step: 'nets', left: 'one is at the mender' } });
  expect(dueOf('prepare')[0]!.facts.n).toBe(view().lines.length - 2);
  expect(view().lines.find(({ step }) => step === 'nets')!.ticked).toMatchObject({ by: 'Bram', left: 'one is at the mender' });
  house.must(KEEPER, undo(act));
  expect(view().lines.find(({ step }) => step === 'nets')!.ticked).toBeUndefined();
  // Done where it is done: a reading, a tank.
  house.must(KEEPER, read('temperature', 25), read('salinity', 32), read('pH', 8.1));
  expect(steps()).not.toContain('read.salt');
  house.must(KEEPER, { kind: 'bag.planned', payload: { bag: 'crate-1-bag3', lot: 'crate-1-chromis', tank: 'G1' } });
  expect(steps()).not.toContain('tank.crate-1-chromis');
  // Here, nothing is got ready any more.
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } });
  expect(view().crates).toEqual([]);
  expect(dueOf('prepare')).toEqual([]);
  expect(house.codes(KEEPER, { kind: 'prep.added', payload: { line: 'x', crate: 'crate-1', words: 'late' } })).toEqual([
    'crate.alreadyArrived',
  ]);
});

it('a line by hand waits for its delivery, and moves with it', () => {
  coming();
  const later = house.now() + 19.5 * HOUR_MS;
  house.must(KEEPER, {
    kind: 'prep.added',
    payload: {
      line: 'caves',
      crate: 'crate-1',
      words: 'caves into G1',
      tank: 'G1',
      waits: { what: 'the caves', untilMs: house.now() + HOUR_MS },
    },
  });
  house.must(KEEPER, { kind: 'prep.added', payload: { line: 'plain', crate: 'crate-1', words: 'ask Wim in' } });
  house.must(KEEPER, { kind: 'prep.moved', payload: { line: 'caves', untilMs: later } });
  expect(view().lines.find(({ step }) => step === 'ready.G1')).toMatchObject({ fromMs: later, byMs: later });
  expect(house.codes(KEEPER, { kind: 'prep.moved', payload: { line: 'plain', untilMs: later } })).toEqual(['prep.waitsForNothing']);
  expect(house.codes(KEEPER, { kind: 'prep.moved', payload: { line: 'none', untilMs: later } })).toEqual(['unknown']);
  expect(house.codes(KEEPER, { kind: 'prep.added', payload: { line: 'y', crate: 'crate-1', words: 'x', tank: 'none' } })).toEqual([
    'unknown',
  ]);
});

it('unknown is not near enough: without a stated salinity nothing is offered, and asking is a line', () => {
  coming({ temperatureC: 24 });
  expect(view().systems[0]!.offer).toBeUndefined();
  expect(view().crate!.stated.salinityPpt).toBeUndefined();
  expect(steps()).toContain('ask');
});

it('a match is laid down, its swaps are due at their hours, then the reading; the way back begins when they came', () => {
  coming();
  house.must(KEEPER, laid());
  const { plan } = view().systems[0]!.offer!;
  expect(steps()).not.toContain('match.salt');
  expect(dueOf('match-step').map(({ step, atMs }) => [step, atMs])).toEqual([['swap-1', plan!.swaps[0]!.atMs]]);
  expect(dueOf('match-read')).toEqual([]);
  const entry = view().systems[0]!.laid!.entry;
  house.wait(17 * HOUR_MS);
  house.must(KEEPER, { kind: 'due.done', payload: { due: `${entry}:match-step:swap-1` } });
  expect(view().systems[0]!.laid!.settled).toMatchObject([{ step: 'swap-1', kind: 'done' }]);
  expect(dueOf('match-read').length).toBe(1);
  house.wait(HOUR_MS);
  house.must(KEEPER, read('salinity', 28));
  expect(dueOf('match-read')).toEqual([]);
  house.wait(6 * HOUR_MS);
  expect(dueOf('match-step')).toEqual([]);
  const came = house.now();
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } });
  house.wait(HOUR_MS);
  // From 28 to 32 by 1 ppt a day: four days, of which the first is due within a day.
  expect(dueOf('match-step').map(({ step, fromMs }) => [step, fromMs])).toEqual([['back-1', came + DAY_MS]]);
  house.wait(4 * DAY_MS);
  expect(dueOf('match-step').map(({ step }) => step)).toEqual(['back-1', 'back-2', 'back-3', 'back-4']);
});

it('is judged by who lives on the water: too steep, or not their water, a lead may have a reason', () => {
  coming();
  expect(house.codes(TRAINEE, laid())).toEqual(['role']);
  const wrong = (more: Partial<Match>) => house.codes(KEEPER, laid(more));
  const { swaps } = (laid() as { payload: Match }).payload;
  expect(wrong({ swaps: [{ ...swaps[0]!, litres: swaps[0]!.litres / 2 }] })).toEqual(['match.badSteps']);
  expect(wrong({ swaps: [{ ...swaps[0]!, litres: 4000 }] })).toEqual(['match.badSteps']);
  expect(wrong({ toPpt: 20 })).toEqual(['match.badSteps']);
  expect(wrong({ waterPpt: 5 })).toEqual(['match.badSteps']);
  expect(wrong({ system: 'none' })).toEqual(['unknown']);
  expect(wrong({ fromPpt: 30 })).toEqual(['match.otherSalinity']);
  expect(wrong({ back: [{ afterH: 24, litres: 150, toPpt: 32 }] })).toEqual(['match.badSteps']);
  // All of the way back in a day is more than the newcomers bear, and than the house's rule.
  const back = [{ afterH: 24, litres: (300 * 4) / (37 - 28), toPpt: 32 }];
  expect(wrong({ back, backPpt: 37 })).toEqual(['match.steep', 'match.steep']);
  // Nobody lived there, and one swap was enough; now somebody does, and the same plan is too steep for them.
  const plain = laid();
  house.must(LEAD, stock('old', 'G1'));
  expect(house.codes(KEEPER, plain)).toContain('match.steep');
  house.must(LEAD, { ...plain, overrules: ['match.steep', 'match.outside'].map((code) => ({ code, reason: 'a few days only' })) } as Said);
});

it('where it stands must be known: a salinity that nobody read of late asks for a reading, or for who knows', () => {
  coming();
  house.wait(4 * DAY_MS);
  const { entry } = house.view('dock').crates[0]!;
  house.must(KEEPER, {
    kind: 'crate.changed',
    payload: { crate: 'crate-1', basedOn: entry, fields: { promisedAtMs: house.now() + 9 * HOUR_MS } },
  });
  expect(house.codes(KEEPER, laid())).toEqual(['match.notRead']);
  house.must(KEEPER, { ...laid(), overrules: [{ code: 'match.notRead', reason: 'dipped a glass in it just now' }] });
});

it('what was laid down is judged again: who moved in since, what was read since; and there is no way back where no swap was made', () => {
  coming();
  house.must(KEEPER, laid());
  const said = () => view().systems[0]!.laid!.against.map(({ code }) => code);
  const due = () => dueOf('match-step').map(({ facts }) => facts.what!.includes('Not before a lead has seen it'));
  expect([said(), due()]).toEqual([[], [false]]);
  house.wait(HOUR_MS);
  const act = house.must(KEEPER, read('salinity', 29));
  expect([said(), due()]).toEqual([['match.otherSalinity'], [true]]);
  house.must(KEEPER, undo(act));
  expect(said()).toEqual([]);
  house.must(LEAD, stock('old', 'G1'));
  expect(said()).toContain('match.steep');
  expect(due()).toEqual([true]);
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } });
  house.wait(3 * DAY_MS);
  expect(dueOf('match-step')).toEqual([]);
});

it('where a crate is given up after a swap, its system goes back from then on', () => {
  coming();
  house.must(KEEPER, laid());
  house.wait(17 * HOUR_MS);
  house.must(KEEPER, { kind: 'due.done', payload: { due: `${view().systems[0]!.laid!.entry}:match-step:swap-1` } });
  const givenUp = house.now();
  house.must(KEEPER, { kind: 'crate.givenUp', payload: { crate: 'crate-1', why: 'lost' } });
  house.wait(HOUR_MS);
  expect(dueOf('match-step').map(({ step, fromMs }) => [step, fromMs])).toEqual([['back-1', givenUp + DAY_MS]]);
});

it('a plan made before the water was read anew is another plan', () => {
  coming();
  const plan = laid();
  house.must(KEEPER, read('salinity', 30));
  expect(house.codes(KEEPER, plan)).toEqual(['match.otherSalinity']);
});

it('a crate that is given up asks for nothing, and its match for no swap', () => {
  coming();
  house.must(KEEPER, laid());
  house.must(KEEPER, { kind: 'crate.givenUp', payload: { crate: 'crate-1', why: 'lost' } });
  expect([dueOf('prepare'), dueOf('match-step'), view().crates]).toEqual([[], [], []]);
  expect(house.codes(KEEPER, { kind: 'prep.added', payload: { line: 'x', crate: 'crate-1', words: 'y' } })).toEqual([
    'crate.alreadyGivenUp',
  ]);
});
