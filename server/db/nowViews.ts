// What is true now, each said once: the rules decide by these, and the screens show them.
import { and, desc, eq, getTableColumns, gt, isNull, ne, notExists, sql, type SQL } from 'drizzle-orm';
import { alias, QueryBuilder, sqliteView, type SQLiteColumn, type SQLiteTable } from 'drizzle-orm/sqlite-core';
import { absence, arrival, assignment, bag, bagPlan, givenUp, cleanWater, float, landing, lot, release } from './dockTables.ts';
import { system } from './houseTables.ts';
import { due, fault, loss, lossClass, reading } from './roundTables.ts';
import { benchRun, runFrom } from './runTables.ts';
import { balance, measure, promise, promiseEnd, quarantine, signOff, stayLimit, treatment, treatmentEnd } from './stockTables.ts';

type Fact = SQLiteTable & { entry: SQLiteColumn; atMs: SQLiteColumn; voidedBy: SQLiteColumn };
const query = new QueryBuilder();

/** No row of `table` that stands, by these conditions. */
const none = (table: SQLiteTable & { voidedBy: SQLiteColumn }, ...conditions: SQL[]): SQL =>
  notExists(
    query
      .select({ any: sql`1` })
      .from(table)
      .where(and(isNull(table.voidedBy), ...conditions)),
  );
/** The value of `column` in the latest fact that stands, by these conditions; later is decided by the instant, then by the entry. */
const latest = <C extends SQLiteColumn>(column: C, table: Fact, ...conditions: SQL[]): SQL<C['_']['data'] | null> =>
  sql`(${query
    .select({ column })
    .from(table)
    .where(and(isNull(table.voidedBy), ...conditions))
    .orderBy(desc(table.atMs), desc(table.entry))
    .limit(1)})`;

/** Who is where: living fish in tanks, bags and vessels. Accounts and empty places are not in it. */
export const nowStanding = sqliteView('now_standing').as(
  query
    .select({ lot: balance.lot, place: balance.place, n: balance.n })
    .from(balance)
    .where(and(sql`${balance.inside} = 1`, ne(balance.n, sql`0`))),
);
/** Lots with the length that was measured last, else as listed. */
export const nowLot = sqliteView('now_lot').as(
  query
    .select({
      ...getTableColumns(lot),
      sizeCm: sql<number | null>`coalesce(${latest(measure.sizeCm, measure, eq(measure.lot, lot.id))}, ${lot.sizeCm})`.as('size_cm'),
    })
    .from(lot),
);
/** Systems as read last of temperature and salinity, else as they are set to. */
export const nowSystem = sqliteView('now_system').as(
  query
    .select({
      ...getTableColumns(system),
      temperatureC:
        sql<number>`coalesce(${latest(reading.value, reading, eq(reading.subject, system.id), sql`${reading.quantity} = 'temperature'`)}, ${system.temperatureC})`.as(
          'temperature_c',
        ),
      salinityPpt:
        sql<number>`coalesce(${latest(reading.value, reading, eq(reading.subject, system.id), sql`${reading.quantity} = 'salinity'`)}, ${system.salinityPpt})`.as(
          'salinity_ppt',
        ),
      setC: sql<number>`${system.temperatureC}`.as('set_c'),
      setPpt: sql<number>`${system.salinityPpt}`.as('set_ppt'),
    })
    .from(system),
);
/** The latest reading of each quantity of each subject. */
export const nowReading = sqliteView('now_reading').as(
  query
    .select({
      ...getTableColumns(reading),
      latest: sql<string>`max(printf('%020d', ${reading.atMs}) || ${reading.entry})`.as('latest'),
    })
    .from(reading)
    .where(isNull(reading.voidedBy))
    .groupBy(reading.subject, reading.quantity),
);
/** Quarantines that nobody has signed off. */
export const nowQuarantine = sqliteView('now_quarantine').as(
  query
    .select()
    .from(quarantine)
    .where(and(isNull(quarantine.voidedBy), none(signOff, eq(signOff.quarantine, quarantine.id)))),
);
/** Promises that nobody has lifted. */
export const nowPromise = sqliteView('now_promise').as(
  query
    .select()
    .from(promise)
    .where(and(isNull(promise.voidedBy), none(promiseEnd, eq(promiseEnd.promise, promise.id)))),
);
/** Treatments that nobody has ended. */
export const nowTreatment = sqliteView('now_treatment').as(
  query
    .select()
    .from(treatment)
    .where(and(isNull(treatment.voidedBy), none(treatmentEnd, eq(treatmentEnd.treatment, treatment.id)))),
);
/** Bags that hands are needed for still: not absent, not dead on arrival, not emptied into a tank or a vessel. */
export const nowOpenBag = sqliteView('now_open_bag').as(
  query
    .select()
    .from(bag)
    .where(
      and(
        isNull(bag.voidedBy),
        none(absence, eq(absence.bag, bag.id)),
        none(landing, eq(landing.bag, bag.id), sql`${landing.alive} = 0`),
        none(release, eq(release.bag, bag.id)),
        none(runFrom, eq(runFrom.place, bag.id)),
      ),
    ),
);
/** Floats whose fish have not been let out, into a tank, a vessel or clean water. */
export const nowFloat = sqliteView('now_float').as(
  query
    .select()
    .from(float)
    .where(
      and(
        isNull(float.voidedBy),
        none(release, eq(release.run, float.id), eq(release.bag, float.bag)),
        none(runFrom, eq(runFrom.place, float.bag)),
        none(cleanWater, eq(cleanWater.bag, float.bag)),
      ),
    ),
);
const otherAssignment = alias(assignment, 'x');
const otherPlan = alias(bagPlan, 'x');
/** The tank that each bag goes to: what was said last. */
export const nowAssignment = sqliteView('now_assignment').as(
  query
    .select()
    .from(assignment)
    .where(eq(assignment.entry, latest(otherAssignment.entry, otherAssignment, eq(otherAssignment.bag, assignment.bag)))),
);
/** Losses with what a lead said of them last, else as recorded. */
export const nowLoss = sqliteView('now_loss').as(
  query
    .select({
      ...getTableColumns(loss),
      cause: sql<
        (typeof loss.$inferSelect)['cause']
      >`coalesce(${latest(lossClass.cause, lossClass, eq(lossClass.loss, loss.entry))}, ${loss.cause})`.as('cause'),
      said: sql<(typeof loss.$inferSelect)['cause']>`${loss.cause}`.as('said'),
    })
    .from(loss)
    .where(isNull(loss.voidedBy)),
);
/** What wants mending: noticed, and nobody said of it that it is done or left out; until when it was put off, if it was. */
export const nowFault = sqliteView('now_fault').as(
  query
    .select({
      ...getTableColumns(fault),
      putOffUntilMs: sql<number | null>`${latest(due.untilMs, due, sql`${due.due} = ${fault.entry} || ':fault:mend'`)}`.as(
        'put_off_until_ms',
      ),
    })
    .from(fault)
    .where(
      and(
        isNull(fault.voidedBy),
        sql`coalesce(${latest(due.kind, due, sql`${due.due} = ${fault.entry} || ':fault:mend'`)}, '') not in ('done', 'skipped')`,
      ),
    ),
);
const otherStay = alias(stayLimit, 'x');
/** Arrangements with an end whose fish are there still, with how many; of several for a lot in a place, what was said last. */
export const nowStay = sqliteView('now_stay').as(
  query
    .select({ ...getTableColumns(stayLimit), n: balance.n })
    .from(stayLimit)
    .innerJoin(balance, and(eq(balance.lot, stayLimit.lot), eq(balance.place, stayLimit.place), gt(balance.n, sql`0`)))
    .where(eq(stayLimit.entry, latest(otherStay.entry, otherStay, eq(otherStay.place, stayLimit.place), eq(otherStay.lot, stayLimit.lot)))),
);
/** The tank that a bag was meant for last, while no tank is chosen for it: on its way, or landed as what it was meant to be. */
export const nowBagPlan = sqliteView('now_bag_plan').as(
  query
    .select({ tank: bagPlan.tank, bag: bagPlan.bag, lot: bagPlan.lot })
    .from(bagPlan)
    .innerJoin(bag, and(eq(bag.id, bagPlan.bag), isNull(bag.voidedBy)))
    .where(
      and(
        // Of years of plans hardly any stands: none of a crate that was due so long ago, for nobody promises one farther ahead.
        sql`${bagPlan.atMs} > (select max(at_ms) from p_bag_plan) - ${sql.raw(String(130 * 24 * 3_600_000))}`,
        none(assignment, eq(assignment.bag, bagPlan.bag)),
        none(absence, eq(absence.bag, bagPlan.bag)),
        none(release, eq(release.bag, bagPlan.bag)),
        none(runFrom, eq(runFrom.place, bagPlan.bag)),
        none(landing, eq(landing.bag, bagPlan.bag), ne(landing.lot, bagPlan.lot)),
        eq(bagPlan.entry, latest(otherPlan.entry, otherPlan, eq(otherPlan.bag, bagPlan.bag))),
      ),
    ),
);
/** Fish in hand or on their way, and the tank that they are to go to, a row for each bag or vessel. */
export const nowComing = sqliteView('now_coming').as(
  query
    .select({ tank: nowBagPlan.tank, place: nowStanding.place, lot: nowStanding.lot, n: nowStanding.n })
    .from(nowStanding)
    .innerJoin(nowBagPlan, and(eq(nowBagPlan.bag, nowStanding.place), eq(nowBagPlan.lot, nowStanding.lot)))
    .unionAll(
      query
        .select({ tank: nowBagPlan.tank, place: nowBagPlan.bag, lot: nowBagPlan.lot, n: bag.listed })
        .from(nowBagPlan)
        .innerJoin(bag, eq(bag.id, nowBagPlan.bag))
        .where(
          and(
            none(landing, eq(landing.bag, nowBagPlan.bag)),
            // Waited for no longer, and never here.
            notExists(
              query
                .select({ any: sql`1` })
                .from(givenUp)
                .where(and(isNull(givenUp.voidedBy), eq(givenUp.crate, bag.crate), none(arrival, eq(arrival.crate, bag.crate)))),
            ),
          ),
        ),
    )
    .unionAll(
      query
        .select({ tank: nowAssignment.tank, place: nowStanding.place, lot: nowStanding.lot, n: nowStanding.n })
        .from(nowStanding)
        .innerJoin(nowAssignment, eq(nowAssignment.bag, nowStanding.place)),
    )
    .unionAll(
      query
        .select({ tank: benchRun.tank, place: nowStanding.place, lot: nowStanding.lot, n: nowStanding.n })
        .from(nowStanding)
        .innerJoin(benchRun, eq(benchRun.id, nowStanding.place)),
    ),
);
