// An empty directory: a house, its first crate from lines that somebody typed, and the work that follows until the next morning. Once by touch on a phone, with the house
// away in the middle; once by keys alone.
import type { Page } from '@playwright/test';
import { DAY_MS, HOUR_MS, formatWall } from '#core/time/index.ts';
import { actsOf, countActs } from './acts.ts';
import { finger, keys, type Hand } from './hand.ts';
import { expect, expectStreamAddsUp, ready, testEmpty as test, type House } from './house.ts';

/** From nothing to the first bag in its place, presses of a finger. */
const MOST_TO_FIRST_BAG = 60;

type Journey = { page: Page; empty: House; hand: Hand };

async function openHouse({ page, empty, hand }: Journey): Promise<void> {
  await page.goto(empty.address);
  await hand.type('What is this house called?', 'Reed Street Fish');
  await hand.type('Your name', 'Mara Quill');
  await hand.type(/^A PIN/, '8642');
  await hand.type('The PIN once more', '8642');
  await hand.press('button', 'Open the house');
  await hand.press('link', 'Set up the house');
  await hand.press('link', 'Next: Species');
  await hand.press('button', 'Show the starter list');
  await hand.press('button', /^Take in 41 species/);
  await hand.press('link', 'Next: Racks and tanks');
  await hand.type('What the rack or bench is called', 'Hold');
  await hand.type('Which room it stands in', 'Back');
  await hand.press('button', 'Add this rack');
  await hand.press('button', 'marine');
  await hand.type('Letter of the codes', 'H');
  await hand.type('Each holds, L', '60');
  await hand.choose('What they are for', { value: 'quarantine' });
  await hand.choose('Lids', { value: 'yes' });
  await hand.press('button', /^Draw H1/);
  await hand.press('link', 'Next: Suppliers');
  await hand.type('Who supplies', 'Lantern Reef Exports');
  await hand.press('button', 'Add this supplier');
}

async function landFirst({ page, empty, hand }: Journey): Promise<void> {
  await page.goto(`${empty.address}/dock`);
  await hand.press('link', 'Take in a packing list');
  await hand.type(/or type or paste/, '6 firefish 5 cm\n4 banggai cardinals\n2 royal gramma');
  await hand.press('button', 'Read what is typed');
  await hand.choose('Supplier', { label: 'Lantern Reef Exports' });
  const zone = await page.evaluate(async () => ((await (await fetch('/api/me')).json()) as { house: { zone: string } }).house.zone);
  // A field of date and time is made of parts; its value is what counts here.
  for (const [label, hoursAgo] of [
    ['Packed', 20],
    ['Due here', 1],
  ] as const)
    await page.getByLabel(label).fill(formatWall(Date.now() - hoursAgo * HOUR_MS, zone));
  await hand.press('button', /^Expect 12/);
  await hand.press('button', /^It is here/);
  await ready(page, /^Land 6/);
  await hand.press('button', /^Land 6/);
  await expect(page.getByText('bag 2 of 3')).toBeVisible();
}

/** The house goes away with the bag in hand; a reload opens where one was, and what is entered waits. */
async function awayInTheMiddle({ page, empty, hand }: Journey): Promise<void> {
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.waitForTimeout(4000);
  await empty.close();
  await page.reload();
  await expect(page.locator('.away-bar')).toBeVisible();
  await expect(page.getByText('bag 2 of 3')).toBeVisible();
  await hand.press('button', /^Land 4/);
  await expect(page.getByText('bag 3 of 3')).toBeVisible();
  await empty.open('real');
  await expect(page.locator('.away-bar')).toHaveCount(0);
  await expect.poll(async () => (await empty.health()).inHouse).toBe(10);
}

async function intoH1({ page, empty, hand }: Journey): Promise<void> {
  await page.goto(`${empty.address}/dock`);
  await hand.press('link', 'Choose a tank for bag 1');
  await hand.press('button', /^Tank H1/);
  await hand.press('button', /^Put it in H1/);
  // Nobody knows its salinity: that comes first.
  await hand.type(/^Salinity in the bag/, '34 ppt');
  await hand.press('button', /^Write salinity/);
  await expect(page.getByRole('button', { name: /^(Follow|Choose):/ }).first()).toBeVisible();
  await hand.press('button', 'go on without a method');
  const tank = await page.getByRole('textbox', { name: /^Tank H1(?!, sal)/ }).inputValue();
  await hand.fill(page.getByRole('textbox', { name: /^Bag/ }), tank);
  await hand.fill(page.getByRole('textbox', { name: /^Water in the bag/ }), '0.5');
  await ready(page, /^Start float/);
  await hand.press('button', /^Start float/);
  await ready(page, /^Net out/);
  await hand.press('button', /^Net out/);
  await expect(page.getByRole('link', { name: /^Bag 1 float/ })).toHaveCount(0);
  await expectStreamAddsUp(page);
}

/** Quarantine began by itself; a round, a reading, a move, a sale of what was here before. */
async function workTheDay({ page, empty, hand }: Journey): Promise<void> {
  const line = async (text: string) => {
    const { seq } = await empty.health();
    await page.goto(`${empty.address}/more`);
    await hand.press('button', /One line/);
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await empty.health()).seq).toBeGreaterThan(seq);
  };
  await page.goto(`${empty.address}/tank/H1`);
  await expect(page.getByText(/Day 0/)).toBeVisible();
  await page.goto(`${empty.address}/house?part=opening`);
  await hand.press('button', 'A list of ours');
  await hand.type(/or a line a tank/, 'H4: 5 green chromis 4 cm');
  await hand.press('button', 'Read what is typed');
  await hand.press('button', /^Count 1 lot, 5 heads/);
  // What stands against it is asked about, and taken knowingly.
  await hand.press('button', 'It lives there all the same');
  await expect(page.getByText('All are counted.')).toBeVisible();
  await page.goto(`${empty.address}/rounds`);
  await ready(page, /^All well/);
  await hand.press('button', /^All well/);
  await expect(page.getByText(/H1: all well/)).toBeVisible();
  await line('H1 25.4 pH 8.1');
  await page.goto(`${empty.address}/tank/H1`);
  await expect(page.getByRole('row', { name: /pH/ })).toContainText('8.1');
  await line('move 2 H1 > H2');
  await page.goto(`${empty.address}/tank/H2`);
  await expect(page.getByText(/firefish/).first()).toBeVisible();
  const { inHouse } = await empty.health();
  await line('H4 sold 2');
  await expect.poll(async () => (await empty.health()).inHouse).toBe(inHouse - 2);
  await page.goto(`${empty.address}/today`);
  await expect(page.getByText(/Check H1/).first()).toBeVisible();
  await page.goto(`${empty.address}/logbook?q=firefish`);
  await expect(page.getByText(/Landed bag 1/)).toBeVisible();
  await expectStreamAddsUp(page);
}

/** Everybody has been signed out by now; Today asks for what is due, and the round is walked. */
async function nextMorning({ page, empty, hand }: Journey): Promise<void> {
  await empty.close();
  const next = Math.floor(Date.now() / DAY_MS) * DAY_MS + DAY_MS + 8 * HOUR_MS;
  // A sign-in lasts twelve hours: walked late in the evening, the next morning is too near.
  const tomorrow = next - Date.now() < 13 * HOUR_MS ? next + DAY_MS : next;
  await empty.open('real', { aheadMs: tomorrow - Date.now() });
  await page.goto(`${empty.address}/today`);
  await hand.press('button', /Mara Quill/);
  await page.keyboard.type('8642');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Morning round: 3 tanks to check/)).toBeVisible();
  // What was due in the night and nobody looked at says how late it is.
  await expect(page.getByRole('region', { name: 'Overdue' })).toContainText(/Check H1.*after release/);
  await hand.press('link', /^Walk it/);
  for (const tank of ['H1', 'H2', 'H4']) {
    await ready(page, /^All well/);
    await hand.press('button', /^All well/);
    await expect(page.getByText(new RegExp(`${tank}: all well`)).first()).toBeVisible();
  }
  await page.goto(`${empty.address}/today`);
  await expect(page.getByText(/^Morning round/)).toHaveCount(0);
  await expectStreamAddsUp(page);
}

async function work(journey: Journey): Promise<void> {
  await intoH1(journey);
  await workTheDay(journey);
  await nextMorning(journey);
}

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'allow' });

  test('from nothing to the next morning, with the house away in the middle', async ({ page, empty }) => {
    const journey = { page, empty, hand: finger(page) };
    await countActs(page);
    await openHouse(journey);
    await landFirst(journey);
    const { pointer } = await actsOf(page);
    console.log(`first landed bag: ${pointer} presses of a finger`);
    expect(pointer).toBeLessThanOrEqual(MOST_TO_FIRST_BAG);
    await awayInTheMiddle(journey);
    await work(journey);
  });
});

test('the same by keys alone', async ({ page, empty }) => {
  const journey = { page, empty, hand: keys(page) };
  await countActs(page);
  await openHouse(journey);
  await landFirst(journey);
  await work(journey);
  expect((await actsOf(page)).pointer).toBe(0);
});
