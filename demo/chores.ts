// The chores of the story: what comes back how often and whose it is, the old chore book written in by the lead, and what this week's hands ticked.
import type { ChoreFields } from '#core/chores/index.ts';
import type { Said, Teller } from './teller.ts';

type Story = { teller: Teller; at: (daysAgo: number, hour: number, minute?: number) => number };
/** `last` = days ago that it was done last, by rack; a rack that is missing is as the others. */
type Planned = Omit<ChoreFields, 'takes'> & {
  takes?: [string, number][];
  last: number;
  lastAt?: Record<string, number>;
  hour: number;
  back?: number;
};

const FROM_DAYS_AGO = 118;
/** Older entries are the lead's to write. */
const OWN_WORD_DAYS = 7;
const DISPLAY = ['alder', 'birch', 'cove'];

const CHORES: readonly Planned[] = [
  {
    name: 'Felt socks',
    is: 'filter socks',
    per: 'system',
    racks: DISPLAY,
    everyDays: 4,
    takes: [['felt socks', 4]],
    person: 'wim',
    last: 4,
    hour: 9,
  },
  {
    name: 'Mesh socks',
    is: 'filter socks',
    per: 'system',
    racks: DISPLAY,
    everyDays: 8,
    takes: [['mesh socks', 2]],
    person: 'wim',
    last: 3,
    hour: 9,
  },
  { name: 'Glass', is: 'glass', per: 'tank', racks: DISPLAY, everyDays: 7, last: 5, lastAt: { birch: 9 }, hour: 16, back: 30 },
  {
    name: 'Water change, display',
    is: 'water change',
    per: 'system',
    racks: DISPLAY,
    everyDays: 7,
    percent: 10,
    last: 2,
    lastAt: { cove: 7 },
    hour: 15,
  },
  {
    name: 'Water change, hold',
    is: 'water change',
    per: 'system',
    racks: ['fern', 'gull'],
    everyDays: 7,
    percent: 20,
    last: 3,
    lastAt: { gull: 7 },
    hour: 14,
    back: 35,
  },
  { name: 'Top-off', is: 'top-off', per: 'system', racks: ['cove', 'gull'], everyDays: 1, last: 1, hour: 8, back: 14 },
  { name: 'Ammonia badges', is: 'badges', per: 'rack', racks: ['fern', 'gull', 'quarter'], everyDays: 3, last: 2, hour: 10, back: 45 },
  { name: 'Carbon', is: 'carbon', per: 'system', racks: ['cove'], everyDays: 30, takes: [['carbon', 1]], last: 12, hour: 11 },
  {
    name: 'Lamp of the ultraviolet',
    is: 'ultraviolet lamp',
    per: 'tank',
    racks: ['snug'],
    everyDays: 300,
    takes: [['ultraviolet lamp', 1]],
    last: 100,
    hour: 11,
  },
];

export function tellChores({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const supplies = () => new Map(teller.house.view('house').supplies.map((supply) => [supply.name, supply]));
  teller.tell(now, 'odalys', {
    kind: 'supply.added',
    payload: { supply: teller.id(), name: 'ultraviolet lamp', unit: 'pieces', reorderAt: 0 },
  });
  for (const name of ['felt socks', 'mesh socks', 'salt mix']) {
    const { id, entry } = supplies().get(name)!;
    const fields = name === 'salt mix' ? { salt: true } : { reused: true };
    teller.tell(now, 'ines', { kind: 'supply.changed', payload: { supply: id, basedOn: entry, fields } });
  }
  const items = supplies();
  for (const { takes = [], last: _last, lastAt: _lastAt, hour: _hour, back: _back, ...fields } of CHORES)
    teller.tell(now, 'ines', {
      kind: 'chore.planned',
      payload: {
        chore: teller.id(),
        ...fields,
        ...(takes.length > 0 ? { takes: takes.map(([name, amount]) => ({ item: items.get(name)!.id, amount })) } : {}),
      },
      whenMs: at(FROM_DAYS_AGO, 9),
    });
  for (const planned of CHORES) tellBook({ teller, at }, planned);
  tellSocks({ teller, at });
}

/** The days on which it was done, day after day, the last of them as the story has it. */
function tellBook({ teller, at }: Story, planned: Planned): void {
  const now = at(0, 7, 39);
  const { name, everyDays, last, lastAt = {}, hour, back = FROM_DAYS_AGO - 1 } = planned;
  const { chores, racks } = teller.house.view('chores');
  const card = chores.find((chore) => chore.name === name)!;
  for (const rack of racks) {
    const places = rack.chores.find(({ chore }) => chore === card.id)?.places ?? [];
    if (places.length === 0) continue;
    const lastDay = lastAt[rack.id] ?? last;
    const days = Array.from(
      { length: Math.max(1, Math.floor((back - lastDay) / everyDays) + 1) },
      (_, no) => lastDay + no * everyDays,
    ).reverse();
    for (const daysAgo of days) {
      const said = places[0]!.water
        ? places.map((place): Said => waterSaid({ ...place, water: place.water! }, card.is === 'top-off' ? undefined : card.percent!))
        : [{ kind: 'chore.done', payload: { chore: card.id, places: places.map(({ id }) => id) } } satisfies Said];
      teller.tell(
        now,
        daysAgo >= OWN_WORD_DAYS ? 'ines' : (card.person ?? 'odalys'),
        ...said.map((entry) => ({ ...entry, whenMs: at(daysAgo, hour, 10) })),
      );
    }
  }
}

/** What went off in a day, as plain water; a share of all of it, mixed to what it is meant to be. */
const GONE_SHARE = 0.004;
function waterSaid(
  { tank, water }: { tank: string; water: { volumeL: number; targetPpt: number; temperatureC: number } },
  percent?: number,
): Said {
  const { volumeL, targetPpt, temperatureC } = water;
  return percent === undefined
    ? { kind: 'water.toppedUp', payload: { tank, litres: Math.round(volumeL * GONE_SHARE * 10) / 10, salinityPpt: 0 } }
    : {
        kind: 'water.exchanged',
        payload: { tank, litres: (volumeL * percent) / 100, source: 'mixed', atSump: true, salinityPpt: targetPpt, temperatureC },
      };
}

/** Counted yesterday; since then two racks were done out of turn, and not all came back. */
function tellSocks({ teller, at }: Story): void {
  const now = at(0, 7, 39);
  const { supplies } = teller.house.view('house');
  const item = (name: string) => supplies.find((supply) => supply.name === name)!.id;
  const { chores, racks } = teller.house.view('chores');
  const felt = chores.find(({ name }) => name === 'Felt socks')!;
  const alder = racks.find(({ id }) => id === 'alder')!.chores.find(({ chore }) => chore === felt.id)!.places[0]!;
  teller.tell(
    now,
    'ines',
    { kind: 'supply.counted', payload: { item: item('felt socks'), amount: 14, dirty: 16 }, whenMs: at(1, 18) },
    { kind: 'supply.counted', payload: { item: item('mesh socks'), amount: 8, dirty: 6 }, whenMs: at(1, 18) },
    { kind: 'supply.counted', payload: { item: item('salt mix'), amount: 70 }, whenMs: at(1, 18) },
    { kind: 'supply.counted', payload: { item: item('carbon'), amount: 4 }, whenMs: at(1, 18) },
    { kind: 'supply.counted', payload: { item: item('ultraviolet lamp'), amount: 1 }, whenMs: at(1, 18) },
  );
  teller.tell(now, 'ines', {
    kind: 'chore.done',
    payload: { chore: felt.id, places: [alder.id], used: [{ item: item('felt socks'), amount: 4 }], note: 'clogged' },
    whenMs: at(1, 19),
  });
  teller.tell(now, 'ines', { kind: 'supply.returned', payload: { item: item('felt socks'), amount: 3 }, whenMs: at(1, 19, 20) });
  teller.tell(now, 'ines', { kind: 'supply.washed', payload: { item: item('felt socks'), amount: 9, thrown: 1 }, whenMs: at(1, 20) });
  const fault =
    teller.house.view('today').due.find(({ rule }) => rule === 'fault') ??
    teller.house.view('today').due.find(({ rule }) => rule === 'chore')!;
  teller.tell(now, 'ines', { kind: 'due.assigned', payload: { due: fault.id, person: 'wim' } });
  // Ordered by telephone: it is asked about again after the van.
  const order = teller.house.view('today').due.find(({ rule }) => rule === 'supply');
  if (order) teller.tell(now, 'ines', { kind: 'due.snoozed', payload: { due: order.id, untilMs: at(0, 12), why: 'ordered by telephone' } });
  const [glass] = chores.filter(({ name }) => name === 'Glass');
  teller.tell(now, 'ines', { kind: 'chore.changed', payload: { chore: glass!.id, basedOn: glass!.entry, fields: { person: 'odalys' } } });
}
