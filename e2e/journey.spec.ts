// The job once through, by mouse at a desk and by touch on a phone: land, choose a tank, float, net out,
// look next morning, and the records balance.
import type { Locator, Page } from '@playwright/test';
import { expect, expectStreamAddsUp, stage, test, type House } from './house.ts';

type Hand = { press: (what: Locator) => Promise<void>; go: (page: Page, station: string) => Promise<void> };

const mouse: Hand = {
  press: (what) => what.click(),
  go: (page, station) => page.getByRole('navigation', { name: 'Stations', exact: true }).getByRole('link', { name: station }).click(),
};
const touch: Hand = {
  press: (what) => what.tap(),
  go: async (page, station) => {
    const foot = page.getByRole('navigation', { name: 'Stations at the foot' });
    if ((await foot.getByRole('link', { name: station }).count()) > 0) return foot.getByRole('link', { name: station }).tap();
    await foot.getByRole('link', { name: 'More' }).tap();
    await page.getByRole('main').getByRole('link', { name: station }).tap();
  },
};

async function wholeJob(page: Page, house: House, { press, go }: Hand): Promise<void> {
  await house.signIn(page, 'Bram Tell');
  const before = { dock: await readStage(page, 'Dock'), quarantine: await readStage(page, 'Quarantine') };

  // Dock: one tap lands the next bag as listed; the bag after it comes to the front.
  await expect(page.getByText('6 green chromis')).toBeVisible();
  await expect(page.getByText('Bag sound, water clear, all 6 upright.')).toBeVisible();
  await press(page.getByRole('button', { name: /^Land 6/ }));
  await expect(page.getByText('bag 12 of 19')).toBeVisible();
  // The next one with one dead, a count and a temperature.
  await press(page.getByRole('button', { name: /^Dead in bag/ }));
  await page.getByLabel(/^Temperature/).fill('71F');
  await press(page.getByRole('button', { name: /^Land 5, 1 dead/ }));
  await expect(page.getByText('bag 13 of 19')).toBeVisible();
  await expect.poll(() => readStage(page, 'Dock')).toBe(before.dock + 11);
  await expectStreamAddsUp(page);

  // A tank for bag 11: the sale rack is refused with its reason, G3 is free.
  await press(page.getByRole('link', { name: 'Choose a tank for bag 11' }));
  await expect(page.getByRole('heading', { name: 'Choose a tank for bag 11' })).toBeAttached();
  await press(page.getByRole('button', { name: 'Show Cove rack all the same' }));
  await press(page.getByRole('button', { name: /^Tank C9/ }));
  await expect(page.getByText('Sale tank: only after its quarantine').last()).toBeVisible();
  await press(page.getByRole('button', { name: /^Tank G3/ }));
  await press(page.getByRole('button', { name: /^Put it in G3/ }));

  // The bench says which method is least stressful; it is followed.
  await press(page.getByRole('button', { name: /^Follow:/ }));

  // Float: the time from the gap and the bag's water, the step in salinity.
  // Bag 28, tank 33.5 ppt: over tolerance, so the tank was matched, and what it is now is written.
  await expect(
    page.getByRole('note').filter({ hasText: /a step up of 5\.\d ppt; they tolerate 2 ppt at once\. Bring tank and bag nearer/ }),
  ).toBeVisible();
  await page.getByLabel(/^Tank G3, salinity/).fill('29');
  await expect(page.getByRole('note').filter({ hasText: 'Bring tank and bag nearer' })).toHaveCount(0);
  await page.getByLabel(/^Bag, °C/).fill('22');
  await press(page.getByRole('button', { name: /^Start float \d+ min/ }));
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('Bag 11 float, G3')).toBeVisible();
  await expect.poll(() => readStage(page, 'Bench')).toBe(18);

  // Net out, half an hour later by the house clock.
  await house.close();
  await house.open('2026-03-03T08:15');
  await page.reload();
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('due').first()).toBeVisible();
  await page.goto(`${house.address}/bench`);
  await press(page.getByRole('link', { name: /6 green chromis.*due/ }));
  await press(page.getByRole('button', { name: /^Net out 6 into G3/ }));
  await expect.poll(() => readStage(page, 'Quarantine')).toBe(before.quarantine + 6);
  await expect(page.getByRole('link', { name: /6 green chromis/ })).toHaveCount(0);

  // Next morning: all well with one tap, then the tank with the newcomers and one found dead.
  await house.close();
  await house.open('2026-03-04T08:00');
  await page.goto(`${house.address}/rounds`);
  const left = page.getByRole('button', { name: /^Morning/ });
  const toLookAt = Number(/\d+/.exec((await left.textContent())!)![0]);
  await press(page.getByRole('button', { name: /^All well/ }));
  await expect(left).toContainText(`${toLookAt - 1} to check`);
  await press(page.getByRole('button', { name: /^G3, to check/ }));
  await press(page.getByRole('button', { name: 'Something about green chromis' }));
  await press(page.getByRole('button', { name: 'clamped fins' }));
  await press(page.getByRole('button', { name: 'one dead found more' }));
  await press(page.getByRole('button', { name: 'ate', exact: true }));
  await press(page.getByRole('button', { name: /^Save what is odd/ }));
  await expect(left).toContainText(`${toLookAt - 2} to check`);
  await expect(page.getByRole('button', { name: /^G3, odd/ })).toBeVisible();
  await expect.poll(() => readStage(page, 'Quarantine')).toBe(before.quarantine + 5);
  await expectStreamAddsUp(page);

  // The logbook tells it in words; undo takes the look, the loss and the meal back together.
  await go(page, 'Logbook');
  await expect(page.getByText('1 green chromis dead in G3, cause not known')).toBeVisible();
  await press(page.getByRole('listitem').filter({ hasText: 'Morning health check of G3' }).getByRole('button', { name: 'Undo' }).first());
  await expect.poll(() => readStage(page, 'Quarantine')).toBe(before.quarantine + 6);
  expect(await house.health()).toMatchObject({ ok: true });
}

const readStage = async (page: Page, name: string) => {
  await expect(page.locator('.stream-stages b').first()).not.toHaveText('–');
  return stage(page, name);
};

test('the whole job by mouse at 1280×800', async ({ page, house }) => {
  await wholeJob(page, house, mouse);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('the whole job by touch at 390×844', async ({ page, house }) => {
    await wholeJob(page, house, touch);
  });

  test('the main action is at the thumb, large, and alone', async ({ page, house }) => {
    await house.signIn(page, 'Bram Tell');
    for (const [path, name] of [
      ['/dock', /^Land 6/],
      ['/bench', /^Net out/],
      ['/rounds', /^All well/],
    ] as const) {
      await page.goto(house.address + path);
      // What stands in clean water comes before what floats.
      if (path === '/bench') await page.getByRole('link', { name: /afloat in G1/ }).tap();
      const action = page.getByRole('button', { name });
      const box = (await action.boundingBox())!;
      expect(box.height).toBeGreaterThanOrEqual(72);
      expect(box.width).toBeGreaterThan(330);
      expect(box.y).toBeGreaterThan(844 * 0.55);
      const foot = (await page.locator('.foot').boundingBox())!;
      expect(box.y + box.height).toBeLessThanOrEqual(foot.y);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
    await touch.go(page, 'Logbook');
    await page.getByRole('button', { name: 'Sign out' }).tap();
    await expect(page.getByText('Who is here?')).toBeVisible();
  });
});
