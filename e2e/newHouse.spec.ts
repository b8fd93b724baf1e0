// A shop's first morning: an empty directory becomes a house with fish in it and a first crate from a list it did not write.
import { formatWall } from '#core/time/index.ts';
import { findings } from './findings.ts';
import { expect, expectStreamAddsUp, testEmpty as test } from './house.ts';

test('from nothing to the first crate, without a word of the docs', async ({ page, empty }) => {
  await page.goto(empty.address);
  await expect(page.getByRole('heading', { name: 'Is this a new house?' })).toBeVisible();
  await expect(page.getByText(/Nothing was found in/)).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await page.getByRole('button', { name: 'Open the house' }).click();
  await expect(page.getByText('This is needed.').first()).toBeVisible();
  await page.getByLabel('What is this house called?').fill('Reed Street Fish');
  await page.getByLabel('Its time zone').fill('lisbon');
  await page.getByLabel('Your name').fill('Mara Quill');
  await page.getByLabel(/^A PIN/).fill('8642');
  await page.getByLabel('The PIN once more').fill('8643');
  await page.getByRole('button', { name: 'Open the house' }).click();
  await expect(page.getByText('The two PINs are not the same.')).toBeVisible();
  await page.getByLabel('The PIN once more').fill('8642');
  await page.getByRole('button', { name: 'Open the house' }).click();

  // An empty dock says what is missing and leads there; on every page it is one tap to what comes next.
  await page.getByRole('link', { name: 'Set up the house' }).click();
  await expect(page.getByRole('heading', { name: 'What is still missing' })).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await page.getByRole('link', { name: 'Next: Species' }).click();
  await page.getByRole('button', { name: 'Show the starter list' }).click();
  await page.getByRole('button', { name: /^Take in 41 species/ }).click();
  await expect(page.getByRole('heading', { name: '41 species' })).toBeVisible();

  const nav = page.getByRole('navigation', { name: 'Stations', exact: true });
  await nav.getByRole('link', { name: 'House' }).click();
  await page
    .getByRole('main')
    .getByRole('button', { name: /^Systems/ })
    .click();
  // Fresh water is not asked for its salt; sea water starts from what is usual.
  await expect(page.getByLabel('Salinity, ppt')).toHaveCount(0);
  await page.getByRole('button', { name: 'marine', exact: true }).click();
  await page.getByLabel('What it is called').fill('Reef sump');
  await page.getByLabel('Set to, °C').fill('25,5');
  await expect(page.getByLabel('Salinity, ppt')).toHaveValue('34');
  await page.getByLabel('Salinity, ppt').fill('340');
  await page.getByLabel('All its water, L').fill('800');
  await page.getByRole('button', { name: 'Add this system' }).click();
  await expect(page.getByText('340 ppt cannot be. Is the unit right?')).toBeVisible();
  await page.getByLabel('Salinity, ppt').fill('34');
  await page.getByRole('button', { name: 'Add this system' }).click();
  await expect(page.getByText('marine, 25.5 °C, 34 ppt, 800 L, 0 tanks')).toBeVisible();

  await page.getByRole('link', { name: 'Next: Racks and tanks' }).click();
  await page.getByLabel('What the rack or bench is called').fill('Tide rack');
  await page.getByLabel('Which room it stands in').fill('Shop');
  await page.getByRole('button', { name: 'Add this rack' }).click();
  await page.getByLabel('Letter of the codes').fill('T');
  await page.getByLabel('Rows').fill('2');
  await page.getByLabel('Each holds, L').first().fill('70');
  await page.getByLabel('What they are for').first().selectOption('sale');
  await page.getByRole('button', { name: 'Draw T1 to T8 (8)' }).click();
  await expect(page.getByText('T1 to T8 sale · 70 L · no lid · Reef sump')).toBeVisible();
  // None of them takes newcomers: that is said, and the way leads there.
  await page.getByRole('link', { name: 'Next: Quarantine tanks for marine water' }).click();
  await page.getByLabel('Letter of the codes').fill('H');
  await page.getByLabel('Each holds, L').first().fill('60');
  await page.getByLabel('Lids').first().selectOption('yes');
  await page.getByLabel('Salinity, ppt').fill('32');
  await expect(page.getByLabel('What they are for').first()).toHaveValue('quarantine');
  await page.getByRole('button', { name: 'Draw H1, H2, H3, H4' }).click();
  await expect(page.getByText('H1 to H4 quarantine · 60 L · lid · each alone')).toBeVisible();
  // The same codes again are refused, and what was typed stands there still.
  await page.getByLabel('First number').fill('1');
  await page.getByRole('button', { name: 'Draw H1, H2, H3, H4' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'There is a tank H1 already' }).first()).toBeVisible();
  await expect(page.getByLabel('First number')).toHaveValue('1');
  await page.getByRole('button', { name: 'Discard' }).click();
  // Several at once: the lids came later.
  await page.getByLabel('Which tanks').fill('T1-T8');
  await page.getByLabel('Lids').last().selectOption('yes');
  await page.getByRole('button', { name: 'They are so' }).click();
  await expect(page.getByText('T1 to T8 sale · 70 L · lid · Reef sump')).toBeVisible();

  await page.getByRole('button', { name: /^Suppliers/ }).click();
  await page.getByLabel('Who supplies').fill('Pelican Yard Imports');
  await page.getByRole('button', { name: 'Add this supplier' }).click();
  await expect(page.getByText('Pelican Yard Imports overnight')).toBeVisible();

  await page.getByRole('button', { name: /^People/ }).click();
  await page.getByLabel('Name').fill('Ode Marsh');
  await page.getByLabel('What they are here').fill('receiver');
  await page.getByLabel(/^A PIN/).fill('7531');
  await page.getByRole('button', { name: 'Add this person' }).click();
  await expect(page.getByText('Ode Marsh receiver')).toBeVisible();
  await expect(page.getByText('no PIN')).toHaveCount(0);

  await page.getByRole('button', { name: /^What lives here already/ }).click();
  await page.getByLabel(/^What is in the tank/).fill('banngai');
  await page.getByRole('button', { name: 'banggai cardinalfish' }).click();
  await page.getByLabel('Tank', { exact: true }).fill('t2');
  await page.getByLabel('Heads').fill('6');
  await page.getByLabel('Length').fill('2"');
  await page.getByRole('button', { name: 'Put 6 banggai cardinalfish here' }).click();
  await expect(page.getByText('1 lot is counted.')).toBeVisible();
  // A list of ours: a line that cannot be read stops no other, and a species that nobody knew is added where it is asked.
  await page.getByRole('button', { name: 'A list of ours' }).click();
  await page.getByLabel(/or a line a tank/).fill('T3: 40-50 green chromis\nT9: 3 comet\nT4: 3 clown tang 4 cm');
  await page.getByRole('button', { name: 'Read what is typed' }).click();
  await expect(page.getByText(/there is no tank T9/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave line 2 out' }).click();
  await page.getByRole('button', { name: 'Add “clown tang” to our species' }).click();
  const tang = page.getByRole('group', { name: 'Add clown tang' });
  await tang.getByRole('button', { name: 'marine' }).click();
  await tang.getByRole('button', { name: 'fish', exact: true }).click();
  await tang.getByRole('button', { name: 'Add clown tang' }).click();
  await page.getByRole('button', { name: /^Count 2 lots, 48 heads/ }).click();
  // What stands against one is said, stops none of the others, and is taken knowingly.
  const doubted = page.getByRole('region', { name: 'Lots that are asked about' });
  await expect(doubted).toContainText('3 clown tang in T4: Not known of clown tang: which temperature, how much salt, whether');
  await doubted.getByRole('button', { name: /live there all the same/ }).click();
  await expect(page.getByText('All are counted.')).toBeVisible();
  await expect(page.getByText('3 lots are counted.')).toBeVisible();

  await nav.getByRole('link', { name: 'Dock' }).click();
  await page.getByRole('link', { name: 'Take in a packing list' }).click();
  await page.getByLabel(/Drop the file here/).setInputFiles('demo/files/pelican-yard.csv');
  await page.getByRole('button', { name: /^Expect 49 heads in 11 bags/ }).click();
  // Its list is of March: that is asked about, and put right.
  await expect(page.getByRole('dialog')).toContainText(/Packed \d+ days ago, and still closed/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  // A second press on the heels of the first is the same press; no hand is as quick as this test.
  await page.waitForTimeout(400);
  const wall = (hoursAgo: number) => formatWall(Date.now() - hoursAgo * 3_600_000, 'Europe/Lisbon');
  await page.getByLabel('Packed').fill(wall(20));
  await page.getByLabel('Due here').fill(wall(1));
  await page.getByRole('button', { name: /^Expect 49 heads in 11 bags/ }).click();
  await page.getByRole('button', { name: /^It is here/ }).click();
  await page.getByRole('button', { name: /^Land 4/ }).click();
  await expect(page.getByText('bag 2 of 11')).toBeVisible();
  await expectStreamAddsUp(page);
  await page.getByRole('link', { name: 'Choose a tank for bag 1' }).click();
  await page.getByRole('button', { name: /^Tank H1/ }).click();
  await page.getByRole('button', { name: /^Put it in H1/ }).click();
  await expect(page.getByRole('button', { name: /^(Follow|Choose):/ }).first()).toBeVisible();
});
