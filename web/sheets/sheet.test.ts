import fc from 'fast-check';
import { strToU8 } from 'fflate';
import { isSheetFile, parseCsv } from '#core/text/index.ts';
import { SHEET_FAULTS } from './readSheet.ts';
import { sheetText, type SheetText } from './sheet.ts';
import { testSheet, type TestCell } from './testSheet.ts';

const LIST: TestCell[][] = [
  ['Box', 'Species', 'Qty', 'Price'],
  [1, 'royal gramma', 2, 9.5],
  [1, 'six lines, small', 3, { raw: '<f>B2*2</f><v>19</v>' }],
];
const cells = (reply: object) => parseCsv((reply as SheetText).text).rows.map((row) => row.cells);

it('gives the values of the sheet that has the list in it, and names the others', async () => {
  const reply = await sheetText(
    testSheet({ Cover: [['Dun Cow, Tuesday'], ['by van'], ['to Saltgrass Lane'], ['five bags']], List: LIST, Terms: [['a'], ['b']] }),
  );
  expect(reply).toMatchObject({ sheet: 'List', others: ['Cover', 'Terms'] });
  expect(cells(reply)).toEqual([
    ['Box', 'Species', 'Qty', 'Price'],
    ['1', 'royal gramma', '2', '9.5'],
    // What the formula came to; nothing is reckoned here.
    ['1', 'six lines, small', '3', '19'],
  ]);
});

it('macros, merged cells and parts that are none of ours change nothing', async () => {
  const more = {
    'xl/vbaProject.bin': strToU8('Sub Auto_Open()'),
    'xl/externalLinks/externalLink1.xml': strToU8('<x/>'),
    '../../etc/passwd': strToU8('x'),
  };
  const merged = '<mergeCells count="1"><mergeCell ref="A2:A3"/></mergeCells>';
  const reply = await sheetText(testSheet({ List: [LIST[0]!, LIST[1]!, [null, 'comet', 1, 4]] }, { more, merged }));
  expect(cells(reply)[2]).toEqual(['', 'comet', '1', '4']);
});

it('what would be run as a formula by the next spreadsheet stays a text', async () => {
  const reply = await sheetText(
    testSheet({
      List: [
        ['Species', 'Qty'],
        ['=HYPERLINK("x")', 1],
      ],
    }),
  );
  expect((reply as SheetText).text).not.toMatch(/(^|[,\n])=/);
});

it('refuses in words what is none, old, damaged, empty, or a mountain', async () => {
  const fault = async (bytes: Uint8Array) => ((await sheetText(bytes)) as { fault: keyof typeof SHEET_FAULTS }).fault;
  const whole = testSheet({ List: LIST });
  expect(await fault(strToU8('Box,Species'))).toBe('no spreadsheet');
  expect(await fault(Uint8Array.from([0xd0, 0xcf, 0x11, 0xe0, 1, 2]))).toBe('old format');
  expect(await fault(whole.subarray(0, whole.length / 2))).toBe('broken');
  expect(await fault(testSheet({ A: [], B: [] }))).toBe('empty');
  const bomb = testSheet({ List: LIST }, { more: { 'xl/worksheets/sheet9.xml': new Uint8Array(60_000_000) } });
  expect(bomb.length).toBeLessThan(400_000);
  expect(await fault(bomb)).toBe('too much in it');
  // One that says that it is small is unpacked no further than it says.
  const liar = Uint8Array.from(bomb);
  const says = new DataView(liar.buffer);
  for (let at = 0; at + 4 < liar.length; at += 1) if (says.getUint32(at, true) === 60_000_000) says.setUint32(at, 1000, true);
  expect(await sheetText(liar)).toMatchObject({ sheet: 'List' });
  expect(Object.values(SHEET_FAULTS).every((words) => words.length > 20)).toBe(true);
});

it('never throws, whatever a file holds', async () => {
  const whole = testSheet({ List: LIST });
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { maxLength: 12 }), async (damage) => {
      const bytes = Uint8Array.from(whole);
      for (const [at, byte] of damage) bytes[at] = byte;
      const reply = await sheetText(bytes);
      expect('fault' in reply || typeof reply.text === 'string').toBe(true);
      expect(typeof isSheetFile(bytes)).toBe('boolean');
    }),
    { seed: 9, numRuns: 300 },
  );
});
