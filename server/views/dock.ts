// The dock: crates on their way and crates open here, with every bag.
import type { CrateCard } from '#contract/views.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk, text, orNull, pick, flag, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags } from '../dock/bags.ts';
import { prepareBoxes } from '../dock/boxes.ts';
import { preparePhotoField } from '../photos/cards.ts';
import { CRATE_WINDOW_MS, personName, prepareSpeciesNames, RECENT_CRATE } from '../now/rows.ts';
import type { MakeView } from './view.ts';

/** A crate that is wholly worked off leaves the dock this long after it came. */
const DONE_STAYS_MS = 12 * HOUR_MS;

const CRATE = {
  ...pick(t.crate, 'label', 'packedAtMs', 'promisedAtMs', 'stated', 'told', 'remarks', 'currency'),
  order: t.crate.ofOrder,
  supplierId: t.crate.supplier,
  crate: t.crate.id,
  entry: text,
  supplier: t.supplier.name,
  arrivedAtMs: orNull(t.arrival.atMs),
  arrivedBy: orNull(text),
  carton: orNull(t.arrival.carton),
  arrivalNote: t.arrival.note,
  open: flag,
};

export const makeDockView: MakeView<'dock'> = (client) => {
  const ask = makeAsk(client);
  const crates = ask.all(
    CRATE,
    `
    select c.id crate, coalesce(c.changed, c.entry) entry, c.remarks, c.label, s.name supplier, c.supplier supplierId, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, c.stated, c.told, c.of_order "order", c.currency, a.at_ms arrivedAtMs, ${personName('a."by"')} arrivedBy, a.carton, a.note arrivalNote,
      exists (select 1 from now_open_bag b where b.crate = c.id) open
    from p_crate c join p_supplier s on s.id = c.supplier left join p_arrival a on a.crate = c.id and a.voided_by is null
    where ${RECENT_CRATE} and c.voided_by is null order by coalesce(a.at_ms, c.promised_at_ms), c.id`,
  );
  const bags = prepareBags(client, 'b.crate = ?');
  const photosOf = preparePhotoField(client);
  const boxesOf = prepareBoxes(client);
  const species = prepareSpeciesNames(client);

  return ({ now }) => ({
    crates: crates(now - CRATE_WINDOW_MS, now - CRATE_WINDOW_MS)
      .filter((row) => row.open || (row.arrivedAtMs !== null && row.arrivedAtMs > now - DONE_STAYS_MS))
      .map((row) => ({ ...crateCard(row, bags(row.crate)), ...photosOf(row.crate), ...boxesOf(row.crate) })),
    species: species(),
  });
};

function crateCard(
  { open: _open, arrivedAtMs, arrivedBy, carton, arrivalNote, remarks, told, order, currency, ...row }: RowOf<typeof CRATE>,
  bags: CrateCard['bags'],
): CrateCard {
  const arrived =
    arrivedAtMs === null
      ? undefined
      : { atMs: arrivedAtMs, by: arrivedBy!, carton: carton!, ...(arrivalNote === null ? {} : { note: arrivalNote }) };
  return {
    ...row,
    ...(remarks ? { remarks } : {}),
    ...(told ? { told } : {}),
    ...(order === null ? {} : { order }),
    ...(currency === null ? {} : { currency }),
    arrived,
    bags,
  };
}
