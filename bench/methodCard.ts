// The bench's screen in a real browser: the hand changes what can be changed, the picture follows. Script of each redraw, tasks over 50 ms.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { seedDemo } from '#demo/seed.ts';
import { houseFile } from '#server/journal/replay.ts';
import { launch, scriptOfTasks, signIn, startTrace } from './browser.ts';
import { serve } from './large.ts';
import { ms, quantile } from './measure.ts';

const CHANGES = 24;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await seedDemo(houseFile(folder), Date.UTC(2026, 2, 3, 7, 40));
const server = await serve(folder);
try {
  const browser = await launch();
  const address = `http://127.0.0.1:${server.port}`;
  const page = await signIn(browser, address, { name: 'Bram Tell', pin: '2020' });
  await page.goto(`${address}/dock`);
  await page.getByRole('link', { name: 'Choose a tank for bag 3' }).click();
  await page.getByRole('button', { name: /^Tank G3/ }).click();
  await page.getByRole('button', { name: /^Put it in G3/ }).click();
  await page.getByText(/best in/).waitFor();
  await page.waitForTimeout(4000);
  await startTrace(browser, page);
  for (let change = 0; change < CHANGES; change += 1) {
    if (change % 3 === 0) await page.getByLabel('Drip for').selectOption(['30 min', '60 min', '90 min', '120 min'][change % 4]!);
    else if (change % 3 === 1) await page.getByRole('button', { name: change % 2 ? /^drip/ : /^match, float, net/ }).click();
    else await page.getByRole('button', { name: change % 2 ? 'pH' : 'toxic ammonia', exact: true }).click();
    await page.waitForTimeout(700);
  }
  const script = await scriptOfTasks(browser);
  console.log(
    `a redraw of the bench (${script.length} tasks of 1 ms of script or more): median ${ms(quantile(script, 0.5))}, p95 ${ms(quantile(script, 0.95))}, worst ${ms(Math.max(...script))}; over 50 ms: ${script.filter((delayMs) => delayMs > 50).length}`,
  );
  await browser.close();
} finally {
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
