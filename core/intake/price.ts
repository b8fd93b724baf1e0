// What one fish costs, as a list writes it.

/** `currency` = three capital letters, where the cell says it. */
export type ReadPrice = { price: number; currency?: string };
const SIGNS: Readonly<Record<string, string>> = { '€': 'EUR', '£': 'GBP' };
const CODES = 'EUR|USD|GBP|CHF|SEK|NOK|DKK|PLN|CZK|HUF|AUD|CAD|NZD|JPY|SGD|HKD|IDR|LKR|KES|BRL|MXN|ZAR';
const PRICE = new RegExp(
  `^(?:(${CODES}|[€£$])\\s*)?(\\d{1,6}(?:[.,]\\d{1,2})?)(?:\\s*(${CODES}|[€£$]))?(?:\\s*(?:each|ea\\.?|/ ?(?:fish|pc|each)))?$`,
  'i',
);
const CODE = new RegExp(`(?:^|[^A-Za-z])(${CODES})(?:$|[^A-Za-z])`, 'i');

/**
 * A price of one: `2.10`, `€2,10`, `2.10 EUR each`; undefined when it cannot be read. A dollar may be of many countries: no currency is said for it.
 * What has thousands in it, or more than two decimals, is not read: a point there may be either.
 */
export function readPrice(cell: string): ReadPrice | undefined {
  const [, before, digits, after] = PRICE.exec(cell.trim()) ?? [];
  if (digits === undefined) return undefined;
  const price = Number(digits.replace(',', '.'));
  const currency = currencyOf(before ?? after ?? '');
  return currency ? { price, currency } : { price };
}

/** The currency that a cell or a heading names: `Price (EUR)`, `price €`. */
export function currencyOf(text: string): string | undefined {
  const sign = Object.keys(SIGNS).find((mark) => text.includes(mark));
  return sign ? SIGNS[sign] : CODE.exec(text)?.[1]?.toUpperCase();
}
