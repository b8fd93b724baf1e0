// A packing list that we did not write becomes a crate, by hand and eye alone.
import fs from 'node:fs';
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

test('what is wrong is named by line and column, and put right there', async ({ page, house }) => {
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
  await expect(page.getByText('Line 2, qty: expected a count such as 6, 6+1 or 3x6')).toBeVisible();
  await expect(page.getByRole('cell', { name: "boeseman's rainbowfish" })).toBeVisible();
  await expect(page.getByRole('cell', { name: '3.5 cm' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Expect/ })).toBeDisabled();
  // Put right where it is wrong; the other lines never waited for it.
  await page.getByLabel(/^Line 2, qty/).fill('4');
  await page.getByLabel(/^Line 2, qty/).press('Enter');
  await expect(page.getByRole('button', { name: /^Expect 6 heads in 2 bags/ })).toBeVisible();
  await page.getByRole('button', { name: 'Another file' }).click();
  await page
    .getByLabel(/Drop the file here/)
    .setInputFiles({ name: 'sheet.xls', mimeType: 'text/csv', buffer: Buffer.from([0xd1, 0xcf, 0, 0, 1]) });
  await expect(page.getByText(/is neither text nor a spreadsheet/)).toBeVisible();
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

test('lines as somebody types them, from a supplier nobody knew, packed when it cannot be; the crate is put right after it came', async ({
  page,
  house,
}) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock/list`);
  await page
    .getByLabel(/or type or paste its lines/)
    .fill('Hello Bram, for tomorrow:\n3 banggai cardinals, 6 green chromis S @2.10\n2 clown tang 5 cm');
  await page.getByRole('button', { name: 'Read what is typed' }).click();
  await expect(page.getByText('Line 1 is read as words')).toBeVisible();
  await page.getByRole('button', { name: 'Add “clown tang” to our species' }).click();
  const tang = page.getByRole('group', { name: 'Add clown tang' });
  await tang.getByRole('button', { name: 'marine' }).click();
  await tang.getByRole('button', { name: 'fish', exact: true }).click();
  await tang.getByRole('button', { name: 'Add clown tang' }).click();
  await page.getByRole('button', { name: 'Somebody new …' }).click();
  await page.getByLabel('Who sent it').fill('Ness at the lagoon');
  await page.getByRole('button', { name: 'Add Ness at the lagoon' }).click();
  await page.getByLabel('Packed').fill('2025-06-02T20:00');
  await page.getByLabel('Due here').fill('2026-03-03T09:00');
  await page.getByRole('button', { name: /^Expect 11 heads in 3 bags/ }).click();
  // Packed nine months ago: asked about before it leaves the page.
  await expect(page.getByRole('dialog')).toContainText(/Packed 27\d days ago, and still closed/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  // A second press on the heels of the first is the same press; no hand is as quick as this test.
  await page.waitForTimeout(400);
  await page.getByLabel('Packed').fill('2026-03-02T20:00');
  await page.getByRole('button', { name: /^Expect 11 heads/ }).click();
  await page.getByRole('button', { name: /^It is here/ }).click();
  await page.getByRole('button', { name: 'Put its name, dates, water or answers right' }).click();
  await page.getByLabel('Salinity as stated').fill('29');
  await page.getByLabel('What to call this crate').fill('Ness, the blue box');
  await page.getByRole('button', { name: 'It is so' }).click();
  await expect(page.getByRole('region', { name: 'Put the crate right' })).toBeHidden();
  expect((await house.health()).ok).toBe(true);
});

test('a file that is no list says what it looks like', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock/list`);
  const letter = (n: number) => String.fromCharCode(97 + (n % 26));
  const names = Array.from(
    { length: 600 },
    (_, index) => `order${letter(index)}${letter(index / 26)} form${letter(index * 7)}${letter(index / 3)}q,1`,
  ).join('\n');
  await page
    .getByLabel(/Drop the file here/)
    .setInputFiles({ name: 'names.csv', mimeType: 'text/csv', buffer: Buffer.from(`name,qty\n${names}`) });
  await expect(page.getByText(/This looks like 600 names in 600 lines/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Nobody knows yet' })).toHaveCount(0);
  await page.getByRole('button', { name: 'It is a packing list all the same' }).click();
  await expect(page.getByRole('button', { name: 'Show 580 more names' })).toBeVisible();
});

test('a spreadsheet and a letter from a mail become crates; what is no list says why and loses nothing', async ({ page, house }) => {
  await house.signIn(page, 'Bram Tell');
  await page.goto(`${house.address}/dock/list`);
  const give = (file: Parameters<ReturnType<typeof page.getByLabel>['setInputFiles']>[0]) =>
    page.getByLabel(/Drop the file here/).setInputFiles(file);
  await give({ name: 'old.xls', mimeType: 'application/vnd.ms-excel', buffer: Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0, 0]) });
  await expect(page.getByText(/old\.xls: it is of the format before 2007/)).toBeVisible();
  await give({ name: 'half.xlsx', mimeType: '', buffer: fs.readFileSync('demo/files/dun-cow.xlsx').subarray(0, 900) });
  await expect(page.getByText(/half\.xlsx: it is damaged, or cut off/)).toBeVisible();
  await give('demo/files/dun-cow.xlsx');
  // The sheet with the list in it, by its name; the cover is named as not read.
  await expect(page.getByText(/dun-cow\.xlsx, sheet Packed \(not read: Cover\)/)).toBeVisible();
  await page.getByLabel('Packed').fill('2026-03-03T05:00');
  await page.getByLabel('Due here').fill('2026-03-03T09:00');
  await page.getByRole('button', { name: /^Expect 38 heads in 5 bags/ }).click();
  await expect(page.getByRole('heading', { name: 'On the list' })).toBeVisible();
  await page.goto(`${house.address}/dock/list`);
  await give('demo/files/fernhollow-mail.txt');
  await expect(page.getByRole('button', { name: /^Expect 44 heads/ })).toBeVisible();
  expect((await house.health()).ok).toBe(true);
});
