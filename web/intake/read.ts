// A list as the worker reads it: text and what is known so far in, everything that the page shows out.
import {
  findHeading,
  guessColumns,
  headingKey,
  LIST_FIELDS,
  missingColumns,
  readHeader,
  readPackingList,
  type Answers,
  type ListColumns,
  type ListField,
  type ListHeader,
  type PackingList,
  type TaughtColumn,
  type TaughtName,
} from '#core/intake/index.ts';
import { makeLookUp, type LookUp, type Named } from '#core/species/index.ts';
import { parseCsv, type CsvRow, type FileProblem } from '#core/text/index.ts';

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
  problems: FileProblem[];
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

export function readList({ text, zone, allSpecies, taught, headingLine, columns: byHand, answers }: ReadRequest): ReadReply {
  const { rows, broken } = parseCsv(text);
  const found = headingLine === undefined ? findHeading(rows, taught.columns) : rows.findIndex(({ line }) => line === headingLine);
  const width = Math.max(0, ...rows.map(({ cells }) => cells.length));
  // A file whose headings nobody knows: its first wide line is taken for them, to be put right by hand.
  const index = found >= 0 || headingLine === 0 ? found : rows.findIndex(({ cells }) => cells.filter(Boolean).length >= Math.min(3, width));
  const heading: CsvRow = rows[index] ?? { line: 0, cells: Array.from({ length: width }, (_, column) => `column ${column + 1}`) };
  const body = rows.slice(index + 1);
  const columns = withHand(guessColumns(heading.cells, taught.columns), byHand);
  const missing = missingColumns(columns);
  const { header, problems } = readHeader(rows.slice(0, Math.max(0, index)), zone);
  const quotes = broken.map(({ line, why }) => ({ line, column: '', expected: `proper quotes (${why})` }));
  const list =
    missing.length > 0
      ? undefined
      : readPackingList({ heading, rows: body, columns, allSpecies, taught: taught.names, answers, lookUp: lookUpFor(allSpecies) });
  return {
    top: rows.slice(0, TOP),
    headingLine: heading.line,
    headings: heading.cells,
    samples: heading.cells.map((_, column) => body.find(({ cells }) => cells[column])?.cells[column] ?? ''),
    columns,
    missing,
    header,
    problems: [...quotes, ...problems, ...(list?.problems ?? [])],
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
    .filter(({ key }) => answers[key])
    .map(({ key, heard }) => ({ heard: heard.slice(0, 120), species: answers[key]! }));
  return { columns, names };
}
