// A house in a box: tablets, a bad network, a house that dies, is updated, filled up and put to another time; and a judge who was told everything.
import { jest } from '@jest/globals';
import { randomBytes, scryptSync } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeChance } from '#core/chance/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { houseFile } from '../directory/directory.ts';
import { makeCredentials } from '../door/credentials.ts';
import { makeHealth } from '../health.ts';
import { checkReplay } from '../journal/replay.ts';
import { furnish, LEAD, makeTestHouse, stock, T0 } from '../testHouse.ts';
import { judge, type Row } from './ledger.ts';
import { makeNetwork } from './network.ts';
import { makeBoxed, type Boxed } from './server.ts';
import { makeBrowser, PINS } from './tablets.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

/** `BOX_SEEDS=10000` for all of them; `BOX_FIRST` = the first. */
const SEEDS = Number(process.env.BOX_SEEDS ?? 40);
const FIRST = Number(process.env.BOX_FIRST ?? 1);
const STEPS = 50;
const HEALS_WITHIN_MS = 20_000;

const root = fs.mkdtempSync(path.join(os.tmpdir(), 'box-'));
const realFetch = globalThis.fetch;
afterAll(() => {
  globalThis.fetch = realFetch;
  fs.rmSync(root, { recursive: true, force: true });
});
const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** As slow as the door's own hash is for a guesser, this would take longer than all the rest. */
function quickHash(pin: string): string {
  const salt = randomBytes(16);
  const hash = scryptSync(pin, salt, 32, { N: 16, r: 8, p: 1 });
  return ['scrypt', 16, 8, 1, salt.toString('base64'), hash.toString('base64')].join('$');
}

/** A furnished house with three lots, made once and copied for each seed. */
const model = path.join(root, 'model');
let setUpSeq = 0;
beforeAll(() => {
  fs.mkdirSync(model);
  const house = furnish(makeTestHouse(houseFile(model)));
  house.must(LEAD, stock('a', 'G1', 'green-chromis', 30), stock('b', 'G2', 'green-chromis', 30), stock('c', 'C1', 'green-chromis', 30));
  const credentials = makeCredentials(house.db);
  for (const [person, pin] of Object.entries(PINS)) credentials.put(person, quickHash(pin));
  setUpSeq = house.store.latestSeq();
  house.client.pragma('wal_checkpoint(TRUNCATE)');
  house.close();
});

const rowsOf = (boxed: Boxed) =>
  boxed
    .house()
    .client.prepare('select seq, id, act_id act, kind, occurred_at_ms at, actor, payload from entry order by seq')
    .all() as Row[];
const shownBy = (boxed: Boxed) =>
  new Map(
    boxed
      .house()
      .view('room')
      .racks.flatMap(({ tanks }) => tanks)
      .flatMap(({ code, occupants }) => occupants.map(({ lot, n }) => [`${lot} in ${code}`, n] as const)),
  );

async function live(seed: number): Promise<{ wrong: string[]; written: number; recorded: number }> {
  const chance = makeChance(seed);
  const upTo = (n: number) => Math.floor(chance() * n);
  const pick = <T>(from: readonly T[]): T => from[upTo(from.length)]!;
  const folder = path.join(root, String(seed));
  fs.mkdirSync(folder);
  const boxed = makeBoxed(folder, T0 + MINUTE_MS);
  fs.copyFileSync(houseFile(model), houseFile(path.join(folder, 'house-0')));
  await boxed.open();
  const network = makeNetwork(boxed, chance);
  globalThis.fetch = ((address: string | URL, init: RequestInit = {}) =>
    typeof address === 'string' && address.startsWith('/') ? network.fetch(address, init) : realFetch(address, init)) as typeof fetch;
  const browsers = ['dock', 'bench', 'round'].map((name) => makeBrowser(name, boxed.now));
  const people = Object.keys(PINS);
  const wrong: string[] = [];
  for (const [index, browser] of browsers.entries()) {
    const person = people[index]!;
    await browser.signIn(browser.openTab(), person);
    // Two tabs of the first browser.
    if (index === 0) browser.openTab(person);
  }

  const action = () => {
    const lot = pick(['a', 'b', 'c']);
    const tank = pick(['G1', 'G2', 'C1']);
    const move = { kind: 'stock.moved' as const, payload: { moves: [{ lot, from: tank, to: 'sold', n: 1 + upTo(3) }] } };
    const loss = { kind: 'loss.recorded' as const, payload: { lot, place: tank, n: 1, cause: 'not known', sure: 'guess' } };
    const fed = { kind: 'lot.fed' as const, payload: { tank, lot, food: 'flakes', response: 'ate' } };
    const size = { kind: 'lot.measured' as const, payload: { lot, place: tank, sizeCm: 3 + upTo(5) } };
    return pick([[move], [loss], [fed], [size], [loss, fed], [fed, size, move]]);
  };
  const reads = async (browser: (typeof browsers)[number]) => {
    if (!boxed.isUp()) return;
    const before = network.state.trouble;
    network.state.trouble = 0;
    const { status } = await globalThis.fetch(`/${browser.name}/api/views/room`, { signal: AbortSignal.timeout(5_000) });
    network.state.trouble = before;
    if (status !== 200 && status !== 401) wrong.push(`reading was answered ${status}`);
  };
  /** What opens a house anew costs the most time, and is drawn the least. */
  const deaths: (() => unknown)[] = [() => boxed.kill(), () => (boxed.isUp() ? boxed.stop() : boxed.open()), () => boxed.update()];
  const chaos: (() => unknown)[] = [
    () => void (network.state.trouble = pick([0, 0.2, 0.6, 1])),
    () => (boxed.isUp() ? undefined : boxed.open()),
    () => boxed.disk(pick(['well', 'full', 'broken'])),
    () => boxed.disk('well'),
    () => boxed.jump(pick([-1, 1]) * upTo(30) * MINUTE_MS),
    () => pick(browsers).setClock(pick([0, 0, upTo(60) * MINUTE_MS, -upTo(60) * MINUTE_MS])),
    () => void (pick(browsers).store.state.is = pick(['well', 'well', 'failing', 'hanging'])),
    () => {
      // A page is loaded anew.
      const browser = pick(browsers);
      const tab = pick(browser.tabs);
      const person = tab.person();
      tab.close();
      browser.openTab(person);
    },
    async () => {
      const browser = pick(browsers);
      await browser.signIn(pick(browser.tabs), pick(people));
    },
    () => {
      const tab = pick(pick(browsers).tabs);
      return tab.askWho();
    },
    () => reads(pick(browsers)),
  ];
  for (let step = 0; step < STEPS; step += 1) {
    boxed.pass(upTo(MINUTE_MS));
    if (chance() < 0.6) for (let n = 1 + upTo(3); n > 0; n -= 1) pick(pick(browsers).tabs).record(action());
    else await pick(chance() < 0.15 ? deaths : chaos)();
    if (chance() < 0.5) await wait(upTo(5));
  }

  // Everything is well again: whoever has something waiting signs in, and it goes.
  network.state.trouble = 0;
  if (!boxed.isUp()) await boxed.open();
  boxed.disk('well');
  const begun = Date.now();
  for (const browser of browsers) {
    browser.store.state.is = 'well';
    while (browser.waiting().size > 0 && Date.now() - begun < HEALS_WITHIN_MS) {
      const [person] = [...browser.waiting().values()];
      if (!(await browser.signIn(browser.tabs[0]!, person!))) wrong.push(`${person} cannot sign in when all is well`);
      for (const tab of browser.tabs.slice(1)) await tab.signedInAs(person!);
      for (let turn = 0; turn < 100 && [...browser.waiting().values()].includes(person!); turn += 1) await wait(3);
    }
    await reads(browser);
  }
  if (process.env.BOX_DEBUG)
    for (const browser of browsers)
      if (browser.waiting().size > 0)
        console.log(
          JSON.stringify(
            {
              browser: browser.name,
              kept: [...browser.store.kept.values()].map(({ act, person, refused }) => [act.actId, person, refused?.code]),
              tabs: browser.tabs.map((tab) => [tab.person(), tab.outbox.getState()]),
            },
            null,
            1,
          ),
        );
  const reports = browsers.map((browser) => browser.report());
  for (const browser of browsers) for (const tab of [...browser.tabs]) tab.close();
  const rows = rowsOf(boxed);
  wrong.push(...judge(reports, rows, { setUpSeq, shown: shownBy(boxed) }));
  const { differences } = checkReplay(boxed.house());
  if (differences.length > 0) wrong.push(`does not replay: ${JSON.stringify(differences)}`);
  if (!makeHealth(boxed.house())().ok) wrong.push('not well at the end');
  await boxed.stop();
  fs.rmSync(folder, { recursive: true, force: true });
  return { wrong, written: reports.reduce((sum, { written }) => sum + written.length, 0), recorded: rows.length - setUpSeq };
}

it('every act once, by its maker, at its time; nobody waits for ever; reading goes on', async () => {
  const quiet = jest.spyOn(console, 'log').mockImplementation(() => undefined);
  let [written, recorded] = [0, 0];
  for (let seed = FIRST; seed < FIRST + SEEDS; seed += 1) {
    const lived = await live(seed);
    if (lived.wrong.length > 0) throw new Error(`seed ${seed}: ${lived.wrong.join('\n')}`);
    written += lived.written;
    recorded += lived.recorded;
  }
  quiet.mockRestore();
  if (process.env.BOX_SEEDS) console.log(JSON.stringify({ seeds: SEEDS, written, recorded }));
  expect(recorded).toBeGreaterThan(written / 3);
});
