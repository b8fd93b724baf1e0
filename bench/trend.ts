// Five years of readings of one system: what the view takes, and how long it is from the tap until the curve stands, in a real browser. `daily` = by hand, one a day;
// `probe` = four a day.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { launch, signIn } from './browser.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const YEARS_DAYS = 1827;
const TAPS = 24;
const PROBE_A_DAY = 4;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, 2000);
const server = await serve(folder);
const connection = makeConnection(server.port);
try {
  await connection.call('POST', '/api/sign-in', { person: 'ines', pin: PIN });
  const now = Date.now();
  const write = async (said: readonly (Pick<Entry, 'kind' | 'payload'> & { occurredAtMs: number })[]) => {
    const entries = said.map((entry) => ({ ...entry, id: v7(), version: versionOf(entry.kind) }));
    const { status, body } = await connection.call('POST', '/api/journal', { actId: v7(), entries });
    if (status >= 300) throw new Error(`${status} ${body.slice(0, 300)}`);
  };
  const read = (quantity: 'ammonia' | 'pH', instrument: string, { value, occurredAtMs }: { value: number; occurredAtMs: number }) => ({
    kind: 'reading.taken' as const,
    payload: {
      subject: { kind: 'system' as const, id: 'w1' },
      quantity,
      reading: { value, typed: String(value), method: 'test' as const, source: 'measured' as const },
      instrument,
    },
    occurredAtMs,
  });
  const each = async (count: number, make: (no: number) => Parameters<typeof write>[0][number]) => {
    for (let from = 0; from < count; from += 50)
      await write(Array.from({ length: Math.min(50, count - from) }, (_, no) => make(from + no)));
  };
  const ago = (share: number) => Math.round(now - share * YEARS_DAYS * DAY_MS);
  await each(YEARS_DAYS, (no) =>
    read('ammonia', no % 2 ? 'drops' : 'photometer', { value: Math.abs(Math.sin(no)) / 4, occurredAtMs: ago(1 - no / YEARS_DAYS) }),
  );
  await each(YEARS_DAYS * PROBE_A_DAY, (no) =>
    read('pH', 'probe', { value: 8.1 + Math.sin(no) / 8, occurredAtMs: ago(1 - no / (YEARS_DAYS * PROBE_A_DAY)) }),
  );
  await each(260, (no) => ({
    kind: 'water.exchanged' as const,
    payload: { tank: 't16', litres: 20, source: 'mixed' as const, atSump: true, salinityPpt: 33, temperatureC: 25 },
    occurredAtMs: ago(1 - no / 260),
  }));

  const browser = await launch();
  const page = await signIn(browser, `http://127.0.0.1:${server.port}`, { name: 'Ines', pin: PIN });
  await page.goto(`http://127.0.0.1:${server.port}/rounds/water?tank=T17`);
  for (const [what, quantity] of [
    ['daily', 'ammonia'],
    ['probe', 'pH'],
  ] as const) {
    const views: number[] = [];
    for (let turn = 0; turn < TAPS; turn += 1) {
      const { status, tookMs } = await connection.call('GET', `/api/views/waterTrend?system=w1&quantity=${quantity}&days=${YEARS_DAYS}`);
      if (status !== 200) throw new Error(String(status));
      views.push(tookMs);
    }
    await page.getByRole('group', { name: 'What' }).getByRole('button', { name: quantity, exact: false }).first().click();
    const taps: number[] = [];
    for (let turn = 0; turn < TAPS; turn += 1) {
      await page.getByRole('button', { name: '14 days' }).click();
      await page.waitForTimeout(400);
      taps.push(
        await page.evaluate(async () => {
          const button = [...document.querySelectorAll('button')].find(({ textContent }) => textContent === '5 years')!;
          const began = performance.now();
          button.click();
          for (;;) {
            await new Promise((resolve) => requestAnimationFrame(resolve));
            const label = document.querySelector('canvas')?.getAttribute('aria-label') ?? '';
            if (/ (\d{4,}) reading/.test(label)) break;
            if (performance.now() - began > 10_000) throw new Error(`nothing drawn: ${label}`);
          }
          // The frame that shows it.
          await new Promise((resolve) => requestAnimationFrame(resolve));
          return performance.now() - began;
        }),
      );
    }
    const [first, ...others] = taps;
    console.log(
      `${what}: view median ${ms(quantile(views, 0.5))}, p95 ${ms(quantile(views, 0.95))}; from the tap: first ${ms(first!)}, median ${ms(quantile(others, 0.5))}, p95 ${ms(quantile(others, 0.95))}`,
    );
  }
  await browser.close();
} finally {
  connection.close();
  server.stop();
  fs.rmSync(folder, { recursive: true, force: true });
}
