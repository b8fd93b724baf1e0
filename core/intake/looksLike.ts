// What a text is when it is no packing list: said at once, before a hundred names are asked.
import { SPECIES_COLUMNS } from '../species/index.ts';
import { headingKey } from './columns.ts';
import type { PackingList } from './packingList.ts';

/** With fewer names somebody can answer them. */
const MANY_NAMES = 40;
const UNKNOWN_SHARE = 0.7;

const BEGINNINGS: readonly [RegExp, string][] = [
  [/^\s*</, 'a page of the web'],
  [/^\s*BEGIN:VCALENDAR/, 'a calendar'],
  [/^\s*%PDF/, 'a PDF: ask for the list as CSV, or copy its lines into the field'],
  [/^\s*\{"format":"daily-crate/, 'the journal of a house: it is taken in by `npm run import`'],
  [/^\s*[{[]\s*["{]/, 'data of a program (JSON)'],
];

/** Undefined for what may well be a packing list. */
export function looksLike(text: string, headings: readonly string[], list: PackingList | undefined): string | undefined {
  const begins = BEGINNINGS.find(([pattern]) => pattern.test(text.slice(0, 200)))?.[1];
  if (begins) return begins;
  const keys = new Set(headings.map(headingKey));
  const own = SPECIES_COLUMNS.filter((heading) => headings.some((cell) => cell.trim().toLowerCase() === heading.toLowerCase()));
  if (own.length >= 6) return 'a list of species: it is taken in under Species';
  if (keys.has('tank') && (keys.has('rack') || keys.has('lot')))
    return 'a list of what lives in tanks: it is taken in under House, What lives here already';
  if (!list) return undefined;
  const unknown = list.names.filter(({ asked }) => asked).length;
  if (list.names.length < MANY_NAMES || unknown / list.names.length < UNKNOWN_SHARE) return undefined;
  const lines = new Set(list.names.flatMap((name) => name.lines)).size;
  return `${list.names.length} names in ${lines} lines, ${unknown} of which nobody here knows: no list of fish, or its names stand in another column`;
}
