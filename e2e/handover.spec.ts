// From one shift to the next, and one page of a crate.
import { expect, ready, test } from './house.ts';

test('a shift handed over with a worry, taken over by whoever comes, and the next begins there', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/today`);
  await page.getByRole('link', { name: 'Hand-over' }).click();
  await expect(page.getByText('Handed over 07:39 by Odalys Reyes, not taken over yet.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What runs' })).toContainText('2 tailspot blenny of bag 10 in clean water');
  await ready(page, /^I take over from Odalys Reyes/);
  await page.getByRole('button', { name: /^I take over from Odalys Reyes/ }).click();
  await expect(page.getByText(/taken over 07:4\d by Bram Tell/)).toBeVisible();
  await page.getByLabel(/^What no record tells/).fill('The puffer ate.');
  await page.reload();
  await expect(page.getByLabel(/^What no record tells/)).toHaveValue('The puffer ate.');
  await ready(page, /^Hand over the shift/);
  await page.getByRole('button', { name: /^Hand over the shift/ }).click();
  await expect(page.getByText('Somebody else takes it over.')).toBeVisible();
  await expect(page.getByText('The puffer ate.')).toBeVisible();
});

test('a crate on one page: while it is open, weeks after, and one that never was', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByRole('row', { name: /^banggai cardinalfish/ })).toContainText('4 in G1, 4 in bag 1');
  await expect(page.getByText('9 bags are not landed yet.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What was odd' })).toContainText('bag 7 firefish: poor; bag foul');
  await page.goto(`${house.address}/dock/report?crate=pelican-25`);
  await expect(page.getByRole('row', { name: /^lawnmower blenny/ })).toContainText('1 in S2');
  await page.goto(`${house.address}/dock/report?crate=never`);
  await expect(page.getByText('There is no such crate')).toBeVisible();
});
