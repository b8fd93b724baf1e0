// Feeding: a whole round by one tap a tank, what is otherwise costs the difference, and a walk that only feeds; on a phone.
import { finger } from './hand.ts';
import { expect, ready, test } from './house.ts';

test.slow();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a round of all tanks: one tap says well, fed, all ate; another word for a lot is one tap more', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/rounds`);
  const hand = finger(page);
  const act = page.locator('.thumb .btn-act');
  const code = page.locator('.rounds-checkCard .big');
  const total = Number(/(\d+) of (\d+) done/.exec(await page.getByText(/\d+ of \d+ done/).innerText())![2]);
  let [taps, plain, tanks, watched] = [0, 0, 0, 0];
  const { seq } = await house.health();
  while ((await code.count()) > 0 && tanks < total) {
    const here = await code.innerText();
    // Whoever is to be watched is asked about by name; their strokes are one tap each.
    const asks = await page.getByText(/: watch how they take it$/).count();
    watched += asks;
    for (let lot = 0; lot < asks; lot += 1) {
      await page
        .getByRole('group', { name: /watch how they take it$/ })
        .nth(lot)
        .getByRole('button', { name: 'ate' })
        .tap();
      taps += 1;
    }
    await expect(act).toBeEnabled();
    await act.tap();
    taps += 1;
    tanks += 1;
    if (asks === 0) plain += 1;
    await expect(code.filter({ hasText: new RegExp(`^${here}$`) })).toHaveCount(0);
  }
  expect(tanks).toBe(total);
  console.log(`${tanks} tanks fed and checked by ${taps} taps; ${plain} of them by one each`);
  // A tank in which everybody ate last time costs one tap; whoever did not is asked about, and costs one more.
  expect(plain).toBeGreaterThan(tanks / 3);
  expect(taps - tanks).toBe(watched);
  await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(seq + total);
  await page.goto(`${house.address}/rounds/feed`);
  await expect(page.getByText(/No meal is due|tanks? to feed/)).toBeVisible();
  await hand.press('link', 'To the round');
});

test('a walk that only feeds: one tap a tank, no health check, and one that left its food is said so', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/rounds/feed`);
  const due = async () => Number(/^(\d+) tank/.exec(await page.getByText(/tanks? to feed\./).innerText())![1]);
  const before = await due();
  const code = page.locator('.rounds-checkCard .big');
  const first = await code.innerText();
  await page.getByRole('button', { name: 'ignored' }).first().tap();
  await ready(page, /^Fed/);
  await page.getByRole('button', { name: /^Fed/ }).tap();
  await expect(code).not.toHaveText(first);
  await expect.poll(due).toBeLessThan(before);
  await page.goto(`${house.address}/rounds?tank=${first}`);
  await expect(page.getByText('ignored').first()).toBeVisible();
  // Checked it was not: the round still has it.
  await expect(page.getByText(/^Checked by/)).toHaveCount(0);
});

test('a food is changed, a slip of the pen refused in words, and one let go', async ({ page, house }) => {
  await house.signIn(page, 'Ines Okafor');
  await page.goto(`${house.address}/house?part=foods`);
  const foods = page.getByRole('region', { name: 'Foods' });
  await foods.getByRole('button', { name: 'Change frozen mysis' }).tap();
  await foods.getByLabel('Thaws for, h').first().fill('200');
  await foods.getByRole('button', { name: 'frozen mysis is so' }).tap();
  await expect(foods.getByText('A number from 0 to 72.')).toBeVisible();
  await foods.getByLabel('Thaws for, h').first().fill('3');
  await foods.getByRole('button', { name: 'frozen mysis is so' }).tap();
  await expect(foods.getByText(/thaws 3 h/)).toBeVisible();
  await foods.getByRole('button', { name: 'Change grazing paste' }).tap();
  await foods.getByRole('button', { name: 'grazing paste is not kept any more' }).tap();
  await expect(foods.getByText('grazing paste', { exact: true })).toHaveCount(0);
});
