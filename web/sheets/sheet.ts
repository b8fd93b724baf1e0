// A spreadsheet file as the text of one of its sheets: values only. What is unpacked is weighed first; macros, links and pictures are never looked at.
import { unzipSync, zipSync, type Zippable } from 'fflate';
import readXlsx from 'read-excel-file/universal';
import { isOldSheet, isSheetFile, writeCsv } from '#core/text/index.ts';

export type SheetFault = 'no spreadsheet' | 'old format' | 'protected' | 'too much in it' | 'empty' | 'broken';
export type SheetText = { text: string; sheet: string; /** Other sheets with something in them. */ others: string[] };
export type SheetReply = SheetText | { fault: SheetFault };

/** Of all that is unpacked: ten times the longest list that is taken. */
const MOST_UNPACKED = 40_000_000;
const MOST_PARTS = 400;
const MOST_CELLS = 400_000;
/** Where values stand; all else is left in the file. */
const VALUES =
  /^(\[Content_Types\]\.xml|_rels\/\.rels|xl\/(workbook\.xml|sharedStrings\.xml|styles\.xml|_rels\/workbook\.xml\.rels|worksheets\/[^/]+\.xml))$/;

/** Only the parts with values, packed anew: what says that it is small and is not breaks off here. */
function valuesOf(bytes: Uint8Array): ArrayBuffer | SheetFault {
  let unpacked = 0;
  let parts = 0;
  const files = unzipSync(bytes, {
    filter: ({ name, originalSize }) => {
      parts += 1;
      if (!VALUES.test(name) || parts > MOST_PARTS || unpacked > MOST_UNPACKED) return false;
      unpacked += originalSize;
      return unpacked <= MOST_UNPACKED;
    },
  });
  if (unpacked > MOST_UNPACKED || parts > MOST_PARTS) return 'too much in it';
  if (!files['xl/workbook.xml']) return 'no spreadsheet';
  const plain: Zippable = Object.fromEntries(Object.entries(files).map(([name, file]) => [name, [file, { level: 0 }]]));
  return zipSync(plain).buffer;
}

const sayCell = (value: unknown): string | number => {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return value;
  if (value instanceof Date) return value.toISOString().replace(/T00:00:00\.000Z$/, '');
  return typeof value === 'string' ? value.trim() : typeof value === 'boolean' ? String(value) : '';
};

/** Lines that may be of a table: with more than one word in them. */
const lines = (rows: readonly (readonly unknown[])[]): number =>
  rows.filter((row) => row.filter((cell) => cell !== null && cell !== '').length > 1).length;

/** The sheet with most lines of a table, the first of them where several have as many. Never throws. */
export async function sheetText(bytes: Uint8Array): Promise<SheetReply> {
  if (isOldSheet(bytes)) return { fault: 'old format' };
  if (!isSheetFile(bytes)) return { fault: 'no spreadsheet' };
  try {
    const values = valuesOf(bytes);
    if (typeof values === 'string') return { fault: values };
    const sheets = (await readXlsx(values))
      .map(({ sheet, data }) => ({ sheet, rows: data.filter((row) => row.some((cell) => cell !== null && cell !== '')) }))
      .filter(({ rows }) => rows.length > 0);
    const chosen = sheets.toSorted((a, b) => lines(b.rows) - lines(a.rows))[0];
    if (!chosen) return { fault: 'empty' };
    if (chosen.rows.reduce((sum, row) => sum + row.length, 0) > MOST_CELLS) return { fault: 'too much in it' };
    const [headings, ...rows] = chosen.rows.map((row) => row.map(sayCell));
    return {
      text: writeCsv(headings!.map(String), rows),
      sheet: chosen.sheet,
      others: sheets.filter(({ sheet }) => sheet !== chosen.sheet).map(({ sheet }) => sheet),
    };
  } catch (error) {
    return { fault: /encrypt|password/i.test(String(error)) ? 'protected' : 'broken' };
  }
}
