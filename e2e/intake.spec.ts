// A packing list that we did not write becomes a crate, by hand and eye alone.
import { expect, test } from './house.ts';

test('a foreign list: columns shown once, names told, a reload in the middle; the next list asks nothing', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.getByRole('link', { name: 'Take in a packing list' }).click();
  await page.getByLabel(/Drop the file here/).setInputFiles('demo/files/marl-and-sedge.csv');
  await expect(page.getByText('Which column names the fish?')).toBeVisible();
  for (const [heading, field] of [
    ['Artikel', 'common or trade name'],
    ['Größe', 'length'],
    ['Stück', 'heads'],
    ['Beutel', 'how many bags'],
    ['Liter', 'water in the bag'],
    ['Herkunft', 'wild or bred'],
  ] as const)
    await page.getByLabel(new RegExp(`^${heading}`)).selectOption({ label: field });
  await page.getByRole('group', { name: /young/ }).getByRole('button', { name: "boeseman's rainbowfish" }).click();
  const save = page.getByRole('button', { name: /^Expect 120 heads in 11 bags/ });
  await expect(save).toBeDisabled();
  await page.reload();
  await page
    .getByRole('group', { name: /Red gobi mix/ })
    .getByRole('button', { name: 'Another …' })
    .click();
  await page.getByLabel(/^Search the species/).fill('knigt gob');
  await page
    .getByRole('group', { name: /Red gobi mix/ })
    .getByRole('button', { name: 'knight goby' })
    .click();
  await save.click();
  await expect(page.getByRole('heading', { name: 'On the list' })).toBeVisible();
  await expect(page.getByText('Stigmatogobius sadanundio · 1 bag')).toBeVisible();

  await page.goto(`${house.address}/dock/list`);
  await page.getByLabel(/Drop the file here/).setInputFiles('demo/files/marl-and-sedge.csv');
  await expect(save).toBeEnabled();
  expect((await house.health()).ok).toBe(true);
});

test('what is wrong is named by line and column, and nothing is taken in', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock/list`);
  // Windows-1252, with the quote and dash that only Windows-1252 has.
  const bytes = Buffer.from([
    ...Buffer.from('name,qty,size\nfirefish,four,4\nBoeseman'),
    0x92,
    ...Buffer.from('s rainbow,2,3 '),
    0x96,
    ...Buffer.from(' 4 cm\n'),
  ]);
  await page.getByLabel(/Drop the file here/).setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: bytes });
  await expect(page.getByText('line 2, column “qty”: expected a count such as 6, 6+1 or 3x6')).toBeVisible();
  await expect(page.getByRole('cell', { name: "boeseman's rainbowfish" })).toBeVisible();
  await expect(page.getByRole('cell', { name: '3.5 cm' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Expect/ })).toBeDisabled();
  await page.getByRole('button', { name: 'Another file' }).click();
  await page
    .getByLabel(/Drop the file here/)
    .setInputFiles({ name: 'sheet.xls', mimeType: 'text/csv', buffer: Buffer.from([0xd0, 0xcf, 0, 0, 1]) });
  await expect(page.getByText(/Save the sheet as CSV/)).toBeVisible();
});

test('two thousand lines become one crate', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock/list`);
  const names = ['firefish', 'Royal grama', 'six line wrasse', 'Chromis viridis', 'kuhli loaches', 'comet', 'turbo', 'Pearl gouramis'];
  const text = `box,bag,name,size,qty\n${Array.from({ length: 2000 }, (_, index) => `${1 + Math.floor(index / 40)},${index + 1},${names[index % 8]},4 cm,6+1`).join('\n')}`;
  const began = Date.now();
  await page.getByLabel(/Drop the file here/).setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByRole('button', { name: /^Expect 14000 heads in 2000 bags/ })).toBeVisible();
  console.log(`2,000 lines shown after ${Date.now() - began} ms`);
  await page.getByLabel('Supplier').selectOption({ label: 'Pelican Yard Imports' });
  await page.getByLabel('Packed').fill('2026-03-02T20:00');
  await page.getByLabel('Due here').fill('2026-03-03T09:00');
  await page.getByRole('button', { name: /^Expect 14000/ }).click();
  await expect(page.getByText('2000 bags on their way')).toBeVisible();
});
