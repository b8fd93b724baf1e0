// A day of rounds on a phone, morning to evening: the kitchen thaws, the kit is carried, the walk feeds and checks, one lies dead and is photographed, its system's
// ammonia is over the limit, water is changed by the litres that were worked out, and it is read again in time.
import { fromCamera } from './camera.ts';
import { finger } from './hand.ts';
import { action, expect, ready, test } from './house.ts';

test.slow();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('from the kitchen sheet to the evening: fed, one dead, ammonia over its limit, changed by what was worked out, read again', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Odalys Reyes');
  const hand = finger(page);
  const go = (where: string) => page.goto(`${house.address}${where}`);
  const seqMoves = async (act: () => Promise<void>) => {
    const { seq } = await house.health();
    await act();
    await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(seq);
  };

  // The kitchen: the new order's fish are on their second day of medicated food while the last order's have their break.
  await go('/rounds/kitchen');
  const courses = page.getByRole('region', { name: 'Medicated food' });
  await expect(courses.getByText('day 2 of 3', { exact: true }).first()).toBeVisible();
  await expect(courses.getByText('break, day 3 of 10', { exact: true }).first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('Chopped clam')).toBeVisible();
  await ready(page, /^Take out/);
  await seqMoves(() => hand.press('button', /^Take out/));

  // What is carried, then the walk: one tap says well, fed, all ate.
  await go('/rounds');
  await hand.press('link', 'Chores');
  await expect(page.getByRole('region', { name: 'To carry' })).toBeVisible();
  await go('/rounds');
  const code = page.locator('.rounds-checkCard .big');
  await expect(code).toHaveText('A1');
  await ready(page, /^All well, fed/);
  await seqMoves(() => action(page).tap());
  await expect(code).not.toHaveText('A1');

  // One lies dead in C1, with a photograph.
  await go('/rounds?tank=C1');
  await page
    .getByRole('button', { name: /^Something about / })
    .first()
    .tap();
  await page.getByRole('button', { name: 'one dead found more' }).first().tap();
  await page.getByRole('group', { name: 'Found', exact: true }).getByRole('button').first().tap();
  const picture = page.getByLabel(/^Picture file for the dead/).first();
  await seqMoves(async () =>
    picture.setInputFiles({ name: 'dead.jpg', mimeType: 'image/jpeg', buffer: await fromCamera(page, { width: 1600, height: 1200 }) }),
  );
  const lost = Number(/lost in 7 days (\d+)/.exec(await page.locator('body').innerText())![1]);
  await expect(action(page)).toBeEnabled();
  await seqMoves(() => action(page).tap());
  await expect(page.getByText(`lost in 7 days ${lost + 1}`)).toBeVisible();

  // A death asks for the system's ammonia; it is over its limit, and that is said before it is written.
  await go('/today');
  await expect(page.getByText(/C1.*ammonia|ammonia.*C1/i).first()).toBeVisible();
  await go('/rounds/water?tank=C1');
  await hand.fill(page.locator('#reading-pH'), '8.1');
  await hand.fill(page.locator('#reading-temperature'), '25');
  await page.getByRole('combobox', { name: 'Ammonia read with', exact: true }).selectOption('ammonia drops');
  // Drops that read NH4: 1.29 of it is 1 of nitrogen.
  await hand.fill(page.locator('#reading-ammonia'), '1.288');
  await expect(page.getByText('= 1 mg/L N', { exact: false })).toBeVisible();
  await expect(page.getByText(/^Ammonia 1 mg\/L N: its toxic part is 0\.05\d mg\/L N, over its limit of 0\.05/)).toBeVisible();
  await hand.press('button', /^3 readings/);
  const over = page.getByRole('region', { name: 'Ammonia over its limit' });
  await expect(over.getByText(/times|brings it to/).first()).toBeVisible();

  // Unread water is asked about; read, the system becomes what stands there.
  await over.getByLabel(/^Salinity of the new water/).fill('34');
  await over.getByLabel(/^Temperature of the new water/).fill('25');
  await over.getByLabel(/^pH of the new water/).fill('8.1');
  await expect(over.getByText(/^It becomes: ammonia 0\.\d+ mg\/L N; 3\d(\.\d)? ppt; 25\.0 °C\.$/)).toBeVisible();
  await over.getByRole('button', { name: 'Feed less' }).tap();
  await seqMoves(() => over.getByRole('button', { name: /^Changed \d+ L, read again/ }).tap());
  await expect(over.getByText('To be read again', { exact: false })).toBeVisible();
  await expect(page.getByText(/^Feed less until ammonia is read again/)).toBeVisible();
  await go('/rounds/kitchen');
  await expect(page.getByRole('rowheader', { name: /C1 half/ }).first()).toBeVisible();

  // In the evening it is due, read, and over.
  await house.close();
  await house.open('2026-03-03T18:05');
  await go('/today');
  await expect(page.getByText('Test again: ammonia, Cove water')).toBeVisible();
  await page.keyboard.press('.');
  await page.getByLabel('What you want to write down').fill('C1 ammonia 0.2 ph 8.1');
  await expect(page.getByText(/^Understood:/)).toBeVisible();
  await seqMoves(() => page.getByRole('button', { name: 'Write it' }).tap());
  await go('/rounds/water?tank=C1');
  await expect(page.getByRole('region', { name: 'Ammonia over its limit' })).toHaveCount(0);
  await expect(page.getByText(/^Feed less/)).toHaveCount(0);
  await go('/rounds?round=evening');
  await expect(page.getByRole('button', { name: /Evening/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(code).toBeVisible();
  await ready(page, /^All well/);
  await seqMoves(() => action(page).tap());
});

test('nothing done has a reason, an ammonia binder is not offered beside copper, and a trainee may not say nothing', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Pia Lund');
  const hand = finger(page);
  await page.goto(`${house.address}/rounds/water?tank=Q1`);
  await hand.fill(page.locator('#reading-ammonia'), '1');
  await hand.fill(page.locator('#reading-pH'), '8.1');
  await expect(page.getByText(/^Copper is in this system: it disturbs/)).toBeVisible();
  await hand.press('button', /^2 readings/);
  const over = page.getByRole('region', { name: 'Ammonia over its limit' });
  await expect(over.getByRole('button', { name: 'More air' })).toBeVisible();
  await expect(over.getByRole('button', { name: 'Ammonia bound' })).toHaveCount(0);
  await expect(over.getByRole('button', { name: 'Nothing' })).toHaveCount(0);
  await over.getByRole('button', { name: 'More air' }).tap();
  await over.getByRole('button', { name: /^More air, read again/ }).tap();
  await expect(over.getByText('To be read again', { exact: false })).toBeVisible();
});
