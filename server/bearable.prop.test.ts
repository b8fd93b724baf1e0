// Accepted means bearable: whatever the schemas and rules let in, every view, export and the pager answer, now, an hour and a week on, and it can be undone.
import { jest } from '@jest/globals';
import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { VIEW_NAMES, type ViewName } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import { makeChance } from '#core/chance/index.ts';
import type { Actor } from '#core/journal/index.ts';
import { takenKnowingly } from '#core/placement/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makePager } from './devices/pager.ts';
import { journalLines } from './export/journalLines.ts';
import { isTable, tableCsv, TABLES } from './export/tables.ts';
import { makeHealth } from './health.ts';
import { checkReplay } from './journal/replay.ts';
import { makeActs } from './testActs.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  release,
  stock,
  TRAINEE,
  type TestHouse,
} from './testHouse.ts';
import { startRun } from './testRuns.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

/** For each seed; `BEARABLE_ACTS=10000 BEARABLE_SEEDS=1,2,3,4,5` for fifty thousand. */
const ACTS = Number(process.env.BEARABLE_ACTS ?? 1_000);
const SEEDS = (process.env.BEARABLE_SEEDS ?? '1,14').split(',').map(Number);
const ALL_EVERY = 20;
const OFTEN: ViewName[] = ['today', 'bench', 'running', 'room', 'rounds', 'dock', 'moves', 'quarantine', 'stream', 'house'];

function livedIn(): TestHouse {
  const house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(LEAD, stock('old', 'G1', 'green-chromis', 6), stock('comets', 'C1', 'comet', 2));
  house.must(LEAD, { kind: 'tool.added', payload: { tool: 'net', name: 'Net', what: 'net', racks: [] } });
  house.must(KEEPER, land(1), land(2), land(3), assign(1), assign(2), assign(3));
  house.must(KEEPER, float(1, 'G1', 'float-1'));
  house.must(KEEPER, quarantine(), release(1, { floatId: 'float-1' }));
  house.must(KEEPER, startRun([2], { lot: 'crate-1-fire' }));
  return house;
}

it.each(SEEDS)('seed %d', (seed) => {
  const house = livedIn();
  const chance = makeChance(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(chance() * from.length)]!;
  const makeEntry = makeActs(house, chance);
  const call = makePager(house);
  const health = makeHealth(house);
  const lastIds = house.client.prepare('select payload from entry order by seq desc limit 3').pluck();
  let slowest = { ms: 0, name: '' };
  const view = (name: ViewName, query: Record<string, string> = {}) => {
    const begun = performance.now();
    house.view(name, query);
    const ms = Math.round(performance.now() - begun);
    if (ms > slowest.ms) slowest = { ms, name };
  };
  /** Queries of the things that were just written about. */
  const queries = () =>
    (lastIds.all() as string[]).flatMap((payload) =>
      [...payload.matchAll(/"(bag|lot|tank|crate|run|from|slip|species)":"([A-Za-z0-9-]+)"/g)].map(([, key, id]) => ({
        [key!]: id!,
        code: id!,
        q: id!,
      })),
    );
  const everything = () => {
    for (const name of VIEW_NAMES) for (const query of [{}, ...queries().slice(0, 6)]) view(name, query);
    for (const name of Object.keys(TABLES)) if (isTable(name)) tableCsv(house.client, name, 'Europe/Lisbon');
    for (const line of journalLines(house.client, house.now())) JSON.parse(line);
    expect(health()).toMatchObject({ balance: 0 });
  };
  const bear = (all: boolean) => {
    for (const name of OFTEN) view(name);
    for (const query of queries().slice(0, 2)) for (const name of ['tank', 'lot', 'bench', 'room'] as const) view(name, query);
    if (!all) return;
    everything();
    for (const later of [HOUR_MS, 7 * 24 * HOUR_MS]) {
      house.wait(later);
      everything();
      house.wait(-later);
    }
    call();
  };
  const met = { taken: 0, bad: 0, refused: 0, undone: 0 };
  const kindsTaken = new Set<string>();
  const takenActs: string[] = [];
  const send = (raw: unknown, actor: Actor): void => {
    const checked = checkAct(JSON.parse(JSON.stringify(raw)));
    if (!checked.ok) return void (met.bad += 1);
    let act: Act = checked.act;
    let outcome = house.append(act, actor);
    for (let turn = 0; !outcome.ok && turn < 8; turn += 1) {
      // What may be passed over is passed over: the more gets in, the more has to be borne.
      const reasons = outcome.refusals.filter(({ overrule }) => overrule);
      if (reasons.length < outcome.refusals.length) break;
      const next = takenKnowingly(act, outcome.refusals) ?? passedOver(act, outcome.refusals);
      act = next;
      outcome = house.append(act, actor);
    }
    if (!outcome.ok) return void (met.refused += 1);
    met.taken += 1;
    act.entries.forEach(({ kind }) => kindsTaken.add(kind));
    takenActs.push(act.actId);
    try {
      bear(met.taken % ALL_EVERY === 0);
    } catch (error) {
      throw new Error(`not borne after ${JSON.stringify(act)}`, { cause: error });
    }
  };
  for (let sent = 0; sent < ACTS; sent += 1) {
    if (chance() < 0.3) house.wait(Math.floor(chance() * HOUR_MS));
    const actor = pick([LEAD, LEAD, KEEPER, TRAINEE]);
    const undoing = takenActs.length > 0 && chance() < 0.08;
    const entries = undoing
      ? [{ ...makeEntry('entry.reversed'), payload: { act: pick(takenActs) } }]
      : Array.from({ length: 1 + Math.floor(chance() * chance() * 3) }, () => makeEntry());
    const before = met.taken;
    send({ actId: v7(), entries }, actor);
    if (undoing) met.undone += met.taken - before;
  }
  everything();
  expect(checkReplay(house).differences).toEqual([]);
  // So much must have been met, or nothing was tried.
  expect(met.taken).toBeGreaterThan(ACTS / 20);
  expect(met.undone).toBeGreaterThan(0);
  expect(kindsTaken.size).toBeGreaterThan(20);
  if (process.env.BEARABLE_ACTS) console.log(JSON.stringify({ ...met, kinds: kindsTaken.size, slowest }));
  house.close();
});

function passedOver(act: Act, refusals: readonly { code: string; path: string }[]): Act {
  return {
    ...act,
    actId: v7(),
    entries: act.entries.map((entry, index) => {
      const mine = refusals.filter(({ path }) => path.startsWith(`entries.${index}.`)).map(({ code }) => ({ code, reason: 'tried' }));
      return { ...entry, overrules: [...(entry.overrules ?? []), ...mine].slice(0, 20) };
    }) as Act['entries'],
  };
}
