// Single cells of a packing list: counts, sizes, volumes, origins, boxes. Each gives its value or what was expected.
import type { Origin } from '../lots/index.ts';
import { plain } from '../text/index.ts';

export type Count = { n: number; /** Of `n`, sent free against losses: the `1` of `6+1`. */ free: number; bags: number };
const INCH_CM = 2.54;
const MAX_COUNT = 10_000;
const MAX_HEADS = 100_000;

/** `6`, `6+1` (one free), `3x6` or `3 bags of 6` (bags × heads each). */
export function readCount(text: string): Count | undefined {
  const typed = text
    .trim()
    .toLowerCase()
    .replace(/\s*(pcs?|heads?|fish|ea(ch)?)\.?$/, '');
  const parts = /^(?:(\d+)\s*(?:x|×|\*|bags? (?:of|x))\s*)?(\d+)(?:[.,]0+)?(?:\s*\+\s*(\d+))?$/.exec(typed);
  if (!parts) return undefined;
  const [bags, listed, free] = [Number(parts[1] ?? 1), Number(parts[2]), Number(parts[3] ?? 0)];
  const n = listed + free;
  return n >= 1 && bags >= 1 && n * bags <= MAX_COUNT ? { n, free, bags } : undefined;
}

/** Living heads as they are known where fish are not counted out: `12`, `40-50`, `about 30`. */
export function readHeads(text: string): { n: number; between?: { min: number; max: number } } | undefined {
  const typed = text
    .trim()
    .toLowerCase()
    .replace(/^(?:about|around|ca\.?|~|≈)\s*/, '');
  const span = /^(\d{1,6})\s*(?:-|–|to)\s*(\d{1,6})$/.exec(typed);
  if (span) {
    const [min, max] = [Number(span[1]), Number(span[2])];
    return min >= 1 && max > min && max <= MAX_HEADS ? { n: Math.round((min + max) / 2), between: { min, max } } : undefined;
  }
  const n = readCount(typed);
  return n && { n: n.n * n.bags };
}

/** Body length, cm: `4`, `3-4 cm`, `45 mm`, `2"`. A size class (`M`) is no length: nothing, and no fault. */
export function readSize(text: string, heading = ''): { sizeCm?: number } | undefined {
  const typed = inDecimals(text.trim().toLowerCase().replaceAll(',', '.'), /\b(in|inch(es)?)\b/i.test(heading));
  if (typed === '' || /^[a-z/+\s-]+$/.test(typed)) return {};
  const parts =
    /^~?(\d+(?:\.\d+)?)\s*("|”|''|cm|mm|in|inch(?:es)?)?\s*(?:(?:-|–|to|\/)\s*(\d+(?:\.\d+)?))?\s*(cm|mm|"|”|''|in|inch(?:es)?)?\.?\+?$/.exec(
      typed,
    );
  if (!parts) return undefined;
  const from = Number(parts[1]);
  const middle = (from + Number(parts[3] ?? from)) / 2;
  const [first, last] = [parts[2], parts[4]];
  // From millimetres to inches: one of the two is a slip.
  if (first && last && unitOf(first) !== unitOf(last)) return undefined;
  const unit = unitOf(last ?? first) ?? (/\bmm\b/i.test(heading) ? 'mm' : /\b(in|inch(es)?)\b/i.test(heading) ? 'in' : 'cm');
  const sizeCm = unit === 'cm' ? middle : unit === 'mm' ? middle / 10 : middle * INCH_CM;
  return sizeCm >= 0.1 && sizeCm <= 300 ? { sizeCm } : undefined;
}

/** What marks an inch is `in`; nothing where no unit is written. */
const unitOf = (mark: string | undefined) => (mark === undefined || mark === 'cm' || mark === 'mm' ? mark : 'in');

/** Inches are written in fractions: `1 1/2"`, `3/4"`; elsewhere a stroke is from one to the other, as in `3/4 cm`. */
function inDecimals(typed: string, inInches: boolean): string {
  if (!inInches && !/["”]|''|\bin(?:ch|ches)?\b/.test(typed)) return typed;
  return typed
    .replace(/(\d+)[\s-]+([1357])\/([248])(?!\d)/g, (_all, whole, part, parts) => String(Number(whole) + Number(part) / Number(parts)))
    .replace(/(?<![\d.])([1357])\/([248])(?!\d)/g, (_all, part, parts) => String(Number(part) / Number(parts)));
}

/** Bag water, L: `1.4`, `1,4 L`, `1400 ml`; the heading may carry the unit. */
export function readLitres(text: string, heading = ''): number | undefined {
  const parts = /^(\d+(?:[.,]\d+)?)\s*(ml|l|lit(?:re|er)s?)?\.?$/i.exec(text.trim());
  if (!parts) return undefined;
  const unit = (parts[2] ?? (/\bml\b/i.test(heading) ? 'ml' : 'l')).toLowerCase();
  const litres = Number(parts[1]!.replace(',', '.')) / (unit === 'ml' ? 1000 : 1);
  return litres >= 0.05 && litres <= 500 ? litres : undefined;
}

const ORIGINS: readonly [RegExp, Origin][] = [
  [/\b(wild|wc|w|caught|net)\b/, 'wild'],
  [/\b(farm|farmed|f|maricultured?|mc|pond)\b/, 'farmed'],
  [/\b(bred|cb|tb|tr|captive|tank|aquacultured?|hatchery|f[1-9])\b/, 'bred'],
];

/** What an origin cell says; a word that says nothing of it is `unknown`. */
export function readOrigin(text: string): Origin {
  const words = plain(text).replace(/[^a-z0-9]+/g, ' ');
  return ORIGINS.find(([pattern]) => pattern.test(words))?.[1] ?? 'unknown';
}

/** A box number: the figures of `2`, `Box 2`, `B-02`. */
export function readBox(text: string): number | undefined {
  const box = Number(/(\d+)\D*$/.exec(text)?.[1]);
  return Number.isInteger(box) && box >= 1 && box <= 500 ? box : undefined;
}

/** The labels of one or more bags: `7`, `A7`, `4-6` (three bags), `4, 5`. */
export function readLabels(text: string): string[] {
  const span = /^(\d+)\s*(?:-|–|to)\s*(\d+)$/.exec(text);
  if (span) {
    const [from, to] = [Number(span[1]), Number(span[2])];
    if (to > from && to - from < 100) return Array.from({ length: to - from + 1 }, (_, index) => String(from + index));
  }
  return /^\d+(\s*[,&]\s*\d+)+$/.test(text) ? text.split(/\s*[,&]\s*/) : [text];
}
