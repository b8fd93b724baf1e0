// The bench, computed: opened from a bag, a value corrected, the order changed, followed or overruled; by mouse and by touch.
import type { Locator, Page } from '@playwright/test';
import { action, expect, test, type House } from './house.ts';

type Press = (target: Locator) => Promise<void>;

async function chooseTank(page: Page, house: House, press: Press): Promise<void> {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await press(page.getByRole('link', { name: 'Choose a tank for bag 3' }));
  await press(page.getByRole('button', { name: /^Tank G3/ }));
  await press(page.getByRole('button', { name: /^Put it in G3/ }));
}
const fact = (page: Page, name: string) => page.getByRole('textbox', { name });

async function overrule(page: Page, house: House, press: Press): Promise<void> {
  await chooseTank(page, house, press);
  await expect(action(page)).toHaveText(/^Follow: match, float, net/);
  await expect(page.getByText(/best in (\d+ of 10|nearly all)/)).toBeVisible();

  // What cannot be is asked about, the picture stays, nothing is written.
  const salinity = fact(page, 'bag 3, salinity, ppt');
  await salinity.fill('25 mS');
  await expect(page.getByText(/compensated to 25 °C .* or raw/)).toBeVisible();
  await salinity.fill('310');
  await expect(page.getByText('310 ppt cannot be. Is the unit right?')).toBeVisible();
  await expect(action(page)).toHaveText(/^Follow: match, float, net/);
  const { seq } = await house.health();

  // Measured after all: the bag has the tank's own salinity, and the order turns.
  await salinity.fill('1.0253');
  await salinity.press('Enter');
  await expect(action(page)).not.toHaveText(/match, float, net/);
  await expect(page.locator('tr', { has: salinity })).toContainText('measured');
  await expect(page.getByText(/match, float, net \(tank and bag have the same salinity\)/)).toBeVisible();
  await expect.poll(async () => (await house.health()).seq).toBe(seq + 1);

  // Another way than the numbers say wants its reason, which stays with the lot.
  await press(page.getByRole('button', { name: /^Cup exchange/i }));
  await expect(action(page)).toHaveText(/^Choose: cup exchange/);
  await expect(action(page)).toBeDisabled();
  await page.getByLabel(/^Why cup exchange/).fill('no bucket is free');
  await press(action(page));
  await expect(page.locator('.methods-wayChosen')).toContainText(/Cup exchange, chosen by Bram Tell against .*: no bucket is free/i);
  await page.goto(`${house.address}/logbook`);
  await expect(page.getByText(/bag 3.*: cup exchange, not .* as computed \(no bucket is free\)/i).first()).toBeVisible();
}

test('a value corrected turns the order; overruled with a reason, at 1280×800', ({ page, house }) =>
  overrule(page, house, (target) => target.click()));

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('the same by touch at 390×844', ({ page, house }) => overrule(page, house, (target) => target.tap()));
});

test('hands change what can be changed and the picture follows; followed by one key', async ({ page, house }) => {
  await chooseTank(page, house, (target) => target.click());
  await expect(action(page)).toHaveText(/^Follow:/);
  await page.getByRole('button', { name: /^drip/ }).click();
  const answer = page.locator('.methods-waySays');
  const before = await answer.textContent();
  await page.getByLabel('Drip for').selectOption('120 min');
  await expect(answer).not.toHaveText(before!);
  await page.getByLabel('Air').selectOption('strong');
  await expect(page.getByText(/Air keeps a bucket alive/)).toBeVisible();
  await page.getByRole('button', { name: 'Binder' }).click();
  await expect(page.getByText(/Air keeps a bucket alive/)).toHaveCount(0);
  await page.getByLabel('Bucket, L').fill('0.1');
  await expect(page.getByText('the bucket is smaller than the water in the bag')).toBeVisible();
  await expect(answer).toBeVisible();
  await page.getByLabel('Bucket, L').fill('8');
  await page.getByRole('button', { name: 'pH', exact: true }).click();
  await expect(page.getByRole('img', { name: /^pH over time: drip from/ })).toBeVisible();
  await page.getByRole('button', { name: /^Match, float, net/i }).click();
  await expect(action(page)).toBeEnabled();
  await page.keyboard.press('Enter');
  await expect(page.locator('.methods-wayChosen')).toContainText(/Match, float, net, chosen by Bram Tell\./i);
});
