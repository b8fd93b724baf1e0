// What belongs to the walk besides looks and meals, on a phone: what is carried, racks ticked, dirty socks back; signs as before; a fish that heals, measured and returned.
import { finger } from './hand.ts';
import { expect, ready, test } from './house.ts';

test.slow();
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('the kit is carried, racks are ticked by one tap, socks come back and are washed', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/rounds`);
  const hand = finger(page);
  await hand.press('link', 'Chores');
  const kit = page.getByRole('region', { name: 'To carry' });
  await expect(kit.getByText('7 here: 1 short')).toBeVisible();
  const heaps = page.getByRole('region', { name: 'Washed and used again' });
  await hand.press('button', 'All 1 back: felt socks');
  await expect(heaps.getByText('7 clean, 10 dirty')).toBeVisible();
  await hand.press('button', 'Washed: felt socks');
  await hand.press('button', '10 are clean again');
  await expect(heaps.getByText('17 clean, 0 dirty')).toBeVisible();
  await expect(kit.getByText('17 here')).toBeVisible();

  const birch = page.getByRole('region', { name: 'Birch rack' });
  await hand.press('button', 'Done, Felt socks at Birch rack');
  await expect(birch.getByText(/✓ Birch water, Odalys Reyes/)).toBeVisible();
  await expect(heaps.getByText('13 clean, 0 dirty, 4 not back')).toBeVisible();
  // Only some of a rack.
  await hand.press('button', 'Some, Glass at Birch rack');
  await birch.getByRole('group', { name: 'Glass done at' }).getByRole('button', { name: 'B3' }).tap();
  await hand.press('button', 'Done at 1');
  await expect(birch.getByText(/✓ B3, Odalys Reyes/)).toBeVisible();
  await expect(birch.getByRole('button', { name: 'Done, Glass at Birch rack' })).toHaveText('All 7 done');

  // Water by the litre, with what was read of it.
  await hand.press('button', 'Changed, Water change, display at Cove rack');
  const cove = page.getByRole('region', { name: 'Cove rack' });
  await expect(cove.getByLabel('Litres at Cove water')).toHaveValue('115');
  await hand.type('Salinity of the new water, as read', '34');
  await hand.type('Its temperature', '25');
  await hand.press('button', 'Changed at 1 place');
  await expect(cove.getByText(/✓ Cove water, Odalys Reyes/)).toBeVisible();
});

test('a fish that heals is measured on the walk, may return by its own measure, and goes back', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  const hand = finger(page);
  await page.goto(`${house.address}/rounds?tank=S2`);
  await expect(page.getByText('measure it today')).toBeVisible();
  await hand.type(/^scrape on the left flank/, '1.5');
  await hand.press('button', 'Measured');
  await expect(page.getByText('last 1.5 mm')).toBeVisible();
  await page.goto(`${house.address}/today`);
  await expect(page.getByText('Healed by its measure: lawnmower blenny, scrape on the left flank in S2 may return')).toBeVisible();
  await page.goto(`${house.address}/tank/S2`);
  await hand.press('link', 'lawnmower blenny');
  await expect(page.getByText('✓ It may return by its own measure.')).toBeVisible();
  const healing = page.getByRole('article', { name: 'scrape on the left flank' });
  await healing.getByRole('button', { name: 'returned' }).tap();
  await expect(healing.getByText(/^returned, .* by Odalys Reyes/)).toBeVisible();
  await page.goto(`${house.address}/today`);
  await expect(page.getByText(/Healed by its measure/)).toHaveCount(0);
});

test('a sign says how many and how strong; the next round it is the same again by one tap; a shrimp has no white spots', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Odalys Reyes');
  const hand = finger(page);
  await page.goto(`${house.address}/rounds?tank=B3`);
  await hand.press('button', 'Something about cherry shrimp');
  await expect(page.getByRole('button', { name: 'stuck in its moult' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'white spots' })).toHaveCount(0);

  await page.goto(`${house.address}/rounds?tank=Q8`);
  await hand.press('button', 'Something about banggai cardinalfish');
  await hand.press('button', 'white spots');
  await expect(page.getByText('tell a lead; own net, hands after')).toBeVisible();
  await hand.press('button', 'How many, how strong: white spots');
  await page.getByRole('group', { name: 'How strong: white spots' }).getByRole('button', { name: 'clear' }).tap();
  await page.getByRole('group', { name: 'Where: white spots' }).getByRole('button', { name: 'fins' }).tap();
  await ready(page, /^Save what is odd/);
  const { seq } = await house.health();
  await hand.press('button', /^Save what is odd/);
  await expect.poll(async () => (await house.health()).seq).toBeGreaterThan(seq);
  await page.goto(`${house.address}/rounds?round=evening&tank=Q8`);
  const again = page.getByRole('button', { name: /^As before: banggai cardinalfish clear white spots, fins/ });
  await expect(again).toBeVisible();
});
