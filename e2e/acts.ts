// What hands do on a page, counted where it happens: presses of a pointer, and keys.
import type { Page } from '@playwright/test';

export type Acts = { pointer: number; keys: number };

/** Counts from the next page that is opened on; over reloads. */
export async function countActs(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const add = (what: string) => sessionStorage.setItem(what, String(1 + Number(sessionStorage.getItem(what) ?? 0)));
    addEventListener('pointerdown', () => add('acts pointer'), true);
    addEventListener('keydown', (event) => !event.repeat && add('acts keys'), true);
  });
}

export const actsOf = (page: Page): Promise<Acts> =>
  page.evaluate(() => {
    const read = (what: string) => Number(sessionStorage.getItem(what) ?? 0);
    return { pointer: read('acts pointer'), keys: read('acts keys') };
  });

export const since = (now: Acts, before: Acts): Acts => ({ pointer: now.pointer - before.pointer, keys: now.keys - before.keys });
