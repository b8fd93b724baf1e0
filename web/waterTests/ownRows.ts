// The form of a system's own tests: its rows as typed, and what they mean. No screen in here.
import { TESTED, type OwnLimit, type OwnPlan, type OwnTest, type Tested } from '#core/waterTests/index.ts';
import type { Units } from '../data/units.ts';

export type OwnRow = { days: string; from: string; to: string };
export type OwnRows = Record<Tested, OwnRow>;
const MOST_DAYS = 365;

export function rowsOf(own: OwnPlan | undefined, units: Units): OwnRows {
  const row = (quantity: Tested): OwnRow => {
    const limit = own?.limits.find((each) => each.quantity === quantity);
    const end = (value: number | undefined) => (value === undefined ? '' : units.bare(quantity, value));
    const days = own?.every.find((each) => each.quantity === quantity)?.everyDays;
    return { days: days === undefined ? '' : String(days), from: end(limit?.from), to: end(limit?.to) };
  };
  return Object.fromEntries(TESTED.map((quantity) => [quantity, row(quantity)])) as OwnRows;
}

/** `wrong` = the fields that cannot be read, `nitrite days`. */
export function readOwn(rows: OwnRows, units: Units): { every: OwnTest[]; limits: OwnLimit[]; wrong: string[] } {
  const [every, limits, wrong]: [OwnTest[], OwnLimit[], string[]] = [[], [], []];
  for (const quantity of TESTED) {
    const { days, from, to } = rows[quantity];
    if (days.trim() !== '') {
      const everyDays = Number(days);
      if (Number.isInteger(everyDays) && everyDays >= 0 && everyDays <= MOST_DAYS) every.push({ quantity, everyDays });
      else wrong.push(`${quantity} days`);
    }
    const end = (field: 'from' | 'to', text: string): number | undefined => {
      if (text.trim() === '') return undefined;
      const read = units.read(quantity, text);
      if (!read.ok) wrong.push(`${quantity} ${field}`);
      return read.ok ? read.value : undefined;
    };
    const [least, most] = [end('from', from), end('to', to)];
    if (least !== undefined && most !== undefined && least >= most) wrong.push(`${quantity} to`);
    if (least !== undefined || most !== undefined)
      limits.push({ quantity, ...(least === undefined ? {} : { from: least }), ...(most === undefined ? {} : { to: most }) });
  }
  return { every, limits, wrong };
}
