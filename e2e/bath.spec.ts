// A first-aid bath as a run.
import { action, expect, test } from './house.ts';

test('a first-aid bath for a fish of a tank: the label’s amount, refused for a shrimp, timed, and back where it came from', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Odalys Reyes');
  const fill = async (salinity: string) => {
    await page.getByLabel('Name on the label').fill('dye bath');
    await page.getByLabel('The label says').fill('1');
    await page.getByRole('textbox', { name: /^Water in the bath/ }).fill('5 L');
    await page.getByRole('textbox', { name: /^The bath’s water/ }).fill('25 C');
    await page.getByRole('textbox', { name: /^Its salinity/ }).fill(salinity);
  };
  await page.goto(`${house.address}/tank/B3`);
  await page.getByRole('listitem').filter({ hasText: 'cherry shrimp' }).getByRole('button', { name: 'first-aid bath' }).click();
  await fill('0.3 ppt');
  await action(page).click();
  await expect(page.getByText(/No bath for invertebrates/).first()).toBeVisible();

  await page.goto(`${house.address}/tank/C2`);
  await page.getByRole('listitem').filter({ hasText: 'royal gramma' }).getByRole('button', { name: 'first-aid bath' }).click();
  await fill('34 ppt');
  await expect(page.getByText('0.5 mL = 1 mL × 5 L ÷ 10 L = 0.5 mL')).toBeVisible();
  await action(page).click();
  await expect(page.getByText(/royal gramma for C2/)).toBeVisible();
  await expect(
    page
      .getByText('30:00')
      .or(page.getByText(/^29:5\d$/))
      .first(),
  ).toBeVisible();
  await action(page).click();
  await expect(action(page)).toHaveText(/^Release into C2/);
  await action(page).click();
  await action(page).click();
  await expect(page.getByText(/royal gramma for C2/)).toHaveCount(0);
  await page.goto(`${house.address}/tank/C2`);
  await expect(page.getByText(/royal gramma/).first()).toBeVisible();
});

test('a refused bath for a bag keeps its form', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('link', { name: 'Choose a tank for bag 3' }).click();
  await page.getByRole('button', { name: /^Tank G3/ }).click();
  await page.getByRole('button', { name: /^Put it in G3/ }).click();
  await page.getByRole('button', { name: 'first-aid bath' }).click();
  const salinity = page.getByRole('textbox', { name: /^Its salinity/ });
  await page.getByLabel('Name on the label').fill('dye bath');
  await page.getByLabel('The label says').fill('1');
  await page.getByRole('textbox', { name: /^Water in the bath/ }).fill('5 L');
  await page.getByRole('textbox', { name: /^The bath’s water/ }).fill('12 C');
  await salinity.fill('12 ppt');
  await action(page).click();
  await expect(page.getByRole('dialog')).toContainText(/away from theirs/);
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(salinity).toHaveValue('12 ppt');
  await expect(page.getByLabel('Name on the label')).toHaveValue('dye bath');
});
