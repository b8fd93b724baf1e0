// Where the fish of a lot were before they were cut off: SQL that several areas share.

/** A `with` part named `line`: each lot of `base` with the lots that it comes from, each until it was cut. A name that stands twice in a chain ends it. */
const line = (base: string): string => `recursive line("of", lot, until, deep) as (
    select "of", from_lot, at_ms, 1 from (${base})
    union all
    select line."of", g.from_lot, min(line.until, g.at_ms), line.deep + 1 from line join p_lineage g on g.lot = line.lot and g.how = 'cut' and g.voided_by is null where line.deep < 20
  )`;
const ITSELF = (lot: string) => `${lot} "of", ${lot} from_lot, 9000000000000000 at_ms`;

/** Of living lots that were cut from another, those that they come from. Most houses have few: nothing is asked of lots that are their own. */
export const CUT_LOTS = line(
  `select distinct g.lot "of", g.from_lot, g.at_ms from p_tank t cross join now_standing b on b.place = t.id cross join p_lineage g on g.lot = b.lot and g.how = 'cut' and g.voided_by is null`,
);
/** Of lot `@lot`, with itself. */
export const LINE_OF_LOT = line(`select ${ITSELF('@lot')}`);
/** Of every living lot, with itself. */
export const LINE_OF_ALL = line(`select distinct ${ITSELF('b.lot')} from p_tank t cross join now_standing b on b.place = t.id`);
