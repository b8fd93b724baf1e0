// A list, whole, as a worker reads it: text and what is known so far in, everything that the page shows out.
import { makeLookUp, type LookUp, type Named } from '../species/index.ts';
import { parseCsv, type CsvRow } from '../text/index.ts';
import {
  findHeading,
  guessColumns,
  headingKey,
  LIST_FIELDS,
  missingColumns,
  type ListColumns,
  type ListField,
  type TaughtColumn,
} from './columns.ts';
import { readHeader, type ListHeader } from './header.ts';
import { looksLike } from './looksLike.ts';
import { readPackingList, type Answers, type Fixes, type ListProblem, type PackingList, type TaughtName } from './packingList.ts';
import { readTypedRows, TYPED_COLUMNS, TYPED_HEADING } from './typed.ts';

export type Field = ListField | 'nothing';
export type ReadRequest = {
  text: string;
  zone: string;
  allSpecies: readonly Named[];
  taught: { columns: readonly TaughtColumn[]; names: readonly TaughtName[] };
  /** By hand on this page: the line of the headings (0 = there are none), what columns say, what names mean. */
  headingLine?: number;
  columns: Record<number, Field>;
  answers: Answers;
  fixes?: Fixes;
};
export type ReadReply = {
  /** First lines of the file, to find the headings among. */
  top: CsvRow[];
  headingLine: number;
  headings: string[];
  /** A cell under each heading. */
  samples: string[];
  columns: ListColumns;
  missing: ('name' | 'count')[];
  header: ListHeader;
  problems: ListProblem[];
  /** What it is, when it is no packing list. */
  looksLike?: string;
  /** Read as lines that somebody typed, without columns. */
  typed: boolean;
  /** What was passed over above the lines, and of a typed list what else stands there. */
  notices: string[];
  list?: PackingList;
};

const TOP = 12;
let known: { key: string; lookUp: LookUp } | undefined;

/** The look-up is built anew only for another species list. */
function lookUpFor(allSpecies: readonly Named[]): LookUp {
  const key = `${allSpecies.length} ${JSON.stringify(allSpecies).length} ${allSpecies.at(-1)?.id ?? ''}`;
  if (known?.key !== key) known = { key, lookUp: makeLookUp(allSpecies) };
  return known.lookUp;
}

export function readList(request: ReadRequest): ReadReply {
  const { text, zone, allSpecies, taught, headingLine, columns: byHand, answers, fixes = {} } = request;
  const { rows, broken } = parseCsv(text);
  const found = headingLine === undefined ? findHeading(rows, taught.columns) : rows.findIndex(({ line }) => line === headingLine);
  const typed = found < 0 && headingLine === undefined ? readTypedRows(text) : undefined;
  if (typed) return readTypedList(typed, request);
  const width = Math.max(0, ...rows.map(({ cells }) => cells.length));
  // A file whose headings nobody knows: its first wide line is taken for them, to be put right by hand.
  const index = found >= 0 || headingLine === 0 ? found : rows.findIndex(({ cells }) => cells.filter(Boolean).length >= Math.min(3, width));
  const heading: CsvRow = rows[index] ?? { line: 0, cells: Array.from({ length: width }, (_, column) => `column ${column + 1}`) };
  const body = rows.slice(index + 1);
  const columns = withHand(guessColumns(heading.cells, taught.columns), byHand);
  const missing = missingColumns(columns);
  const { header, problems: inHeader } = readHeader(rows.slice(0, Math.max(0, index)), zone);
  const quotes = broken
    .filter(({ line }) => fixes[line] === undefined)
    .map(({ line, why }): ListProblem => ({ line, column: '', expected: `proper quotes (${why})`, said: '' }));
  const list =
    missing.length > 0
      ? undefined
      : readPackingList({ heading, rows: body, columns, allSpecies, taught: taught.names, answers, fixes, lookUp: lookUpFor(allSpecies) });
  return {
    top: rows.slice(0, TOP),
    headingLine: heading.line,
    headings: heading.cells,
    samples: heading.cells.map((_, column) => body.find(({ cells }) => cells[column])?.cells[column] ?? ''),
    columns,
    missing,
    header,
    problems: [...quotes, ...(list?.problems ?? [])],
    looksLike: looksLike(text, heading.cells, list),
    typed: false,
    notices: inHeader.map(({ line, column, expected }) => `Line ${line}, “${column}”: not read; expected ${expected}.`),
    list,
  };
}

type Typed = NonNullable<ReturnType<typeof readTypedRows>>;

/** Lines that somebody typed or pasted out of a letter: lots, dates where they are said, and words. */
function readTypedList({ rows, others: written }: Typed, { zone, allSpecies, taught, answers, fixes }: ReadRequest): ReadReply {
  const lookUp = lookUpFor(allSpecies);
  const heading = { line: 0, cells: [...TYPED_HEADING] };
  // A line that names a fish and no number is a bag that nobody could read: asked about, never words.
  const unread = written.filter(({ text }) => lookUp.settle(text) !== undefined);
  const others = written.filter((line) => !unread.includes(line));
  const lots = [...rows, ...unread.map(({ line, text }) => ({ line, cells: ['', text, '', ''] }))].sort((a, b) => a.line - b.line);
  const list = readPackingList({ heading, rows: lots, columns: TYPED_COLUMNS, allSpecies, taught: taught.names, answers, fixes, lookUp });
  const { header } = readHeader(
    others.map(({ line, text }) => ({ line, cells: [text] })),
    zone,
  );
  return {
    top: [],
    headingLine: 0,
    headings: [],
    samples: [],
    columns: {},
    missing: [],
    header,
    problems: list.problems,
    looksLike: looksLike('', [], list),
    typed: true,
    notices: others.map(({ line, text }) => `Line ${line} is read as words: “${text}”.`),
    list,
  };
}

function withHand(guessed: ListColumns, byHand: Record<number, Field>): ListColumns {
  const columns = { ...guessed };
  for (const [column, field] of Object.entries(byHand)) {
    for (const field of LIST_FIELDS) if (columns[field] === Number(column)) delete columns[field];
    if (field !== 'nothing') columns[field] = Number(column);
  }
  return columns;
}

/** What was explained by hand and the supplier's next list should not ask again. */
export function learnt(
  reply: ReadReply,
  byHand: Record<number, Field>,
  answers: Answers,
): { columns: TaughtColumn[]; names: TaughtName[] } {
  const columns = Object.entries(byHand)
    .map(([column, field]) => ({ heading: reply.headings[Number(column)] ?? '', field }))
    .filter(({ heading }) => reply.headingLine > 0 && headingKey(heading) !== '');
  const names = (reply.list?.names ?? [])
    .filter(({ key }) => Object.hasOwn(answers, key) && answers[key])
    .map(({ key, heard }) => ({ heard: heard.slice(0, 120), species: answers[key]! }));
  return { columns, names };
}
