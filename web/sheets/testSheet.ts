// A spreadsheet of the barest sort, as tests need it: cells as they stand in the XML.
import { strToU8, zipSync, type Zippable } from 'fflate';

const XML = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';
const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const LINKS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const column = (index: number): string => (index >= 26 ? column(Math.floor(index / 26) - 1) : '') + String.fromCharCode(65 + (index % 26));
const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** `raw` = the inside of the cell, a formula with what it came to. */
export type TestCell = string | number | null | { raw: string };
function cellXml(cell: TestCell, place: string): string {
  if (cell === null) return '';
  if (typeof cell === 'number') return `<c r="${place}"><v>${cell}</v></c>`;
  return typeof cell === 'string'
    ? `<c r="${place}" t="inlineStr"><is><t>${escaped(cell)}</t></is></c>`
    : `<c r="${place}">${cell.raw}</c>`;
}
const sheetXml = (rows: readonly (readonly TestCell[])[], merged = '') =>
  `${XML}<worksheet xmlns="${MAIN}"><sheetData>${rows
    .map((row, y) => `<row r="${y + 1}">${row.map((cell, x) => cellXml(cell, `${column(x)}${y + 1}`)).join('')}</row>`)
    .join('')}</sheetData>${merged}</worksheet>`;

type Sheets = Record<string, readonly (readonly TestCell[])[]>;
/** `more` = other parts of the file, such as macros; `merged` = XML after the cells. */
export function testSheet(sheets: Sheets, { more = {}, merged = '' }: { more?: Zippable; merged?: string } = {}): Uint8Array {
  const names = Object.keys(sheets);
  return zipSync({
    '[Content_Types].xml': strToU8(
      `${XML}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/>${names.map((_, index) => `<Override PartName="/xl/worksheets/sheet${index + 1}.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/>`).join('')}</Types>`,
    ),
    '_rels/.rels': strToU8(
      `${XML}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${LINKS}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    ),
    'xl/workbook.xml': strToU8(
      `${XML}<workbook xmlns="${MAIN}" xmlns:r="${LINKS}"><sheets>${names.map((name, index) => `<sheet name="${escaped(name)}" sheetId="${index + 1}" r:id="rId${index + 1}"/>`).join('')}</sheets></workbook>`,
    ),
    'xl/_rels/workbook.xml.rels': strToU8(
      `${XML}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${names.map((_, index) => `<Relationship Id="rId${index + 1}" Type="${LINKS}/worksheet" Target="worksheets/sheet${index + 1}.xml"/>`).join('')}</Relationships>`,
    ),
    ...Object.fromEntries(names.map((name, index) => [`xl/worksheets/sheet${index + 1}.xml`, strToU8(sheetXml(sheets[name]!, merged))])),
    ...more,
  });
}
