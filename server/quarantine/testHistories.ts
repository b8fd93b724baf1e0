// Random histories of a small house for tests: told to the house as they happen, some of it late, and kept in order for the ledger.
import { makeChance } from '#core/chance/index.ts';
import type { Overrule, RefusalCode } from '#core/journal/index.ts';
import { RESTARTS_ON_ALL, type QuarantinePolicy } from '#core/quarantine/index.ts';
import { DAY_MS, MINUTE_MS, HOUR_MS } from '#core/time/index.ts';
import { furnish, LEAD, makeTestHouse, type Said, type TestHouse } from '../testHouse.ts';
import type { Happened } from './testLedger.ts';

const DAYS = 16;
export const RULES = { days: 6, afterTreatment: 3, driesMin: 24 * 60, settlesMin: 48 * 60 };
const POLICY: QuarantinePolicy = {
  days: RULES.days,
  daysAfterTreatment: RULES.afterTreatment,
  countsUnderTreatment: false,
  restartsOn: RESTARTS_ON_ALL,
};
const SYSTEMS = ['w1', 'w2', 'w3'] as const;
export const TANKS = { a: 'w1', b: 'w1', c: 'w2', d: 'w2', e: 'w3', f: 'w3' } as const;
const TANK_IDS = Object.keys(TANKS) as (keyof typeof TANKS)[];
const TOOLS = ['net', 'hose'] as const;
const PASSED: RefusalCode[] = [
  'quarantine.notOver',
  'quarantine.neverAte',
  'quarantine.unseen',
  'quarantine.underTreatment',
  'fit.illHere',
  'fit.heldTreatment',
  'fit.shyOfTreatment',
  'water.fromQuarantine',
  'water.treated',
  'water.dilutes',
  'treatment.frail',
  'treatment.second',
];
const OVERRULES: Overrule[] = PASSED.map((code) => ({ code, reason: 'for the ledger' }));

export function setUp(): TestHouse {
  const house = furnish(makeTestHouse());
  house.must(
    LEAD,
    ...SYSTEMS.map((system): Said => ({
      kind: 'system.added',
      payload: { system, name: system, type: 'marine', temperatureC: 25, salinityPpt: 32, volumeL: 4000 },
    })),
    ...TANK_IDS.map((tank, column): Said => ({
      kind: 'tank.added',
      payload: {
        tank,
        rack: 'back',
        system: TANKS[tank],
        code: `Z${tank}`,
        volumeL: 2000,
        purpose: 'quarantine',
        lid: true,
        row: 2,
        column,
      },
    })),
    ...TOOLS.map((tool): Said => ({ kind: 'tool.added', payload: { tool, name: tool, what: 'net', racks: [] } })),
  );
  return house;
}

type Told = { happened: Happened[]; waits: Said[] };

/** One history: told to the house as it happens, some of it late, and to the ledger in order. */
export function tell(house: TestHouse, seed: number) {
  const chance = makeChance(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(chance() * from.length)]!;
  // The next midnight, so that days of the ledger are days of the house; hours stay clear of both ends of the day.
  const zeroMs = Math.ceil(house.now() / DAY_MS) * DAY_MS;
  const told: Told = { happened: [], waits: [] };
  const minuteMs = (minute: number) => zeroMs + minute * MINUTE_MS;
  const lots: string[] = [];
  const tankOf = new Map<string, string>();
  const system: Record<string, string> = { ...TANKS };
  const status = new Map<string, 'cleared' | 'in quarantine'>();
  const running = new Map<string, string>();
  const quarantines = new Map<string, string>();
  let serial = 0;
  const id = (what: string) => `${what}-${seed}-${(serial += 1)}`;
  const write = (minute: number, said: readonly Said[]) => {
    if (house.now() < minuteMs(minute)) house.wait(minuteMs(minute) - house.now());
    house.must(LEAD, ...said.map((entry) => ({ ...entry, occurredAtMs: minuteMs(minute), overrules: OVERRULES })));
  };
  const noteDown = (minute: number, happened: Happened, said: readonly Said[], mayWait = true) => {
    told.happened.push(happened);
    if (mayWait && chance() < 0.2) told.waits.push(...said.map((entry) => ({ ...entry, occurredAtMs: minuteMs(minute) })));
    else write(minute, said);
  };
  const open = (lot: string, zero: 'arrival' | 'contact'): Said => {
    quarantines.set(lot, id('quarantine'));
    return { kind: 'quarantine.opened', payload: { quarantine: quarantines.get(lot)!, lot, policy: POLICY, zero } };
  };
  const check = (minute: number, tank: string, more: { missed?: string; ill?: string; stressed?: string } = {}) => {
    const odd = more.missed ?? more.ill ?? more.stressed;
    const sign = more.ill ? ('white spots' as const) : ('clamped fins' as const);
    noteDown(minute, { at: minute, is: 'looked', tank, ...more }, [
      {
        kind: 'tank.checked',
        payload: {
          tank,
          day: Math.floor(minuteMs(minute) / DAY_MS),
          round: 'morning',
          allWell: odd === undefined,
          lots: odd ? [{ lot: odd, expected: 50, seen: more.missed ? 49 : null, signs: more.missed ? [] : [{ sign }] }] : [],
        },
      },
    ]);
  };
  const actions: ((minute: number) => void)[] = [
    (minute) => {
      const [lot, tank] = [id('lot'), pick(TANK_IDS)];
      noteDown(
        minute,
        { at: minute, is: 'cleared stock', lot, tank },
        [{ kind: 'lot.opened', payload: { lot, species: 'green-chromis', label: lot, tank, n: 50, sizeCm: 3, origin: 'bred' } }],
        false,
      );
      lots.push(lot);
      tankOf.set(lot, tank);
      status.set(lot, 'cleared');
    },
    ...Array.from({ length: 2 }, () => (minute: number) => arrive(minute)),
    ...Array.from({ length: 2 }, () => (minute: number) => {
      const lot = pick(lots);
      const tank = pick(TANK_IDS.filter((tank) => tank !== tankOf.get(lot)));
      noteDown(
        minute,
        { at: minute, is: 'moves', lot, tank },
        [{ kind: 'stock.moved', payload: { moves: [{ lot, from: tankOf.get(lot)!, to: tank, n: count(lot) }] } }],
        false,
      );
      tankOf.set(lot, tank);
    }),
    (minute) => {
      const lot = pick(lots);
      check(minute, tankOf.get(lot)!, { [pick(['missed', 'ill', 'stressed', 'stressed'])]: lot });
    },
    (minute) => {
      const [lot, ill] = [pick(lots), chance() < 0.5];
      noteDown(
        minute,
        { at: minute, is: 'dies', lot, ill },
        [{ kind: 'loss.recorded', payload: { lot, place: tankOf.get(lot)!, n: 1, cause: ill ? 'illness' : 'not known', sure: 'guess' } }],
        false,
      );
      gone.set(lot, (gone.get(lot) ?? 0) + 1);
    },
    ...Array.from({ length: 3 }, () => (minute: number) => {
      const [tool, tank] = [pick(TOOLS), pick(TANK_IDS)];
      noteDown(minute, { at: minute, is: 'wets', tool, tank }, [{ kind: 'tool.used', payload: { tool, tanks: [tank] } }]);
    }),
    (minute) => {
      const tool = pick(TOOLS);
      noteDown(minute, { at: minute, is: 'disinfects', tool }, [{ kind: 'tool.disinfected', payload: { tool } }]);
    },
    (minute) => {
      const from = pick(TANK_IDS);
      const to = pick(TANK_IDS.filter((tank) => tank !== from));
      noteDown(minute, { at: minute, is: 'pours', from, to }, [
        { kind: 'water.exchanged', payload: { tank: to, litres: 5, source: 'tank', fromTank: from } },
      ]);
    },
    (minute) => {
      const system = pick(SYSTEMS);
      const treatment = running.get(system);
      running.set(system, treatment ? '' : id('course'));
      noteDown(
        minute,
        { at: minute, is: treatment ? 'treatment ends' : 'treatment begins', system },
        [
          treatment
            ? { kind: 'treatment.ended', payload: { treatment, system } }
            : { kind: 'treatment.begun', payload: { treatment: running.get(system)!, system, family: 'dye' } },
        ],
        false,
      );
    },
    (minute) => {
      const lot = pick(lots);
      const was = status.get(lot);
      status.set(lot, was === 'in quarantine' ? 'cleared' : 'in quarantine');
      noteDown(
        minute,
        { at: minute, is: was === 'in quarantine' ? 'signed off' : 'in quarantine again', lot },
        was === 'in quarantine'
          ? [{ kind: 'quarantine.signedOff', payload: { quarantine: quarantines.get(lot)!, lot } }]
          : [open(lot, 'contact')],
        false,
      );
    },
    (minute) => {
      const tank = pick(TANK_IDS);
      const to = pick(SYSTEMS);
      if (to === system[tank]) return;
      system[tank] = to;
      const basedOn = house.client.prepare('select entry from p_tank where id = ?').pluck().get(tank) as string;
      noteDown(
        minute,
        { at: minute, is: 'replumbed', tank, system: to },
        [{ kind: 'tank.changed', payload: { tank, basedOn, fields: { system: to } } }],
        false,
      );
    },
  ];
  const gone = new Map<string, number>();
  const count = (lot: string) => 50 - (gone.get(lot) ?? 0);
  function arrive(minute: number) {
    const [lot, tank, crate] = [id('lot'), pick(TANK_IDS), id('crate')];
    const bag = `bag-${lot}`;
    const n = 50;
    told.happened.push({ at: minute, is: 'arrives', lot, tank });
    write(minute, [
      {
        kind: 'crate.expected',
        payload: {
          crate,
          label: crate,
          supplier: 'yard',
          packedAtMs: minuteMs(minute) - HOUR_MS,
          promisedAtMs: minuteMs(minute),
          stated: { temperatureC: 25, salinityPpt: 32 },
          lots: [{ lot, label: lot, species: 'green-chromis', origin: 'bred', sizeCm: 3 }],
          bags: [{ bag, label: 'bag 1', box: 1, lot, n, waterL: 40 }],
        },
      },
      { kind: 'crate.arrived', payload: { crate, carton: 'dry' } },
      { kind: 'bag.landed', payload: { bag, crate, lot, alive: n, dead: 0, quality: 'counted', condition: 'fit', bagCondition: 'sound' } },
      { kind: 'bag.assigned', payload: { bag, lot, tank } },
      open(lot, 'arrival'),
      { kind: 'fish.released', payload: { bag, lot, tank, alive: n, dead: 0, by: 'net' } },
    ]);
    lots.push(lot);
    tankOf.set(lot, tank);
    status.set(lot, 'in quarantine');
  }
  for (let day = 0; day < DAYS; day += 1) {
    let minute = day * 1440 + 240 + Math.floor(chance() * 60);
    // Every tank is looked at on most mornings; a few things happen, minutes apart.
    if (lots.length === 0) arrive((minute += 2));
    for (const tank of TANK_IDS) if (chance() < 0.9) check((minute += 2), tank);
    const some = Math.floor(chance() * 5);
    for (let no = 0; no < some; no += 1) pick(actions)((minute += 3 + Math.floor(chance() * 150)));
  }
  const until = DAYS * 1440 + 300;
  for (const late of told.waits) {
    if (house.now() < minuteMs(until)) house.wait(minuteMs(until) - house.now());
    house.must(LEAD, { ...late, overrules: OVERRULES });
  }
  return { happened: told.happened, until, now: minuteMs(until), zeroMs };
}
