// From "we should order" to the box at the door: ordered, asked, got ready, matched, here, each bag to the tank that was meant for it; by a mouse, and by a finger on a phone
// with the house away in the middle.
import type { Page } from '@playwright/test';
import { finger } from './hand.ts';
import { expect, ready, test, type House } from './house.ts';

test.slow();

/** Wall times of the demo house, which stands at 07:40 on 3 March 2026. */
const PACKED = '2026-03-03T06:30';
const DUE = '2026-03-04T07:00';
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

async function order(page: Page, house: House): Promise<void> {
  await page.goto(`${house.address}/dock/orders`);
  await page.getByRole('button', { name: 'A new order' }).click();
  await page.getByLabel('Order from').selectOption({ label: 'Kestrel Quay Reef Farm' });
  await page.getByLabel('Prices are in').fill('eur');
  const line = page.getByRole('group', { name: 'Another line' });
  await line.getByLabel('What: any name it goes by').fill('gramma');
  await line.getByRole('button', { name: 'royal gramma' }).click();
  await line.getByRole('button', { name: 'one heads more' }).click();
  await line.getByLabel('About so long, cm').fill('5');
  await line.getByLabel('Price of one').fill('14,5');
  await line.getByLabel(/^For whom/).fill('the Bay Window');
  await line.getByRole('button', { name: /^Put 2 royal gramma on the order/ }).click();
  await expect(page.getByRole('list', { name: 'Lines of the order' })).toContainText(
    '2 royal gramma, about 5 cm, 14.50 EUR each, for the Bay Window',
  );
  // What was wished for is one tap; a reload loses nothing.
  await page.getByRole('button', { name: /^2 a pair of small clowns/ }).click();
  await page.reload();
  await expect(page.getByRole('list', { name: 'Lines of the order' }).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Take a pair of small clowns off' }).click();
  await ready(page, /^Order 2 heads/);
  await page.getByRole('button', { name: /^Order 2 heads/ }).click();
  await expect(page.getByRole('heading', { name: 'Kestrel Quay Reef Farm: 2 heads' })).toBeVisible();
  await page.getByRole('button', { name: 'The letter' }).click();
  await expect(page.getByLabel('The letter')).toHaveValue(/We order 2 heads[\s\S]*its salinity and how it was read/);
}

/** It comes without a list: what was ordered is expected. */
async function expectIt(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'It is on its way' }).click();
  await page.getByLabel('What to call this crate').fill('Kestrel, grammas');
  await page.getByLabel('Packed', { exact: true }).fill(PACKED);
  await page.getByLabel('Due here').fill(DUE);
  await ready(page, /^Expect 2 heads in 1 bag/);
  await page.getByRole('button', { name: /^Expect 2 heads in 1 bag/ }).click();
  await expect(page.getByText('As it was ordered.')).toBeVisible();
}

test('ordered, asked, got ready, matched and here, by mouse', async ({ page, house }) => {
  await page.setViewportSize(DESK);
  await house.signIn(page, 'Ines Okafor');
  await order(page, house);
  await expectIt(page);

  // Unknown is not near enough: the letter asks, and the answer is entered.
  await page.getByRole('link', { name: 'Choose a tank for royal gramma' }).click();
  await page.getByRole('button', { name: /^Tank G7/ }).click();
  await ready(page, /^Keep G7 for it/);
  await page.getByRole('button', { name: /^Keep G7 for it/ }).click();
  await expect(page.getByText('for G7', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Get ready for it' }).click();
  await expect(
    page.getByText('Whether a match is worth it is not known: ask Kestrel Quay Reef Farm for the salinity of the bags.'),
  ).toBeVisible();
  await page.getByRole('link', { name: /^To the letter/ }).click();
  await page.getByRole('button', { name: /^Ask Kestrel Quay Reef Farm/ }).click();
  await expect(page.getByLabel('The letter, ready to send')).toHaveValue(/Salinity of the shipping water/);
  await page.getByRole('button', { name: /^Put its name, dates, water or answers right/ }).click();
  await page.getByLabel(/^Salinity as stated/).fill('29');
  await page.getByRole('button', { name: 'It is so' }).click();
  await expect(page.getByText('29 ppt').first()).toBeVisible();

  // The match is laid down; what lives there asks a lead for a reason.
  await page.getByRole('link', { name: 'Get ready for it' }).click();
  const match = page.getByRole('region', { name: /^Match of Gull/ });
  await expect(match.getByText(/L out, as much in; then 29 ppt/)).toBeVisible();
  await match.getByRole('button', { name: 'Lay it down' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('At 29 ppt it is no water for orchid dottyback');
  await dialog.getByLabel(/^Why you do it/).fill('some days at their own, and back by the day');
  await dialog.getByRole('button', { name: 'Lay it down all the same' }).click();
  await expect(match.getByText(/^Laid down by Ines Okafor/)).toBeVisible();
  await match.getByRole('button', { name: 'Swap 1 is done' }).click();
  await expect(match.getByText('done', { exact: true })).toBeVisible();

  // A line is ticked, one left out with a reason, one waits for a delivery that slips.
  const lines = page.getByRole('region', { name: 'To be ready' });
  await lines.getByRole('button', { name: /^Ready: Nets of their own/ }).click();
  await lines.getByRole('button', { name: /^Leave out: Scissors/ }).click();
  await lines.getByLabel('Why it is left out').fill('all lies out already');
  await lines.getByRole('button', { name: 'Leave it out' }).click();
  await expect(lines.getByText('2 lines ready or left out')).toBeVisible();
  await lines.getByRole('button', { name: 'Another line' }).click();
  await lines.getByLabel('What is to be done').fill('a cave into G7');
  await lines.getByLabel('About the tank').selectOption({ label: 'G7' });
  await lines.getByLabel('Waits for').fill('the cave');
  await lines.getByLabel('Which comes').fill('2026-03-04 06:00');
  await lines.getByRole('button', { name: 'Put it on the list' }).click();
  await expect(lines.getByText(/^waits for the cave, Wed 4 Mar 06:00/)).toBeVisible();
  await lines.getByRole('button', { name: 'It slips: the cave' }).click();
  await lines.getByLabel('When the cave comes').fill('2026-03-04T06:30');
  await lines.getByRole('button', { name: 'Then it comes' }).click();
  await expect(lines.getByText(/^waits for the cave, Wed 4 Mar 06:30/)).toBeVisible();

  // The reading that is asked for is taken in place, and its line goes.
  await lines.getByRole('button', { name: /^Read Gull/ }).click();
  await lines.getByLabel(/^Temperature/).fill('25');
  await lines.getByRole('textbox', { name: /^pH/ }).fill('8.1');
  await lines
    .getByRole('button', { name: /for all its tanks/ })
    .last()
    .click();
  await expect(lines.getByText(/^Read Gull .*temperature/)).toHaveCount(0);
});

test.describe('by a finger', () => {
  test.use({ hasTouch: true });
  test('at the door by a finger: what was meant for it is one tap, with the house away in between', async ({ page, house, context }) => {
    await page.setViewportSize(PHONE);
    await house.signIn(page, 'Ines Okafor');
    await order(page, house);
    await expectIt(page);
    await page.getByRole('link', { name: 'Choose a tank for royal gramma' }).click();
    await page.getByRole('button', { name: /^Tank G7/ }).click();
    await page.getByRole('button', { name: /^Keep G7 for it/ }).click();
    await expect(page.getByText('for G7', { exact: true })).toBeVisible();
    const hand = finger(page);
    await ready(page, /^It is here/);
    await hand.press('button', /^It is here/);
    await ready(page, /^Land 2/);
    await context.setOffline(true);
    await hand.press('button', /^Land 2/);
    await expect(page.getByText('Every bag is landed')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Bag 1 to G7 as planned' })).toBeVisible();
    await context.setOffline(false);
    await hand.press('button', 'Bag 1 to G7 as planned');
    const dialog = page.getByRole('dialog');
    const next = page.getByRole('link', { name: 'Float bag 1 in G7' });
    // What it costs by now is asked anew, and taken with a reason.
    await expect(dialog).toContainText('Restarts the quarantine of orchid dottyback');
    await dialog.getByLabel(/^Why you do it/).fill('as planned');
    await dialog.getByRole('button', { name: 'Put it in G7' }).tap();
    await expect(next).toBeVisible();
    await page.goto(`${house.address}/dock/unpacking`);
    await expect(page.getByRole('heading', { name: 'Order of unpacking' })).toBeVisible();
    await expect(page.getByText(/^All out by/)).toBeVisible();
  });
});
