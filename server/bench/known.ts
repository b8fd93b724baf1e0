// What is known of a bag in hand and of the water it goes to, for choosing its tank, its method and its float.
import type Database from 'better-sqlite3';
import type { BenchBag, Readings } from '#contract/views.ts';
import type { Purpose } from '#core/room/index.ts';
import type { WaterType } from '#core/species/index.ts';
import type { ReadingMethod, Quantity } from '#core/water/index.ts';
import type { bagCard } from '../dock/bags.ts';
import { QUARANTINE_OPEN, personName } from '../now/rows.ts';
import { SYSTEM_NOW } from '../now/sqlFragments.ts';

type Extra = {
  crateLabel: string;
  stated: string;
  packedAtMs: number;
  transit: BenchBag['transit'];
  alive: number;
  holdKnown: number;
  lotBags: number;
  kind: string | null;
  chosen: string | null;
};
type SystemRow = {
  id: string;
  type: WaterType;
  temperatureC: number;
  salinityPpt: number;
  temperatureMethod: ReadingMethod | null;
  purpose: Purpose;
  volumeL: number;
};

type ReadingRow = { quantity: Quantity } & NonNullable<Readings[Quantity]>;
/** JSON of a row, its nulls left out. */
const parsed = <T>(json: string | null): T | undefined =>
  json === null ? undefined : (JSON.parse(json, (_key, value: unknown) => value ?? undefined) as T);

const byQuantity = (rows: unknown[]): Readings =>
  Object.fromEntries((rows as ReadingRow[]).map(({ quantity, ...reading }) => [quantity, reading]));

/** The latest reading of each quantity of a bag or a system. */
function prepareReadings(client: Database.Database): (subject: string) => Readings {
  const readings = client.prepare(`
    select r.quantity, r.value, r.method, r.source, max(r.at_ms) atMs from p_reading r
    where r.subject = ? and r.voided_by is null group by r.quantity`);
  return (subject) => byQuantity(readings.all(subject));
}

/** The water of a tank, with all that was read of it. */
export function prepareTankSystem(client: Database.Database): (tank: string) => BenchBag['system'] {
  const system = client.prepare(`
    select w.id, w.type, w.temperatureC, w.salinityPpt, w.volumeL, t.purpose,
      (select method from p_reading where subject = w.id and quantity = 'temperature' and voided_by is null order by at_ms desc, entry desc limit 1) temperatureMethod
    from p_tank t join (${SYSTEM_NOW}) w on w.id = t.system where t.id = ?`);
  const readingsOf = prepareReadings(client);
  return (tank) => {
    const row = system.get(tank) as SystemRow | undefined;
    return row && { ...row, temperatureMethod: row.temperatureMethod ?? undefined, readings: readingsOf(row.id) };
  };
}

/** A bag in hand by id, with everything that choosing its tank or floating it asks for. */
export function prepareBenchBag(client: Database.Database): (bag: ReturnType<typeof bagCard>) => BenchBag {
  const extra = client.prepare(`
    select c.label crateLabel, c.stated, c.packed_at_ms packedAtMs, s.transit,
      (select count(*) from p_balance b join p_bag o on o.id = b.place where b.lot = @lot and b.inside = 1 and b.n > 0) lotBags,
      (select json_object('is', json_extract(k.facts, '$.is'), 'tolerance', json_extract(k.facts, '$.tolerance'), 'salinityPpt', json_extract(k.facts, '$.salinityPpt'), 'temperatureC', json_extract(k.facts, '$.temperatureC'), 'water', json_extract(k.facts, '$.water'))
        from p_lot l join p_species k on k.id = l.species where l.id = @lot) kind,
      (select json_object('method', m.method, 'advised', m.advised, 'why', m.why, 'compared', json(m.compared), 'by', ${personName('m."by"')}, 'atMs', m.at_ms)
        from p_method m where m.bag = @bag and m.voided_by is null order by m.at_ms desc, m.entry desc limit 1) chosen,
      coalesce((select n from p_balance where lot = @lot and place = @bag), 0) alive,
      ${QUARANTINE_OPEN('@lot')} or exists (select 1 from p_balance b join p_tank t on t.id = b.place where b.lot = @lot and b.inside = 1 and b.n > 0) holdKnown
    from p_bag g join p_crate c on c.id = g.crate join p_supplier s on s.id = c.supplier where g.id = @bag`);
  const systemOf = prepareTankSystem(client);
  const readingsOf = prepareReadings(client);
  // What other bags of the lot were measured at first in this delivery (later they may have been matched by hand), and what bags of its kind from its supplier were before.
  const siblings = client.prepare(`
    select r.quantity, r.value, r.method, r.source, max(r.at_ms) atMs from p_landing g
    join p_reading r on r.subject = g.bag and r.source = 'measured' and r.voided_by is null
    where g.lot = @lot and g.bag <> @bag and g.voided_by is null
      and not exists (select 1 from p_reading o where o.subject = r.subject and o.quantity = r.quantity and o.source = 'measured' and o.voided_by is null
        and (o.at_ms < r.at_ms or (o.at_ms = r.at_ms and o.entry < r.entry)))
    group by r.quantity`);
  const usual = client.prepare(`
    select min(r.value) min, max(r.value) max from p_lot l cross join p_lot o on o.supplier = l.supplier and o.species = l.species and o.id <> l.id
    cross join p_landing g on g.lot = o.id and g.voided_by is null
    cross join p_reading r on r.subject = g.bag and r.quantity = 'salinity' and r.source = 'measured' and r.voided_by is null
    where l.id = ? and l.supplier is not null and l.species is not null`);
  const usualOf = (lot: string): BenchBag['usualPpt'] => {
    const row = usual.get(lot) as { min: number | null; max: number | null };
    return row.min === null || row.max === null ? undefined : { min: row.min, max: row.max };
  };
  return (card) => {
    const { stated, holdKnown, kind, chosen, ...rest } = extra.get({ bag: card.bag, lot: card.lot }) as Extra;
    return {
      ...card,
      ...rest,
      stated: JSON.parse(stated) as BenchBag['stated'],
      holdKnown: holdKnown === 1,
      kind: parsed<BenchBag['kind']>(kind),
      chosen: parsed<BenchBag['chosen']>(chosen),
      readings: readingsOf(card.bag),
      siblings: rest.lotBags > 1 || card.landed ? byQuantity(siblings.all({ lot: card.lot, bag: card.bag })) : undefined,
      usualPpt: usualOf(card.lot),
      system: card.tank && systemOf(card.tank.id),
    };
  };
}
