// Hands that never wait: what is typed survives, the focus stays where the hand works, Enter does the act, and nobody's next animal comes up under a finger.
import type { Page } from '@playwright/test';
import { expect, ready, test } from './house.ts';

const focused = (page: Page) => page.evaluate(() => document.activeElement?.tagName ?? 'none');

test('what is typed survives a reload, another page, and somebody who is quicker', async ({ page, house, browser }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  await page.getByRole('button', { name: /^Count/ }).click();
  await page.getByLabel(/^Temperature/).fill('21.5');
  await page.getByLabel('Note').fill('one has a torn fin');
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('one has a torn fin');
  await page.getByRole('navigation', { name: 'Stations', exact: true }).getByRole('link', { name: 'Rounds' }).click();
  await page.getByRole('navigation', { name: 'Stations', exact: true }).getByRole('link', { name: 'Dock' }).click();
  await expect(page.getByLabel(/^Temperature/)).toHaveValue('21.5');

  const context = await browser.newContext();
  const hers = await context.newPage();
  await house.signIn(hers, 'Odalys Reyes');
  await hers.goto(`${house.address}/dock`);
  await ready(hers, /^Land/);
  // What the one typed is not the other's.
  await expect(hers.getByText('bag 11 of 19')).toBeVisible();
  await hers.getByRole('button', { name: /^Land 6/ }).click();
  await expect(page.getByText('Bag 11: Odalys Reyes was quicker')).toBeVisible();
  await expect(page.getByText(/one has a torn fin/)).toBeVisible();
  // Enter and the act's place do nothing to the next bag.
  const { seq } = await house.health();
  await page.keyboard.press('Enter');
  await page.waitForTimeout(900);
  await page.keyboard.press('Enter');
  expect((await house.health()).seq).toBe(seq);
  await page.getByRole('button', { name: 'To the next bag' }).click();
  await expect(page.getByText('bag 12 of 19')).toBeVisible();
  await context.close();
});

test('Enter does the act whatever was clicked last, a held key is one press, and the focus is never lost', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/rounds`);
  const nav = page.getByRole('navigation', { name: 'Stations', exact: true });
  await nav.getByRole('link', { name: 'Dock' }).click();
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  await ready(page, /^Land 6/);
  const { seq } = await house.health();
  await page.keyboard.press('Enter');
  await expect(page.getByText('bag 12 of 19')).toBeVisible();
  // The hand was on the act: there it is again for the next bag.
  const land = page.getByRole('button', { name: /^Land/ });
  await expect(land).toBeEnabled();
  await land.click();
  await expect(page.getByText('bag 13 of 19')).toBeVisible();
  await expect(land).toBeFocused();
  // Held down it is one bag, not five.
  await page.keyboard.down('Enter');
  for (let turn = 0; turn < 12; turn += 1) {
    await page.waitForTimeout(120);
    await page.keyboard.down('Enter');
  }
  await page.keyboard.up('Enter');
  await expect(page.getByText('bag 14 of 19')).toBeVisible();
  await expect.poll(async () => (await house.health()).seq).toBe(seq + 3);

  for (const path of ['/today', '/bench', '/rounds', '/room', '/species', '/house', '/logbook', '/find', '/you', '/more', '/nowhere']) {
    await page.goto(`${house.address}${path}`);
    await page.getByRole('main').waitFor();
    await expect.poll(() => focused(page)).not.toBe('BODY');
  }
});

test('a skip link comes first, buttons show their focus, and letters can be turned off', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/you`);
  await page.getByRole('main').waitFor();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.getByRole('button', { name: 'do nothing' }).click();
  await page.goto(`${house.address}/dock`);
  await ready(page, /^Land 6/);
  await page.keyboard.press('d');
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: /^Land 6/ })).toBeVisible();
  await expect(page).toHaveURL(/\/dock/);
  await page.locator('.skip-link').focus();
  await expect(page.locator('.skip-link')).toBeInViewport();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  // By keys the ring of each button is there.
  for (let presses = 0; presses < 12; presses += 1) {
    await page.keyboard.press('Tab');
    const ring = await page.evaluate(() => getComputedStyle(document.activeElement!).outlineStyle);
    expect(ring).not.toBe('none');
  }
});

test('the bench waits for a choice before another animal’s act', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/bench?bag=nothing-of-this-name`);
  await expect(page.getByText('It is not on the bench')).toBeVisible();
  await expect(page.getByRole('button', { name: /^(Start|Net|Follow|Choose)/ })).toHaveCount(0);
});

test('a move that is half typed survives a reload', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/room?tank=F3`);
  await page.getByRole('button', { name: 'Move cherry barb' }).click();
  await page.getByRole('button', { name: /^Tank F10/ }).click();
  const count = page.getByRole('textbox', { name: 'In the net' });
  await count.fill('2');
  await page.reload();
  await expect(count).toHaveValue('2');
});
