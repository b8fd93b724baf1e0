// Bags as the dock and the bench show them: what the list said, what landed, where they go, how far they are.
import type Database from 'better-sqlite3';
import type { Afloat, BagCard } from '#contract/views.ts';
import type { BagOpening, Condition } from '#core/dock/index.ts';
import type { Origin } from '#core/lots/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';
import { OPEN_FLOAT, personName, present, SPECIES_COLUMNS, speciesOf, type SpeciesColumns } from '../now/rows.ts';

type Row = SpeciesColumns & {
  bag: string;
  label: string;
  box: number;
  listed: number;
  free: number;
  waterL: number | null;
  crate: string;
  lot: string;
  lotLabel: string;
  heardAs: string | null;
  origin: Origin;
  sizeCm: number | null;
  landedBy: string | null;
  landedAtMs: number | null;
  landedAct: string | null;
  alive: number | null;
  dead: number | null;
  condition: Condition | null;
  bagCondition: BagOpening | null;
  wrong: number;
  note: string | null;
  absentBy: string | null;
  absentAtMs: number | null;
  absentAct: string | null;
  reading: string | null;
  tankId: string | null;
  tankCode: string | null;
  afloat: number;
  releasedAtMs: number | null;
  inRun: string | null;
};

/** Bag rows joined with all that is known of them; `where` picks which. */
export function prepareBags(client: Database.Database, where: string): Database.Statement {
  return client.prepare(`
    select b.id bag, b.label, b.box, b.listed, b.free, b.water_l waterL, b.crate, l.id lot, l.label lotLabel, l.heard_as heardAs, l.origin, l.size_cm sizeCm, ${SPECIES_COLUMNS},
      ${personName('g."by"')} landedBy, g.at_ms landedAtMs, (select act_id from entry where id = g.entry) landedAct, g.alive, g.dead, g.condition, g.bag_condition bagCondition,
      b.listed > 0 and l.id <> b.lot wrong, g.note,
      ${personName('a."by"')} absentBy, a.at_ms absentAtMs, (select act_id from entry where id = a.entry) absentAct,
      (select json_object('value', value, 'method', method) from p_reading where subject = b.id and quantity = 'temperature' and voided_by is null order by at_ms desc, entry desc limit 1) reading,
      t.id tankId, t.code tankCode, ${OPEN_FLOAT('b.id')} afloat, coalesce(r.at_ms, (select x.at_ms from p_run_from f join p_run_release x on x.run = f.run and x.remaining = 0 and x.voided_by is null where f.place = b.id and f.voided_by is null)) releasedAtMs,
      (select run from p_run_from f where f.place = b.id and f.voided_by is null limit 1) inRun
    from p_bag b
    left join p_landing g on g.bag = b.id and g.voided_by is null
    left join p_absence a on a.bag = b.id and a.voided_by is null
    left join p_release r on r.bag = b.id and r.voided_by is null
    left join p_tank t on t.id = (select tank from p_assignment where bag = b.id and voided_by is null order by at_ms desc, entry desc limit 1)
    join p_lot l on l.id = coalesce(g.lot, b.lot)
    left join p_species s on s.id = l.species
    where b.voided_by is null and ${where} order by b.box, b.ord, b.label`);
}

export function bagCard(raw: unknown): BagCard & { crate: string } {
  const row = raw as Row;
  return {
    bag: row.bag,
    label: row.label,
    box: row.box,
    listed: row.listed,
    free: row.free > 0 ? row.free : undefined,
    waterL: present(row.waterL),
    crate: row.crate,
    lot: row.lot,
    lotLabel: row.lotLabel,
    species: speciesOf(row),
    heardAs: present(row.heardAs),
    origin: row.origin,
    sizeCm: present(row.sizeCm),
    landed:
      row.landedAtMs === null
        ? undefined
        : {
            by: row.landedBy!,
            atMs: row.landedAtMs,
            actId: row.landedAct!,
            alive: row.alive!,
            dead: row.dead!,
            condition: row.condition!,
            bagCondition: row.bagCondition!,
            wrong: row.wrong === 1,
            note: present(row.note),
          },
    absent: row.absentAtMs === null ? undefined : { by: row.absentBy!, atMs: row.absentAtMs, actId: row.absentAct! },
    temperature: row.reading === null ? undefined : (JSON.parse(row.reading) as { value: number; method: ReadingMethod }),
    tank: row.tankId === null ? undefined : { id: row.tankId, code: row.tankCode! },
    afloat: row.afloat === 1 && row.inRun === null,
    inRun: present(row.inRun),
    released: row.releasedAtMs === null ? undefined : { atMs: row.releasedAtMs },
  };
}

/** Every float in the house that has not been netted out, soonest due first. */
export function prepareFloats(client: Database.Database): () => Afloat[] {
  const open = client.prepare(`
    select r.id floatId, r.bag, g.label bagLabel, g.crate, l.label lotLabel, b.n, r.tank, t.code tankCode, r.at_ms startedAtMs,
      r.at_ms + cast(round(r.minutes * 60000) as integer) dueAtMs, r.bag_c bagC, r.bag_method bagMethod, r.tank_c tankC, r.water_l waterL, ${personName('r."by"')} by
    from p_balance b cross join p_bag g on g.id = b.place cross join p_float r on r.bag = g.id and r.voided_by is null
    join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank
    where b.inside = 1 and b.n <> 0 and not exists (select 1 from p_release x where x.run = r.id and x.bag = r.bag and x.voided_by is null)
    order by dueAtMs`);
  return () => open.all() as Afloat[];
}
