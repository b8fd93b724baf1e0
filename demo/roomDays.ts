// What happens in the room besides walks and crates: days on which nobody came by, nets in the wrong tank, fish moved and set apart.
import type { TankCard } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import { missedRoundsOf } from '#core/today/index.ts';
import { tanksOf } from './history.ts';
import type { Said, Teller } from './teller.ts';

/** Days before the opening on which nobody looked at a bench: short-handed, a stocktake, a storm. */
const PASSED_BY: readonly { daysAgo: number; tanks: RegExp; why?: string }[] = [
  { daysAgo: 2, tanks: /^G[5-8]$/ },
  { daysAgo: 10, tanks: /^(F|Q)\d/, why: 'two of us ill' },
  { daysAgo: 16, tanks: /^[GQS]\d/, why: 'stocktake' },
  { daysAgo: 37, tanks: /^[FG]\d/ },
  { daysAgo: 58, tanks: /^[FGQ]\d/ },
  { daysAgo: 83, tanks: /^[FGQ]\d/ },
];
export const isPassedBy = (tank: string, daysAgo: number): boolean =>
  PASSED_BY.some((event) => event.daysAgo === daysAgo && event.tanks.test(tank));
/** Of some of them somebody has said why; the latest still asks. */
export const reasonsForPassingBy = (today: number): Said[] =>
  PASSED_BY.flatMap(({ daysAgo, why }) =>
    why ? [{ kind: 'due.skipped' as const, payload: { due: missedRoundsOf(today - daysAgo), why } }] : [],
  );

type At = (hour: number, minute: number) => number;
type Day = { teller: Teller; at: At; find: (code: string) => TankCard; tanks: readonly TankCard[] };

/** The afternoon of a day, before the evening round. */
export function tellRoomDay(teller: Teller, daysAgo: number, at: At): void {
  const day = DAYS[daysAgo];
  if (!day) return;
  const tanks = tanksOf(teller.house.view('room'));
  day({ teller, at, tanks, find: (code) => tanks.find((tank) => tank.code === code)! });
}

const first = (tank: TankCard) => tank.occupants[0]!;

/** The whole of a tank's first lot goes to another tank. */
function moveAll({ teller, at, find }: Day, [from, to]: readonly [string, string], why: string): void {
  const { lot, n } = first(find(from));
  teller.tell(
    at(16, 55),
    'odalys',
    { kind: 'stock.moved', payload: { moves: [{ lot, from: find(from).id, to: find(to).id, n }], why } },
    { kind: 'tool.used', payload: { tool: 'q-cup', tanks: [find(from).id, find(to).id] } },
    { kind: 'tool.disinfected', payload: { tool: 'q-cup', note: 'bleach, rinsed, dried' } },
  );
}

const DAYS: Readonly<Record<number, (day: Day) => void>> = {
  40({ teller, at, find }) {
    tellWet(teller, at(16, 55), { tool: 'gull-near-net', tanks: [find('G1').id, find('G5').id], note: 'the far net was in the sink' });
  },
  38({ teller, at }) {
    // Buckets stand by the quarantine benches; fish are only put in them for a time.
    for (const [code, rack, system] of [
      ['Bucket 1', 'fern', { type: 'fresh', temperatureC: 25, salinityPpt: 0.3 }],
      ['Bucket 2', 'quarter', { type: 'marine', temperatureC: 25, salinityPpt: 32 }],
    ] as const) {
      const id = code.toLowerCase().replace(' ', '-');
      teller.tell(
        at(16, 55),
        'ines',
        { kind: 'system.added', payload: { system: `${id}-water`, name: `water of ${code}`, volumeL: 12, ...system } },
        {
          kind: 'tank.added',
          payload: {
            tank: id,
            rack,
            system: `${id}-water`,
            code,
            volumeL: 12,
            purpose: 'quarantine',
            lid: true,
            row: 2,
            column: 0,
            vessel: 'bucket',
          },
        },
      );
    }
  },
  30({ teller, at, find }) {
    const { lot } = first(find('B1'));
    teller.tell(
      at(16, 55),
      'ines',
      { kind: 'lot.measured', payload: { lot, place: find('B1').id, sizeCm: 5.5, n: 3 } },
      {
        kind: 'stay.limited',
        payload: { stayLimit: teller.id(), lot, place: find('B1').id, untilCm: 6, why: '60 L only while under 6 cm' },
      },
    );
  },
  // A transfer series against white spots: every third day into the other, clean tank.
  9: (day) => moveAll(day, ['Q5', 'Q6'], 'transfer 1 of 4, white spots'),
  6: (day) => moveAll(day, ['Q6', 'Q5'], 'transfer 2 of 4'),
  3: (day) => moveAll(day, ['Q5', 'Q6'], 'transfer 3 of 4'),
  5({ teller, at, find }) {
    teller.tell(at(16, 55), 'wim', {
      kind: 'water.exchanged',
      payload: { tank: find('G1').id, litres: 12, source: 'tank', fromTank: find('C1').id, note: 'weekly, from the display' },
    });
  },
  2({ teller, at, find }) {
    const copper = (tank: string): Said => ({
      kind: 'treatment.begun',
      payload: { treatment: teller.id(), system: find(tank).system, family: 'copper', note: 'half on arrival of the kit, by the label' },
    });
    teller.tell(at(16, 55), 'ines', copper('Q1'), copper('Q2'));
    const { lot } = first(find('B1'));
    teller.tell(at(17, 0), 'odalys', { kind: 'lot.measured', payload: { lot, place: find('B1').id, sizeCm: 5.8, n: 3 } });
  },
  1(day) {
    const { teller, at, find } = day;
    const blenny = first(find('S2'));
    teller.tell(at(16, 50), 'odalys', {
      kind: 'lot.measured',
      payload: { lot: blenny.lot, place: find('S2').id, sizeCm: 8.2, note: 'flank closing' },
    });
    setApart(day);
    tellWet(teller, at(17, 2), { tool: 'fern-net', tanks: [find('F2').id, find('B3').id], note: 'the Birch net was torn' });
    planCaves(day);
  },
};

function tellWet(teller: Teller, atMs: number, use: { tool: string; tanks: string[]; note: string }): void {
  teller.tell(atMs, 'wim', { kind: 'tool.used', payload: use });
}

/** The chased firefish of C4 goes behind a divider until the day after tomorrow. */
function setApart({ teller, at, find }: Day): void {
  const tank = find('C4');
  const { lot, label } = first(tank);
  teller.tell(at(16, 52), 'ines', {
    kind: 'tank.added',
    payload: {
      tank: 'C4-side',
      rack: 'cove',
      system: tank.system,
      code: 'C4 side',
      volumeL: 20,
      purpose: 'sale',
      lid: true,
      row: tank.row,
      column: tank.column,
      vessel: 'divider',
      hangsIn: tank.id,
    },
  });
  const child = teller.id();
  teller.tell(
    at(16, 54),
    'ines',
    { kind: 'lot.split', payload: { lot, child, label, place: tank.id, n: 1, why: 'followed singly', note: 'the chased one' } },
    {
      kind: 'stay.limited',
      payload: { stayLimit: teller.id(), lot: child, place: 'C4-side', untilMs: at(10, 0) + 3 * DAY_MS, why: 'chased by the other two' },
    },
    { kind: 'stock.moved', payload: { moves: [{ lot: child, from: tank.id, to: 'C4-side', n: 1 }], why: 'chased by the other two' } },
  );
}

/** A family of moves that waits for caves, and a bully that would not be caught. */
function planCaves({ teller, at, find, tanks }: Day): void {
  const spare = tanks.find(({ code, occupants }) => code.startsWith('C') && occupants.length === 0)?.code ?? 'C9';
  const task = (id: string, from: string, to: string, more: { after?: string[]; waitsFor?: { what: string; untilMs: number } } = {}) => {
    const { lot, n } = first(find(from));
    return {
      task: id,
      lot,
      from: find(from).id,
      to: find(to).id,
      n,
      sex: 'any' as const,
      size: 'any' as const,
      by: 'net' as const,
      tool: 'cove-net',
      after: more.after ?? [],
      comesBack: false,
      ...(more.waitsFor ? { waitsFor: more.waitsFor } : {}),
    };
  };
  const [firstMono, two, three, bully] = [teller.id(), teller.id(), teller.id(), teller.id()] as [string, string, string, string];
  teller.tell(at(17, 4), 'ines', {
    kind: 'moves.planned',
    payload: {
      plan: teller.id(),
      name: 'Caves for the grammas',
      tasks: [
        task(firstMono, 'C2', spare, { waitsFor: { what: 'caves', untilMs: at(10, 0) + 2 * DAY_MS } }),
        task(two, 'C8', 'C2', { after: [firstMono] }),
        task(three, 'C6', 'C8', { after: [two] }),
      ],
    },
  });
  const gourami = first(find('B7'));
  teller.tell(at(17, 6), 'odalys', {
    kind: 'moves.planned',
    payload: {
      plan: teller.id(),
      name: 'The bully of B7',
      tasks: [
        {
          task: bully,
          lot: gourami.lot,
          from: find('B7').id,
          to: find('B6').id,
          n: 1,
          sex: 'male',
          size: 'largest',
          who: 'the dark one, torn tail',
          by: 'net',
          tool: 'birch-net',
          after: [],
          comesBack: false,
          why: 'drives the others off their food',
        },
      ],
    },
  });
  teller.tell(at(17, 9), 'odalys', { kind: 'transfer.tried', payload: { task: bully, note: 'behind the heater' } });
  teller.tell(at(17, 12), 'odalys', { kind: 'transfer.tried', payload: { task: bully } });
}
