// One tank, whole: who is here and since when, its system, readings, looks, meals, losses, what met it, what happened.
import type { ExposureContact, TankView, QuarantineView, RoomView } from '#contract/views.ts';
import { DAY_MS, inOrder, spansOf } from '#core/time/index.ts';
import { makeAsk, number, text, pick, type RowOf, orNull } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareNoted } from '../noted/cards.ts';
import { prepareContacts } from '../exposure/contacts.ts';
import { grouped, personName } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareStayLimits } from './moves.ts';
import { prepareQuarantineCards } from './quarantine.ts';
import { makeRoomView } from './room.ts';
import { preparePhotos } from '../photos/cards.ts';
import { prepareTimeline } from './timeline.ts';
import type { MakeView } from './view.ts';

const MET_WITHIN_MS = 30 * DAY_MS;
const LOSSES_SHOWN = 20;
const LEG = { ...pick(t.leg, 'lot', 'entry', 'atMs', 'n'), label: t.lot.label };

/** SQL of when loss `x` was last seen well where it was found: a check of that tank since it came there that said nothing odd of its lot. */
const LAST_WELL = `(select c.at_ms from p_health_check c where c.tank = x.place and c.at_ms < x.at_ms and c.voided_by is null
  and c.at_ms >= (select min(h.at_ms) from p_leg h where h.lot = x.lot and h.place = x.place and h.n > 0 and h.voided_by is null)
  and not exists (select 1 from p_odd o where o.entry = c.entry and o.lot = x.lot) order by c.at_ms desc limit 1)`;

export const makeTankView: MakeView<'tank'> = (client) => {
  const ask = makeAsk(client);
  const room = makeRoomView(client);
  const find = ask.value(
    t.tank.id,
    `select id from p_tank t where (id = @tank or upper(code) = upper(@tank)) and ${IN_HOUSE('t')} limit 1`,
  );
  const quarantines = prepareQuarantineCards(client);
  const stayLimits = prepareStayLimits(client);
  const timeline = prepareTimeline(client, 'tank');
  const photosOf = preparePhotos(client);
  const noted = prepareNoted(client);
  const readings = ask.all(
    { ...pick(t.reading, 'quantity', 'value', 'method', 'source'), atMs: number, by: text },
    `
    select r.quantity, r.value, r.method, r.source, r.at_ms atMs, ${personName('r."by"')} by from now_reading r where r.subject = ?`,
  );
  const lastCheck = ask.get(
    { ...pick(t.check, 'atMs', 'allWell'), by: text },
    `
    select at_ms atMs, ${personName('"by"')} by, all_well allWell from p_health_check where tank = ? and voided_by is null order by at_ms desc, entry desc limit 1`,
  );
  const checks = ask.only(number, 'select count(*) from p_health_check where tank = ? and at_ms > ? and voided_by is null');
  const meals = ask.all(
    { ...pick(t.feed, 'lot', 'food', 'response', 'atMs'), label: t.lot.label },
    `
    select f.lot, l.label, f.food, f.response, f.at_ms atMs from p_feed f join p_lot l on l.id = f.lot
    where f.tank = ? and f.voided_by is null order by f.at_ms desc, f.entry desc limit 12`,
  );
  const losses = ask.all(
    {
      ...pick(t.loss, 'entry', 'lot', 'n', 'atMs', 'sure', 'facts'),
      label: t.lot.label,
      said: t.loss.cause,
      cause: t.loss.cause,
      wellMs: orNull(number),
    },
    `
    select x.entry, x.lot, l.label, x.n, x.said, x.at_ms atMs, x.cause, x.sure, x.facts, ${LAST_WELL} wellMs
    from p_leg g join now_loss x on x.entry = g.entry join p_lot l on l.id = x.lot
    where g.place = ? and g.n < 0 order by x.at_ms desc, x.entry desc limit ${LOSSES_SHOWN}`,
  );
  const treatments = ask.all(
    { family: t.treatment.family, treatment: t.treatment.id, begunAtMs: t.treatment.atMs },
    `
    select id treatment, family, at_ms begunAtMs from now_treatment where system = ? order by at_ms`,
  );
  const legs = ask.all(
    LEG,
    `
    select g.lot, l.label, g.entry, g.at_ms atMs, g.n from p_leg g join p_lot l on l.id = g.lot where g.place = ? and g.voided_by is null`,
  );
  const meetings = prepareMeetings(client);

  return (request): Omit<TankView, 'seq'> => {
    const id = find({ tank: request.query.tank ?? '' });
    const nothing = {
      readings: [],
      quarantines: [],
      stayLimits: [],
      checks14: 0,
      arrangements: [],
      meals: [],
      losses: [],
      contacts: [],
      gaps: [],
      photos: [],
      timeline: [],
      names: {},
    };
    if (id === undefined) return nothing;
    const whole = room({ ...request, query: {} }) as RoomView;
    const rack = whole.racks.find(({ tanks }) => tanks.some((tank) => tank.id === id))!;
    const tank = rack.tanks.find((tank) => tank.id === id)!;
    const system = whole.systems.find((system) => system.id === tank.system)!;
    const onSystem = whole.racks.flatMap(({ tanks }) => tanks.filter((tank) => tank.system === system.id));
    const inQuarantine = new Set(
      onSystem.flatMap(({ occupants }) => occupants.flatMap(({ lot, quarantine: open }) => (open ? [lot] : []))),
    );
    const cards = quarantines(request, [...inQuarantine]);
    const check = lastCheck(id);
    // Those that live here are called on the whole page as they stand here.
    const called = new Map(tank.occupants.map(({ lot, label }) => [lot, label]));
    const named = <T extends { lot: string; label: string }>(rows: readonly T[]): T[] =>
      rows.map((row) => ({ ...row, label: called.get(row.lot) ?? row.label }));
    return {
      tank: { ...tank, rack: rack.id, rackName: rack.name, room: rack.room },
      system: {
        ...system,
        others: onSystem.filter((tank) => tank.id !== id).map((tank) => ({ id: tank.id, code: tank.code })),
        ...(cards.length > 0 ? { clearing: clearingOf(cards) } : {}),
        treatments: treatments(system.id),
      },
      readings: readings(system.id),
      quarantines: cards.filter(({ lot }) => tank.occupants.some((occupant) => occupant.lot === lot)),
      stayLimits: stayLimits(id),
      ...(check ? { lastCheck: check } : {}),
      checks14: checks(id, request.now - 14 * DAY_MS),
      arrangements: noted.arrangementsOf(id),
      meals: named(meals(id)),
      losses: named(losses(id)).map(({ facts, wellMs, ...row }) => ({ ...row, ...facts, ...(wellMs === null ? {} : { wellMs }) })),
      contacts: meetings(id, { now: request.now, toolDriesH: request.rules.toolDriesH }),
      gaps: named(gapsOf(legs(id))),
      photos: photosOf(id),
      ...timeline(id),
    };
  };
};

/** When everybody on the system can be clear: its slowest clock; no day while one of them has none. */
function clearingOf(cards: QuarantineView['quarantines']): { lots: number; earliestDay?: number } {
  const days = cards.map(({ clock }) => clock.earliestDay);
  return { lots: cards.length, ...(days.every((day) => day !== undefined) ? { earliestDay: Math.max(...days) } : {}) };
}

/** When the records of a lot here fell below nothing: something was entered late or not at all. */
function gapsOf(legs: readonly RowOf<typeof LEG>[]): TankView['gaps'] {
  const byLot = grouped(legs, ({ lot }) => lot);
  return [...byLot].flatMap(([lot, list]) => spansOf(list).gaps.map((gap) => ({ ...gap, lot, label: list[0]!.label })));
}

/** Tools and water that came straight from here or to here in the last month, latest first. */
function prepareMeetings(client: Parameters<MakeView<'tank'>>[0]) {
  const ask = makeAsk(client);
  const contacts = prepareContacts(client);
  const codes = ask.map(t.tank.id, t.tank.code, 'select id, code from p_tank');
  return (id: string, { now, toolDriesH }: { now: number; toolDriesH: number }): ExposureContact[] => {
    const codeOf = codes();
    const end = (tank: string) => ({ id: tank, code: codeOf.get(tank)! });
    return contacts({ sinceMs: now - MET_WITHIN_MS, toolDriesH })
      .filter(({ from, to }) => from === id || to === id)
      .map(({ fromMs: _fromMs, from, to, ...contact }) => ({ ...contact, from: end(from), to: end(to) }))
      .sort((a, b) => inOrder(b, a));
  };
}
