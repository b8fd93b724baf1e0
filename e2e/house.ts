// A demo house for one test: a copy of the told one, its own server, and the people who work there.
import { spawn, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { test as base, expect, type Page } from '@playwright/test';

export const OPENS = '2026-03-03T07:40';
export const SEEDED = path.resolve('.cache/e2e-demo');
export const SERVER = path.resolve('dist-server/main.js');
const PINS = { 'Ines Okafor': '4711', 'Bram Tell': '2020', 'Odalys Reyes': '3131', 'Pia Lund': '1234' } as const;
export type Who = keyof typeof PINS;

export class House {
  readonly data: string;
  address = '';
  #server: ChildProcess | undefined;
  constructor(data: string) {
    this.data = data;
  }

  /** Opens the house at a wall time (demo houses; `real` = with the time of day, or so far ahead of it). Later times than it has seen only. */
  async open(clock: string = OPENS, { freeze = false, aheadMs = 0, secured = [] as string[] } = {}): Promise<void> {
    const port = this.address ? new URL(this.address).port : '0';
    const args = [
      ...(aheadMs > 0 ? ['--import', path.resolve('e2e/tomorrow.mjs')] : []),
      SERVER,
      '--data',
      this.data,
      '--port',
      port,
      ...(clock === 'real' ? [] : ['--clock', clock]),
      ...(freeze ? ['--freeze'] : []),
      ...secured,
    ];
    const server = spawn('node', args, {
      stdio: ['ignore', 'pipe', 'inherit'],
      env: { ...process.env, NODE_ENV: 'production', LOG_LEVEL: 'warn', AHEAD_MS: String(aheadMs) },
    });
    this.#server = server;
    this.address = await new Promise<string>((resolve, reject) => {
      server.stdout.on('data', (chunk: Buffer) => {
        const found = new RegExp(`${secured.length > 0 ? 'https' : 'http'}://127\\.0\\.0\\.1:\\d+`).exec(chunk.toString())?.[0];
        if (found) resolve(found);
      });
      server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
  }

  /** The same over https. */
  openSecured({ cert, key }: { cert: string; key: string }): Promise<void> {
    this.address = '';
    return this.open(OPENS, { secured: ['--cert', cert, '--key', key, '--trust-port', '0'] });
  }

  async close(): Promise<void> {
    const server = this.#server;
    if (!server || server.exitCode !== null) return;
    const ended = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    await ended;
  }

  async health(): Promise<{ ok: boolean; inHouse: number; seq: number }> {
    return (await (await fetch(`${this.address}/api/health`)).json()) as { ok: boolean; inHouse: number; seq: number };
  }

  /** `firstDay` = led through the stations, as somebody is who has never been here; else that is over. */
  async signIn(page: Page, who: Who, firstDay = false): Promise<void> {
    await page.goto(`${this.address}/`);
    if (!firstDay) await page.evaluate(() => localStorage.setItem('daily-crate first day', 'over'));
    await page.getByRole('button', { name: who }).click();
    for (const digit of PINS[who]) await page.getByRole('button', { name: digit, exact: true }).click();
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('button', { name: 'Sign out' }).or(page.locator('.foot-links'))).not.toHaveCount(0);
  }
}

export const test = base.extend<{ house: House }>({
  // Playwright wants a pattern here, and this fixture rests on no other.
  // eslint-disable-next-line no-empty-pattern
  house: async ({}, use, info) => {
    const data = info.outputPath('house');
    fs.cpSync(SEEDED, data, { recursive: true });
    const house = new House(data);
    await house.open();
    await use(house);
    const health = await house.health().catch(() => undefined);
    await house.close();
    if (health) expect(health.ok).toBe(true);
  },
});

/** A directory with nothing of a house in it, by the real clock. */
export const testEmpty = base.extend<{ empty: House }>({
  // eslint-disable-next-line no-empty-pattern
  empty: async ({}, use, info) => {
    const house = new House(info.outputPath('empty'));
    await house.open('real');
    await use(house);
    expect((await house.health()).ok).toBe(true);
    await house.close();
  },
});
export { expect };

/** The one main action of a card. */
export const action = (page: Page) => page.locator('.thumb .btn-act');

/** The count that a stage shows in the stream bar. */
export async function stage(page: Page, name: string): Promise<number> {
  const index = ['Expected', 'Dock', 'Bench', 'Quarantine', 'Cleared', 'Promised'].indexOf(name);
  return Number(await page.locator('.stream-stages li:not(.stream-flow) b').nth(index).textContent());
}

/** The action of a card takes no press in its first moments, by key as by finger. */
export const ready = (page: Page, name: RegExp) => expect(page.getByRole('button', { name })).toBeEnabled();

export async function pressEnter(page: Page, action: RegExp): Promise<void> {
  await ready(page, action);
  await page.keyboard.press('Enter');
}

/** Every stage but Expected, and the sum that the bar claims. */
export async function expectStreamAddsUp(page: Page): Promise<void> {
  await expect(async () => {
    const counts = await page.locator('.stream-stages li:not(.outside) b').allTextContents();
    const sum = counts.map(Number).reduce((total, n) => total + n, 0);
    expect(sum).toBe(Number(await page.locator('.stream-sum .total').textContent()));
  }).toPass({ timeout: 45_000 });
}
