// Fish dragged over a house of 400 tanks in a real browser: script of each move of the pointer, of choosing a tank,
// of one fish fewer; tasks over 50 ms.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { RoomView } from '#contract/views.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { launch, scriptOfTasks, signIn, startTrace } from './browser.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { ms, quantile } from './measure.ts';

const MOVES = 240;

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, MINUTE_MS);
const server = await serve(folder);
try {
  const browser = await launch();
  const address = `http://127.0.0.1:${server.port}`;
  const page = await signIn(browser, address, { name: 'Ines', pin: PIN });
  await page.goto(`${address}/room`);
  await page.getByRole('button', { name: /^Tank T400,/ }).waitFor();
  await page.waitForTimeout(3000);
  const box = (await page.getByRole('button', { name: /^Tank T1,/ }).boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y + 30);
  await page.waitForTimeout(300);
  await startTrace(browser, page);
  for (let move = 0; move < MOVES; move += 1) {
    await page.mouse.move(200 + ((move * 7) % 600), 260 + ((move * 3) % 400));
    await page.waitForTimeout(16);
  }
  const moving = await scriptOfTasks(browser);
  const says = (values: number[]) =>
    values.length === 0
      ? 'no task with 1 ms of script'
      : `median ${ms(quantile(values, 0.5))}, p95 ${ms(quantile(values, 0.95))}, worst ${ms(Math.max(...values))}, over 50 ms: ${values.filter((value) => value > 50).length}`;
  console.log(`${MOVES} moves of the pointer over 400 tanks; tasks with 1 ms of script or more: ${moving.length}; ${says(moving)}`);
  // Choosing a tank, and one fish fewer in a tank: two racks at most, and one, have something new to show.
  await page.mouse.up();
  await page.goto(`${address}/room`);
  await page.getByRole('button', { name: /^Tank T400,/ }).waitFor();
  await page.waitForTimeout(3000);
  await startTrace(browser, page);
  for (const code of ['T1', 'T2', 'T17', 'T18', 'T3', 'T19']) {
    await page.getByRole('button', { name: new RegExp(`^Tank ${code},`) }).click();
    await page.waitForTimeout(300);
  }
  console.log(`a tank chosen, six times: ${says(await scriptOfTasks(browser))}`);
  const { racks } = (await (await page.request.get(`${address}/api/views/room`)).json()) as RoomView;
  const { occupants } = racks[0]!.tanks.find(({ code }) => code === 'T2')!;
  await page.keyboard.press('.');
  await page.keyboard.type(`T2 ${occupants[0]!.label} lost 1`);
  await page.getByText('Understood:').waitFor();
  await startTrace(browser, page);
  await page.keyboard.press('Enter');
  await page.waitForTimeout(2000);
  console.log(`one fish fewer in T2, written and read anew: ${says(await scriptOfTasks(browser))}`);
  await browser.close();
} finally {
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
