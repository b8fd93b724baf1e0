// An order in words: a line, and the letter.
import type { OrderCard, OrderLineCard } from '#contract/views.ts';
import { plural } from './text.ts';

/** `12 green chromis, 4 cm, wild, 3.2 EUR each, for Mossbank school`. */
export function sayOrderLine(
  { n, label, sizeCm, sex, origin, price, forWhom }: Omit<OrderLineCard, 'line'>,
  { currency = '', inHouse = true }: { currency?: string; inHouse?: boolean } = {},
): string {
  return [
    `${n} ${label}`,
    sizeCm !== undefined && `about ${sizeCm} cm`,
    sex && (sex === 'pairs' ? 'in pairs' : `${sex}s`),
    origin && origin !== 'unknown' && origin,
    price !== undefined && `${price.toFixed(2)} ${currency}`.trim() + ' each',
    // Whom they are for is nobody's business outside.
    inHouse && forWhom && `for ${forWhom}`,
  ]
    .filter(Boolean)
    .join(', ');
}

export const headsOrdered = ({ lines }: Pick<OrderCard, 'lines'>): number => lines.reduce((sum, { n }) => sum + n, 0);

/** What it comes to; undefined where a line has no price. */
export function orderSum({ lines, currency = '' }: Pick<OrderCard, 'lines' | 'currency'>): string | undefined {
  if (lines.length === 0 || lines.some(({ price }) => price === undefined)) return undefined;
  return `${lines.reduce((sum, { n, price }) => sum + n * price!, 0).toFixed(2)} ${currency}`.trim();
}

/** What the supplier is asked at the same time: it is easier to tell before the bags are tied. */
export function orderLetter(order: OrderCard, { house, when }: { house: string; when: (ms: number) => string }): string {
  const { supplier, lines, wantedAtMs, note, currency } = order;
  const sum = orderSum(order);
  return [
    `To ${supplier}`,
    '',
    `We order ${plural(headsOrdered(order), 'head')}${wantedAtMs === undefined ? '' : `, to be here ${when(wantedAtMs)}`}:`,
    '',
    ...lines.map((line, index) => `${index + 1}. ${sayOrderLine(line, { currency, inHouse: false })}`),
    ...(sum ? ['', `In all ${sum}.`] : []),
    ...(note ? ['', note] : []),
    '',
    'Please send the packing list, and tell us of the shipping water: its salinity and how it was read, its temperature and pH; when the bags were tied, with oxygen or air; and when the fish were last fed, and what.',
    '',
    `Thank you, ${house}`,
  ].join('\n');
}
