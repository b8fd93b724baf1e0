// The prices of a list, all in one currency; what cannot be told is left out and said, for no fish waits for its price.
import type { PackingList } from './packingList.ts';
import { currencyOf, readPrice } from './price.ts';

export function priceReader(heading: string): {
  read: (cell: string) => { price?: number };
  /** The list with what its prices are in, and with what could not be read of them. */
  onto: (list: PackingList) => PackingList;
} {
  let currency = currencyOf(heading);
  let unread = 0;
  return {
    read(cell) {
      if (cell.trim() === '') return {};
      const read = readPrice(cell);
      const differs = read?.currency !== undefined && currency !== undefined && read.currency !== currency;
      if (!read || differs) {
        unread += 1;
        return {};
      }
      currency ??= read.currency;
      return { price: read.price };
    },
    onto(list) {
      if (unread > 0)
        list.notices.push(
          `${unread === 1 ? 'One price' : `${unread} prices`} cannot be read, or ${unread === 1 ? 'is' : 'are'} in another currency: not kept.`,
        );
      return currency ? { ...list, currency } : list;
    },
  };
}
