// The job by keys alone, from the door on: no mouse, no tap. And what a key must not do.
import type { Page } from '@playwright/test';
import { expect, ready, stage, test } from './house.ts';

/** Tab on until the focus is on something called so. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 120; presses += 1) {
    await page.keyboard.press('Tab');
    const called = await page.evaluate(() => {
      const focused = document.activeElement as HTMLElement | null;
      // A list that scrolls is a stop of its own, with all its words; it is no thing to press.
      if (!focused?.matches('a, button, input, select, textarea, summary')) return '';
      const labels = focused instanceof HTMLInputElement ? [...(focused.labels ?? [])].map(({ textContent }) => textContent).join(' ') : '';
      return focused.getAttribute('aria-label') ?? (labels || (focused.textContent ?? ''));
    });
    if (name.test(called)) return;
  }
  throw new Error(`Tab never came to ${name}`);
}

test('the whole job by keys alone', async ({ page, house }) => {
  const keys = page.keyboard;
  await page.goto(`${house.address}/`);
  await page.evaluate(() => localStorage.setItem('daily-crate first day', 'over'));
  await page.getByRole('button', { name: 'Bram Tell' }).waitFor();
  await tabTo(page, /Bram Tell/);
  await keys.press('Enter');
  await keys.type('2020');
  await keys.press('Enter');

  // Dock: a normal bag is one key; one with a dead fish and a temperature is a few.
  await page.locator('.stream').waitFor();
  await keys.press('2');
  await ready(page, /^Land 6/);
  const dock = await stage(page, 'Dock');
  await keys.press('Enter');
  await expect(page.getByText('bag 12 of 19')).toBeVisible();
  await keys.press('d');
  await tabTo(page, /^Temperature/);
  await keys.type('71F');
  await ready(page, /^Land 5, 1 dead/);
  await keys.press('Enter');
  await expect(page.getByText('bag 13 of 19')).toBeVisible();
  await expect.poll(() => stage(page, 'Dock')).toBe(dock + 11);
  // Not in the box after all was a slip: undone, and the bag is in front again.
  await ready(page, /^Land/);
  await keys.press('b');
  await expect(page.getByText('bag 14 of 19')).toBeVisible();
  await keys.press('u');
  await expect(page.getByText('bag 13 of 19')).toBeVisible();

  // A tank for the most pressing bag: arrows go over the tanks that will do, Enter puts it there.
  await keys.press('t');
  await expect(page.getByText(/Tap the tank where it shall live/)).toBeVisible();
  // That one stands in clean water; the one just landed waits closed, and floats.
  await keys.press('2');
  await tabTo(page, /^Choose a tank for bag 12/);
  await keys.press('Enter');
  await expect(page.getByText(/Tap the tank where it shall live/)).toBeVisible();
  await keys.press('ArrowRight');
  await expect(page.locator('.tank[aria-pressed="true"]')).toBeFocused();
  // The first is one that costs nothing; arrows go on from there.
  const free = page.getByRole('heading', { name: /: nothing known against it$/ });
  await expect(free).toBeVisible();
  const code = /^\w+/.exec((await free.textContent())!)![0];
  await ready(page, new RegExp(`^Put it in ${code}`));
  await keys.press('Enter');

  // Bench: the float is one key.
  await page.waitForURL(/\/bench/);
  await ready(page, /^Follow:/);
  await keys.press('Enter');
  await tabTo(page, /^Bag, °C/);
  await keys.press('Control+a');
  await keys.type('22');
  await ready(page, /^Start float/);
  await keys.press('Enter');
  await expect(page.getByRole('list', { name: 'Running now' }).getByText(new RegExp(`float, ${code}`))).toBeVisible();

  // Rounds: all well, then one with a sign; the focus leaves the chip before Enter saves.
  await keys.press('Escape');
  await keys.press('4');
  const card = page.locator('.rounds-checkCard .big');
  const first = await card.textContent();
  await ready(page, /^All well/);
  await keys.press('Enter');
  await expect(card).not.toHaveText(first!);
  const second = (await card.textContent())!;
  await keys.press('o');
  await tabTo(page, /^hiding/);
  await keys.press('Space');
  await keys.press('Escape');
  await ready(page, /^Save what is odd/);
  await keys.press('Enter');
  await expect(card).not.toHaveText(second);
  await keys.press('ArrowUp');
  await expect(card).toHaveText(second);

  // All of it is on the records.
  await keys.press('8');
  const written = page.locator('.logbook-logbook');
  await expect(written.getByText(new RegExp(`Morning health check of ${second}: .*hiding`))).toBeVisible();
  await expect(written.getByText(`Morning health check of ${first}: all well`)).toBeVisible();
  await expect(written.getByText(new RegExp(`is assigned to ${code}`))).toBeVisible();
});

test('one line is understood, put right, written and undone; ? lists the keys', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  const keys = page.keyboard;
  await page.locator('.stream').waitFor();
  const { seq } = await house.health();
  await keys.press('?');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Land the bag as the card says', { exact: false })).toBeVisible();
  // A key of the page below must not act through the list.
  await keys.press('d');
  await keys.press('Escape');
  await expect(dialog).toBeHidden();
  await expect(page.getByText('Bag sound, water clear, all 6 upright.')).toBeVisible();

  const said = page.locator('#line-says');
  const line = async (text: string) => {
    await keys.press('Control+a');
    await keys.type(text);
  };
  await keys.press('.');
  await line('B33 lost 1');
  await expect(said).toContainText('Which tank?');
  await tabTo(page, /dead in B3/);
  await keys.press('Enter');
  await expect(said).toContainText('Understood: 1 cherry shrimp dead in B3, cause not known');
  await keys.press('Enter');
  await expect(said).toContainText('Written: 1 cherry shrimp dead in B3');

  await line('Q1 brine: ate 4/6');
  await expect(said).toContainText('You say 6 green chromis, on record: 5.');
  await keys.press('Enter');
  await expect(said).toContainText('Written: Green chromis in Q1: brine, ate, 4 ate');

  // More than there are, then more than a keeper may do: the line stays, nothing is written.
  await line('move 60 F2 > F7');
  await expect(said).toContainText(/\d+ kuhli loach are on record there, not 60/);
  await line('move 1 F2 > C9');
  await expect(said).toContainText('Understood');
  // What was written is shown before it has arrived.
  await expect.poll(async () => (await house.health()).seq).toBe(seq + 2);
  await keys.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('A lead may do it all the same');
  await keys.press('Escape');
  await expect(page.getByLabel('What you want to write down')).toHaveValue('move 1 F2 > C9');
  expect((await house.health()).seq).toBe(seq + 2);

  await page.getByLabel('What you want to write down').focus();
  await line('move 2 F2 > F7');
  await keys.press('Enter');
  await expect(said).toContainText('Written: 2 kuhli loach from F2 to F7');
  // What it costs is asked before it stands.
  const cost = page.getByRole('dialog');
  await expect(cost).toContainText(/Restarts the quarantine|suspect/i);
  await cost.getByRole('button').first().press('Enter');
  await expect(cost).toBeHidden();
  await page.getByLabel('What you want to write down').focus();
  await keys.press('Escape');
  await expect(page.getByRole('region', { name: 'One line' })).toBeHidden();
  await keys.press('u');
  await expect(page.locator('.action-bar')).toContainText('Undid');
});
