// Every view: nothing that axe finds, no error in the console, reachable by keyboard.
import type { Page } from '@playwright/test';
import { findings } from './findings.ts';
import { expect, test, type House } from './house.ts';
import { isForPhone, openView, VIEWS } from './views.ts';

type Size = 'desk' | 'phone';
type Check = (name: string) => Promise<void>;
type Walk = (page: Page, house: House, look: { check: Check; size: Size }) => Promise<void>;

const SIZES = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;

const setTheme = (page: Page, theme: 'day' | 'out') => page.evaluate((to) => void (document.documentElement.dataset.theme = to), theme);

/** Every address as it opens, in two halves: the longest test is what the others wait for. */
const everyView =
  (half: 0 | 1): Walk =>
  async (page, house, { check, size }) => {
    if (half === 0) {
      await page.goto(house.address);
      await expect(page.getByRole('button', { name: 'Ines Okafor' })).toBeVisible();
      await check('door');
      await page.getByRole('button', { name: 'Ines Okafor' }).click();
      await check('PIN');
    }
    await house.signIn(page, 'Ines Okafor');
    // On a phone those that are laid out for it; the others are the desk's, narrower.
    const views = size === 'phone' ? VIEWS.filter(([, path]) => isForPhone(path)) : VIEWS;
    for (const [name, path] of views.filter((_, index) => index % 2 === half)) {
      await openView(page, house, path);
      await check(name);
    }
  };

/** What opens under the hand. */
const everyPart: Walk = async (page, house, { check }) => {
  await house.signIn(page, 'Ines Okafor');
  await page.goto(`${house.address}/bench`);
  await page
    .getByRole('link', { name: /silver mono/ })
    .first()
    .click();
  await expect(page.getByRole('img', { name: /now calculated/ })).toBeVisible();
  for (const panel of ['steps', 'drip', 'read', 'signs', 'watch']) {
    await page.getByRole('group', { name: 'What is in hand' }).getByRole('button', { name: panel, exact: true }).click();
    if (panel === 'steps') await page.getByText('Something else was done').click();
    await check(`a run, ${panel}`);
  }
  await page.getByRole('group', { name: 'What is in hand' }).getByRole('button', { name: 'steps', exact: true }).click();
  await page.getByRole('button', { name: 'release before it is there' }).click();
  await check('letting go');
  await page.getByRole('button', { name: 'read now' }).click();
  await expect(page.getByRole('textbox', { name: /^Salinity/ })).toBeVisible();
  await page.goto(`${house.address}/bench?runs=all`);
  await expect(page.getByRole('list', { name: 'Vessels side by side' })).toBeVisible();
  await check('vessels side by side');
  await page.goto(`${house.address}/bench`);
  await page
    .getByRole('link', { name: /silver mono/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'print the sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Long conversion' })).toBeVisible();
  await check('the run sheet');
  await page.goto(`${house.address}/room?tank=F3`);
  await page.getByRole('button', { name: 'Move cherry barb' }).click();
  await page.getByRole('button', { name: /^Tank F10/ }).click();
  await page.getByRole('button', { name: /^Counts/ }).click();
  await expect(page.getByText('Clocks restart')).toBeVisible();
  await check('a move');
  await page.goto(`${house.address}/tank/Q8`);
  await page.getByRole('link', { name: 'banggai cardinalfish' }).first().click();
  await expect(page.getByText('Where it has been')).toBeVisible();
  await check('a lot');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('button', { name: /^Soft or foul/ }).click();
  await check('landing, opened');
  await page.getByRole('link', { name: 'Choose a tank for bag 5' }).click();
  await page.getByRole('button', { name: /^Tank Q8/ }).click();
  await check('choose a tank');
  await page.getByRole('button', { name: /^Put it in Q8 all the same/ }).click();
  await check('overrule');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.goto(`${house.address}/rounds`);
  await page
    .getByRole('button', { name: /^Something about/ })
    .first()
    .click();
  await check('a health check, opened');
  await page.goto(`${house.address}/dock`);
  await page.getByRole('link', { name: 'Choose a tank for bag 5' }).click();
  await page.getByRole('button', { name: /^Tank G5/ }).click();
  await page.getByRole('button', { name: /^Put it in G5/ }).click();
  await expect(page.getByText(/best in/)).toBeVisible();
  await page.getByRole('button', { name: /^drip/ }).click();
  await check('which way');
  await page.keyboard.press('m');
  await expect(page.getByRole('heading', { name: 'Calculators' })).toBeVisible();
  await check('calculators');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await check('keys');
  await page.keyboard.press('Escape');
  await page.keyboard.press('.');
  await page.keyboard.type('B33 lost 2');
  await check('one line');
};

for (const size of ['desk', 'phone'] as const)
  for (const [what, walk] of [
    ['every second view', everyView(0)],
    ['the other views', everyView(1)],
    ['what opens in it', everyPart],
  ] as const)
    test(`axe finds nothing on ${what}, ${size}`, async ({ page, house }) => {
      await page.setViewportSize(SIZES[size]);
      const problems: string[] = [];
      page.on('pageerror', (error) => problems.push(error.message));
      page.on('console', (message) => message.type() === 'error' && !message.text().includes('401') && problems.push(message.text()));
      await walk(page, house, {
        size,
        check: async (name) => {
          const found = { name, day: await findings(page), out: [] as string[] };
          // The looks differ in colour only, and no size changes a colour.
          if (size === 'desk') {
            await setTheme(page, 'out');
            found.out = await findings(page, 'only');
            await setTheme(page, 'day');
          }
          expect(found).toEqual({ name, day: [], out: [] });
        },
      });
      expect(problems).toEqual([]);
    });

test('a device that was set to lights-out opens so', async ({ page, house }) => {
  await page.addInitScript(() => localStorage.setItem('daily-crate-theme', 'out'));
  await page.goto(house.address);
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'out');
});
