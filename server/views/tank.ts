// One tank, whole: who is here and since when, its system, readings, looks, meals, losses, what met it, what happened.
import type { ExposureContact, TankView } from '#contract/views.ts';
import type { QuarantineView, RoomView } from '#contract/views.ts';
import { DAY_MS, inOrder, spansOf } from '#core/time/index.ts';
import { prepareContacts } from '../exposure/contacts.ts';
import { grouped, personName } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareQuarantineCards } from './quarantine.ts';
import { prepareStayLimits } from './moves.ts';
import { makeRoomView } from './room.ts';
import { prepareTimeline } from './timeline.ts';
import type { MakeView } from './view.ts';

const MET_WITHIN_MS = 30 * DAY_MS;
const LOSSES_SHOWN = 20;
type LegRow = { lot: string; label: string; entry: string; atMs: number; n: number };

export const makeTankView: MakeView<'tank'> = (client) => {
  const room = makeRoomView(client);
  const find = client
    .prepare(`select id from p_tank t where (id = @tank or upper(code) = upper(@tank)) and ${IN_HOUSE('t')} limit 1`)
    .pluck();
  const quarantines = prepareQuarantineCards(client);
  const stayLimits = prepareStayLimits(client);
  const timeline = prepareTimeline(client, 'tank');
  const readings = client.prepare(`
    select r.quantity, r.value, r.method, r.source, max(r.at_ms) atMs, ${personName('r."by"')} by from p_reading r
    where r.subject = ? and r.voided_by is null group by r.quantity`);
  const lastCheck = client.prepare(`
    select at_ms atMs, ${personName('"by"')} by, all_well allWell from p_health_check where tank = ? and voided_by is null order by at_ms desc, entry desc limit 1`);
  const checks = client.prepare('select count(*) from p_health_check where tank = ? and at_ms > ? and voided_by is null').pluck();
  const meals = client.prepare(`
    select f.lot, l.label, f.food, f.response, f.at_ms atMs from p_feed f join p_lot l on l.id = f.lot
    where f.tank = ? and f.voided_by is null order by f.at_ms desc, f.entry desc limit 12`);
  const losses = client.prepare(`
    select x.entry, x.lot, l.label, x.n, x.cause said, x.at_ms atMs,
      coalesce((select cause from p_loss_class c where c.loss = x.entry and c.voided_by is null order by c.at_ms desc, c.entry desc limit 1), x.cause) cause
    from p_leg g join p_loss x on x.entry = g.entry join p_lot l on l.id = x.lot
    where g.place = ? and g.n < 0 and x.voided_by is null order by x.at_ms desc, x.entry desc limit ${LOSSES_SHOWN}`);
  const treatments = client.prepare(`
    select id treatment, family, at_ms begunAtMs from p_treatment c where system = ? and voided_by is null
      and not exists (select 1 from p_treatment_end x where x.treatment = c.id and x.voided_by is null) order by at_ms`);
  const legs = client.prepare(`
    select g.lot, l.label, g.entry, g.at_ms atMs, g.n from p_leg g join p_lot l on l.id = g.lot where g.place = ? and g.voided_by is null`);
  const meetings = prepareMeetings(client);

  return (request): Omit<TankView, 'seq'> => {
    const id = find.get({ tank: request.query.tank ?? '' }) as string | undefined;
    const nothing = {
      readings: [],
      quarantines: [],
      stayLimits: [],
      checks14: 0,
      meals: [],
      losses: [],
      contacts: [],
      gaps: [],
      timeline: [],
      names: {},
    };
    if (id === undefined) return nothing;
    const whole = room({ ...request, query: {} }) as RoomView;
    const rack = whole.racks.find(({ tanks }) => tanks.some((tank) => tank.id === id))!;
    const tank = rack.tanks.find((one) => one.id === id)!;
    const system = whole.systems.find((one) => one.id === tank.system)!;
    const onSystem = whole.racks.flatMap(({ tanks }) => tanks.filter((one) => one.system === system.id));
    const inQuarantine = new Set(
      onSystem.flatMap(({ occupants }) => occupants.flatMap(({ lot, quarantine: open }) => (open ? [lot] : []))),
    );
    const cards = quarantines(request, [...inQuarantine]);
    const check = lastCheck.get(id) as { atMs: number; by: string; allWell: number } | undefined;
    return {
      tank: { ...tank, rack: rack.id, rackName: rack.name, room: rack.room },
      system: {
        ...system,
        others: onSystem.filter((one) => one.id !== id).map((one) => ({ id: one.id, code: one.code })),
        ...(cards.length > 0 ? { clearing: clearingOf(cards) } : {}),
        treatments: treatments.all(system.id) as NonNullable<TankView['system']>['treatments'],
      },
      readings: readings.all(system.id) as TankView['readings'],
      quarantines: cards.filter(({ lot }) => tank.occupants.some((one) => one.lot === lot)),
      stayLimits: stayLimits(id),
      ...(check ? { lastCheck: { ...check, allWell: check.allWell === 1 } } : {}),
      checks14: checks.get(id, request.now - 14 * DAY_MS) as number,
      meals: meals.all(id) as TankView['meals'],
      losses: losses.all(id) as TankView['losses'],
      contacts: meetings(id, { now: request.now, toolDriesH: request.rules.toolDriesH }),
      gaps: gapsOf(legs.all(id) as LegRow[]),
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
function gapsOf(legs: readonly LegRow[]): TankView['gaps'] {
  const byLot = grouped(legs, ({ lot }) => lot);
  return [...byLot].flatMap(([lot, list]) => spansOf(list).gaps.map((gap) => ({ ...gap, lot, label: list[0]!.label })));
}

/** Tools and water that came straight from here or to here in the last month, latest first. */
function prepareMeetings(client: Parameters<MakeView<'tank'>>[0]) {
  const contacts = prepareContacts(client);
  const codes = client.prepare('select id, code from p_tank').raw();
  return (id: string, { now, toolDriesH }: { now: number; toolDriesH: number }): ExposureContact[] => {
    const codeOf = new Map(codes.all() as [string, string][]);
    const end = (tank: string) => ({ id: tank, code: codeOf.get(tank)! });
    return contacts({ sinceMs: now - MET_WITHIN_MS, toolDriesH })
      .filter(({ from, to }) => from === id || to === id)
      .map(({ fromMs: _fromMs, from, to, ...contact }) => ({ ...contact, from: end(from), to: end(to) }))
      .sort((one, other) => inOrder(other, one));
  };
}
