// From a tap to the paint that answers it, on a phone's page with the processor slowed four times, in a house of 400 tanks: the browser's own event timing.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { launch, signIn } from './browser.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { quantile } from './measure.ts';

const SLOWED = 4;
const BAGS = 60;
const TURNS = 20;
/** Taps of a wet hand that is in a hurry, ms apart; the rest of an act button is longer than it. */
const APART_MS = 450;

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, 60_000, BAGS);
const server = await serve(folder);
const browser = await launch();
const page = await signIn(browser, `http://127.0.0.1:${server.port}`, { name: 'Ines', pin: PIN });
page.setDefaultTimeout(15_000);
await page.setViewportSize({ width: 390, height: 844 });
await page.evaluate(() => {
  const kept: { id: number; ms: number }[] = [];
  Object.assign(globalThis, { tapped: kept });
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as unknown as { interactionId: number; duration: number }[])
      if (entry.interactionId > 0) kept.push({ id: entry.interactionId, ms: entry.duration });
  }).observe({ type: 'event', durationThreshold: 16, buffered: true } as PerformanceObserverInit);
});
const session = await page.context().newCDPSession(page);
await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });

/** The longest event of each tap since the last time; what was painted within a frame is not reported and counts as one. */
async function longestOf(page: Page, taps: number): Promise<number[]> {
  await page.waitForTimeout(1000);
  const seen = await page.evaluate(() => (globalThis as unknown as { tapped: { id: number; ms: number }[] }).tapped.splice(0));
  const byTap = new Map<number, number>();
  for (const { id, ms } of seen) byTap.set(id, Math.max(ms, byTap.get(id) ?? 0));
  const longest = [...byTap.values()];
  return [...longest, ...Array.from({ length: Math.max(0, taps - longest.length) }, () => 16)];
}

const station = async (name: string) => {
  await page.getByRole('navigation', { name: 'Stations at the foot' }).getByRole('link', { name, exact: true }).click();
};
const all: number[] = [];
async function measure(what: string, tap: (turn: number) => Promise<void>, turns = TURNS): Promise<void> {
  await longestOf(page, 0);
  for (let turn = 0; turn < turns; turn += 1) {
    await tap(turn);
    await page.waitForTimeout(APART_MS);
  }
  const took = await longestOf(page, turns);
  all.push(...took);
  console.log(`${what}: median ${quantile(took, 0.5)} ms, p95 ${quantile(took, 0.95)} ms, ${took.length} taps`);
}

try {
  await station('Dock');
  await page.getByRole('button', { name: /^Land / }).waitFor();
  await measure('dock, a chip', (turn) => page.getByRole('button', { name: turn % 2 ? /^this bag/ : /^all \d/ }).click());
  await page.getByRole('button', { name: /^this bag/ }).click();
  await measure('dock, Land', () => page.getByRole('button', { name: /^Land / }).click());
  await station('Rounds');
  await page.getByRole('button', { name: /^All well/ }).waitFor();
  await measure('rounds, All well', () => page.getByRole('button', { name: /^All well/ }).click());
  const stations = ['Dock', 'Bench', 'Today', 'Rounds'];
  await measure('another station', (turn) => station(stations[turn % stations.length]!));
  console.log(`all: median ${quantile(all, 0.5)} ms, p95 ${quantile(all, 0.95)} ms (asked 100), worst ${Math.max(...all)} ms`);
} finally {
  await browser.close();
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
