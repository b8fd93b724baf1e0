// The dock: crates on their way and crates open here, with every bag.
import type { CrateCard } from '#contract/views.ts';
import type { Carton } from '#core/dock/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { bagCard, prepareBags } from '../dock/bags.ts';
import { CRATE_WINDOW_MS, personName, prepareSpeciesNames, RECENT_CRATE } from '../now/rows.ts';
import type { MakeView } from './view.ts';

/** A crate that is wholly worked off leaves the dock this long after it came. */
const DONE_STAYS_MS = 12 * HOUR_MS;

type Row = {
  crate: string;
  label: string;
  supplier: string;
  packedAtMs: number;
  promisedAtMs: number;
  stated: string;
  arrivedAtMs: number | null;
  arrivedBy: string | null;
  carton: Carton | null;
  open: number;
};

export const makeDockView: MakeView<'dock'> = (client) => {
  const crates = client.prepare(`
    select c.id crate, c.label, s.name supplier, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, c.stated, a.at_ms arrivedAtMs, ${personName('a."by"')} arrivedBy, a.carton,
      exists (select 1 from p_bag b where b.crate = c.id and b.voided_by is null
        and not exists (select 1 from p_release r where r.bag = b.id and r.voided_by is null)
        and not exists (select 1 from p_run_from f where f.place = b.id and f.voided_by is null)
        and not exists (select 1 from p_absence x where x.bag = b.id and x.voided_by is null)
        and not exists (select 1 from p_landing l where l.bag = b.id and l.alive = 0 and l.voided_by is null)) open
    from p_crate c join p_supplier s on s.id = c.supplier left join p_arrival a on a.crate = c.id and a.voided_by is null
    where ${RECENT_CRATE} and c.voided_by is null order by coalesce(a.at_ms, c.promised_at_ms), c.id`);
  const bags = prepareBags(client, 'b.crate = ?');
  const species = prepareSpeciesNames(client);

  return ({ now }) => ({
    crates: (crates.all(now - CRATE_WINDOW_MS, now - CRATE_WINDOW_MS) as Row[])
      .filter((row) => row.open === 1 || (row.arrivedAtMs !== null && row.arrivedAtMs > now - DONE_STAYS_MS))
      .map((row) => crateCard(row, bags.all(row.crate).map(bagCard))),
    species: species(),
  });
};

function crateCard({ open: _open, stated, arrivedAtMs, arrivedBy, carton, ...row }: Row, bags: CrateCard['bags']): CrateCard {
  const arrived = arrivedAtMs === null ? undefined : { atMs: arrivedAtMs, by: arrivedBy!, carton: carton! };
  return { ...row, stated: JSON.parse(stated) as CrateCard['stated'], arrived, bags };
}
