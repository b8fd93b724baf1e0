// The species list as a table: one row a species, every column named with its unit. Reads what people write, says what is wrong where.
import { type CsvRow, type FileProblem, plain } from '../text/index.ts';
import {
  TOLERANCE_CLASSES,
  GUILDS,
  PREY,
  MEDICATION_FAMILIES,
  TEMPERAMENTS,
  WATER_TYPES,
  type SpeciesAdded,
  type Range,
  type SpeciesFields,
} from './entries.ts';

/** `fields` = what the table has columns for: nothing else may be taken for changed. */
export type SpeciesRead = { species: SpeciesAdded[]; problems: FileProblem[]; fields: (keyof SpeciesFields)[] };

type Cell = { text: string; fail: (expected: string) => undefined };
/** Words that a cell may hold: one of them, or some when `many`. */
type Choices = { options: readonly string[]; many: boolean };
type Column = {
  heading: string;
  field: keyof SpeciesAdded;
  required?: boolean;
  choices?: Choices;
  read: (cell: Cell) => Partial<SpeciesAdded> | undefined;
  write: (species: SpeciesAdded) => string | number | undefined;
};

const LIST = ';';
const SOURCES = '|';
const listOf = (text: string, mark = LIST) =>
  text
    .split(mark)
    .map((part) => part.trim())
    .filter(Boolean);

function number({ text, fail }: Cell, [min, max]: [number, number]): number | undefined {
  const value = Number(text.replace(',', '.'));
  return text !== '' && Number.isFinite(value) && value >= min && value <= max ? value : fail(`a number from ${min} to ${max}`);
}
function oneOf<T extends string>({ text, fail }: Cell, values: readonly T[]): T | undefined {
  return values.find((value) => value === text.toLowerCase()) ?? fail(`one of: ${values.join(', ')}`);
}
function someOf<T extends string>({ text, fail }: Cell, values: readonly T[]): T[] | undefined {
  const found = listOf(text.toLowerCase());
  return found.every((option) => (values as readonly string[]).includes(option))
    ? (found as T[])
    : fail(`some of: ${values.join(', ')}, parted by ${LIST}`);
}
const yesNo = ({ text, fail }: Cell): boolean | undefined =>
  ['yes', 'true', '1'].includes(text.toLowerCase())
    ? true
    : ['no', 'false', '0'].includes(text.toLowerCase())
      ? false
      : fail('yes, no, or nothing where nobody knows');
/** Written where it is known that there is none; an empty cell says that nobody knows. */
const NONE = 'none';
const isNone = (text: string) => text.toLowerCase() === NONE;
/** What is not written is not known. */
const known =
  (read: Column['read']): Column['read'] =>
  (cell) =>
    cell.text === '' ? {} : read(cell);
const some = <T, R>(value: T | undefined, use: (value: T) => R): R | undefined => (value === undefined ? undefined : use(value));

/** A field of one word out of a few; nothing when the cell is empty. */
function word<F extends 'temperament' | 'is' | 'guild' | 'tolerance'>(
  heading: string,
  field: F,
  options: readonly (SpeciesAdded[F] & string)[],
): Column {
  return {
    heading,
    field,
    choices: { options, many: false },
    read: (cell) => (cell.text ? some(oneOf(cell, options), (value) => ({ [field]: value })) : {}),
    write: (species) => species[field],
  };
}

/** A field of some words out of a few. */
function words<F extends 'water' | 'shyOf'>(heading: string, field: F, options: readonly string[]): Column {
  const orNone = field === 'shyOf' ? [...options, NONE] : options;
  return {
    heading,
    field,
    choices: { options: orNone, many: true },
    read: known((cell) =>
      isNone(cell.text) && field === 'shyOf' ? { shyOf: [] } : some(someOf(cell, options), (value) => ({ [field]: value })),
    ),
    write: (species) => (field === 'shyOf' && species.shyOf?.length === 0 ? NONE : species[field]?.join(`${LIST} `)),
  };
}

function flag(heading: string, field: 'jumps' | 'keptAlone'): Column {
  return {
    heading,
    field,
    choices: { options: ['yes', 'no'], many: false },
    read: known((cell) => some(yesNo(cell), (value) => ({ [field]: value }))),
    write: (species) => (species[field] === undefined ? undefined : species[field] ? 'yes' : 'no'),
  };
}

const COLUMNS: readonly Column[] = [
  { heading: 'id', field: 'species', read: ({ text }) => (text ? { species: text } : {}), write: ({ species }) => species },
  {
    heading: 'scientific name',
    field: 'scientific',
    read: known(({ text }) => ({ scientific: text })),
    write: (species) => species.scientific,
  },
  { heading: 'common name', field: 'common', required: true, read: ({ text }) => ({ common: text }), write: ({ common }) => common },
  {
    heading: 'other names',
    field: 'alsoCalled',
    read: ({ text }) => ({ alsoCalled: listOf(text) }),
    write: ({ alsoCalled }) => alsoCalled.join(`${LIST} `),
  },
  { ...words('water', 'water', WATER_TYPES), required: true },
  ...range('temperature', '°C', [-2, 45]),
  ...range('salinity', 'ppt', [0, 60]),
  {
    heading: 'adult length (cm)',
    field: 'adultCm',
    read: known((cell) => some(number(cell, [0.1, 300]), (adultCm) => ({ adultCm }))),
    write: ({ adultCm }) => adultCm,
  },
  word('temperament', 'temperament', TEMPERAMENTS),
  {
    heading: 'group of (heads)',
    field: 'groupOf',
    read: (cell) => (cell.text ? some(number(cell, [1, 100]), (groupOf) => ({ groupOf: Math.round(groupOf) })) : {}),
    write: ({ groupOf }) => groupOf,
  },
  { ...word('is', 'is', PREY), required: true },
  {
    heading: 'eats',
    field: 'eats',
    choices: { options: [...PREY, NONE], many: true },
    read: known((cell) =>
      isNone(cell.text) ? { eats: { prey: [], gape: 0 } } : some(someOf(cell, PREY), (prey) => ({ eats: { prey, gape: 0 } })),
    ),
    write: ({ eats }) => eats && (eats.prey.length === 0 ? NONE : eats.prey.join(`${LIST} `)),
  },
  {
    heading: 'mouth (share of own length)',
    field: 'eats',
    read: (cell) => (cell.text ? some(number(cell, [0, 1]), (gape) => ({ eats: { gape } }) as never) : {}),
    write: ({ eats }) => (eats && eats.gape > 0 ? eats.gape : undefined),
  },
  flag('jumps', 'jumps'),
  flag('kept alone', 'keptAlone'),
  {
    heading: 'never with (ids)',
    field: 'neverWith',
    read: ({ text }) => ({ neverWith: listOf(text) }),
    write: ({ neverWith }) => neverWith.join(`${LIST} `),
  },
  word('food guild', 'guild', GUILDS),
  word('tolerance', 'tolerance', TOLERANCE_CLASSES),
  words('harmed by (medication families)', 'shyOf', MEDICATION_FAMILIES),
  {
    heading: 'sources',
    field: 'sources',
    read: ({ text }) => ({ sources: listOf(text, SOURCES) }),
    write: ({ sources }) => sources.join(` ${SOURCES} `),
  },
];

/** Two columns, lowest and highest. */
function range(what: 'temperature' | 'salinity', unit: string, limits: [number, number]): Column[] {
  const field = what === 'temperature' ? 'temperatureC' : 'salinityPpt';
  return (['min', 'max'] as const).map((end) => ({
    heading: `${what} ${end} (${unit})`,
    field,
    read: known((cell) => some(number(cell, limits), (value) => ({ [field]: { [end]: value } }) as never)),
    write: (species) => species[field]?.[end],
  }));
}

export const SPECIES_COLUMNS: readonly string[] = COLUMNS.map(({ heading }) => heading);
/** The same columns as the fields of a form. */
export const SPECIES_FORM_FIELDS: readonly Pick<Column, 'heading' | 'required' | 'choices'>[] = COLUMNS;

/** One species as the cells of its row, in the order of `SPECIES_COLUMNS`. */
export function speciesRow(species: SpeciesAdded): (string | number | undefined)[] {
  return COLUMNS.map(({ write }) => write(species));
}

/** An id made of a name: `Boeseman's rainbowfish` → `boesemans-rainbowfish`. */
export const idOfName = (name: string): string =>
  plain(name)
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 64);

const isHeading = (cell: string, heading: string): boolean => cell.trim().toLowerCase() === heading.toLowerCase();

/** Rows (the first one the headings) as species. A row with a problem gives none, a heading that is not known none at all; columns may stand in any order. */
export function readSpeciesTable(rows: readonly CsvRow[]): SpeciesRead {
  const [head, ...body] = rows;
  if (!head) return { species: [], fields: [], problems: [{ line: 1, column: '', expected: 'a first row with the headings' }] };
  const places = new Map(COLUMNS.map((column) => [column, head.cells.findIndex((cell) => isHeading(cell, column.heading))]));
  const missing = COLUMNS.filter((column) => column.required && places.get(column) === -1);
  if (missing.length > 0)
    return {
      species: [],
      fields: [],
      problems: missing.map(({ heading }) => ({ line: head.line, column: heading, expected: 'a column of this heading' })),
    };
  const unread = head.cells.filter((cell) => cell.trim() !== '' && !COLUMNS.some(({ heading }) => isHeading(cell, heading)));
  if (unread.length > 0)
    return {
      species: [],
      fields: [],
      // What harms a fish could stand under a heading that nobody reads: left out in silence it would be taken for harmless.
      problems: unread.map((column) => ({
        line: head.line,
        column,
        expected: `one of these headings, or no such column: ${SPECIES_COLUMNS.join(' · ')}`,
      })),
    };
  const problems: FileProblem[] = [];
  const species: SpeciesAdded[] = [];
  const seen = new Set<string>();
  for (const { line, cells } of body) {
    const before = problems.length;
    const fail = (column: string) => (expected: string) => void problems.push({ line, column, expected });
    const read = COLUMNS.map((column) => {
      const text = cells[places.get(column)!] ?? '';
      if (column.required && text === '') return fail(column.heading)('something');
      return column.read({ text, fail: fail(column.heading) });
    });
    if (problems.length > before) continue;
    const added = whole(read);
    rangeStands(added.temperatureC, '(°C)', (end) => fail(`temperature ${end}`));
    rangeStands(added.salinityPpt, '(ppt)', (end) => fail(`salinity ${end}`));
    // A mouth of no size would eat nobody: whoever takes others has one.
    if (added.eats && added.eats.prey.length > 0 && added.eats.gape === 0)
      fail('mouth (share of own length)')('a share from 0.01 to 1, since it takes others');
    if (seen.has(added.species)) fail('id')(`another species than one above (${added.species})`);
    seen.add(added.species);
    if (problems.length === before) species.push(added);
  }
  const fields = COLUMNS.filter((column) => places.get(column) !== -1).map(({ field }) => field);
  return { species, problems, fields: [...new Set(fields)].filter((field) => field !== 'species') };
}

/** Both ends of a range or none, the lower one first. */
function rangeStands(range: Partial<Range> | undefined, unit: string, failAt: (end: string) => (expected: string) => void): void {
  if (!range) return;
  const { min, max } = range;
  if (min === undefined) failAt(`min ${unit}`)('the lowest too, or neither of the two');
  else if (max === undefined) failAt(`max ${unit}`)('the highest too, or neither of the two');
  else if (min > max) failAt(`max ${unit}`)('at least the lowest');
}

function whole(parts: (Partial<SpeciesAdded> | undefined)[]): SpeciesAdded {
  const read = parts.reduce<Partial<SpeciesAdded>>((sum, part) => {
    if (!part) return sum;
    const eats = { ...sum.eats, ...part.eats };
    const temperatureC = { ...sum.temperatureC, ...part.temperatureC };
    const salinityPpt = { ...sum.salinityPpt, ...part.salinityPpt };
    return { ...sum, ...part, eats, temperatureC, salinityPpt } as Partial<SpeciesAdded>;
  }, {});
  const { species, common = '', sources = [], eats, temperatureC, salinityPpt, ...rest } = read;
  return {
    alsoCalled: [],
    neverWith: [],
    ...rest,
    common,
    sources,
    species: species ?? idOfName(common),
    // The size of a mouth says nothing of what goes into it, and a range of no ends is none.
    ...(eats?.prey ? { eats } : {}),
    ...(temperatureC && Object.keys(temperatureC).length > 0 ? { temperatureC } : {}),
    ...(salinityPpt && Object.keys(salinityPpt).length > 0 ? { salinityPpt } : {}),
  } as SpeciesAdded;
}
