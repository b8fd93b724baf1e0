// Where the fish of a lot were before they were cut off: SQL that several areas share.

/** A `with` part named `line`: for each lot of `lots` (one column), itself and the lots that it was cut from, each until it was. A name that stands twice in a chain ends it. */
export const LINE_OF = (lots: string): string => `recursive line("of", lot, until, deep) as (
    select lot, lot, 9000000000000000, 0 from (${lots})
    union all
    select line."of", g.from_lot, min(line.until, g.at_ms), line.deep + 1 from line join p_lineage g on g.lot = line.lot and g.how = 'cut' and g.voided_by is null where line.deep < 20
  )`;
