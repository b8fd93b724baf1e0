// Tables as text: the only file that touches the CSV library. Knows rows and lines, not what a column means.
import Papa from 'papaparse';

/** A row with the line of the file that it begins on, 1 = the first. */
export type CsvRow = { line: number; cells: string[] };
/** What is wrong in a file, where, and what was expected there. `column` is its heading, empty when it is the whole line. */
export type FileProblem = { line: number; column: string; expected: string };
export type CsvTable = { rows: CsvRow[]; delimiter: string; /** Lines that are no proper CSV. */ broken: { line: number; why: string }[] };

const DELIMITERS = [',', ';', '\t', '|'];
/** Text that a spreadsheet would run as a formula, in the wide letters of the east too; a plain number with its sign is none. */
const FORMULA = /^[=@＝＠＋－\t\r\n]|^[+-](?!\d+(?:[.,]\d+)?$)/;

/** Reads delimited text: any of four delimiters, quoted fields, a byte order mark, either line end. Blank rows are left out. */
export function parseCsv(text: string): CsvTable {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimitersToGuess: DELIMITERS, delimiter: guessDelimiter(text) });
  const lines: number[] = [];
  let line = 1;
  for (const cells of parsed.data) {
    lines.push(line);
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\r\n|\n|\r/g)?.length ?? 0), 0);
  }
  const rows = parsed.data
    .map((cells, index) => ({ line: lines[index]!, cells: cells.map((cell) => cell.trim()) }))
    .filter(({ cells }) => cells.some(Boolean));
  const broken = parsed.errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row, message }) => ({ line: lines[row ?? 0] ?? 1, why: message.toLowerCase() }));
  return { rows, delimiter: parsed.meta.delimiter, broken };
}

/** The delimiter that parts the most lines into the same number of fields (outside quotes); lines above a heading count for little. */
function guessDelimiter(text: string): string {
  const lines = text
    .split(/\r\n|\n|\r/, 60)
    .map((part) => part.replace(/"[^"]*"/g, ''))
    .filter((cell) => cell.trim());
  let best = { delimiter: ',', weight: 0 };
  for (const delimiter of DELIMITERS) {
    const same = new Map<number, number>();
    for (const line of lines) {
      const fields = line.split(delimiter).length;
      if (fields > 1) same.set(fields, (same.get(fields) ?? 0) + 1);
    }
    for (const [fields, n] of same) if (n * Math.sqrt(fields) > best.weight) best = { delimiter, weight: n * Math.sqrt(fields) };
  }
  return best.delimiter;
}

/** A table as comma-separated text with a heading row; cells that a spreadsheet would run are made harmless. */
export function writeCsv(
  headings: readonly string[],
  rows: readonly (readonly (string | number | boolean | null | undefined)[])[],
): string {
  return Papa.unparse(
    { fields: [...headings], data: rows.map((row) => row.map((cell) => cell ?? '')) },
    { escapeFormulae: FORMULA, newline: '\r\n' },
  );
}

/** Bytes as text: UTF-8 when they are valid UTF-8, else Windows-1252, which every byte is. */
export function decodeText(bytes: Uint8Array): { text: string; encoding: 'UTF-8' | 'Windows-1252' } {
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}
