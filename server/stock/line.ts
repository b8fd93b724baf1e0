// Where the fish of a lot were before they were cut off: SQL that several areas share.

const cut = (base: string): string => `recursive line("of", lot, until, deep) as (
    select "of", from_lot, at_ms, 1 from (${base})
    union all
    select line."of", g.from_lot, min(line.until, g.at_ms), line.deep + 1 from line join p_lineage g on g.lot = line.lot and g.how = 'cut' and g.voided_by is null where line.deep < 20
  )`;

/** A `with` part named `line`: for each living lot that was cut from another, the lots that it comes from, each until it was cut. Most houses have few: nothing is asked of lots that are their own. */
export const CUT_LOTS = cut(
  `select distinct g.lot "of", g.from_lot, g.at_ms from p_tank t cross join now_standing b on b.place = t.id cross join p_lineage g on g.lot = b.lot and g.how = 'cut' and g.voided_by is null`,
);
/** The same of lot `@lot`, with itself. */
export const LINE_OF_LOT = cut(`select @lot "of", @lot from_lot, 9000000000000000 at_ms`);
