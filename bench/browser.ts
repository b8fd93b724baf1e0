// What the benches in a real browser share: the browser, a signed-in page, and how much script each task of the page ran.
import { chromium, type Browser, type Page } from '@playwright/test';
import { launchOptions, setupChromium } from '../scripts/chromium.mjs';

export async function launch(): Promise<Browser> {
  setupChromium();
  return chromium.launch(launchOptions());
}

export async function signIn(browser: Browser, address: string, { name, pin }: { name: string; pin: string }): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
  await page.goto(address);
  await page.evaluate(() => localStorage.setItem('daily-crate first day', 'over'));
  await page.getByRole('button', { name }).click();
  await page.locator('#pin').fill(pin);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.locator('.stream').waitFor();
  return page;
}

export const startTrace = (browser: Browser, page: Page): Promise<void> =>
  browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline', '__metadata'] });

type Traced = { name: string; ph: string; ts: number; dur?: number; pid: number; tid: number; args?: { name?: string } };
const SCRIPT = ['FunctionCall', 'EventDispatch', 'TimerFire', 'RunMicrotasks', 'FireAnimationFrame', 'EvaluateScript'];

/** Ends the trace: milliseconds of script in each task of the page's main thread that had 1 ms of it or more. */
export async function scriptOfTasks(browser: Browser): Promise<number[]> {
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: Traced[] };
  const mains = traceEvents.filter(({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain');
  return mains.flatMap(({ pid, tid }) => {
    const own = traceEvents.filter((event) => event.pid === pid && event.tid === tid && event.ph === 'X').sort((a, b) => a.ts - b.ts);
    const tasks = own.filter(({ name }) => name === 'RunTask').map(({ ts, dur = 0 }) => ({ from: ts, to: ts + dur, script: 0 }));
    let turn = 0;
    let done = 0;
    for (const { name, ts, dur = 0 } of own) {
      if (!SCRIPT.includes(name) || ts < done) continue;
      while (turn < tasks.length && tasks[turn]!.to < ts) turn += 1;
      if (turn < tasks.length && tasks[turn]!.from <= ts) tasks[turn]!.script += dur / 1000;
      done = ts + dur;
    }
    return tasks.map(({ script }) => script).filter((script) => script >= 1);
  });
}
