// What is known of a bag in hand and of the water it goes to, for choosing its tank, its method and its float.
import type Database from 'better-sqlite3';
import type { BagCard, BenchBag, Readings } from '#contract/views.ts';
import type { Quantity } from '#core/water/index.ts';
import { makeAsk, number, flag, orNull, pick, json } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { KIND_OF_LOT, personName } from '../now/sqlFragments.ts';

/** The latest of each quantity. */
const LATEST = { ...pick(t.reading, 'quantity', 'value', 'method', 'source'), atMs: t.reading.atMs };
const byQuantity = (rows: ({ quantity: Quantity } & NonNullable<Readings[Quantity]>)[]): Readings =>
  Object.fromEntries(rows.map(({ quantity, ...reading }) => [quantity, reading]));

/** The latest reading of each quantity of a bag or a system. */
function prepareReadings(client: Database.Database): (subject: string) => Readings {
  const ask = makeAsk(client);
  const readings = ask.all(
    LATEST,
    `
    select quantity, value, method, source, at_ms atMs from now_reading where subject = ?`,
  );
  return (subject) => byQuantity(readings(subject));
}

/** Read in the bag's own water, and not in the clean water that its fish were given after it. */
const BAG_WATER = (reading: string) =>
  `not exists (select 1 from p_clean_water q where q.bag = ${reading}.subject and q.voided_by is null and q.at_ms < ${reading}.at_ms)`;

/** The water of a tank, with all that was read of it. */
export function prepareTankSystem(client: Database.Database): (tank: string) => BenchBag['system'] {
  const ask = makeAsk(client);
  const system = ask.get(
    {
      ...pick(t.system, 'id', 'type', 'volumeL'),
      purpose: t.tank.purpose,
      temperatureC: number,
      salinityPpt: number,
    },
    `
    select w.id, w.type, w.temperature_c temperatureC, w.salinity_ppt salinityPpt, w.volume_l volumeL, t.purpose
    from p_tank t join now_system w on w.id = t.system where t.id = ?`,
  );
  const readingsOf = prepareReadings(client);
  return (tank) => {
    const row = system(tank);
    const readings = row && readingsOf(row.id);
    return row && { ...row, temperatureMethod: readings?.temperature?.method, readings: readings! };
  };
}

/** A bag in hand by id, with everything that choosing its tank or floating it asks for. */
export function prepareBenchBag(client: Database.Database): (bag: BagCard & { crate: string }) => BenchBag {
  const ask = makeAsk(client);
  const extra = ask.one(
    {
      ...pick(t.crate, 'stated', 'packedAtMs'),
      transit: t.supplier.transit,
      told: t.crate.told,
      crateLabel: t.crate.label,
      lotBags: number,
      kind: orNull(json<BenchBag['kind']>()),
      chosen: orNull(json<BenchBag['chosen']>()),
      alive: number,
      boxC: orNull(number),
      holdKnown: flag,
    },
    `
    select c.label crateLabel, c.stated, c.told, c.packed_at_ms packedAtMs, s.transit,
      (select count(*) from now_standing b join p_bag o on o.id = b.place where b.lot = @lot) lotBags,
      ${KIND_OF_LOT('@lot')} kind,
      (select json_object('method', m.method, 'advised', m.advised, 'why', m.why, 'compared', json(m.compared), 'by', ${personName('m."by"')}, 'atMs', m.at_ms)
        from p_method m where m.bag = @bag and m.voided_by is null order by m.at_ms desc, m.entry desc limit 1) chosen,
      (select json_extract(x.facts, '$.airC') from p_box_opened x where x.crate = g.crate and (x.box is null or x.box = g.box) and x.voided_by is null and json_extract(x.facts, '$.airC') is not null
        order by x.box is null, x.at_ms desc, x.entry desc limit 1) boxC,
      coalesce((select n from now_standing where lot = @lot and place = @bag), 0) alive,
      exists (select 1 from now_quarantine h where h.lot = @lot) or exists (select 1 from now_standing b join p_tank t on t.id = b.place where b.lot = @lot) holdKnown
    from p_bag g join p_crate c on c.id = g.crate join p_supplier s on s.id = c.supplier where g.id = @bag`,
  );
  const systemOf = prepareTankSystem(client);
  const readingsOf = prepareReadings(client);
  // What other bags of the lot were measured at first in this delivery (later they may have been matched by hand), and what bags of its kind from its supplier were before.
  const siblings = ask.all(
    LATEST,
    `
    select r.quantity, r.value, r.method, r.source, max(r.at_ms) atMs from p_landing g
    join p_reading r on r.subject = g.bag and r.source = 'measured' and r.voided_by is null
    where g.lot = @lot and g.bag <> @bag and g.voided_by is null and ${BAG_WATER('r')}
      and not exists (select 1 from p_reading o where o.subject = r.subject and o.quantity = r.quantity and o.source = 'measured' and o.voided_by is null
        and (o.at_ms < r.at_ms or (o.at_ms = r.at_ms and o.entry < r.entry)))
    group by r.quantity`,
  );
  const usual = ask.one(
    { min: orNull(number), max: orNull(number) },
    `
    select min(r.value) min, max(r.value) max from p_lot l cross join p_lot o on o.supplier = l.supplier and o.species = l.species and o.id <> l.id
    cross join p_landing g on g.lot = o.id and g.voided_by is null
    cross join p_reading r on r.subject = g.bag and r.quantity = 'salinity' and r.source = 'measured' and r.voided_by is null
    where ${BAG_WATER('r')} and l.id = ? and l.supplier is not null and l.species is not null`,
  );
  const usualOf = (lot: string): BenchBag['usualPpt'] => {
    const row = usual(lot);
    return row.min === null || row.max === null ? undefined : { min: row.min, max: row.max };
  };
  return (card) => {
    const { kind, chosen, told, boxC, ...rest } = extra({ bag: card.bag, lot: card.lot });
    return {
      ...card,
      ...rest,
      ...(told?.packedWith ? { packedWith: told.packedWith } : {}),
      ...(boxC === null ? {} : { boxC }),
      kind: kind ?? undefined,
      chosen: chosen ?? undefined,
      readings: readingsOf(card.bag),
      siblings: rest.lotBags > 1 || card.landed ? byQuantity(siblings({ lot: card.lot, bag: card.bag })) : undefined,
      usualPpt: usualOf(card.lot),
      system: card.tank && systemOf(card.tank.id),
    };
  };
}
