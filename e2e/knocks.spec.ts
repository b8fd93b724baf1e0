// Two screens, a network that goes away, and things done wrong on purpose.
import { expect, pressEnter, stage, test } from './house.ts';

test('a second screen shows a landing by itself, and landing it again says who was quicker', async ({ browser, page, house }) => {
  await house.signIn(page, 'Bram Tell');
  const otherPage = await (await browser.newContext()).newPage();
  await house.signIn(otherPage, 'Ines Okafor');
  await expect(otherPage.getByText('bag 11 of 19')).toBeVisible();
  await page.getByRole('button', { name: /^Land 6/ }).click();
  await expect(otherPage.getByText('bag 12 of 19')).toBeVisible();

  // The other screen loses its live stream and does not see the next landing: its own is refused, in words.
  await otherPage.route('**/api/views/**', (route) => route.abort());
  await otherPage.route('**/api/live', (route) => route.abort());
  await page.getByRole('button', { name: /^Land 6/ }).click();
  await expect(page.getByText('bag 13 of 19')).toBeVisible();
  await otherPage.unroute('**/api/live');
  await otherPage.getByRole('button', { name: /^Land 6/ }).click();
  await expect(otherPage.getByText(/Bag 12 is landed already: Bram Tell did it at 07:4\d/)).toBeVisible();
  await otherPage.unroute('**/api/views/**');
  await otherPage.getByRole('link', { name: '1 refused' }).click();
  await otherPage.getByRole('main').getByRole('button', { name: 'Discard' }).click();
  await expect(otherPage.getByRole('heading', { name: 'Not written yet' })).toHaveCount(0);
  await otherPage.context().close();
});

test('what is entered while the house is away stays, shows as waiting, and arrives once', async ({ context, page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  const { seq } = await house.health();
  await context.setOffline(true);
  for (const bag of [12, 13, 14]) {
    await pressEnter(page, /^Land/);
    await expect(page.getByText(`bag ${bag} of 19`)).toBeVisible();
  }
  await expect(page.getByText('house away · 3 waiting')).toBeVisible();
  expect((await house.health()).seq).toBe(seq);
  await context.setOffline(false);
  await expect(page.getByText(/waiting/)).toHaveCount(0);
  await expect.poll(async () => (await house.health()).seq).toBe(seq + 3);
  await page.reload();
  await expect(page.getByText('bag 14 of 19')).toBeVisible();
  await expect(page.getByText(/waiting/)).toHaveCount(0);
});

test('a reload while the server is down loses nothing', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  await house.close();
  await pressEnter(page, /^Land/);
  await expect(page.getByText('house away · 1 waiting')).toBeVisible();
  await house.open('2026-03-03T07:50');
  await page.reload();
  await expect(page.getByText('bag 12 of 19')).toBeVisible();
  await expect.poll(() => stage(page, 'Dock')).toBe(15);
});

test('two receivers land the same bag in the same moment: one has it, the other is told', async ({ browser, page, house }) => {
  await house.signIn(page, 'Bram Tell');
  const context = await browser.newContext();
  const otherPage = await context.newPage();
  await house.signIn(otherPage, 'Odalys Reyes');
  const { seq } = await house.health();
  // Both taps are held on their way until both are made.
  let letGo: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => (letGo = resolve));
  for (const open of [page, otherPage]) {
    await open.route('**/api/journal', async (route) => {
      await gate;
      await route.continue();
    });
    await open.getByRole('button', { name: /^Land 6/ }).click();
    await expect(open.getByText('bag 12 of 19')).toBeVisible();
  }
  letGo();
  await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(seq);
  const told = async () =>
    (await page.getByText(/Bag 11 is landed already: Odalys/).count()) +
    (await otherPage.getByText(/Bag 11 is landed already: Bram/).count());
  await expect.poll(told).toBe(1);
  for (const open of [page, otherPage]) await expect(open.getByText('bag 12 of 19')).toBeVisible();
  expect((await house.health()).seq).toBe(seq + 1);
  await expect.poll(() => stage(page, 'Dock')).toBe(15);
  await context.close();
});

test('ten minutes without the house in mid-crate: nothing lost, nothing doubled, each action at its own time', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  const { seq } = await house.health();
  await house.close();
  for (const bag of [12, 13, 14, 15]) {
    await pressEnter(page, /^Land/);
    await expect(page.getByText(`bag ${bag} of 19`)).toBeVisible();
  }
  await page.getByRole('button', { name: 'Not in box' }).click();
  await expect(page.getByText('bag 16 of 19')).toBeVisible();
  await expect(page.getByText('house away · 5 waiting')).toBeVisible();
  await house.open('2026-03-03T07:52');
  await expect(page.getByText(/waiting/)).toHaveCount(0);
  await expect.poll(async () => (await house.health()).seq).toBe(seq + 5);
  await page.reload();
  await expect(page.getByText('bag 16 of 19')).toBeVisible();
  await page.getByRole('link', { name: 'Logbook' }).first().click();
  // Written down at 07:52 or later, but done when it was done.
  await expect(page.getByText(/Landed bag 14/).first()).toBeVisible();
  await expect(page.locator('main')).toContainText(/07:4\d/);
  expect((await house.health()).ok).toBe(true);
});

test('wrong on purpose: PINs, a tank that does not fit, a count that differs', async ({ page, house }) => {
  await page.goto(house.address);
  await page.getByRole('button', { name: 'Pia Lund' }).click();
  await page.locator('#pin').fill('9999');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('That is not the PIN. 4 more tries.');
  await house.signIn(page, 'Bram Tell');

  // A keeper may not overrule; the dialog says who may.
  await page.getByRole('link', { name: 'Choose a tank for bag 9' }).click();
  await page.getByRole('button', { name: 'Show Alder rack all the same' }).click();
  await page.getByRole('button', { name: /^Tank A8/ }).click();
  await page.getByRole('button', { name: /^Put it in A8 all the same/ }).click();
  await expect(page.getByRole('dialog').getByText('A lead may do it all the same, with a reason.')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  // The door is there when the house has answered; a page left before that would still be signed in.
  await expect(page.getByRole('button', { name: 'Ines Okafor' })).toBeVisible();

  // A lead may, with a reason, which the logbook keeps.
  await house.signIn(page, 'Ines Okafor');
  await page.getByRole('link', { name: 'Choose a tank for bag 9' }).click();
  await page.getByRole('button', { name: 'Show Cove rack all the same' }).click();
  await page.getByRole('button', { name: /^Tank C9/ }).click();
  await page.getByRole('button', { name: /^Put it in C9 all the same/ }).click();
  await page.getByLabel(/Why you do it/).fill('collected this afternoon');
  await page.getByRole('dialog').getByRole('button', { name: 'Put it in C9' }).click();
  await page.getByRole('button', { name: 'go on without a method' }).click();
  await expect(page.getByText('into C9')).toBeVisible();

  // Nonsense in a field keeps the words and says what is wrong; the button waits.
  await page.getByLabel(/^Bag, °C/).fill('78');
  await expect(page.getByRole('alert')).toHaveText('78.0 °C cannot be. Is the unit right?');
  await expect(page.getByRole('button', { name: /^Start float/ })).toBeDisabled();
  await page.getByRole('button', { name: 'let out now without floating' }).click();
  await page.getByRole('button', { name: 'one into the tank fewer' }).click();
  await expect(page.getByText('1 on record. 1 will stand as missing.')).toBeVisible();
  await expect(page.getByRole('button', { name: /none to net out/ })).toBeDisabled();
  await page.goto(`${house.address}/logbook`);
  await expect(page.getByText('All the same, against “only after quarantine”: collected this afternoon')).toBeVisible();
});

test('a bag that is on no list lands in a few keys', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await expect(page.getByText('bag 11 of 19')).toBeVisible();
  await page.keyboard.press('x');
  await page.getByLabel('What is in the bag? Any name it goes by').fill('six lines');
  await page.getByRole('button', { name: 'six-line wrasse' }).click();
  await page.getByRole('button', { name: /^Land 1/ }).click();
  await expect(page.getByText('Landed 1 six-line wrasse, bag +1')).toBeVisible();
  await expect(page.getByLabel('The crate against its list').getByText('over').locator('..')).toContainText('1');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('Undid: Landed 1 six-line wrasse, bag +1')).toBeVisible();
});

test('two tabs of one tablet: who signs in on one is who works on the other, and what waited goes under its maker', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Pia Lund');
  const otherPage = await page.context().newPage();
  await otherPage.goto(`${house.address}/today`);
  await expect(otherPage.getByRole('link', { name: 'Pia Lund' })).toBeVisible();
  await otherPage.getByRole('button', { name: 'Sign out' }).click();
  // The first tab is at the door as well, without a touch.
  await expect(page.getByRole('button', { name: 'Ines Okafor' })).toBeVisible();
  await house.signIn(otherPage, 'Ines Okafor');
  await expect(page.getByRole('link', { name: 'Ines Okafor' })).toBeVisible();
  // A page that did not hear of it cannot write under her name.
  const answer = await page.evaluate(async () => {
    const act = { actId: crypto.randomUUID(), entries: [] };
    const headers = { 'content-type': 'application/json', 'x-maker': 'pia' };
    const sent = await fetch('/api/journal', { method: 'POST', headers, body: JSON.stringify(act) });
    return [sent.status, await sent.json()];
  });
  expect(answer).toEqual([401, { code: 'otherMaker' }]);
});
