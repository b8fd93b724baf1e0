// Rows of the dock: suppliers, crates with their lots and bags, arrivals, landings, chosen tanks.
import { eq } from 'drizzle-orm';
import type { DockEntries } from '#core/dock/index.ts';
import { passedAs } from '#core/placement/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { withoutNull } from '../now/rows.ts';
import { orderProjectors } from './orderProject.ts';
import { factOf, noteChange, type MakeProjectors } from '../db/projector.ts';

export const dockProjectors: MakeProjectors<DockEntries> = (db) => {
  const supplier = prepareInsert(db, tables.supplier);
  const taught = prepareInsert(db, tables.taught);
  const crate = prepareInsert(db, tables.crate);
  const change = noteChange(db);
  const lot = prepareInsert(db, tables.lot);
  const bag = prepareInsert(db, tables.bag);
  const claim = prepareInsert(db, tables.claim);
  const arrival = prepareInsert(db, tables.arrival);
  const boxOpened = prepareInsert(db, tables.boxOpened);
  const measure = prepareInsert(db, tables.measure);
  const landing = prepareInsert(db, tables.landing);
  const route = prepareInsert(db, tables.route);
  const absence = prepareInsert(db, tables.absence);
  const assignment = prepareInsert(db, tables.assignment);
  const plan = prepareInsert(db, tables.bagPlan);
  const givenUp = prepareInsert(db, tables.givenUp);
  const findSupplierOf = db.query.crate
    .findFirst({ columns: { supplier: true }, where: (row, { eq, sql }) => eq(row.id, sql.placeholder('id')) })
    .prepare();
  return {
    ...orderProjectors(db),
    'supplier.added': {
      voids: [],
      project({ id, payload: { supplier: key, name, transit, ...facts } }) {
        supplier({ id: key, entry: id, name, transit, facts });
      },
    },
    'supplier.changed': {
      voids: [],
      project(entry) {
        const { supplier: key, fields } = entry.payload;
        const { name, transit, ...facts } = fields;
        const [row] = db.select({ facts: tables.supplier.facts }).from(tables.supplier).where(eq(tables.supplier.id, key)).all();
        // What is not known any more is not kept as nothing.
        const known = withoutNull({ ...row!.facts, ...facts });
        db.update(tables.supplier)
          .set({ changed: entry.id, facts: known, ...(name === undefined ? {} : { name }), ...(transit === undefined ? {} : { transit }) })
          .where(eq(tables.supplier.id, key))
          .run();
        change(entry, `supplier:${key}`, fields);
      },
    },
    'supplier.taught': {
      voids: ['p_taught'],
      project(entry) {
        const { supplier: of, columns, names } = entry.payload;
        taught({ ...factOf(entry), supplier: of, columns, names });
      },
    },
    'crate.expected': {
      voids: ['p_crate', 'p_lot', 'p_bag'],
      project({ id, payload }) {
        const { label, supplier: from, packedAtMs, promisedAtMs } = payload;
        crate({
          id: payload.crate,
          entry: id,
          label,
          supplier: from,
          packedAtMs,
          promisedAtMs,
          stated: payload.stated,
          told: payload.told,
          remarks: payload.remarks,
          ofOrder: payload.order,
          currency: payload.currency,
        });
        for (const line of payload.lots) {
          lot({
            id: line.lot,
            entry: id,
            label: line.label,
            species: line.species,
            heardAs: line.heardAs,
            sizeCm: line.sizeCm,
            origin: line.origin,
            supplier: from,
            crate: payload.crate,
            line: line.line,
          });
        }
        for (const [ord, listedBag] of payload.bags.entries()) {
          bag({
            id: listedBag.bag,
            entry: id,
            crate: payload.crate,
            label: listedBag.label,
            box: listedBag.box,
            ord,
            lot: listedBag.lot,
            listed: listedBag.n,
            free: listedBag.free ?? 0,
            waterL: listedBag.waterL,
            price: listedBag.price,
          });
        }
      },
    },
    'crate.changed': {
      voids: [],
      project(entry) {
        const { crate: key, fields } = entry.payload;
        db.update(tables.crate)
          .set({ changed: entry.id, ...fields })
          .where(eq(tables.crate.id, key))
          .run();
        change(entry, `crate:${key}`, fields);
      },
    },
    'claim.sent': {
      voids: ['p_claim'],
      project(entry) {
        const { crate: of, counts, note } = entry.payload;
        claim({ ...factOf(entry), crate: of, what: 'sent', facts: { counts, note } });
      },
    },
    'claim.answered': {
      voids: ['p_claim'],
      project(entry) {
        const { crate: of, answer, ...facts } = entry.payload;
        claim({ ...factOf(entry), crate: of, what: answer, facts });
      },
    },
    'crate.arrived': {
      voids: ['p_arrival'],
      project: (entry) => arrival({ ...factOf(entry), ...entry.payload }),
    },
    'box.opened': {
      voids: ['p_box_opened'],
      project(entry) {
        const { crate: of, box, ...facts } = entry.payload;
        boxOpened({ ...factOf(entry), crate: of, box, facts });
      },
    },
    'bag.landed': {
      voids: ['p_landing', 'p_lot', 'p_bag', 'p_measure'],
      project(entry) {
        const { newBag, newLot, ...payload } = entry.payload;
        if (newLot) {
          const from = findSupplierOf.execute({ id: payload.crate }).sync();
          lot({ id: payload.lot, entry: entry.id, ...newLot, supplier: from?.supplier, crate: payload.crate });
        }
        if (newBag)
          bag({ id: payload.bag, entry: entry.id, crate: payload.crate, ...newBag, ord: 100_000, lot: payload.lot, listed: 0, free: 0 });
        landing({ ...factOf(entry), ...payload });
        if (payload.sizeCm !== undefined) measure({ ...factOf(entry), lot: payload.lot, sizeCm: payload.sizeCm });
      },
    },
    'bag.absent': { voids: ['p_absence'], project: (entry) => absence({ ...factOf(entry), bag: entry.payload.bag }) },
    'bag.routed': { voids: ['p_route'], project: (entry) => route({ ...factOf(entry), ...entry.payload }) },
    'bag.planned': { voids: ['p_bag_plan'], project: (entry) => plan({ ...factOf(entry), ...entry.payload }) },
    'crate.givenUp': { voids: ['p_given_up'], project: (entry) => givenUp({ ...factOf(entry), ...entry.payload }) },
    'bag.assigned': {
      voids: ['p_assignment'],
      project: (entry) =>
        assignment({
          ...factOf(entry),
          bag: entry.payload.bag,
          tank: entry.payload.tank,
          overruled: (entry.overrules ?? []).map(({ code, size }) => passedAs(code, size)),
        }),
    },
  };
};
