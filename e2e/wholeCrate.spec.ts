// One crate whole: ordered, asked about, got ready for, matched, here, a bag of six in three conditions with a dead one photographed before it is opened, clean water, a tank
// whose cost is taken knowingly, the claim in its hours, the shift handed over. By a mouse; and by a finger on a phone, with the house away at the door.
import type { Page } from '@playwright/test';
import { fromCamera } from './camera.ts';
import { finger, mouse, type Hand } from './hand.ts';
import { expect, ready, test, type House } from './house.ts';

test.slow();

type Doing = { page: Page; house: House; hand: Hand };

async function orderAndAsk({ page, house, hand }: Doing): Promise<void> {
  await page.goto(`${house.address}/dock/orders`);
  await hand.press('button', 'A new order');
  await hand.choose('Order from', { label: 'Kestrel Quay Reef Farm' });
  await hand.type('Prices are in', 'eur');
  const line = page.getByRole('group', { name: 'Another line' });
  await hand.fill(line.getByLabel('What: any name it goes by'), 'gramma');
  await hand.press('button', 'royal gramma');
  for (let heads = 1; heads < 7; heads += 1) await hand.press('button', 'one heads more');
  await hand.fill(line.getByLabel('Price of one'), '14,5');
  await hand.fill(line.getByLabel(/^For whom/), 'the Bay Window');
  await hand.press('button', /^Put 7 royal gramma on the order/);
  await ready(page, /^Order 7 heads/);
  await hand.press('button', /^Order 7 heads/);
  await hand.press('button', 'It is on its way');
  await hand.type('What to call this crate', 'Kestrel, grammas');
  await page.getByLabel('Packed', { exact: true }).fill('2026-03-02T23:30');
  await page.getByLabel('Due here').fill('2026-03-03T13:00');
  await ready(page, /^Expect 7 heads in/);
  await hand.press('button', /^Expect 7 heads in/);
  await expect(page.getByText('As it was ordered.')).toBeVisible();
  await hand.press('button', /^Ask Kestrel Quay Reef Farm/);
  await expect(page.getByLabel('The letter, ready to send')).toHaveValue(/Salinity of the shipping water/);
  await hand.press('button', /^Put its name, dates, water or answers right/);
  await hand.type(/^Salinity as stated/, '29');
  await hand.press('button', 'It is so');
  await expect(page.getByText('29 ppt').first()).toBeVisible();
}

async function getReady({ page, hand }: Doing): Promise<void> {
  await hand.press('link', 'Choose a tank for royal gramma');
  await hand.press('button', /^Tank G7/);
  await ready(page, /^Keep G7 for it/);
  await hand.press('button', /^Keep G7 for it/);
  await expect(page.getByText('for G7', { exact: true })).toBeVisible();
  await hand.press('link', 'Get ready for it');
  const match = page.getByRole('region', { name: /^Match of Gull/ });
  await hand.press('button', 'Lay it down');
  await page
    .getByRole('dialog')
    .getByLabel(/^Why you do it/)
    .fill('some days at their own, and back by the day');
  await hand.press('button', 'Lay it down all the same');
  await expect(match.getByText(/^Laid down by Ines Okafor/)).toBeVisible();
  await hand.press('button', 'Swap 1 is done');
  await expect(match.getByText('done', { exact: true })).toBeVisible();
  // What the swap made is read, not believed.
  const lines = page.getByRole('region', { name: 'To be ready' });
  await hand.press('button', /^Read Gull/);
  await hand.fill(lines.getByLabel(/^Temperature/), '25');
  await hand.fill(lines.getByRole('textbox', { name: /^pH/ }), '8.1');
  await hand.press('button', /for all its tanks/);
  await expect(lines.getByText(/^Read Gull .*temperature/)).toHaveCount(0);
}

/** Here, its box opened, its bag told fish by fish, the dead photographed before. `away` = nobody answers meanwhile. */
async function land({ page, house, hand }: Doing, away: boolean): Promise<void> {
  await page.goto(`${house.address}/dock`);
  await hand.press('button', /^Kestrel Quay Reef Farm/);
  await ready(page, /^It is here/);
  await hand.press('button', /^It is here/);
  await ready(page, /^Land 7/);
  if (away) await house.close();
  await hand.press('button', 'Inside of the boxes: not noted yet');
  await hand.press('button', 'wet');
  await hand.press('button', 'spent');
  await hand.type(/^Air in the box/, '20.5');
  await hand.press('button', 'Note it');
  await expect(page.getByText(/^The boxes: wet inside, packs spent, 20.5 °C in it/)).toBeVisible();
  await expect(page.getByText(/one of its bags leaks\. Feel this one/)).toBeVisible();
  await hand.press('button', /^Dead in bag/);
  const picture = await fromCamera(page, { width: 1800, height: 1200 });
  await page.getByLabel('Picture file for bag 1').first().setInputFiles({ name: 'bag.jpg', mimeType: 'image/jpeg', buffer: picture });
  await expect(page.getByRole('button', { name: /^Photograph: the closed bag, bag 1/ })).toBeVisible();
  await hand.press('button', 'One more tired');
  await hand.press('button', 'One more critical');
  await hand.press('button', 'soft');
  await hand.press('button', 'foul');
  await expect(page.getByText('Bag soft, water foul, 4 fit, 1 tired, 1 critical.')).toBeVisible();
  await ready(page, /^Land 6, 1 dead/);
  await hand.press('button', /^Land 6, 1 dead/);
  // It cannot wait, and no tank is asked for: its own salinity was stated, how warm it is must be read.
  const card = page.getByRole('region', { name: 'Clean water for bag 1' });
  await hand.fill(card.getByLabel(/^Their water, read in the bag/), '21');
  await ready(page, /^All 6 are in clean water/);
  await hand.press('button', /^All 6 are in clean water/);
  await expect(page.getByText(/^In clean water, bucket, since/).first()).toBeVisible();
  if (away) await house.open('2026-03-03T07:46');
}

/** The tank that was meant for it is judged anew by what came; then in, and kept for whom they were ordered. */
async function intoItsTank({ page, house, hand }: Doing): Promise<void> {
  await hand.press('button', 'Bag 1 to G7 as planned');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('This house has them in an observation tank first, and this is none');
  await dialog.getByLabel(/^Why you do it/).fill('the observation tank is full');
  await hand.press('button', 'Put it in G7');
  await hand.press('link', 'On to G7 with bag 1');
  await hand.press('button', 'net them into the tank as they are');
  await ready(page, /^Net out 6/);
  await hand.press('button', /^Net out 6/);
  await expect(dialog.getByText(/Into G7 the salinity goes up by/)).toBeVisible();
  await dialog.getByLabel(/^Why you do it/).fill('the match is swapped in already, the meter is read again at noon');
  await dialog.getByRole('button', { name: /all the same/ }).click();
  await expect(dialog).toHaveCount(0);
  await page.goto(`${house.address}/dock`);
  await hand.press('button', /^Kestrel Quay Reef Farm/);
  await expect(page.getByText('in G7').first()).toBeVisible();
  await expect(page.getByText('7 royal gramma were ordered for the Bay Window. 1 is missing.')).toBeVisible();
  await hand.press('button', 'Keep 6 for them');
  await expect(page.getByText('Kept for them.')).toBeVisible();
}

async function claimAndHandOver({ page, house, hand }: Doing): Promise<void> {
  await hand.press('link', /^Claim it: 1 dead/);
  await expect(page.getByRole('list', { name: 'Photographs of bag 1' }).locator('img')).toBeVisible();
  const [letter] = await Promise.all([page.waitForEvent('download'), hand.press('button', 'Letter as PDF')]);
  expect(letter.suggestedFilename()).toBe('claim Kestrel, grammas.pdf');
  await ready(page, /^It is sent/);
  await hand.press('button', /^It is sent/);
  await expect(page.getByText(/^Sent, not answered yet/)).toBeVisible();
  await page.goto(`${house.address}/dock`);
  await hand.press('button', /^Kestrel Quay Reef Farm/);
  await hand.press('link', 'Report');
  await expect(page.getByText(/^The boxes: wet inside/)).toBeVisible();
  await expect(page.getByRole('row', { name: /^royal gramma/ })).toContainText('6 in G7');
  await page.goto(`${house.address}/today`);
  await hand.press('link', 'Hand-over');
  await ready(page, /^I take over from Odalys Reyes/);
  await hand.press('button', /^I take over from Odalys Reyes/);
  await expect(page.getByText(/taken over 07:[45]\d by Ines Okafor/)).toBeVisible();
}

async function whole(doing: Doing, away: boolean): Promise<void> {
  await doing.house.signIn(doing.page, 'Ines Okafor');
  await orderAndAsk(doing);
  await getReady(doing);
  await land(doing, away);
  await intoItsTank(doing);
  await claimAndHandOver(doing);
}

test('a crate whole, by mouse', async ({ page, house }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await whole({ page, house, hand: mouse(page) }, false);
});

test.describe('on a phone', () => {
  test.use({ hasTouch: true });
  test('a crate whole, by a finger, with the house away from the door to the clean water', async ({ page, house }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await whole({ page, house, hand: finger(page) }, true);
  });
});
