// The room by mouse and by touch: a lot is split through a bucket, a restart is warned of and avoided, a quarantine is signed off;
// fish dragged, a net written down in two taps, a fish found, the racks edited.
import type { Locator, Page } from '@playwright/test';
import { expect, expectStreamAddsUp, ready, stage, test, type House } from './house.ts';

type Press = (what: Locator) => Promise<void>;
const click: Press = (what) => what.click();
const tap: Press = (what) => what.tap();
const tank = (page: Page, code: string) => page.getByRole('button', { name: new RegExp(`^(Tank|bucket|divider) ${code},`) });
const clock = async (page: Page, house: House, code: string) => {
  await page.goto(`${house.address}/tank/${encodeURIComponent(code)}`);
  return page.locator('.tally-of').first();
};

async function splitMoveSignOff(page: Page, house: House, press: Press): Promise<void> {
  await house.signIn(page, 'Odalys Reyes');
  const before = await house.health();
  await page.goto(`${house.address}/room`);
  // Five of the cherry barbs go into a bucket: a lot of their own, with the hour at which they are out again.
  await press(tank(page, 'F3'));
  await press(page.getByRole('button', { name: 'Move cherry barb' }));
  const fewer = page.getByRole('button', { name: 'one in the net fewer' });
  const inNet = page.getByRole('group', { name: 'In the net' }).getByRole('textbox');
  while (Number(await inNet.inputValue()) > 5) await press(fewer);
  await press(tank(page, 'Bucket 1'));
  await press(page.getByRole('button', { name: '1 h', exact: true }));
  await ready(page, /^Move 5 to Bucket 1/);
  await press(page.getByRole('button', { name: /^Move 5 to Bucket 1/ }));
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('Fish in Bucket 1')).toBeVisible();

  // On to the quarantine bench: F10 has fish in quarantine, whose count would begin anew; F11 is empty.
  await press(page.getByRole('button', { name: 'Move cherry barb' }));
  await press(tank(page, 'F10'));
  await expect(page.getByText('Clocks restart')).toBeVisible();
  await expect(page.getByText(/pearl gourami in F10: 2 clear days of 14 lost/)).toBeVisible();
  await press(page.getByRole('button', { name: 'Another tank' }));
  await press(tank(page, 'F11'));
  await expect(page.getByText('Clocks restart')).toHaveCount(0);
  await ready(page, /^Move 5 to F11/);
  await press(page.getByRole('button', { name: /^Move 5 to F11/ }));
  await expect(page.getByRole('list', { name: 'Running now' }).getByText('Fish in Bucket 1')).toHaveCount(0);
  await expect(tank(page, 'F11')).toHaveAccessibleName(/5 cherry barb, in quarantine, 10 clear days of 14/);
  await expect(tank(page, 'F3')).toHaveAccessibleName(/19 cherry barb/);

  // The cut-off lot knows where it has been and what it was cut from; nobody's count restarted.
  await press(page.getByRole('link', { name: 'cherry barb', exact: true }).first());
  await expect(page.getByRole('region', { name: 'Where it has been' })).toContainText(/F3.*Bucket 1.*F11/s);
  await expect(page.getByRole('region', { name: 'The lot' })).toContainText('Cut from');
  await expect(await clock(page, house, 'F10')).toHaveText(/^2 of 14/);

  // A quarantine whose days are over is signed off by a keeper; one that does not eat is not.
  await clock(page, house, 'F2');
  await expect(page.getByText(/must be seen to eat again/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Sign off the quarantine/ })).toHaveCount(0);
  await clock(page, house, 'F1');
  await expect(page.locator('.stream-stages b').first()).not.toHaveText('–');
  const cleared = await stage(page, 'Cleared');
  await press(page.getByRole('button', { name: 'Sign off the quarantine of cherry barb' }));
  await expect.poll(() => stage(page, 'Cleared')).toBe(cleared + 15);
  await expectStreamAddsUp(page);
  expect((await house.health()).inHouse).toBe(before.inHouse);
}

test('split a lot through a bucket, avoid a restart, sign off a quarantine: by mouse', async ({ page, house }) =>
  splitMoveSignOff(page, house, click));

test.describe('at 390 px', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('split a lot through a bucket, avoid a restart, sign off a quarantine: by touch', async ({ page, house }) =>
    splitMoveSignOff(page, house, tap));
});

test('fish are dragged to another tank, and two people do not move the same fish', async ({ page, house, browser }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/room?rack=fern`);
  await tank(page, 'F4').hover();
  await page.mouse.down();
  await tank(page, 'F12').hover({ position: { x: 20, y: 30 } });
  await tank(page, 'F12').hover({ position: { x: 40, y: 40 } });
  await expect(page.getByText('8 honey gourami')).toBeVisible();
  await page.mouse.up();
  await expect(page.getByRole('heading', { name: /honey gourami, F4 to F12/ })).toBeVisible();
  // Meanwhile somebody else moves them.
  const otherPage = await (await browser.newContext()).newPage();
  await house.signIn(otherPage, 'Bram Tell');
  await otherPage.keyboard.press('.');
  await otherPage.keyboard.type('move 8 F4 > F11');
  await expect(otherPage.getByText('Understood:')).toBeVisible();
  await otherPage.keyboard.press('Enter');
  // Others of the van are meant for F11: asked about, and taken with a reason.
  const asked = otherPage.getByRole('dialog', { name: /F11/ });
  await asked.getByLabel(/^Why you do it/).fill('they get another tank');
  await asked.getByRole('button').first().click();
  await expect(otherPage.getByText(/F4.*F11/).first()).toBeVisible();
  await expect(page.getByText('8 honey gourami')).toHaveCount(0);
  // Their fish are gone from F4: the page says so instead of moving what is not there.
  await expect(page.getByText(/are not in F4 any more/)).toBeVisible();
  await otherPage.close();
  // From the card of a tank too; what is in hand stays when only one rack is looked at.
  await page.getByRole('button', { name: 'Leave them' }).click();
  await expect(page.getByRole('region', { name: 'Birch rack' })).toHaveCount(0);
  await page.getByRole('button', { name: 'All racks' }).click();
  await tank(page, 'F2').click();
  await page.locator('.room-occupant').getByText('Pangio').hover();
  await page.mouse.down();
  await tank(page, 'F12').hover({ position: { x: 20, y: 30 } });
  await tank(page, 'F12').hover({ position: { x: 40, y: 40 } });
  await page.mouse.up();
  await expect(page.getByRole('heading', { name: /kuhli loach, F2 to F12/ })).toBeVisible();
  await page.getByRole('button', { name: 'Fern bench' }).click();
  await expect(page.getByRole('heading', { name: /kuhli loach, F2 to F12/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Birch rack' })).toHaveCount(0);
});

test('a net in two tanks in two taps, shown on both; a fish found; a tank labelled; the racks edited', async ({ page, house }) => {
  await house.signIn(page, 'Ines Okafor');
  await page.goto(`${house.address}/room`);
  await tank(page, 'B6').click();
  await page.getByRole('button', { name: 'Fern net was in B6' }).click();
  await page.goto(`${house.address}/tank/F2`);
  await expect(page.getByText(/B6.*got wet Fern net/)).toBeVisible();
  await page.goto(`${house.address}/tank/B6`);
  await expect(page.getByText(/F2.*gave wet Fern net/)).toBeVisible();

  await page.keyboard.press('/');
  await expect(page.getByRole('searchbox')).toBeFocused();
  await page.keyboard.type('banggay');
  await page.getByRole('link', { name: '2 banggai cardinalfish' }).first().click();
  await expect(page.getByRole('region', { name: 'Where it has been' })).toContainText('Q8');
  await expect(page.getByText('restarted: white spots on banggai cardinalfish in Q8')).toBeVisible();

  await page.goto(`${house.address}/room/labels`);
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByRole('img', { name: 'Label A2' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  expect((await download).suggestedFilename()).toBe('tank-labels.pdf');

  // B6 is dragged to the end of its row, then taken out of the house; B5 with fish in it is not.
  await page.goto(`${house.address}/room?edit=1&rack=birch`);
  const place = page.getByRole('button', { name: 'Empty place, Birch rack, row 2, column 5' });
  await tank(page, 'B6').hover();
  await page.mouse.down();
  await place.hover({ position: { x: 20, y: 30 } });
  await place.hover({ position: { x: 40, y: 40 } });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Empty place, Birch rack, row 2, column 2' })).toBeVisible();
  await tank(page, 'B5').click();
  await page.getByRole('button', { name: 'B5 is gone from the house' }).click();
  await expect(page.getByText(/fish live in B5\. Move them first/)).toBeVisible();
  await tank(page, 'B6').click();
  await page.getByRole('button', { name: 'B6 is gone from the house' }).click();
  await expect(tank(page, 'B6')).toHaveCount(0);
});

test('a family of moves is planned step by step, and its slips are there', async ({ page, house }) => {
  await house.signIn(page, 'Odalys Reyes');
  await page.goto(`${house.address}/room/moves`);
  const plan = page.getByRole('region', { name: 'A family of moves' });
  await plan.getByLabel('What it is for').fill('room for the barbs');
  const step = async (from: string, to: string, n: string) => {
    await plan.getByLabel('How many').fill(n);
    await plan.getByLabel('From tank').fill(from);
    await plan.getByLabel('To tank').fill(to);
    await plan.getByRole('button', { name: 'Add this step' }).click();
  };
  // The first waits for nothing.
  await step('F3', 'F11', '2');
  await expect(plan.locator('.moves-familyStep')).toHaveCount(1);
  await step('F11', 'F3', '2');
  await expect(plan.locator('.moves-familyStep')).toHaveCount(2);
  await plan.getByRole('button', { name: 'Write 2 slips' }).click();
  await expect(page.getByText('room for the barbs').first()).toBeVisible();
});
