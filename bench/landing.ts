// Sixty bags landed by key in a real browser, one every two seconds, with 500,000 entries behind: tap to next bag, script a landing,
// long tasks, and what the journal holds at the end.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { launch, scriptOfTasks, signIn, startTrace } from './browser.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { ms, quantile } from './measure.ts';

const BAGS = 61;
const EVERY_MS = 2000;
const ENTRIES = 500_000;

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, ENTRIES, BAGS);
const server = await serve(folder);
try {
  const browser = await launch();
  const page = await signIn(browser, `http://127.0.0.1:${server.port}`, { name: 'Ines', pin: PIN });
  await page.keyboard.press('2');
  await page.getByText(`bag 2 of ${BAGS}`).waitFor();
  const { seq: before } = (await (await fetch(`http://127.0.0.1:${server.port}/api/health`)).json()) as { seq: number };

  // In the page, as text since what the runner compiles does not run there: from the key to the first frame that shows another
  // bag, and every task over 50 ms.
  await page.evaluate(`{
  const seen = (window.seen = { took: [], long: [], pressedAt: 0 });
  addEventListener('keydown', (event) => { if (event.key === 'Enter') seen.pressedAt = performance.now(); }, true);
  const title = () => (document.querySelector('.dock-bagCard .soft') ?? document.querySelector('.empty h2'))?.textContent;
  let shown = title();
  const watch = () => {
    const now = title();
    if (now !== shown && seen.pressedAt > 0) {
      seen.took.push(performance.now() - seen.pressedAt);
      seen.pressedAt = 0;
    }
    shown = now;
    requestAnimationFrame(watch);
  };
  requestAnimationFrame(watch);
  new PerformanceObserver((list) => seen.long.push(...list.getEntries().map(({ duration }) => duration))).observe({ entryTypes: ['longtask'] });
}`);
  await startTrace(browser, page);
  await page.locator('.btn-act:not([disabled])').waitFor();
  for (let bag = 1; bag < BAGS; bag += 1) {
    const began = Date.now();
    await page.keyboard.press('Enter');
    await page.waitForTimeout(Math.max(0, EVERY_MS - (Date.now() - began)));
  }
  const script = await scriptOfTasks(browser);
  const { took, long } = await page.evaluate<{ took: number[]; long: number[] }>('window.seen');
  const health = (await (await fetch(`http://127.0.0.1:${server.port}/api/health`)).json()) as { seq: number; ok: boolean };
  console.log(
    `${BAGS - 1} bags, ${health.seq - before} acts kept, books ${health.ok ? 'balance' : 'DO NOT BALANCE'}, ${ENTRIES} entries behind`,
  );
  console.log(
    `key to next bag: median ${ms(quantile(took, 0.5))}, p95 ${ms(quantile(took, 0.95))}, worst ${ms(Math.max(...took))} (${took.length} seen)`,
  );
  console.log(
    `a redraw (a task of the page with 1 ms of script or more, ${script.length} of them): script median ${ms(quantile(script, 0.5))}, p95 ${ms(quantile(script, 0.95))}, worst ${ms(Math.max(...script))}`,
  );
  console.log(`tasks over 50 ms: ${long.length}${long.length ? `, longest ${ms(Math.max(...long))}` : ''}`);
  await browser.close();
} finally {
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
