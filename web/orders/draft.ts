// An order as it is typed, and the entries that it becomes. No screen in here.
import { MOST_ORDERED, orderQuantity, SEXES_WANTED, type CrateExpected, type OrderLine, type WishNoted } from '#core/dock/index.ts';
import { numberIn } from '#core/text/index.ts';
import { readPrice } from '#core/intake/index.ts';
import type { OrderCard, OrderLineCard, OrdersView, WishCard } from '#contract/views.ts';
import { formatWall } from '#core/time/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { instantOf, statedOf, toldOf, type Filled } from '../parts/crateFacts.ts';
import { lengthFault } from '../parts/length.ts';

/** A line as it is typed; `label` = what the list of lines calls it. */
export type TypedLine = {
  line: string;
  label: string;
  species?: string;
  heardAs?: string;
  n: number;
  sizeCm: string;
  sex: string;
  origin: string;
  price: string;
  forWhom: string;
  wish?: string;
};
export type TypedOrder = {
  supplier: string;
  currency: string;
  wanted: string;
  note: string;
  lines: TypedLine[];
  copiedFrom?: string;
  instead?: string;
};

export const NO_SEX = 'any';
export const NO_ORIGIN = 'any';
export const EMPTY_ORDER: TypedOrder = { supplier: '', currency: '', wanted: '', note: '', lines: [] };
export const emptyLine = (line: string): TypedLine => ({
  line,
  label: '',
  n: 1,
  sizeCm: '',
  sex: NO_SEX,
  origin: NO_ORIGIN,
  price: '',
  forWhom: '',
});

export const lineOfWish = ({ wish, label, species, heardAs, n, sizeCm, sex, forWhom = '' }: WishCard, line: string): TypedLine => ({
  ...emptyLine(line),
  label,
  ...(species ? { species } : {}),
  ...(heardAs ? { heardAs } : {}),
  n,
  sizeCm: sizeCm === undefined ? '' : String(sizeCm),
  sex: sex ?? NO_SEX,
  forWhom,
  wish,
});

/** An earlier order as the start of another. What it was wished for was ordered with it, so that is left out. `instead` = that one is dropped for this. */
export function copyOf(order: OrderCard, { zone, newId, instead }: { zone: string; newId: () => string; instead: boolean }): TypedOrder {
  return {
    supplier: order.supplierId,
    currency: order.currency ?? '',
    // A day that is over is asked anew.
    wanted: instead && order.wantedAtMs !== undefined ? formatWall(order.wantedAtMs, zone) : '',
    note: order.note ?? '',
    copiedFrom: order.order,
    ...(instead ? { instead: order.order } : {}),
    lines: order.lines.map((card) => typedOf(card, newId())),
  };
}

const typedOf = ({ label, species, heardAs, n, sizeCm, sex, origin, price, forWhom }: OrderLineCard, line: string): TypedLine => ({
  line,
  label,
  ...(species ? { species } : {}),
  ...(heardAs ? { heardAs } : {}),
  n,
  sizeCm: sizeCm === undefined ? '' : String(sizeCm),
  sex: sex ?? NO_SEX,
  origin: origin ?? NO_ORIGIN,
  price: price === undefined ? '' : String(price),
  forWhom: forWhom ?? '',
});

export const isSex = (sex: string): sex is NonNullable<OrderLine['sex']> => (SEXES_WANTED as readonly string[]).includes(sex);

/** What keeps a line from being one; undefined when nothing does. */
export function lineFault({ label, n, sizeCm, price }: TypedLine): string | undefined {
  if (label.trim() === '') return 'Say what it is.';
  if (!Number.isInteger(n) || n < 1 || n > MOST_ORDERED) return `Say how many, from 1 to ${MOST_ORDERED}.`;
  const length = lengthFault(sizeCm);
  if (length) return length;
  if (price.trim() !== '' && readPrice(price) === undefined) return 'The price cannot be read: of one, such as 3.20.';
  return undefined;
}

/** What keeps an order from being placed; empty = nothing. */
export function orderFaults({ supplier, currency, wanted, lines }: TypedOrder, { zone, now }: { zone: string; now: number }): string[] {
  const wantedMs = wanted === '' ? undefined : instantOf(wanted, zone);
  return [
    ...(supplier === '' ? ['Say whom you order from.'] : []),
    ...(lines.length === 0 ? ['Nothing is ordered yet.'] : []),
    ...lines.flatMap((line) => (lineFault(line) ? [`${line.label || 'A line'}: ${lineFault(line)}`] : [])),
    ...(currency !== '' && !/^[A-Z]{3}$/.test(currency) ? ['The currency is three capital letters, such as EUR.'] : []),
    ...(currency === '' && lines.some(({ price }) => price.trim() !== '') ? ['Say what the prices are in: three capital letters.'] : []),
    ...(wanted !== '' && wantedMs === undefined ? ['The day on which it should come cannot be read.'] : []),
    ...(wantedMs !== undefined && wantedMs < now ? ['It should come on a day that is over.'] : []),
  ];
}

export function lineOf({ line, species, heardAs, label, n, sizeCm, sex, origin, price, forWhom, wish }: TypedLine): OrderLine {
  const [cm, cost] = [numberIn(sizeCm), readPrice(price)?.price];
  return {
    line,
    ...(species ? { species } : { heardAs: heardAs ?? label.trim() }),
    n,
    ...(cm === undefined ? {} : { sizeCm: cm }),
    ...(isSex(sex) ? { sex } : {}),
    ...(origin === NO_ORIGIN ? {} : { origin: origin as OrderLine['origin'] }),
    ...(cost === undefined ? {} : { price: cost }),
    ...(forWhom.trim() ? { forWhom: forWhom.trim() } : {}),
    ...(wish ? { wish } : {}),
  };
}

/** Call it only when {@link orderFaults} is empty. What it stands in place of is dropped with it. */
export function orderEntries(typed: TypedOrder, { order, zone }: { order: string; zone: string }): Draft[] {
  const { supplier, currency, wanted, note, lines, copiedFrom, instead } = typed;
  const wantedAtMs = wanted === '' ? undefined : instantOf(wanted, zone);
  return [
    ...(instead ? [{ kind: 'order.dropped' as const, payload: { order: instead, why: 'placed anew with changes' } }] : []),
    {
      kind: 'order.placed',
      payload: {
        order,
        supplier,
        ...(currency ? { currency } : {}),
        ...(wantedAtMs === undefined ? {} : { wantedAtMs }),
        ...(copiedFrom ? { copiedFrom } : {}),
        ...(note.trim() ? { note: note.trim() } : {}),
        lines: lines.map(lineOf),
      },
    },
  ];
}

export const wishEntry = (wish: WishNoted): Draft => ({ kind: 'wish.noted', payload: wish });

/** The crate that an order becomes where no list is sent: a lot a line, in so many bags, all in one box. */
export function crateOfOrder(
  { order, supplierId, currency, lines }: OrderCard,
  {
    filled,
    bagsOf,
    zone,
    units,
    newId,
  }: { filled: Filled; bagsOf: (line: string) => number; zone: string; units: Units; newId: () => string },
): CrateExpected {
  const told = toldOf(filled);
  const lots = lines.map(({ line, label, species, heardAs, origin, sizeCm }) => ({
    lot: newId(),
    label: label.slice(0, 120),
    ...(species ? { species } : { heardAs: heardAs ?? label }),
    origin: origin ?? ('unknown' as const),
    ...(sizeCm === undefined ? {} : { sizeCm }),
    line,
  }));
  const bags = lines.flatMap(({ line, n, price }, index) => {
    const parts = Math.min(n, bagsOf(line));
    return Array.from({ length: parts }, (_, part) => ({
      lot: lots[index]!.lot,
      n: Math.floor(n / parts) + (part < n % parts ? 1 : 0),
      ...(price === undefined ? {} : { price }),
    }));
  });
  return {
    crate: newId(),
    label: filled.label.trim(),
    supplier: supplierId,
    packedAtMs: instantOf(filled.packed, zone)!,
    promisedAtMs: instantOf(filled.due, zone)!,
    stated: statedOf(filled, units),
    ...(told ? { told } : {}),
    order,
    ...(currency ? { currency } : {}),
    lots,
    bags: bags.map((bag, index) => ({ bag: newId(), label: `bag ${index + 1}`, box: 1, ...bag })),
  };
}

/** What came alive of a supplier before: of that kind, else of all that it sent; undefined where it never sent anything. */
export function recordOf(came: OrdersView['came'], { supplier, species }: { supplier: string; species?: string }) {
  const rows = came.filter((row) => row.supplier === supplier);
  const own = rows.filter((row) => row.species !== '' && row.species === species);
  const counted = own.length > 0 ? own : rows;
  if (counted.length === 0) return undefined;
  return {
    ofKind: own.length > 0,
    lived: counted.reduce((sum, { lived }) => sum + lived, 0),
    died: counted.reduce((sum, { died }) => sum + died, 0),
  };
}

/** How many to order so that `wanted` come alive, by what is on record. */
export function adviceFor(came: OrdersView['came'], line: { supplier: string; species?: string; wanted: number }) {
  const record = recordOf(came, line);
  const quantity = record && orderQuantity({ wanted: line.wanted, lived: record.lived, died: record.died });
  return record && { ...record, quantity };
}
