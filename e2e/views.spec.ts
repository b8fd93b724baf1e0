// Every view: nothing that axe finds, no error in the console, reachable by keyboard.
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './house.ts';

const VIEWS: (readonly [string, string])[] = [
  ['today', '/today'],
  ['dock', '/dock'],
  ['dock, a crate on its way', '/dock?crate=fern-0'],
  ['bench', '/bench'],
  ['rounds', '/rounds'],
  ['rounds, a suspect tank', '/rounds?tank=Q8'],
  ['room', '/room'],
  ['room by stage', '/room?stage=hold'],
  ['room, a tank chosen', '/room?tank=Q8'],
  ['room, edited', '/room?edit=1&tank=B6'],
  ['tank', '/tank/Q8'],
  ['tank, suspect and shared', '/tank/G4'],
  ['catch slips', '/room/moves'],
  ['tank labels', '/room/labels'],
  ['find', '/find?q=goby'],
  ['daybook', '/daybook'],
  ['shelf', '/shelf?species=six-line-wrasse'],
  ['shelf, a change', '/shelf?species=comet&open=edit'],
  ['shelf, taking in', '/shelf?open=import'],
  ['more', '/more'],
  ['you', '/you'],
  ...['waters', 'racks', 'suppliers', 'people', 'opening', 'tools', 'holds', 'rules', 'books'].map(
    (part) => [`house, ${part}`, `/house?part=${part}`] as const,
  ),
  ['packing list in', '/dock/list'],
];
const RULES = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

for (const [size, look, viewport] of [
  ['desk', 'day', { width: 1280, height: 800 }],
  ['desk', 'out', { width: 1280, height: 800 }],
  ['phone', 'day', { width: 390, height: 844 }],
] as const) {
  test(`axe finds nothing on any view, ${size}, look ${look}`, async ({ page, house }) => {
    await page.setViewportSize(viewport);
    await page.addInitScript((kept) => localStorage.setItem('daily-crate-look', kept), look);
    const problems: string[] = [];
    page.on('pageerror', (error) => problems.push(error.message));
    page.on('console', (message) => message.type() === 'error' && !message.text().includes('401') && problems.push(message.text()));
    const check = async (name: string) => {
      // The looks differ in colour only, so the second is judged by its contrast.
      const axe = new AxeBuilder({ page });
      const { violations, passes } = await (look === 'out' ? axe.withRules(['color-contrast']) : axe.withTags(RULES)).analyze();
      // It must have looked at something to have found nothing.
      expect(passes.length).toBeGreaterThan(look === 'out' ? 0 : 5);
      expect(violations.map(({ id, nodes }) => `${name}: ${id} ${nodes[0]!.html}`)).toEqual([]);
    };
    await page.goto(house.address);
    await expect(page.getByRole('button', { name: 'Ines Okafor' })).toBeVisible();
    await check('door');
    await page.getByRole('button', { name: 'Ines Okafor' }).click();
    await check('PIN');
    await house.signIn(page, 'Ines Okafor');
    // On a phone those that are laid out for it; the others are the desk's, narrower.
    const views =
      size === 'phone' ? VIEWS.filter(([, path]) => /^\/(today|dock|bench|rounds|more|room$|room\?tank|tank|find)/.test(path)) : VIEWS;
    for (const [name, path] of views) {
      await page.goto(house.address + path);
      await expect(page.locator('.stream-stages b').first()).not.toHaveText('–');
      await expect(page.locator('.station > *').first()).toBeVisible();
      await check(name);
    }
    await page.goto(`${house.address}/room?tank=F3`);
    await page.getByRole('button', { name: 'Move cherry barb' }).click();
    await page.getByRole('button', { name: /^Tank F10/ }).click();
    await page.getByRole('button', { name: /^Counts/ }).click();
    await expect(page.getByText('Clocks begin anew')).toBeVisible();
    await check('a move');
    await page.goto(`${house.address}/tank/Q8`);
    await page.getByRole('link', { name: 'banggai cardinalfish' }).first().click();
    await expect(page.getByText('Where it has been')).toBeVisible();
    await check('a lot');
    await page.goto(`${house.address}/dock`);
    await page.getByRole('button', { name: /^Soft or foul/ }).click();
    await check('landing, opened');
    await page.getByRole('link', { name: 'Choose a tank for bag 5' }).click();
    await page.getByRole('button', { name: /^Tank K1/ }).click();
    await check('choose a tank');
    await page.getByRole('button', { name: /^Put it in K1 all the same/ }).click();
    await check('overrule');
    await page.getByRole('button', { name: 'Leave it' }).click();
    await page.goto(`${house.address}/rounds`);
    await page
      .getByRole('button', { name: /^Something about/ })
      .first()
      .click();
    await check('a look, opened');
    await page.goto(`${house.address}/dock`);
    await page.getByRole('link', { name: 'Choose a tank for bag 5' }).click();
    await page.getByRole('button', { name: /^Tank G5/ }).click();
    await page.getByRole('button', { name: /^Put it in G5/ }).click();
    await expect(page.getByText(/best in/)).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: /^drip/ }).click();
    await check('which way');
    await page.keyboard.press('m');
    await expect(page.getByRole('heading', { name: 'Sums' })).toBeVisible();
    await check('sums');
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    await check('keys');
    await page.keyboard.press('Escape');
    await page.keyboard.press('.');
    await page.keyboard.type('B33 lost 2');
    await check('one line');
    expect(problems).toEqual([]);
  });
}
