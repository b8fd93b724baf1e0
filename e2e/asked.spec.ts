// What is asked before fish are harmed, by those who work fast: a treatment where shrimps live, water and a net from quarantine, a line, a sale of promised fish.
import type { Page } from '@playwright/test';
import { expect, ready, test, type House } from './house.ts';

const tankPage = (page: Page, house: House, code: string) => page.goto(`${house.address}/tank/${encodeURIComponent(code)}`);
const dialog = (page: Page) => page.getByRole('dialog');
async function leaveIt(page: Page): Promise<void> {
  await dialog(page).getByRole('button', { name: 'Leave it' }).click();
  await expect(dialog(page)).toHaveCount(0);
}
async function line(page: Page, text: string): Promise<void> {
  await expect(page.getByRole('button', { name: /^Tank B7,/ })).toBeVisible();
  await page.keyboard.press('.');
  await page.getByLabel('What you want to write down').fill(text);
  await expect(page.getByText('Understood:')).toBeVisible();
  await page.keyboard.press('Enter');
}

test('a treatment is not for a system with shrimps, nor water from quarantine for the sale racks, whoever taps it quickly', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Odalys Reyes');
  // Barbs live in A4; the shrimps of its system in A3 and A12.
  await tankPage(page, house, 'A4');
  await page.getByRole('button', { name: 'Treatment' }).click();
  await page.getByRole('button', { name: 'copper', exact: true }).click();
  await ready(page, /is under copper now/);
  await page.getByRole('button', { name: /is under copper now/ }).click();
  await expect(dialog(page)).toContainText(/amano shrimp/i);
  await expect(dialog(page)).toContainText('A lead may do it all the same');
  await leaveIt(page);
  await page.reload();
  await expect(page.getByText(/copper has ended/)).toHaveCount(0);

  // Nor does water from quarantine go there.
  await page.getByRole('button', { name: 'Change water' }).click();
  await page.getByLabel('How much').fill('10');
  await page.getByLabel('Filled up with').selectOption({ label: 'water of F1 (quarantine)' });
  await expect(page.getByLabel(/are back in quarantine: .*cherry barb/).first()).toBeChecked();
  await ready(page, /^Changed/);
  await page.getByRole('button', { name: /^Changed/ }).click();
  await expect(dialog(page)).toContainText(/F1.*A4/);
  await expect(dialog(page)).toContainText('A lead may do it all the same');
  await leaveIt(page);
});

test('cleared fish that meet fish in quarantine are back in quarantine: by a line, which has no box to tick, and by a wet net', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/room`);
  await line(page, 'move 1 B7 > F4');
  await expect(dialog(page).getByLabel('Back in quarantine: pearl gourami')).toBeChecked();
  await dialog(page).getByRole('button', { name: 'Write it' }).click();
  await expect(page.getByRole('button', { name: /^Tank B7, .*2 pearl gourami, in quarantine/ })).toBeVisible();

  await tankPage(page, house, 'A4');
  await expect(page.getByText('Cleared: not in quarantine').or(page.getByText(/of 14/))).toHaveCount(0);
  await expect(page.getByLabel(/are back in quarantine: .*cherry barb/).first()).toBeChecked();
  await page.getByRole('button', { name: 'Fern net was in A4' }).click();
  await expect(page.getByText(/F2.*got wet Fern net|F2.*gave wet Fern net/)).toBeVisible();
  await expect(page.locator('.tally-of').first()).toHaveText(/^0 of 14/);

  // What is promised, and what is in quarantine, is not sold by a line in haste.
  await page.goto(`${house.address}/room`);
  await line(page, 'A5 sold 9');
  await expect(dialog(page)).toContainText(/promised/);
  await leaveIt(page);
  await page.keyboard.press('Escape');
  await line(page, 'F1 sold 2');
  await expect(dialog(page)).toContainText(/in quarantine/);
  await leaveIt(page);
});
