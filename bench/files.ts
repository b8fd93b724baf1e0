// Files in and out: a packing list of 2,000 lines from a spreadsheet, and a claim's letter with twelve photographs. In this process, the work that a page's worker does.
import { readList } from '#core/intake/index.ts';
import { bareJpeg } from '#core/photos/testJpeg.ts';
import { claimPdf } from '../web/claims/pdf.ts';
import { sheetText } from '../web/sheets/sheet.ts';
import { testSheet } from '../web/sheets/testSheet.ts';
import { quantile } from './measure.ts';

const TURNS = 9;
async function measure(what: string, act: () => Promise<unknown>): Promise<void> {
  const took: number[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const from = performance.now();
    await act();
    took.push(performance.now() - from);
  }
  console.log(`${what}: median ${quantile(took, 0.5).toFixed(0)} ms, slowest ${Math.max(...took).toFixed(0)} ms, ${TURNS} times`);
}

const rows = Array.from({ length: 2000 }, (_, index) => [
  1 + Math.floor(index / 20),
  index + 1,
  `fish number ${index % 90}`,
  'Chromis viridis',
  6,
  4,
  1.5,
  2.1,
]);
const sheet = testSheet({ Packed: [['Box', 'Bag', 'Fish', 'Latin name', 'Qty', 'cm', 'Litres', 'Each'], ...rows] });
await measure(`2,000 lines from a spreadsheet of ${(sheet.length / 1e3).toFixed(0)} kB to text`, async () => {
  const reply = await sheetText(sheet);
  if ('fault' in reply || reply.text.split('\n').length < 2000) throw new Error('not read');
});
const text = await sheetText(sheet);
if ('fault' in text) throw new Error(text.fault);
await measure('the same, from its text to a list', () =>
  Promise.resolve(
    readList({
      text: text.text,
      zone: 'Europe/Lisbon',
      allSpecies: [{ id: 'green-chromis', common: 'green chromis', scientific: 'Chromis viridis', alsoCalled: [] }],
      taught: { columns: [], names: [] },
      columns: {},
      answers: {},
    }),
  ),
);
const picture = (seed: number) => bareJpeg({ width: 1200, height: 1600, seed, more: [] });
/** As heavy as a photograph of that size: what is drawn does not matter to the letter. */
const heavy = (seed: number): Uint8Array => {
  const [bare, bytes] = [picture(seed), new Uint8Array(330_000)];
  bytes.set(bare.subarray(0, bare.length - 2));
  bytes.set([0xff, 0xd9], bytes.length - 2);
  return bytes;
};
const pictures = Array.from({ length: 12 }, (_, seed) => ({
  says: [`bag ${seed}: the closed bag`, `SHA-256 ${'ab'.repeat(32)}`],
  jpeg: heavy(seed),
}));
const letter = Array.from({ length: 60 }, (_, line) => `- bag ${line}, firefish: 1 of 4 dead`).join('\n');
await measure('a claim’s letter with 12 photographs', () => claimPdf('Claim', letter, pictures));
