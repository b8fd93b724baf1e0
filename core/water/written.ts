// A number and its unit as people write them: `.25`, `25.`, `½`, `1½ L`, `25°`, `78º F`, `pH 7.2`, `SG 1.022`, `25,4`. No meaning is given to the unit here.

export type Written = {
  number: number;
  /** The other number that it may be: `1,000` is a thousand or one. */
  or?: number;
  /** In lower case, a name in front of the number included: `ph`, `sg`. */
  suffix: string;
  /** As the digits stand: `1.0` and `1` are not the same word. */
  digits: string;
};

const FRACTIONS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3, '⅛': 0.125 };
/** Signs that look alike and mean the same: Greek and micro mu, ordinal and degree, minus and hyphen, every space. */
const plainly = (text: string): string =>
  text
    .replaceAll('μ', 'µ')
    .replaceAll('º', '°')
    .replaceAll('˚', '°')
    .replaceAll('−', '-')
    .replace(/[\s\u00a0\u202f]+/g, ' ')
    .trim();

/** Undefined for what holds no number. @example readWritten('1½ L') gives 1.5 and 'l' */
export function readWritten(text: string): Written | undefined {
  const match = /^(ph|sg|s\.g\.)?\s*[:=]?\s*([+-]?)(\d+(?:[.,]\d*)?|[.,]\d+)?\s?([¼½¾⅓⅔⅛])?\s*(.*)$/i.exec(plainly(text));
  if (!match) return undefined;
  const [, before = '', sign, digits = '', fraction, after = ''] = match;
  if (digits === '' && fraction === undefined) return undefined;
  const thousands = /^(\d{1,3}),(\d{3})((?:,\d{3})*)(?![\d.,])/.exec(digits + after);
  const whole = digits === '' ? 0 : Number(digits.replace(',', '.'));
  const number = (sign === '-' ? -1 : 1) * (whole + (fraction ? FRACTIONS[fraction]! : 0));
  if (!Number.isFinite(number)) return undefined;
  const suffix = [before.replaceAll('.', ''), after].filter(Boolean).join(' ').toLowerCase();
  if (!thousands || fraction) return { number, suffix, digits };
  // With two commas it can only be thousands.
  const [all, first, second, rest] = thousands as unknown as [string, string, string, string];
  const many = Number(`${first}${second}${rest.replaceAll(',', '')}`);
  return rest === ''
    ? { number, or: many, suffix, digits }
    : { number: many, suffix: (digits + after).slice(all.length).trim().toLowerCase(), digits: all };
}
