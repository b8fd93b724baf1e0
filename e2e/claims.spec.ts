// A claim inside its hours: from the bag to the letter, sent, answered; and the supplier's rule where nobody knew it.
import { expect, ready, test } from './house.ts';

test('what was dead or short is claimed in its hours, answered, and grows with the next bag', async ({ page, house }) => {
  await house.signIn(page, 'Ines Okafor');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('link', { name: /^Claim it: 1 dead, 3 short, 2 other than listed/ }).click();
  await expect(page.getByText(/Their hours end 18:40/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Claim, Pelican Yard, marine/ })).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Letter as PDF' }).click()]);
  expect(file.suggestedFilename()).toBe('claim Pelican Yard, marine.pdf');
  await ready(page, /^It is sent/);
  await page.getByRole('button', { name: /^It is sent/ }).click();
  await expect(page.getByText(/^Sent, not answered yet/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Claim, Pelican Yard/ })).toHaveCount(0);
  // One more is dead: the letter has other figures, and it is asked for again.
  await page.goto(`${house.address}/dock`);
  await ready(page, /^Land 6/);
  await page.getByRole('button', { name: /^Dead in bag/ }).click();
  await ready(page, /^Land 5, 1 dead/);
  await page.getByRole('button', { name: /^Land 5, 1 dead/ }).click();
  await page.getByRole('link', { name: /^Claim it: 2 dead, 3 short/ }).click();
  await expect(page.getByText(/^Its figures have changed since it was sent/)).toBeVisible();
  await ready(page, /^It is sent/);
  await page.getByRole('button', { name: /^It is sent/ }).click();
  await expect(page.getByText(/^Sent, not answered yet/)).toBeVisible();
  await page.getByRole('button', { name: 'credit', exact: true }).click();
  await page.getByLabel('How much').fill('31,50');
  await page.getByLabel('Currency').fill('eur');
  await ready(page, /^They answered: credit/);
  await page.getByRole('button', { name: /^They answered: credit/ }).click();
  await expect(page.getByText(/^Credited/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'What became of it' })).toContainText('credit 31.5 EUR');
});

test('a supplier that nobody knows much of: asked, and put right on a phone', async ({ page, house }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('button', { name: /^Fernhollow Hatchery/ }).click();
  await page.getByRole('button', { name: /^Ask Fernhollow Hatchery: \d things not known/ }).click();
  await expect(page.getByLabel('The letter, ready to send')).toHaveValue(/pH of the water when it was packed/);
  await page.getByRole('button', { name: 'Put its name, dates, water or answers right' }).click();
  await page.getByText('What they answered besides').click();
  await page.getByLabel('pH as stated').fill('7.1');
  await page.getByLabel('Last meal, when and what').fill('Monday evening, flake');
  await page.getByRole('button', { name: 'oxygen', exact: true }).click();
  await page.getByRole('button', { name: 'It is so', exact: true }).click();
  await expect(
    page.getByText(/Stated by Fernhollow Hatchery:.*pH 7\.1; packed with oxygen; last meal: Monday evening, flake/),
  ).toBeVisible();
  await page.goto(`${house.address}/house?part=suppliers`);
  await page.getByRole('button', { name: 'Change Dun Cow Breeders' }).click();
  await page.getByLabel('Claims within so many hours').fill('999');
  await page.getByRole('button', { name: 'Dun Cow Breeders is so' }).click();
  await expect(page.getByText('A number from 0.25 to 720.')).toBeVisible();
  await page.getByLabel('Claims within so many hours').fill('2');
  await page.getByLabel('Salinity, with its reference').fill('0.2');
  // It is there after a reload, and sent then.
  await page.reload();
  await page.getByRole('button', { name: 'Change Dun Cow Breeders' }).click();
  await expect(page.getByLabel('Claims within so many hours')).toHaveValue('2');
  await page.getByRole('button', { name: 'Dun Cow Breeders is so' }).click();
  await expect(
    page.getByText(/within 2 h of the box coming, from 1 dead on|within 120 min of the box coming, from 1 dead on/),
  ).toBeVisible();
});
