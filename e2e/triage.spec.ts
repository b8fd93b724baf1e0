// A bag that cannot wait: its fish told one by one, the dead photographed while it is closed, clean water before any tank, and on from there.
import { fromCamera } from './camera.ts';
import { expect, ready, test } from './house.ts';

test('six fish in three conditions: read what nobody knows, clean water, then a tank with its step', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  await ready(page, /^Land 6/);
  await page.getByRole('button', { name: /^Not well/ }).click();
  await page.getByRole('button', { name: 'One more critical' }).click();
  await expect(page.getByText('Bag sound, water clear, 4 fit, 1 tired, 1 critical.')).toBeVisible();
  await ready(page, /^Land 6/);
  await page.getByRole('button', { name: /^Land 6/ }).click();
  // It comes to the front by itself; how warm it was packed is no reading.
  const card = page.getByRole('region', { name: 'Clean water for bag 11' });
  await expect(card.getByRole('button', { name: /^All 6 are in clean water/ })).toBeDisabled();
  await card.getByLabel(/^Their water, read in the bag/).fill('21.9');
  await card.getByText('The vessel, and what was made in it').click();
  await card.getByLabel(/^As salt as/).fill('34');
  await expect(card.getByText(/off their own: make it nearer first/)).toBeVisible();
  await ready(page, /^All 6 are in clean water/);
  await card.getByRole('button', { name: /^All 6 are in clean water/ }).click();
  // Refused with the form kept, and the lead told of.
  await expect(page.getByRole('dialog').getByText(/off the water of bag 11/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(card.getByLabel(/^As salt as/)).toHaveValue('34');
  await card.getByLabel(/^As salt as/).fill('28');
  await ready(page, /^All 6 are in clean water/);
  await card.getByRole('button', { name: /^All 6 are in clean water/ }).click();
  await expect(page.getByText('In clean water, bucket, since 07:4').first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^Clean water, bag 11/ })).toBeVisible();
  // On into a tank: what the new water does to them, by the clean water and not by the bag.
  await page.getByRole('link', { name: 'Choose a tank for bag 11' }).click();
  await page.getByRole('button', { name: /^Tank G3/ }).click();
  await page.getByRole('button', { name: /^Put it in G3/ }).click();
  await expect(page.getByText(/in clean water for/)).toBeVisible();
  await page.getByRole('button', { name: 'net them into the tank as they are' }).click();
  await ready(page, /^Net out 6|^6 |Into G3/);
  await page
    .getByRole('button', { name: /net out/i })
    .first()
    .click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/Into G3 the salinity goes up by/)).toBeVisible();
  await expect(dialog.getByText(/lead/).first()).toBeVisible();
  await dialog.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByRole('link', { name: /^Clean water, bag 11/ })).toBeVisible();
});

test('the dead photographed before the bag is opened, by phone, with the house away; it is in the claim’s letter', async ({
  page,
  house,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock`);
  const file = await fromCamera(page, { width: 3000, height: 2000 });
  await ready(page, /^Land 6/);
  await page.getByRole('button', { name: /^Dead in bag/ }).click();
  await expect(page.getByText(/^Photograph the dead before the bag is opened/)).toBeVisible();
  await house.close();
  const input = page.getByLabel('Picture file for bag 11').first();
  // What is none says so, and nothing is lost.
  await input.setInputFiles({ name: 'letter.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') });
  await expect(page.getByText('This is no picture that can be read here. A JPEG or PNG can.')).toBeVisible();
  await input.setInputFiles({ name: 'half.jpg', mimeType: 'image/jpeg', buffer: file.subarray(0, file.length / 2) });
  await expect(page.getByText('This photograph is cut off: its end is missing. Take it again.')).toBeVisible();
  await input.setInputFiles({ name: 'bag.jpg', mimeType: 'image/jpeg', buffer: file });
  const small = page.getByRole('button', { name: /^Photograph: the closed bag, bag 11/ }).locator('img');
  await expect(small).toBeVisible();
  expect(await small.evaluate((image: HTMLImageElement) => image.src)).toMatch(/^blob:/);
  await ready(page, /^Land 5, 1 dead/);
  await page.getByRole('button', { name: /^Land 5, 1 dead/ }).click();
  await expect(page.getByText(/pictures? kept here/).first()).toBeAttached();
  // A reload while nobody answers, and the house is back.
  await house.open();
  await page.goto(`${house.address}/dock/claims`);
  const claimed = page.getByRole('list', { name: 'Photographs of bag 11' }).locator('img');
  await expect
    .poll(() => claimed.evaluate((image: HTMLImageElement) => image.src), { timeout: 30_000 })
    .toMatch(/\/api\/files\/[0-9a-f]{64}$/);
  // Upright, small enough, and with nothing of place or device in it.
  const kept = await page.evaluate(async () => {
    const view = (await (await fetch('/api/views/claims')).json()) as {
      claims: { bags: { label: string; photos?: { picture: { sha256: string; width: number; height: number } }[] }[] }[];
    };
    const { picture } = view.claims[0]!.bags.find(({ label }) => label === 'bag 11')!.photos![0]!;
    const bytes = new Uint8Array(await (await fetch(`/api/files/${picture.sha256}`)).arrayBuffer());
    return { ...picture, bytes: bytes.length, exif: new TextDecoder('latin1').decode(bytes).includes('Exif') };
  });
  expect(kept).toMatchObject({ width: 1067, height: 1600, exif: false });
  const [letter] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Letter as PDF' }).click()]);
  const stream = await letter.createReadStream();
  const size = (await stream.toArray()).reduce((sum: number, piece: Buffer) => sum + piece.length, 0);
  expect(size).toBeGreaterThan(kept.bytes);
});
