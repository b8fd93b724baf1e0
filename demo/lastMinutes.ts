// What is told last, so that nothing before it changes: a claim that was late, and a bag that could not wait.
import { USUAL_FOODS } from '#core/feeding/index.ts';
import { isTaken } from '#core/placement/index.ts';
import { speciesOf } from './crates.ts';
import { deadInBag } from './pictures.ts';
import { EXPECTED_CRATE, OPEN_CRATE, OPEN_LANDED } from './stock.ts';
import type { Teller } from './teller.ts';

type Story = { teller: Teller; at: (daysAgo: number, hour: number, minute?: number) => number };

/** One that nobody sent in its hours: sent all the same, and refused. */
export function tellOldClaim({ teller, at }: Story): void {
  const old = teller.house.view('claims').claims.findLast(({ stage }) => stage === 'open');
  if (!old) return;
  const { crate, counts } = old;
  teller.tell(at(0, 7, 36), 'ines', {
    kind: 'claim.sent',
    payload: { crate, counts, note: 'by telephone' },
    overrules: [{ code: 'claim.late', reason: 'nobody had written their hours down' }],
  });
  teller.tell(at(0, 7, 38), 'ines', { kind: 'claim.answered', payload: { crate, answer: 'refused', note: 'after their hours' } });
}

/** The night handed over by the one who leaves; the one who came has not taken it over yet. */
export function tellHandover({ teller, at }: Story): void {
  teller.tell(at(0, 7, 39), 'odalys', {
    kind: 'shift.handed',
    payload: { shift: teller.id(), worries: 'The late crate came with its heat pack cold. Nobody saw the puffer eat last night.' },
  });
}

/** The comet came dead: its bag is photographed before it is opened. */
export function tellPhotograph({ teller, at }: Story): void {
  const crate = teller.house.view('dock').crates.find(({ crate }) => crate === OPEN_CRATE.key)!;
  const { bag } = crate.bags.find(({ landed }) => landed !== undefined && landed.alive === 0)!;
  teller.tell(at(0, 7, 39), 'bram', {
    kind: 'photo.taken',
    payload: { photo: teller.id(), of: { kind: 'bag', id: bag }, shows: 'the closed bag', ...deadInBag() },
  });
}

/** The last bag landed looked fit, and does not any more: clean water like its own, before a tank is thought of. */
export function tellCleanWater({ teller, at }: Story): void {
  const bag = teller.house.view('bench').bags.find(({ label, crate }) => crate === OPEN_CRATE.key && label === `bag ${OPEN_LANDED}`)!;
  const made = (value: number, unit: string) => ({
    value,
    typed: `${value} ${unit}`,
    method: 'in the water' as const,
    source: 'measured' as const,
  });
  teller.tell(at(0, 7, 38), 'bram', {
    kind: 'bag.routed',
    payload: { bag: bag.bag, lot: bag.lot, route: 'clean water now', why: 'one of them hangs at the surface by now' },
  });
  teller.tell(at(0, 7, 39), 'bram', {
    kind: 'cleanWater.given',
    payload: {
      bag: bag.bag,
      lot: bag.lot,
      n: bag.alive,
      vessel: 'bucket 2',
      litres: 8,
      temperature: made(bag.temperature!.value, '°C'),
      salinity: made(OPEN_CRATE.stated.salinityPpt!, 'ppt'),
    },
  });
}

/** Before the van is here some of its fish have their tanks: those that cost least, with what is meant for each already. */
export function tellPlans({ teller, at }: Story): void {
  const { bags } = teller.house.view('dock').crates.find(({ crate }) => crate === EXPECTED_CRATE.key)!;
  for (const bag of bags.filter(({ species }) => species && PLANNED.includes(species.id)))
    teller.tell(at(0, 7, 38), 'ines', { kind: 'bag.planned', payload: { bag: bag.bag, lot: bag.lot, tank: tankFor(teller, bag.bag) } });
}
function tankFor(teller: Teller, bag: string): string {
  const [tank] = teller.house
    .view('room', { bag })
    .racks.flatMap(({ tanks }) => tanks)
    .filter(({ purpose, vessel, reasons }) => purpose === 'quarantine' && vessel === 'tank' && reasons?.every(isTaken))
    .toSorted((a, b) => a.reasons!.length - b.reasons!.length);
  if (!tank) throw new Error(`no tank will do for ${bag}`);
  return tank.id;
}
const PLANNED: readonly string[] = ['boesemans-rainbowfish', 'honey-gourami'];

/** What is wished for, and what is ordered for the end of the week. */
export function tellOrders({ teller, at }: Story): void {
  const line = () => teller.id();
  teller.tell(at(0, 7, 38), 'pia', {
    kind: 'wish.noted',
    payload: { wish: teller.id(), species: 'kuhli-loach', n: 10, forWhom: 'Mossbank school' },
  });
  teller.tell(at(0, 7, 38), 'odalys', {
    kind: 'wish.noted',
    payload: { wish: teller.id(), heardAs: 'a pair of small clowns', n: 2, note: 'for the Bay Window, if they are bred' },
  });
  teller.tell(at(0, 7, 38), 'ines', {
    kind: 'order.placed',
    payload: {
      order: teller.id(),
      supplier: 'pelican-yard',
      currency: 'EUR',
      wantedAtMs: at(-3, 21, 40),
      note: 'No six-lines this time, please.',
      lines: [
        { line: line(), species: 'green-chromis', n: 14, sizeCm: 4, origin: 'wild', price: 3.2 },
        { line: line(), species: 'yellow-watchman-goby', n: 4, sizeCm: 5, sex: 'pairs', price: 11, forWhom: 'the Bay Window' },
        { line: line(), species: 'comet', n: 1, price: 42 },
      ],
    },
  });
}

/** The crate that is ordered for the next days is expected, so that its system can be matched before it comes: it ships low. */
export function tellPreparing({ teller, at }: Story): void {
  const crate = 'pelican-1';
  const kinds = [
    ['royal-gramma', 3, 5],
    ['firefish', 4, 6],
  ] as const;
  const lots = kinds.map(([species, n, sizeCm]) => ({ species, n, sizeCm, lot: teller.id(), bag: teller.id() }));
  teller.tell(at(0, 7, 38), 'ines', {
    kind: 'crate.expected',
    payload: {
      crate,
      label: 'Pelican Yard, Wednesday',
      supplier: 'pelican-yard',
      packedAtMs: at(0, 20, 30),
      promisedAtMs: at(-1, 9, 40),
      stated: { temperatureC: 24, salinityPpt: 28, salinitySaid: '1.021 sg 25/25' },
      currency: 'EUR',
      lots: lots.map(({ species, sizeCm, lot }) => ({ lot, label: speciesOf(species).common, species, sizeCm, origin: 'wild' })),
      bags: lots.map(({ bag, lot, n }, index) => ({ bag, label: `bag ${index + 1}`, box: 1, lot, n, waterL: 1.4, price: 8.5 })),
    },
  });
  teller.tell(
    at(0, 7, 38),
    'ines',
    ...lots.map(({ bag, lot }) => ({ kind: 'bag.planned' as const, payload: { bag, lot, tank: tankFor(teller, bag) } })),
  );
  const [system] = teller.house.view('prepare', { crate }).systems;
  const { plan, back, backPpt } = system!.offer!;
  teller.tell(at(0, 7, 38), 'ines', {
    kind: 'match.planned',
    payload: {
      match: teller.id(),
      crate,
      system: system!.system,
      of: plan!.of,
      waterPpt: plan!.waterPpt,
      fromPpt: system!.salinityPpt,
      toPpt: plan!.reachesPpt,
      swaps: plan!.swaps,
      back,
      backPpt,
    },
    overrules: [
      { code: 'match.notRead', reason: 'read on Thursday, and nothing was changed since' },
      { code: 'match.outside', reason: 'some days at the bags’ own salinity, and back by the day' },
    ],
  });
  const [first] = lots;
  const tank = tankFor(teller, first!.bag);
  const line = teller.id();
  teller.tell(at(0, 7, 38), 'ines', {
    kind: 'prep.added',
    payload: { line, crate, words: 'two caves into the tank of the grammas', tank, waits: { what: 'the caves', untilMs: at(-1, 8) } },
  });
  teller.tell(at(0, 7, 38), 'wim', { kind: 'prep.moved', payload: { line, untilMs: at(-1, 8, 30), why: 'the courier says half past' } });
  teller.tell(at(0, 7, 38), 'pia', { kind: 'prep.ticked', payload: { crate, step: 'hands' } });
  for (const { box, ...found } of [
    {
      box: 1,
      inside: 'damp' as const,
      packs: 'spent' as const,
      airC: 20.5,
      cameAlong: ['packing list' as const],
      note: 'a corner of the liner is torn',
    },
    { box: 2, inside: 'dry' as const, packs: 'spent' as const, airC: 21, cameAlong: ['food' as const] },
  ])
    teller.tell(at(0, 7, 38), 'bram', { kind: 'box.opened', payload: { crate: 'pelican-0', box, ...found } });
}

/** What is kept to feed: what a lot is given next follows from it. */
export function tellFoods({ teller, at }: Story): void {
  for (const food of USUAL_FOODS)
    teller.tell(at(0, 7, 39), 'ines', { kind: 'food.added', payload: { food: teller.id(), ...food }, whenMs: at(110, 10) });
  const [clam] = teller.house.view('house').foods.filter(({ name }) => name === 'chopped clam');
  teller.tell(at(0, 7, 39), 'odalys', {
    kind: 'food.changed',
    payload: { food: clam!.id, basedOn: clam!.entry, fields: { prepared: 'rinse it, chop it fine' } },
  });
}
