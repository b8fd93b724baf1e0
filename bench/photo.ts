// A photograph of twelve megapixels from the file to the device's own store, on a page of the dock: how long, and the longest task that stops a tap meanwhile; and a
// claim's letter with twelve pictures.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { launch, signIn } from './browser.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { quantile } from './measure.ts';

const TURNS = 12;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, 20_000, 12);
const server = await serve(folder);
const browser = await launch();
const page = await signIn(browser, `http://127.0.0.1:${server.port}`, { name: 'Ines', pin: PIN });
try {
  await page.goto(`http://127.0.0.1:${server.port}/dock`);
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(4000, 3000);
    const context = canvas.getContext('2d')!;
    // As hard to code as a real one: no two pixels alike.
    for (let y = 0; y < 3000; y += 100) {
      const noise = context.createImageData(4000, 100);
      for (let at = 0; at < noise.data.length; at += 1) noise.data[at] = at % 4 === 3 ? 255 : 96 + ((at * 2654435761) >>> 26);
      context.putImageData(noise, 0, y);
    }
    return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer())];
  });
  const file = path.join(folder, 'camera.jpg');
  fs.writeFileSync(file, Buffer.from(bytes));
  console.log(`the file: 12 megapixels, ${(bytes.length / 1e6).toFixed(1)} MB`);
  await page.evaluate(() => {
    const tasks: number[] = [];
    Object.assign(globalThis, { tasks });
    new PerformanceObserver((list) => list.getEntries().forEach(({ duration }) => tasks.push(duration))).observe({ type: 'longtask' });
  });
  const input = page.locator('input[type=file]').first();
  const took: number[] = [];
  const longest: number[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    await page.evaluate(() => (globalThis as unknown as { tasks: number[] }).tasks.splice(0));
    const rows = await page.getByRole('button', { name: /^Photograph: / }).count();
    await page.evaluate(() => {
      const from = { at: 0 };
      Object.assign(globalThis, { from });
      document.addEventListener('change', () => (from.at = performance.now()), { capture: true, once: true });
    });
    await input.setInputFiles(file);
    const ms = await page.evaluate(async (before) => {
      const { from } = globalThis as unknown as { from: { at: number } };
      while (document.querySelectorAll('button[aria-label^="Photograph: "]').length <= before) await new Promise(requestAnimationFrame);
      return performance.now() - from.at;
    }, rows);
    took.push(ms);
    await page.waitForTimeout(400);
    longest.push(Math.max(0, ...(await page.evaluate(() => (globalThis as unknown as { tasks: number[] }).tasks))));
  }
  console.log(
    `smaller, kept and shown: median ${quantile(took, 0.5).toFixed(0)} ms, slowest ${Math.max(...took).toFixed(0)} ms, ${TURNS} times`,
  );
  console.log(
    `longest task on the page meanwhile: median ${quantile(longest, 0.5).toFixed(0)} ms, worst ${Math.max(...longest).toFixed(0)} ms`,
  );
} finally {
  await browser.close();
  server.stop();
  fs.rmSync(folder, { recursive: true });
}
