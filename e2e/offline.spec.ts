// The house goes away, and comes back: pages reload and open all the same, say of when they are, and what is entered is sent later.
import { expect, test } from './house.ts';

test.use({ serviceWorkers: 'allow' });

test('a reload while the house is away: every station opens as last seen, and what is landed is sent when it is back', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Bram Tell');
  await expect(page.getByText('bag 11', { exact: false }).first()).toBeVisible();
  // The shell is kept, and the stations have been read ahead and written down.
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            const opening = indexedDB.open('daily-crate-seen');
            opening.onsuccess = () => {
              const counting = opening.result.transaction('seen').objectStore('seen').count();
              counting.onsuccess = () => (opening.result.close(), resolve(counting.result));
            };
          }),
      ),
    )
    .toBeGreaterThan(11);
  const before = await house.health();
  await house.close();

  await page.reload();
  await expect(page.locator('.away-bar')).toContainText(/As it was seen 07:4\d/);
  await expect(page.getByText(/Do not reload/)).toHaveCount(0);
  for (const [station, says] of [
    ['Today', /wait for water/],
    ['Bench', /float/i],
    ['Rounds', /All well/],
    ['Room', /Alder rack/],
    ['Species', /Pterapogon kauderni/],
    ['House', /Racks/],
    ['Logbook', /Written/],
  ] as const) {
    await page.getByRole('navigation', { name: 'Stations', exact: true }).getByRole('link', { name: station }).click();
    await expect(page.locator('main')).toContainText(says);
  }
  await page.getByRole('navigation', { name: 'Stations', exact: true }).getByRole('link', { name: 'Dock' }).click();
  await page.getByRole('button', { name: /^Land 6/ }).click();
  await expect(page.getByText(/1 waiting/).first()).toBeVisible();
  // Once more in the middle: what was entered is still there.
  await page.reload();
  await expect(page.getByText(/1 waiting/).first()).toBeVisible();
  // A page that nobody has seen here says so.
  await page.goto(`${house.address}/tank/A1`);
  await expect(page.getByText(/has not been seen on this device before/)).toBeVisible();

  await house.open('2026-03-03T07:55');
  await page.goto(`${house.address}/dock`);
  await expect(page.getByText(/1 waiting/)).toHaveCount(0);
  await expect(page.locator('.away-bar')).toHaveCount(0);
  await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(before.seq);
});

test('who signs out leaves nothing behind on the device', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.getByRole('button', { name: 'Sign out' }).click();
  if (await page.getByRole('button', { name: 'Sign out all the same' }).isVisible()) {
    await page.getByRole('button', { name: 'Sign out all the same' }).click();
  }
  await expect(page.getByRole('button', { name: 'Odalys Reyes' })).toBeVisible();
  await house.close();
  await page.reload();
  await expect(page.getByText(/does not answer/).first()).toBeVisible();
  await expect(page.getByText(/Bram Tell/)).toHaveCount(0);
});
