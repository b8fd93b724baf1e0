// A house's own list of what lives where: tank, animal, heads, length; with headings, or a line a lot as people type it. Pure.
import type { Origin } from '../lots/index.ts';
import { makeLookUp, type LookUp, type Named } from '../species/index.ts';
import { parseCsv, plain, type CsvRow, type FileProblem } from '../text/index.ts';
import { readHeads, readOrigin, readSize } from './cells.ts';
import { findHeading, guessColumns, headingKey, type ListColumns } from './columns.ts';
import { makeNamer, type Answers, type ReadName } from './packingList.ts';
import { partsOfLine, readTyped } from './typed.ts';

export type ReadStock = {
  line: number;
  tank: string;
  name: ReadName;
  n: number;
  between?: { min: number; max: number };
  sizeCm?: number;
  origin: Origin;
};
export type StockList = { lots: ReadStock[]; names: ReadName[]; problems: FileProblem[] };

const TANK_HEADINGS = new Set(['tank', 'tank no', 'tank number', 'tank code', 'where', 'location', 'place', 'aquarium']);
const LIST_MARK = /[,;\t]/;
type Cells = { tank: string; heads: string; size: string; origin: string; heard: string[] };
type Options = { text: string; tanks: readonly string[]; allSpecies: readonly Named[]; answers?: Answers; lookUp?: LookUp };

export function readStockList({ text, tanks, allSpecies, answers = {}, lookUp = makeLookUp(allSpecies) }: Options): StockList {
  const list: StockList = { lots: [], names: [], problems: [] };
  const codeOf = new Map(tanks.map((code) => [code.toLowerCase(), code]));
  const namer = makeNamer({ lookUp, taught: [], answers, names: list.names });
  for (const { line, cells } of linesOf(text, codeOf)) {
    const before = list.problems.length;
    const fail = (column: string, expected: string) => void list.problems.push({ line, column, expected });
    if (typeof cells === 'string') {
      fail('', cells);
      continue;
    }
    const tank = codeOf.get(cells.tank.trim().toLowerCase());
    const heads = readHeads(cells.heads);
    const size = readSize(cells.size);
    if (!tank) fail('tank', cells.tank ? `the code of a tank (there is no ${cells.tank})` : 'the code of a tank');
    if (cells.heard.length === 0) fail('name', 'a name');
    if (!heads) fail('heads', 'heads such as 12 or 40-50');
    if (!size) fail('length', 'a length such as 4, 3-4 cm or 2"');
    if (list.problems.length > before || !tank || !heads || !size) continue;
    list.lots.push({ line, tank, name: namer(cells.heard, line), ...heads, ...size, origin: readOrigin(cells.origin) });
  }
  return list;
}

type Line = { line: number; /** A text says what was expected instead. */ cells: Cells | string };

function linesOf(text: string, codeOf: ReadonlyMap<string, string>): Line[] {
  const { rows } = parseCsv(text);
  const index = findTankHeading(rows);
  if (index < 0) return typedLines(text, codeOf);
  const heading = rows[index]!;
  const columns = guessColumns(heading.cells);
  const tankColumn = heading.cells.findIndex((cell) => TANK_HEADINGS.has(headingKey(cell)));
  return rows
    .slice(index + 1)
    .filter(({ cells }) => cells.some(Boolean))
    .map(({ line, cells }) => ({ line, cells: cellsOf(cells, columns, tankColumn, heading.cells[columns.size ?? -1]) }));
}

function cellsOf(cells: readonly string[], columns: ListColumns, tankColumn: number, sizeHeading = ''): Cells {
  const cell = (index: number | undefined) => (index === undefined ? '' : (cells[index] ?? ''));
  const size = cell(columns.size);
  const unit = /^\d+([.,]\d+)?$/.test(size) ? (/\bmm\b/i.test(sizeHeading) ? ' mm' : /\binch|\bin\b/i.test(sizeHeading) ? ' in' : '') : '';
  return {
    tank: cell(tankColumn),
    heads: cell(columns.count ?? columns.perBag),
    size: `${size}${unit}`,
    origin: cell(columns.origin),
    heard: [cell(columns.scientific), cell(columns.name)].filter(Boolean),
  };
}

/** The row of headings: one of a tank, and one that names what lives there. */
function findTankHeading(rows: readonly CsvRow[]): number {
  const index = rows.findIndex(
    ({ cells }) =>
      cells.some((cell) => TANK_HEADINGS.has(headingKey(cell))) &&
      cells.some((cell) => Object.keys(guessColumns([cell])).some((field) => field === 'name' || field === 'scientific')),
  );
  return index >= 0 ? index : findHeading(rows) >= 0 && rows[0]?.cells.some((cell) => TANK_HEADINGS.has(headingKey(cell))) ? 0 : -1;
}

/** `F1: 12 kuhli loach 5 cm, 3 comet` is two lots in F1. */
function typedLines(text: string, codeOf: ReadonlyMap<string, string>): Line[] {
  return text.split(/\r?\n/).flatMap((typed, index): Line[] => {
    const line = index + 1;
    if (plain(typed).trim() === '') return [];
    const [, code = '', rest = ''] = /^[\s"]*([^\s:,;"]+)[\s:,;"-]+(.*)$/.exec(typed) ?? [];
    if (!codeOf.has(code.toLowerCase())) {
      const why = /^\D{1,4}\d+$/.test(code) ? `: there is no tank ${code}` : '';
      return [{ line, cells: `a line such as “F1: 12 kuhli loach 5 cm”, its tank first${why}` }];
    }
    const parts = partsOfLine(rest.replace(/"(?=\s*[,;]|$)/g, '"'));
    return parts.map((part): Line => {
      const lot = readTyped(
        part
          .split(LIST_MARK)
          .map((cell) => cell.trim())
          .filter(Boolean)
          .join(' '),
      );
      if (!lot) return { line, cells: 'how many, and of what: “F1: 12 kuhli loach 5 cm”' };
      return { line, cells: { tank: code, heads: lot.count, size: lot.size, origin: '', heard: [lot.name] } };
    });
  });
}
