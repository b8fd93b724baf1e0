// Bags as the dock and the bench show them: what the list said, what landed, where they go, how far they are.
import type Database from 'better-sqlite3';
import type { Afloat, BagCard, CleanTimer, Ordered } from '#contract/views.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeAsk, number, text, flag, orNull, pick, json, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { latestReading } from '../now/sqlFragments.ts';
import { orderedOf } from './orders.ts';
import { preparePhotoField } from '../photos/cards.ts';
import { personName, present, SPECIES_COLUMNS, speciesOf, SPECIES_SHAPE } from '../now/rows.ts';

const BAG = {
  bag: t.bag.id,
  ...pick(t.bag, 'label', 'box', 'listed', 'free', 'waterL', 'price', 'crate'),
  lot: t.lot.id,
  lotLabel: t.lot.label,
  ...pick(t.lot, 'heardAs', 'origin', 'sure'),
  sizeCm: orNull(number),
  seenCm: t.landing.sizeCm,
  sex: t.landing.sex,
  ordered: orNull(json<Ordered>()),
  ...SPECIES_SHAPE,
  landedBy: orNull(text),
  landedAtMs: orNull(t.landing.atMs),
  landedAct: orNull(t.entry.actId),
  alive: orNull(t.landing.alive),
  dead: orNull(t.landing.dead),
  condition: orNull(t.landing.condition),
  bagCondition: orNull(t.landing.bagCondition),
  note: t.landing.note,
  each: t.landing.each,
  routed: orNull(json<NonNullable<BagCard['routed']>>()),
  clean: orNull(json<NonNullable<BagCard['clean']>>()),
  isFish: flag,
  wrong: flag,
  absentBy: orNull(text),
  absentAtMs: orNull(t.absence.atMs),
  absentAct: orNull(t.entry.actId),
  salt: orNull(json<NonNullable<BagCard['salinity']>>()),
  reading: orNull(json<NonNullable<BagCard['temperature']>>()),
  tankId: orNull(t.tank.id),
  tankCode: orNull(t.tank.code),
  plannedId: orNull(t.tank.id),
  plannedCode: orNull(t.tank.code),
  afloat: flag,
  releasedAtMs: orNull(number),
  inRun: orNull(t.runFrom.run),
};

/** Who did it, when, by which act: the members of a JSON object. */
const doneJson = (row: string) =>
  `'by', ${personName(`${row}."by"`)}, 'atMs', ${row}.at_ms, 'actId', (select act_id from entry where id = ${row}.entry)`;

/** Bags with all that is known of them; `where` picks which. */
export function prepareBags(client: Database.Database, where: string): (...given: unknown[]) => (BagCard & { crate: string })[] {
  const rows = makeAsk(client).all(
    BAG,
    `
    select b.id bag, b.label, b.box, b.listed, b.free, b.water_l waterL, b.price, b.crate, l.id lot, l.label lotLabel, l.heard_as heardAs, l.origin, l.sure, l.size_cm sizeCm, g.size_cm seenCm, g.sex, ${SPECIES_COLUMNS},
      ${orderedOf('l')} ordered,
      ${personName('g."by"')} landedBy, g.at_ms landedAtMs, (select act_id from entry where id = g.entry) landedAct, g.alive, g.dead, g.condition, g.bag_condition bagCondition,
      g.each, b.listed > 0 and l.id <> b.lot wrong, g.note,
      (select json_object('route', q.route, 'why', q.why, ${doneJson('q')}) from p_route q where q.bag = b.id and q.voided_by is null order by q.at_ms desc, q.entry desc limit 1) routed,
      (select json_patch(q.facts, json_object(${doneJson('q')})) from p_clean_water q where q.bag = b.id and q.voided_by is null) clean,
      coalesce(json_extract(s.facts, '$.is'), '') = 'fish' isFish,
      ${personName('a."by"')} absentBy, a.at_ms absentAtMs, (select act_id from entry where id = a.entry) absentAct,
      ${latestReading("json_object('value', value, 'method', method, 'atMs', at_ms)", 'b.id', 'temperature')} reading,
      ${latestReading("json_object('value', value, 'method', method)", 'b.id', 'salinity')} salt,
      t.id tankId, t.code tankCode, m.id plannedId, m.code plannedCode, exists (select 1 from now_float f where f.bag = b.id) afloat, coalesce(r.at_ms, (select x.at_ms from p_run_from f join p_run_release x on x.run = f.run and x.remaining = 0 and x.voided_by is null where f.place = b.id and f.voided_by is null)) releasedAtMs,
      (select run from p_run_from f where f.place = b.id and f.voided_by is null limit 1) inRun
    from p_bag b
    left join p_landing g on g.bag = b.id and g.voided_by is null
    left join p_absence a on a.bag = b.id and a.voided_by is null
    left join p_release r on r.bag = b.id and r.voided_by is null
    left join p_tank t on t.id = (select tank from now_assignment where bag = b.id)
    left join p_tank m on m.id = (select tank from now_bag_plan where bag = b.id)
    join now_lot l on l.id = coalesce(g.lot, b.lot)
    left join p_species s on s.id = l.species
    where b.voided_by is null and ${where} order by b.box, b.ord, b.label`,
  );
  const photosOf = preparePhotoField(client);
  return (...given) => rows(...given).map((row) => ({ ...bagCard(row), ...photosOf(row.bag) }));
}

function bagCard(row: RowOf<typeof BAG>): BagCard & { crate: string } {
  return {
    bag: row.bag,
    label: row.label,
    box: row.box,
    listed: row.listed,
    free: row.free > 0 ? row.free : undefined,
    waterL: present(row.waterL),
    ...(row.price === null ? {} : { price: row.price }),
    crate: row.crate,
    lot: row.lot,
    lotLabel: row.lotLabel,
    species: speciesOf(row),
    ...(row.isFish ? { isFish: true as const } : {}),
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
            ...(row.each ? { each: row.each } : {}),
            bagCondition: row.bagCondition!,
            ...(row.seenCm === null ? {} : { sizeCm: row.seenCm }),
            ...(row.sex ? { sex: row.sex } : {}),
            wrong: row.wrong,
            note: present(row.note),
          },
    ...(row.ordered ? { ordered: row.ordered } : {}),
    ...(row.sure ? { sure: row.sure } : {}),
    ...(row.routed ? { routed: row.routed } : {}),
    ...(row.clean ? { clean: row.clean } : {}),
    absent: row.absentAtMs === null ? undefined : { by: row.absentBy!, atMs: row.absentAtMs, actId: row.absentAct! },
    temperature: present(row.reading),
    ...(row.salt ? { salinity: row.salt } : {}),
    tank: row.tankId === null ? undefined : { id: row.tankId, code: row.tankCode! },
    ...(row.plannedId === null ? {} : { planned: { id: row.plannedId, code: row.plannedCode! } }),
    afloat: row.afloat && row.inRun === null,
    inRun: present(row.inRun),
    released: row.releasedAtMs === null ? undefined : { atMs: row.releasedAtMs },
  };
}

/** Every float in the house that has not been netted out, soonest due first. */
export function prepareFloats(client: Database.Database): () => Afloat[] {
  const ask = makeAsk(client);
  const open = ask.all(
    {
      ...pick(t.float, 'bag', 'tank', 'bagC', 'bagMethod', 'tankC', 'waterL'),
      crate: t.bag.crate,
      n: t.balance.n,
      floatId: t.float.id,
      bagLabel: t.bag.label,
      lotLabel: t.lot.label,
      tankCode: t.tank.code,
      startedAtMs: t.float.atMs,
      dueAtMs: number,
      by: text,
    },
    `
    select r.id floatId, r.bag, g.label bagLabel, g.crate, l.label lotLabel, b.n, r.tank, t.code tankCode, r.at_ms startedAtMs,
      r.at_ms + cast(round(r.minutes * 60000) as integer) dueAtMs, r.bag_c bagC, r.bag_method bagMethod, r.tank_c tankC, r.water_l waterL, ${personName('r."by"')} by
    from now_standing b cross join p_bag g on g.id = b.place cross join now_float r on r.bag = g.id
    join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank
    order by dueAtMs`,
  );
  return open;
}

/** Fish that stand in clean water, to be looked at and moved on within so many minutes. */
export function prepareCleanWater(client: Database.Database): (withinMin: number) => (CleanTimer & { entry: string; byId: string })[] {
  const ask = makeAsk(client).all(
    {
      entry: t.cleanWater.entry,
      bag: t.bag.id,
      label: t.bag.label,
      lotLabel: t.lot.label,
      n: t.balance.n,
      sinceMs: t.cleanWater.atMs,
      by: text,
      byId: t.cleanWater.by,
      paged: orNull(text),
    },
    `
    select q.entry, g.id bag, g.label, l.label lotLabel, b.n, q.at_ms sinceMs, ${personName('q."by"')} by, q."by" byId,
      (select ${personName('p."to"')} from p_page p where p.due = q.entry || ':clean-water:on' and p.voided_by is null order by p.at_ms desc, p.stage desc limit 1) paged from now_standing b cross join p_bag g on g.id = b.place
    join p_clean_water q on q.bag = g.id and q.voided_by is null join p_lot l on l.id = b.lot order by q.at_ms, q.entry`,
  );
  return (withinMin) =>
    ask().map(({ paged, ...row }) => ({ ...row, ...(paged === null ? {} : { paged }), dueAtMs: row.sinceMs + withinMin * MINUTE_MS }));
}
