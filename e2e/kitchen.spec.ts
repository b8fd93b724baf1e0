// The kitchen's morning on a phone: what is out already, the rest taken out, strained, and fed with its medicine; fish on their second day of it while others have their break.
import { finger } from './hand.ts';
import { expect, ready, test } from './house.ts';

test.slow();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('from the sheet to the tank: the batch thaws in the strip, and each lot is on its own day', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/rounds`);
  const hand = finger(page);
  await hand.press('link', 'Kitchen sheet');
  const courses = page.getByRole('region', { name: 'Medicated food' });
  await expect(courses.getByText('day 2 of 3', { exact: true }).first()).toBeVisible();
  await expect(courses.getByText('break, day 3 of 10', { exact: true }).first()).toBeVisible();
  // The sum stands there to be checked against the label.
  await expect(page.getByText('3.5 g × 2 mg = 7 mg', { exact: false })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('Chopped clam')).toBeVisible();

  const kitchen = page.getByRole('region', { name: 'In the kitchen' });
  await hand.press('button', 'Strained: frozen mysis');
  await expect(kitchen.getByText(/soaking until/)).toBeVisible();
  await hand.press('button', 'Soaked already: frozen mysis');
  await expect(kitchen.getByText(/soaking until/)).toHaveCount(0);
  const { seq } = await house.health();
  await ready(page, /^Take out/);
  await hand.press('button', /^Take out/);
  await expect(page.getByRole('button', { name: /Nothing more to take out/ })).toBeDisabled();
  await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(seq);

  // The medicated lot is fed by the round's one tap, and not a second time.
  await page.goto(`${house.address}/rounds?tank=F10`);
  await expect(page.getByText('frozen brine shrimp with antiworm food, day 2 of 3')).toBeVisible();
  await page.locator('.thumb .btn-act').tap();
  await page.goto(`${house.address}/rounds/kitchen`);
  await expect(courses.getByText('given today').first()).toBeVisible();
});

test('more than is there is asked about, and what is left is thrown away by one tap', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/rounds/kitchen`);
  const hand = finger(page);
  await hand.fill(page.getByLabel('Grams of frozen mysis'), '5000');
  await ready(page, /^Take out/);
  await hand.press('button', /^Take out/);
  await expect(page.getByText(/Only \d+ g of frozen mysis are here by the records/)).toBeVisible();
  await page.keyboard.press('Escape');
  await hand.press('button', 'Nothing left: chopped clam');
  await expect(page.getByRole('button', { name: 'Nothing left: chopped clam' })).toHaveCount(0);
});
