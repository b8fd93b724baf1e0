// A tank's water is read: several quantities in the units of the meters at hand, on the tank's page, on the round, and in one line.
import { findings } from './findings.ts';
import { expect, ready, test } from './house.ts';

test('readings of a tank: what is far off is asked about, the last ones stand beside the fields', async ({ page, house }) => {
  await house.signIn(page, 'Pia Lund');
  await page.goto(`${house.address}/tank/F2`);
  await expect(page).toHaveTitle('F2 · Tank · Daily Crate');
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await page.getByLabel(/^Temperature/).fill('78F');
  await page
    .getByLabel(/^PH|^pH/i)
    .first()
    .fill('6.8');
  await page.getByRole('textbox', { name: /^Ammonia/ }).fill('0.25 NH4');
  await page.getByRole('textbox', { name: /^Nitrite/ }).fill('much');
  await expect(page.getByText(/Write a number/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Readings/ })).toBeDisabled();
  await page.getByRole('textbox', { name: /^Nitrite/ }).fill('0.1');
  expect(await findings(page)).toEqual([]);
  await page.getByLabel('Nitrite read with').selectOption('nitrite drops');
  await page.getByLabel('pH read with').selectOption('pH pen');
  await page.getByLabel('Meter or test, temperature').fill('the blue meter');
  // A keyboard ends it: Enter in a field is this form's.
  await page.getByRole('textbox', { name: /^Nitrite/ }).press('Enter');
  await expect(page.getByText(/pH 6.8/).first()).toBeVisible();
  await expect(page.getByLabel(/^Temperature/)).toBeHidden();
  const { seq } = await house.health();

  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByText(/^25.6 °C on .*Pia Lund/)).toBeVisible();
  await page.getByLabel(/^Temperature/).fill('39');
  await expect(page.getByText(/Temperature 39.0 °C, and 25.6 °C before/)).toBeVisible();
  // Each quantity has its own.
  await expect(page.getByLabel('Meter or test, temperature')).toHaveValue('the blue meter');
  await page
    .getByLabel(/^PH|^pH/i)
    .first()
    .fill('6.9');
  await expect(page.getByLabel('pH read with')).toHaveValue('pH pen');
  await page
    .getByLabel(/^PH|^pH/i)
    .first()
    .fill('');
  expect((await house.health()).seq).toBe(seq);
  // Typed and left: it is there when the form is opened again.
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await expect(page.getByLabel(/^Temperature/)).toHaveValue('39');
});

test('on a phone, on the round and in one line', async ({ page, house }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/rounds?tank=F2`);
  await page.getByText('Read its water?').click();
  await page.getByLabel(/^Temperature/).fill('25.4');
  await ready(page, /^1 reading/);
  await page.getByLabel(/^Temperature/).press('Enter');
  await expect(page.getByLabel(/^Temperature/)).toBeHidden();
  // The round itself was not saved by that Enter.
  await expect(page.locator('.rounds-checkCard .big')).toHaveText('F2');
  await page.goto(`${house.address}/rounds?tank=NOPE`);
  await expect(page.getByText('NOPE is not on this walk')).toBeVisible();
  await page.goto(`${house.address}/nowhere`);
  await expect(page.getByText('There is no such page')).toBeVisible();
});
