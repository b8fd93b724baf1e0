// A claim gathers itself from the landings, runs out, is sent with the figures of the records and no others, and is answered.
import { HOUR_MS } from '#core/time/index.ts';
import { checkReplay } from '../journal/replay.ts';
import { bringCrate, furnish, KEEPER, land, makeTestHouse, TRAINEE, undo, type Said, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
});
afterEach(() => house.close());

const claim = () => house.view('claims').claims[0];
const due = () => house.view('today').due.filter(({ rule }) => rule === 'claim');
const timers = () => house.view('running').claims;
const send = (dead: number, short: number, wrong = 0): Said => ({
  kind: 'claim.sent',
  payload: { crate: 'crate-1', counts: { dead, short, wrong } },
});
const answer = (more: object = {}): Said => ({ kind: 'claim.answered', payload: { crate: 'crate-1', answer: 'credit', ...more } });
const grant = (withinH: number, from: 'arrival' | 'opening' = 'arrival', leastDead = 1) => {
  const { id, entry } = house.view('house').suppliers.find(({ id }) => id === 'yard')!;
  house.must(KEEPER, {
    kind: 'supplier.changed',
    payload: { supplier: id, basedOn: entry, fields: { claim: { withinH, from, leastDead } } },
  });
};

it('nothing is claimed of a crate that came whole; what is dead or short is there at once, with its hours', () => {
  house.must(KEEPER, land(1));
  expect([house.view('claims').claims, due(), timers()]).toEqual([[], [], []]);
  grant(4);
  house.must(KEEPER, land(2, { alive: 0, dead: 1 }));
  expect(claim()).toMatchObject({ stage: 'open', counts: { dead: 1, short: 1, wrong: 0 }, rule: { withinH: 4 } });
  const { endMs, startMs } = timers()[0]!;
  expect(endMs - startMs).toBe(4 * HOUR_MS);
  expect(due()).toMatchObject([{ byMs: endMs, facts: { what: '1 dead, 1 short', crate: 'crate-1' } }]);
  // Over, it is no timer any more; it is asked for a week longer.
  house.wait(5 * HOUR_MS);
  expect([timers().length, due().length]).toEqual([0, 1]);
  house.wait(7 * 24 * HOUR_MS);
  expect(due()).toEqual([]);
});

it('a letter has the figures of the records; it is sent once, and again when they change, whatever was answered', () => {
  house.must(KEEPER, land(2, { alive: 1, dead: 1 }));
  expect(house.codes(TRAINEE, send(1, 0))).toEqual(['role']);
  expect(house.codes(KEEPER, send(2, 0))).toEqual(['claim.otherCount']);
  expect(house.codes(KEEPER, answer())).toEqual(['claim.notSent']);
  house.must(KEEPER, send(1, 0));
  expect([claim()!.stage, due()]).toEqual(['sent', []]);
  expect(house.codes(KEEPER, send(1, 0))).toEqual(['claim.sentAlready']);
  house.wait(HOUR_MS);
  const answered = house.must(KEEPER, answer({ amount: 4.5, currency: 'EUR' }));
  expect(claim()).toMatchObject({ stage: 'credit', history: [{ what: 'sent' }, { what: 'credit', amount: 4.5, currency: 'EUR' }] });
  house.must(KEEPER, land(1, { alive: 3 }));
  expect([claim()!.stage, due()[0]!.facts.what]).toEqual(['grown', '1 dead, 1 short']);
  house.must(KEEPER, send(1, 1));
  expect(claim()!.stage).toBe('sent');
  house.must(KEEPER, undo(answered));
  expect(claim()!.history.map(({ what }) => what)).toEqual(['sent', 'sent']);
  expect(checkReplay(house).differences).toEqual([]);
});

it('too few, too late: asked about, and possible all the same; nothing, or before it came: not at all', () => {
  grant(2, 'opening', 3);
  expect(house.codes(KEEPER, send(0, 0))).toEqual(['claim.nothing']);
  expect(timers()).toEqual([]);
  house.must(KEEPER, land(2, { alive: 1, dead: 1 }));
  expect(claim()!.stage).toBe('nothing');
  expect(house.codes(KEEPER, send(1, 0))).toEqual(['claim.few']);
  house.must(KEEPER, land(1, { alive: 1, dead: 3 }));
  expect(claim()!.stage).toBe('open');
  house.wait(3 * HOUR_MS);
  expect(house.codes(KEEPER, send(4, 0))).toEqual(['claim.late']);
  house.must(KEEPER, { ...send(4, 0), overrules: [{ code: 'claim.late', reason: 'the phone was down' }] });
  bringCrate(house, 'crate-2', false);
  expect(house.codes(KEEPER, { kind: 'claim.sent', payload: { crate: 'crate-2', counts: { dead: 1, short: 0, wrong: 0 } } })).toEqual([
    'crate.notArrived',
  ]);
  expect(house.codes(KEEPER, { kind: 'claim.sent', payload: { crate: 'crate-9', counts: { dead: 1, short: 0, wrong: 0 } } })).toEqual([
    'unknown',
  ]);
});

it('its figures are those of the bags on its card, added up anew: dead, absent, other than listed', () => {
  house.must(KEEPER, land(1, { alive: 2, dead: 1 }));
  house.must(
    KEEPER,
    land(2, {
      lot: 'odd-fish',
      alive: 1,
      dead: 1,
      newLot: { label: 'comet', heardAs: 'comet', origin: 'unknown', insteadOf: 'crate-1-fire' },
    }),
  );
  house.must(KEEPER, { kind: 'bag.absent', payload: { bag: 'crate-1-bag3', crate: 'crate-1' } });
  const { bags, counts } = claim()!;
  const heads = ({ alive, dead }: { alive: number; dead: number }) => alive + dead;
  const by = { dead: 0, short: 0, wrong: 0 };
  for (const { landed, absent, listed } of bags) {
    by.dead += landed?.dead ?? 0;
    if (landed?.wrong) by.wrong += heads(landed);
    by.short += absent || landed?.wrong ? listed : Math.max(0, listed - heads(landed!));
  }
  expect(counts).toEqual(by);
  expect(counts).toEqual({ dead: 2, short: 1 + 2 + 6, wrong: 2 });
});

it('stands in the record of its supplier: crates, heads, how each claim ended, what was granted', () => {
  const record = () => house.view('house').suppliers.find(({ id }) => id === 'yard')!.record;
  expect(record()).toMatchObject({ crates: 1, alive: 0, dead: 0, granted: [] });
  house.must(KEEPER, land(1, { alive: 3, dead: 1 }), land(2));
  house.must(KEEPER, send(1, 0));
  expect(record()).toMatchObject({ crates: 1, alive: 5, dead: 1, claims: { sent: 1, credit: 0 } });
  house.must(KEEPER, answer({ amount: 4.5, currency: 'EUR' }));
  bringCrate(house, 'crate-2');
  const second = { bag: 'crate-2-bag1', crate: 'crate-2', lot: 'crate-2-fire' };
  house.must(KEEPER, land(1, { ...second, alive: 2, dead: 2 }));
  house.must(KEEPER, { kind: 'claim.sent', payload: { crate: 'crate-2', counts: { dead: 2, short: 0, wrong: 0 } } });
  house.must(KEEPER, { kind: 'claim.answered', payload: { crate: 'crate-2', answer: 'refused' } });
  const paid = house.must(KEEPER, { kind: 'claim.answered', payload: { crate: 'crate-2', answer: 'paid', amount: 10, currency: 'EUR' } });
  expect(record()).toEqual({
    crates: 2,
    alive: 7,
    dead: 3,
    claims: { sent: 0, paid: 1, credit: 1, refused: 0 },
    granted: [{ amount: 14.5, currency: 'EUR' }],
  });
  house.must(KEEPER, undo(paid));
  expect(record()).toMatchObject({ claims: { paid: 0, credit: 1, refused: 1 }, granted: [{ amount: 4.5, currency: 'EUR' }] });
});
