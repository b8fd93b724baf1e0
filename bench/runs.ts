// Runs: how long one is refitted and followed, and what ten of them on one screen cost a second in a real browser.
import type { Page } from '@playwright/test';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import {
  AS_CALCULATED,
  trajectoryOf,
  estimateOf,
  FOLLOWED_QUANTITIES,
  follow,
  disagreementsOf,
  valueOf,
  type RunFacts,
  type TimedReading,
} from '#core/runs/index.ts';
import { runningFacts, T0 } from '#core/runs/testCases.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { SPECIES } from '#demo/species.ts';
import { makeClock } from '#server/clock/clock.ts';
import { makeCredentials } from '#server/door/credentials.ts';
import { startHouse } from '#server/house/house.ts';
import { houseFile } from '#server/journal/replay.ts';
import { launch, signIn } from './browser.ts';
import { PIN, serve } from './large.ts';
import { makeFiller, ms, quantile } from './measure.ts';

const RUNS = 10;
const TURNS = 60;
const WATCHED_S = 20;
const TICKED_MS = 15_000;

/** The monos 20 hours on their way, read so often in four quantities. */
function read(times: number): { facts: RunFacts; now: number } {
  const now = T0 + 20 * HOUR_MS;
  const base = runningFacts({ method: 'long conversion' });
  const actions = base.actions.filter(({ atMs }) => atMs <= now);
  const truth = { ...AS_CALCULATED, tau: 1.2, flow: 0.85, exchange: 1.4, tan: 1.3, dic: 1.05 };
  const readings = Array.from({ length: times }, (_, index) => T0 + ((index + 1) / times) * 20 * HOUR_MS).flatMap((atMs, index) => {
    const sample = trajectoryOf({ ...base, actions }, { now: atMs, parameters: truth, pastOnly: true }).now;
    return FOLLOWED_QUANTITIES.slice(0, 4).map((quantity): TimedReading => ({
      entry: `${index} ${quantity}`,
      atMs,
      quantity,
      value: valueOf(sample, quantity),
      method: 'meter',
    }));
  });
  return { facts: { ...base, actions, readings }, now };
}

function took(what: () => unknown): string {
  for (let turn = 0; turn < 10; turn += 1) what();
  const times = Array.from({ length: TURNS }, () => {
    const began = performance.now();
    what();
    return performance.now() - began;
  });
  return `median ${ms(quantile(times, 0.5))}, p95 ${ms(quantile(times, 0.95))}, worst ${ms(Math.max(...times))}`;
}

for (const times of [3, 10]) {
  const { facts, now } = read(times);
  const estimate = estimateOf(facts);
  console.log(`a day's conversion read ${times} times in 4 quantities: refit ${took(() => estimateOf(facts))}`);
  console.log(`  its course with bands: ${took(() => follow(facts, now, estimate))}`);
  console.log(`  whether reading and reckoning have parted: ${took(() => disagreementsOf(facts))}`);
}

/** A house of its own with ten drips under way since a quarter of an hour. */
async function houseWithRuns(folder: string): Promise<void> {
  const house = startHouse({ file: houseFile(folder), makeClock: () => makeClock() });
  const filler = makeFiller(house);
  house.client.exec('begin');
  filler.add('house.configured', { name: 'Bench', zone: 'Europe/Lisbon', rules: STARTING_RULES });
  filler.add('person.added', { person: 'ines', name: 'Ines', title: 'lead', role: 'lead' });
  filler.add('supplier.added', { supplier: 'yard', name: 'Yard', transit: 'overnight' });
  for (const species of SPECIES) filler.add('species.added', species);
  filler.add('rack.added', { rack: 'r', room: 'Hall', name: 'Rack', walk: 1 });
  filler.add('system.added', { system: 'w', name: 'Water', type: 'brackish', temperatureC: 26, salinityPpt: 30, volumeL: 900 });
  filler.add('tank.added', {
    tank: 't',
    rack: 'r',
    system: 'w',
    code: 'T1',
    volumeL: 60,
    purpose: 'quarantine',
    lid: true,
    row: 0,
    column: 0,
  });
  const now = house.clock.now();
  filler.setTime(now - 0.3 * HOUR_MS);
  const bags = Array.from({ length: RUNS }, (_, no) => ({ bag: `b${no}`, label: `bag ${no + 1}`, box: 1, lot: 'monos', n: 6, waterL: 3 }));
  const lots = [{ lot: 'monos', label: 'silver mono', species: 'silver-mono', origin: 'bred' as const, sizeCm: 4.5 }];
  filler.add('crate.expected', {
    crate: 'c',
    label: 'Crate',
    supplier: 'yard',
    packedAtMs: now - 5 * HOUR_MS,
    promisedAtMs: now - HOUR_MS,
    stated: { salinityPpt: 8 },
    lots,
    bags,
  });
  filler.add('crate.arrived', { crate: 'c', carton: 'dry' });
  const { started, actions } = runningFacts({ method: 'long conversion' });
  for (const { bag } of bags) {
    filler.add('bag.landed', {
      bag,
      crate: 'c',
      lot: 'monos',
      alive: 6,
      dead: 0,
      quality: 'looked',
      condition: 'fit',
      bagCondition: 'sound',
    });
    filler.add('bag.assigned', { bag, lot: 'monos', tank: 't' });
    const vessel = { ...started.vessel, name: `bucket ${bag.slice(1)}` };
    filler.add('acclimation.started', {
      ...started,
      run: `run-${bag}`,
      lot: 'monos',
      tank: 't',
      from: [{ place: bag, n: 6 }],
      vessel,
      watcher: 'ines',
      // A timer of minutes and seconds.
      checkEveryMin: 30,
    });
    for (const { line, did } of actions.slice(0, 5)) filler.add('acclimation.actionTaken', { run: `run-${bag}`, line, did });
  }
  house.client.exec('commit');
  await makeCredentials(house.db).set('ines', PIN);
  house.close();
}

/** What the timer of the first vessel said, and when it began to say so by the machine's own clock. */
const ticks = (screen: Page): Promise<{ text: string; atMs: number }[]> =>
  screen.evaluate(
    (forMs) =>
      new Promise((resolve) => {
        const found: { text: string; atMs: number }[] = [];
        const timer = document.querySelector('.runs-runTileClock')!;
        const watch = new MutationObserver(() => found.push({ text: timer.textContent ?? '', atMs: Date.now() }));
        watch.observe(timer, { characterData: true, childList: true, subtree: true });
        setTimeout(() => {
          watch.disconnect();
          resolve(found);
        }, forMs);
      }),
    TICKED_MS,
  );

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await houseWithRuns(folder);
const server = await serve(folder);
try {
  const browser = await launch();
  const address = `http://127.0.0.1:${server.port}`;
  const page = await signIn(browser, address, { name: 'Ines', pin: PIN });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const scriptS = async () => (await session.send('Performance.getMetrics')).metrics.find(({ name }) => name === 'ScriptDuration')!.value;
  for (const [what, where] of [
    ['side by side', '/bench?runs=all'],
    ['one in front, nine in the list', '/bench?run=run-b3'],
  ] as const) {
    await page.goto(address + where);
    await page.locator('.runs-runTile, .picture-runNow').first().waitFor();
    await page.waitForTimeout(6000);
    const before = await scriptS();
    await page.waitForTimeout(WATCHED_S * 1000);
    console.log(`${RUNS} vessels, ${what}: script ${ms(((await scriptS()) - before) / (WATCHED_S / 1000))} a second over ${WATCHED_S} s`);
  }
  const otherPage = await signIn(browser, address, { name: 'Ines', pin: PIN });
  for (const screen of [page, otherPage]) await screen.goto(`${address}/bench?runs=all`);
  await Promise.all([page, otherPage].map((screen) => screen.locator('.runs-runTile').first().waitFor()));
  await page.waitForTimeout(3000);
  const [left, two] = await Promise.all([ticks(page), ticks(otherPage)]);
  const apart = left.flatMap(({ text, atMs }) => two.filter((tick) => tick.text === text).map((tick) => Math.abs(tick.atMs - atMs)));
  console.log(
    `the same timer on two screens, ${apart.length} ticks: median ${ms(quantile(apart, 0.5))} apart, worst ${ms(Math.max(...apart))}`,
  );
  await otherPage.context().close();
  const reads: number[] = [];
  for (let turn = 0; turn < 40; turn += 1) {
    const began = performance.now();
    await (await page.request.get(`${address}/api/views/bench`)).body();
    reads.push(performance.now() - began);
  }
  console.log(`the bench read with ${RUNS} runs: median ${ms(quantile(reads, 0.5))}, p95 ${ms(quantile(reads, 0.95))}`);
  await browser.close();
} finally {
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
