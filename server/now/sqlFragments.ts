// Pieces of SQL that rules and views share.

/** SQL of what to call the person in a column; the house and the departed keep their id. */
export const personName = (column: string) => `coalesce((select name from p_person where id = ${column}), ${column})`;

/** SQL of a system as it is now: the latest reading of temperature and salinity where there is one, else what it is set to. */
export const SYSTEM_NOW = `
  select w.id, w.entry, w.name, w.type, w.volume_l volumeL,
    coalesce((select value from p_reading where subject = w.id and quantity = 'temperature' and voided_by is null order by at_ms desc, entry desc limit 1), w.temperature_c) temperatureC,
    coalesce((select value from p_reading where subject = w.id and quantity = 'salinity' and voided_by is null order by at_ms desc, entry desc limit 1), w.salinity_ppt) salinityPpt
  from p_system w`;

/** SQL of a promise `p` that stands: neither void nor lifted. */
export const PROMISED = 'p.voided_by is null and not exists (select 1 from p_promise_end e where e.promise = p.id and e.voided_by is null)';
/** SQL of a quarantine `h` that has not been signed off. */
export const STILL_OPEN =
  'h.voided_by is null and not exists (select 1 from p_sign_off x where x.quarantine = h.id and x.voided_by is null)';

/** SQL of how long a fish of lot `l` is: measured last, else as listed. */
export const SIZE_NOW = (l: string) =>
  `coalesce((select m.size_cm from p_measure m where m.lot = ${l}.id and m.voided_by is null order by m.at_ms desc, m.entry desc limit 1), ${l}.size_cm)`;

/** SQL of whether a tank, rack, water or tool `t` is in the house still. */
export const IN_HOUSE = (t: string) => `not exists (select 1 from p_retirement x where x.thing = ${t}.id and x.voided_by is null)`;

/** Fish in hand and the tank that they are to go to, a row for each bag or vessel: `tank`, `place`, `lot`, `n`. */
export const COMING = `
  select a.tank, b.place, b.lot, b.n from p_balance b join p_bag g on g.id = b.place
    join p_assignment a on a.entry = (select entry from p_assignment x where x.bag = g.id and x.voided_by is null order by x.at_ms desc, x.entry desc limit 1)
    where b.inside = 1 and b.n <> 0
  union all select r.tank, b.place, b.lot, b.n from p_balance b join p_bench_run r on r.id = b.place where b.inside = 1 and b.n <> 0`;
