// The kitchen of the story: what is on the shelf, the mix that newcomers get, two crates each on their own days of it, and this morning's batch.
import { HOUR_MS } from '#core/time/index.ts';
import type { Teller } from './teller.ts';

type Story = { teller: Teller; at: (daysAgo: number, hour: number, minute?: number) => number };

const SHELF: Record<string, { came: number; counted: number; reorderG: number; goodForDays: number }> = {
  'frozen brine shrimp': { came: 1000, counted: 640, reorderG: 200, goodForDays: 150 },
  'frozen mysis': { came: 500, counted: 160, reorderG: 200, goodForDays: 120 },
  'chopped clam': { came: 400, counted: 260, reorderG: 100, goodForDays: 90 },
  'micro pellets': { came: 250, counted: 120, reorderG: 50, goodForDays: 200 },
  'seaweed sheet': { came: 125, counted: 80, reorderG: 25, goodForDays: 300 },
};
const SUPPLIES = [
  { name: 'salt mix', unit: 'kg', reorderAt: 25, counted: 70 },
  { name: 'felt socks', unit: 'pieces', reorderAt: 12, counted: 7 },
  { name: 'mesh socks', unit: 'pieces', reorderAt: 6, counted: 14 },
  { name: 'carbon', unit: 'L', reorderAt: 5, counted: 4 },
  { name: 'ammonia binder', unit: 'mL', reorderAt: 250, counted: 800 },
] as const;

export function tellKitchen({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const foods = teller.house.view('house').foods;
  for (const { id, name, entry } of foods) {
    const shelf = SHELF[name];
    if (!shelf) continue;
    teller.tell(now, 'odalys', { kind: 'food.changed', payload: { food: id, basedOn: entry, fields: { reorderG: shelf.reorderG } } });
    teller.tell(
      now,
      'odalys',
      {
        kind: 'supply.received',
        payload: { item: id, amount: shelf.came, bestBeforeMs: now + shelf.goodForDays * 24 * HOUR_MS },
        whenMs: at(6, 9),
      },
      { kind: 'supply.counted', payload: { item: id, amount: shelf.counted }, whenMs: at(1, 18) },
    );
  }
  for (const { counted, ...supply } of SUPPLIES) {
    const item = teller.id();
    teller.tell(
      now,
      'odalys',
      { kind: 'supply.added', payload: { supply: item, ...supply } },
      { kind: 'supply.counted', payload: { item, amount: counted } },
    );
  }
  tellMix({ teller, at });
  tellBatch({ teller, at });
}

/** Newcomers get antiworm food for their first three days: the crate of Saturday is on its second, the one before on its break. */
function tellMix({ teller, at }: Story): void {
  const mix = teller.id();
  teller.tell(at(0, 7, 39), 'ines', {
    kind: 'mix.added',
    payload: {
      mix,
      name: 'antiworm food',
      family: 'antiworm',
      amount: 2,
      unit: 'mg',
      per: 'g of food',
      timesADay: 1,
      days: 3,
      breakDays: 10,
      first: true,
      labelSays: 'Mix 2 mg into each gram of food. Three days running. Not for shrimps and snails.',
    },
    whenMs: at(100, 10),
  });
  const days: Record<string, number[]> = { F10: [1], F8: [1], F9: [1], G4: [5, 4, 3], G8: [5, 4, 3] };
  for (const { id: tank, code, lots } of teller.house.view('rounds').tanks)
    for (const daysAgo of days[code] ?? [])
      for (const { lot, n } of lots)
        teller.tell(at(0, 7, 39), 'odalys', {
          kind: 'lot.fed',
          payload: { tank, lot, food: 'frozen brine shrimp', response: 'ate', ate: n, mix },
          whenMs: at(daysAgo, 8, 40),
        });
  tellAgain({ teller, at }, mix);
}

/** One that was given it again, on a veterinarian's word, and would not take it. */
function tellAgain({ teller, at }: Story, mix: string): void {
  const now = at(0, 7, 39);
  const [lot] = teller.house.view('rounds').tanks.find(({ code }) => code === 'F7')!.lots;
  const [known] = teller.house.view('house').mixes;
  teller.tell(now, 'ines', {
    kind: 'mix.changed',
    payload: {
      mix,
      basedOn: known!.entry,
      fields: { labelSays: 'Mix 2 mg into each gram of food, three days running. Not for shrimps and snails.' },
    },
  });
  teller.tell(now, 'odalys', {
    kind: 'course.begun',
    payload: { course: teller.id(), lot: lot!.lot, mix, why: 'thin, though they eat' },
    overrules: [{ code: 'course.noSign', reason: 'the veterinarian asked for it by telephone' }],
  });
  teller.tell(now, 'odalys', { kind: 'course.stopped', payload: { lot: lot!.lot, mix, why: 'they spit it out' } });
  const carbon = teller.house.view('house').supplies.find(({ name }) => name === 'carbon')!;
  teller.tell(now, 'odalys', { kind: 'supply.changed', payload: { supply: carbon.id, basedOn: carbon.entry, fields: { reorderAt: 6 } } });
}

/** Taken out an hour ago, and strained by now where it was thawed. */
function tellBatch({ teller, at }: Story): void {
  const { lines, atMs } = teller.house.view('kitchen');
  const batch = teller.id();
  const slow = lines.filter(({ thawH }) => thawH !== undefined && thawH > 0);
  if (atMs === undefined || slow.length === 0) throw new Error('nobody eats frozen food this morning');
  teller.tell(at(0, 7, 39), 'odalys', {
    kind: 'batch.begun',
    payload: {
      batch,
      forMs: atMs,
      lines: slow.map(({ id, mix, takeG, dose }) => ({
        food: id,
        g: takeG,
        ...(mix && dose ? { mix: { mix, amount: dose.amount } } : {}),
      })),
      soak: 'vitamins',
    },
    whenMs: at(0, 6, 20),
  });
  const brine = slow.find(({ food }) => food === 'frozen brine shrimp')!;
  teller.tell(at(0, 7, 39), 'odalys', {
    kind: 'batch.stepped',
    payload: { batch, food: brine.id, step: 'strained' },
    whenMs: at(0, 7, 22),
  });
}
