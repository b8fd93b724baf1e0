// A box that stands on nobody's list is taken in, and its bags are landed as what they are.
import { expect, test } from './house.ts';

test('a box from nobody’s list: taken in, its first bag landed', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('button', { name: 'A box or bag without a list' }).click();
  await expect(page.getByRole('button', { name: /^It is here/ })).toBeDisabled();
  await page.getByRole('combobox', { name: 'From' }).selectOption({ label: 'Pelican Yard Imports' });
  await page.getByRole('textbox', { name: 'Closed for about so many hours' }).fill('30');
  await page.getByRole('button', { name: /^It is here/ }).click();
  await expect(page.getByText('Nobody listed its bags')).toBeVisible();
  const { inHouse } = await house.health();
  await page.getByRole('button', { name: /^A bag on no list/ }).click();
  await page.getByLabel(/^What is in the bag/).fill('six lines');
  await page.getByRole('button', { name: 'six-line wrasse' }).click();
  await page.getByRole('button', { name: /^Land 1/ }).click();
  await expect(page.getByText(/six-line wrasse/).first()).toBeVisible();
  await expect.poll(async () => (await house.health()).inHouse).toBe(inHouse + 1);
});
