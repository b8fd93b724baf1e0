// Which column of a supplier's list says what: known by its heading, taught by hand, or not known.
import { type CsvRow, plain } from '../text/index.ts';

export const LIST_FIELDS = [
  'box',
  'bag',
  'bags',
  'scientific',
  'name',
  'code',
  'size',
  'count',
  'perBag',
  'waterL',
  'origin',
  'price',
  'note',
] as const;
export type ListField = (typeof LIST_FIELDS)[number];
/** Where each field stands, 0 = the first column. */
export type ListColumns = Partial<Record<ListField, number>>;
/** What a house said of a supplier's heading; `nothing` = leave it out. */
export type TaughtColumn = { heading: string; field: ListField | 'nothing' };

/** Headings as suppliers write them, in the plain form of `headingKey`. */
const HEADINGS: Record<ListField, readonly string[]> = {
  box: ['box', 'box no', 'box number', 'box nr', 'carton', 'carton no', 'case', 'bx', 'ctn', 'styro'],
  bag: ['bag', 'bag no', 'bag number', 'bag nr', 'bag id', 'bag label', 'bag ref', 'pouch', 'pouch no'],
  bags: ['bags', 'no of bags', 'number of bags', 'bag count', 'total bags', 'packs', 'bag qty'],
  scientific: ['scientific', 'scientific name', 'species', 'latin', 'latin name', 'taxon', 'binomial'],
  name: [
    'common',
    'common name',
    'name',
    'trade name',
    'description',
    'item',
    'fish',
    'article',
    'product',
    'variety',
    'livestock',
    'english name',
  ],
  code: ['code', 'sku', 'item no', 'item code', 'article no', 'product code', 'ref', 'stock no'],
  size: ['size', 'length', 'body size', 'size range', 'size class'],
  count: [
    'qty',
    'quantity',
    'count',
    'heads',
    'pcs',
    'pieces',
    'number',
    'total',
    'total qty',
    'total pcs',
    'shipped',
    'qty shipped',
    'no',
    'amount',
    'fish count',
    'heads in bag',
  ],
  perBag: ['per bag', 'qty per bag', 'pcs per bag', 'heads per bag', 'fish per bag', 'each bag', 'pcs bag', 'qty bag'],
  waterL: ['water', 'litres', 'liters', 'volume', 'water volume', 'bag water'],
  origin: ['origin', 'source', 'wild bred', 'wild or bred', 'provenance', 'wc cb'],
  price: [
    'price',
    'unit price',
    'price each',
    'price per fish',
    'price each fish',
    'unit cost',
    'cost',
    'cost each',
    'preis',
    'stueckpreis',
    'stuckpreis',
    'prix',
  ],
  note: ['note', 'notes', 'remark', 'remarks', 'comment', 'comments'],
};

const known = new Map(LIST_FIELDS.flatMap((field) => HEADINGS[field].map((heading) => [heading, field] as const)));
const SOUGHT_ROWS = 25;

/** A heading without case, accents, marks and what stands in brackets: `Bag No. (#)` → `bag no`. */
export function headingKey(heading: string): string {
  return plain(heading)
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .replace(/\b(cm|mm|ml|litres?|liters?|l|ppt)\b(?=\s*$)/, (unit, _all, index: number) => (index === 0 ? unit : ''))
    .trim();
}

/** The row that holds the headings: the first with the most headings that are known, at least two of them. */
export function findHeading(rows: readonly CsvRow[], taught: readonly TaughtColumn[] = []): number {
  const isKnown = fieldFinder(taught);
  let best = { index: -1, n: 1 };
  rows.slice(0, SOUGHT_ROWS).forEach(({ cells }, index) => {
    const n = new Set(cells.map(isKnown).filter(Boolean)).size;
    if (n > best.n) best = { index, n };
  });
  return best.index;
}

function fieldFinder(taught: readonly TaughtColumn[]): (heading: string) => ListField | 'nothing' | undefined {
  const learnt = new Map(taught.map(({ heading, field }) => [headingKey(heading), field]));
  return (heading) => learnt.get(headingKey(heading)) ?? known.get(headingKey(heading));
}

/** Each field's column as far as the headings tell; the first of two that say the same. */
export function guessColumns(cells: readonly string[], taught: readonly TaughtColumn[] = []): ListColumns {
  const find = fieldFinder(taught);
  const columns: ListColumns = {};
  cells.forEach((heading, index) => {
    const field = find(heading);
    if (field && field !== 'nothing') columns[field] ??= index;
  });
  return columns;
}

/** What must still be shown by hand before the lines can be read. */
export function missingColumns({ scientific, name, code, count, perBag }: ListColumns): ('name' | 'count')[] {
  return [
    ...(scientific === undefined && name === undefined && code === undefined ? (['name'] as const) : []),
    ...(count === undefined && perBag === undefined ? (['count'] as const) : []),
  ];
}
