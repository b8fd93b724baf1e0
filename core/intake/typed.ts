// Lines as people type or paste them: `3 banggai, 6 chromis S @2.10`, `2x tailspot blenny 4 cm`, `kuhli loach x 12`.
export type TypedLine = {
  /** As it was written, to be read like a cell: `3`, `6+1`, `2x3`, `40-50`. */ count: string;
  name: string;
  /** `4 cm`, `S`; '' where none is said. */ size: string;
  /** What one costs, as it was written; '' where none is said. */ price: string;
};

/** Nobody types a longer line about fish; a file of one line of a million letters is not searched for them. */
const LONGEST = 500;
const COUNT = String.raw`\d+(?:\s*\+\s*\d+)?|\d+\s*(?:-|–)\s*\d+|\d+\s*[x×*]\s*\d+(?:\s*\+\s*\d+)?`;
const FIRST = new RegExp(String.raw`^(${COUNT})\s*(?:[x×]|pcs?\.?|heads?|no\.?)?\s+(?=\S)(.+)$`, 'i');
const LAST = new RegExp(String.raw`^(.+?)[\s:]+(?:[x×]\s*)?(${COUNT})\s*(?:pcs?\.?|heads?|ea\.?)?$`, 'i');
const PRICE = /(?:@|à|\ba\b)\s*([$€£]?\s?\d+(?:[.,]\d+)?\s*[$€£]?(?:\s*(?:usd|eur|gbp))?(?:\s*(?:each|ea\.?))?)\s*$/i;
const SIZE =
  /\s\(?(~?\d+(?:[.,]\d+)?\s*(?:"|”|''|cm|mm|in|inch(?:es)?)?\s*(?:(?:-|–|to)\s*\d+(?:[.,]\d+)?\s*)?(?:cm|mm|"|”|''|in\b|inch(?:es)?\b)\+?)\)?(?=\s|$)/i;
/** Size classes in capitals, or as whole words: a small letter alone is a letter. */
const CLASS = /\s\(?(XS|S|SM|M|MD|ML|L|LG|XL|XXL|[Tt]iny|[Ss]mall|[Mm]edium|[Ll]arge|[Jj]uv(?:enile)?|[Ss]ub-?adult|[Aa]dult)\)?$/;

/** One lot of a typed line; undefined when it says no count or no name. */
export function readTyped(text: string): TypedLine | undefined {
  if (text.length > LONGEST) return undefined;
  let left = text.replace(/^[\s•*·–-]+/, '').replace(/[\s,;.]+$/, '');
  const price = PRICE.exec(left)?.[1]?.trim() ?? '';
  left = left.replace(PRICE, '').trim();
  const sized = SIZE.exec(` ${left}`)?.[1]?.trim() ?? '';
  if (sized) left = ` ${left}`.replace(SIZE, ' ').trim();
  const classed = sized ? '' : (CLASS.exec(left)?.[1] ?? '');
  if (classed) left = left.replace(CLASS, '').trim();
  const [, count, name] = FIRST.exec(left) ?? [];
  if (count && name && /\p{L}/u.test(name)) return { count, name: tidy(name), size: sized || classed, price };
  const [, named, counted] = LAST.exec(left) ?? [];
  return named && counted && /\p{L}/u.test(named) ? { count: counted, name: tidy(named), size: sized || classed, price } : undefined;
}

const tidy = (name: string) =>
  name
    .replace(/^(?:of|x)\s+/i, '')
    .replace(/[\s,;:()–-]+$/, '')
    .replace(/\s+/g, ' ');

/** The lots that one line holds: parted where a comma, a semicolon or `and` stands before the next count. */
export function partsOfLine(line: string): string[] {
  if (line.length > LONGEST) return [line];
  return line
    .split(/\s*(?:[,;]|\band\b)\s*(?=\d+(?:\s*[-–+]\s*\d+)?\s*(?:[x×]\s*)?(?!(?:cm|mm|in|inch|inches)\b)\p{L})/iu)
    .map((part) => part.trim())
    .filter(Boolean);
}

/** The columns of lines that were typed. */
export const TYPED_HEADING = ['heads', 'name', 'length', 'price'] as const;
export const TYPED_COLUMNS = { count: 0, name: 1, size: 2, price: 3 } as const;
/** A name with a number alone in it is a row of cells, not what somebody said. */
const CELLS = /(?:^|\s)\d+(?:[.,]\d+)?(?:\s|$)/;
/** Of the lines so many must be lots for the whole to be a typed list. */
const LOTS_SHARE = 0.3;

type TypedRows = { rows: { line: number; cells: string[] }[]; others: { line: number; text: string }[] };

/** A text of typed lines as rows of cells, with the lines that are none; undefined when it is no such text. */
export function readTypedRows(text: string): TypedRows | undefined {
  const read: TypedRows = { rows: [], others: [] };
  let lots = 0;
  text.split(/\r?\n/).forEach((written, index) => {
    const line = index + 1;
    if (written.trim() === '') return;
    const parts = partsOfLine(written.replaceAll('\t', ' ')).map(readTyped);
    if (parts.some((part) => part === undefined || CELLS.test(part.name))) return void read.others.push({ line, text: written.trim() });
    lots += 1;
    for (const part of parts) read.rows.push({ line, cells: [part!.count, part!.name, part!.size, part!.price] });
  });
  return lots > 0 && lots >= LOTS_SHARE * (lots + read.others.length) ? read : undefined;
}
