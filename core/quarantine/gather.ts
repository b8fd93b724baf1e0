// From the house's rows to what each quarantine clock is told. Pure: whoever reads the rows reads enough of them (server/quarantine).
import { houseDay, inOrder, spansOf } from '../time/index.ts';
import { clearings, type Clearings } from './clear.ts';
import { outsideOf, type ClockEvent, type ClockFacts, type TreatmentCourse, type QuarantineRows, type Occupancy } from './facts.ts';

const FOREVER = Number.POSITIVE_INFINITY;

/** What the clocks of these lots are told, by lot; a lot without an open quarantine has none. */
export function gatherFacts(rows: QuarantineRows, wanted: ReadonlySet<string>): Map<string, ClockFacts> {
  const systemAt = systemHistory(rows.systemsSince);
  const occupancies = occupanciesByLot(rows, systemAt);
  const living = bySystem(occupancies);
  const clear = clearings(rows, occupancies);
  const events = eventsBySystem(rows, { occupancies, living, clear, systemAt });
  const treatments = new Map<string, TreatmentCourse[]>();
  for (const { system, ...treatment } of rows.treatments) push(treatments, system, treatment);
  const facts = new Map<string, ClockFacts>();
  for (const { lot, entry, openedAtMs, endedAtMs, zero } of rows.quarantines) {
    if (!wanted.has(lot) || endedAtMs !== undefined) continue;
    const kin = ancestry(lot, rows.lineage);
    facts.set(lot, {
      lot,
      kin,
      zone: rows.zone,
      opened: { entry, atMs: openedAtMs, zero },
      occupancies: [...kin].flatMap(([place, untilMs]) => clipped(occupancies.get(place) ?? [], untilMs)),
      checks: rows.checks,
      events,
      treatments,
      ...(rows.ate.has(lot) ? { ateMs: rows.ate.get(lot)! } : {}),
      ...(rows.fed?.has(lot) ? { fedMs: rows.fed.get(lot)! } : {}),
    });
  }
  return facts;
}

export type SystemAt = (tank: string, atMs: number) => string | undefined;

/** Which water a tank was on at an instant: the latest that it came to by then, else its first. */
export function systemHistory(systemsSince: QuarantineRows['systemsSince']): SystemAt {
  const byTank = new Map<string, { system: string; atMs: number }[]>();
  for (const { tank, system, atMs } of systemsSince) push(byTank, tank, { system, atMs });
  for (const list of byTank.values()) list.sort((a, b) => a.atMs - b.atMs || (a.system < b.system ? -1 : 1));
  return (tank, atMs) => {
    const list = byTank.get(tank);
    if (!list || list.length === 0) return undefined;
    for (let index = list.length - 1; index > 0; index -= 1) if (list[index]!.atMs <= atMs) return list[index]!.system;
    return list[0]!.system;
  };
}

/** When each lot stood where, on which water. */
export function occupanciesByLot(
  rows: Pick<QuarantineRows, 'balances' | 'legs' | 'systemsSince' | 'sinceMs'>,
  systemAt: SystemAt,
): Map<string, Occupancy[]> {
  type Records = { now: number; legs: { atMs: number; entry: string; n: number }[] };
  const places = new Map<string, Map<string, Records>>();
  const recordsAt = (lot: string, place: string) => {
    let ofLot = places.get(lot);
    if (!ofLot) places.set(lot, (ofLot = new Map<string, Records>()));
    let record = ofLot.get(place);
    if (!record) ofLot.set(place, (record = { now: 0, legs: [] }));
    return record;
  };
  for (const { lot, place, n } of rows.balances) recordsAt(lot, place).now = n;
  for (const leg of rows.legs) recordsAt(leg.lot, leg.place).legs.push(leg);
  const moves = new Map<string, number[]>();
  for (const { tank, atMs } of rows.systemsSince) if (atMs > rows.sinceMs) push(moves, tank, atMs);
  const occupancies = new Map<string, Occupancy[]>();
  for (const [lot, ofLot] of places) {
    for (const [place, { now, legs }] of ofLot) {
      const before = now - legs.reduce((sum, { n }) => sum + n, 0);
      const { spans } = spansOf(legs, { before, sinceMs: rows.sinceMs });
      for (const span of spans)
        for (const occupancy of onEachSystem(place, span, moves.get(place) ?? [], systemAt)) push(occupancies, lot, occupancy);
    }
  }
  return occupancies;
}

/** A stay is cut where its tank came to another system. */
function onEachSystem(
  place: string,
  span: { fromMs: number; untilMs?: number },
  moves: readonly number[],
  systemAt: SystemAt,
): Occupancy[] {
  const cuts = moves.filter((atMs) => atMs > span.fromMs && atMs < (span.untilMs ?? FOREVER)).sort((a, b) => a - b);
  const starts = [span.fromMs, ...cuts];
  return starts.map((fromMs, index) => {
    const untilMs = starts[index + 1] ?? span.untilMs;
    return { place, system: systemAt(place, fromMs) ?? place, fromMs, ...(untilMs === undefined ? {} : { untilMs }) };
  });
}

type Living = Map<string, (Occupancy & { lot: string })[]>;

function bySystem(occupancies: ReadonlyMap<string, Occupancy[]>): Living {
  const living: Living = new Map();
  for (const [lot, list] of occupancies) for (const occupancy of list) push(living, occupancy.system, { ...occupancy, lot });
  return living;
}

const NOBODY: readonly string[] = [];
/** Lots by the water that they came to and when. */
function arrivals(living: Living): Map<string, Map<number, string[]>> {
  const by = new Map<string, Map<number, string[]>>();
  for (const [system, list] of living) {
    const here = new Map<number, string[]>();
    for (const { lot, fromMs } of list) push(here, fromMs, lot);
    by.set(system, here);
  }
  return by;
}

const standsAt = ({ fromMs, untilMs }: Occupancy, atMs: number) => fromMs <= atMs && (untilMs === undefined || atMs < untilMs);
const stoodBefore = ({ fromMs, untilMs }: Occupancy, atMs: number) => fromMs < atMs && (untilMs === undefined || atMs <= untilMs);

function eventsBySystem(
  rows: QuarantineRows,
  house: { occupancies: ReadonlyMap<string, Occupancy[]>; living: Living; clear: Clearings; systemAt: SystemAt },
): Map<string, ClockEvent[]> {
  const { occupancies, living, clear, systemAt } = house;
  const events = new Map<string, ClockEvent[]>();
  const label = (lot: string) => rows.labels.get(lot) ?? lot;
  const add = (told: Told) => {
    const event: ClockEvent = { ...told, day: houseDay(told.atMs, rows.zone) };
    const system = systemAt(event.place, event.atMs);
    push(events, system ?? outsideOf(event.lot), event);
  };
  for (const sign of rows.signs) add({ kind: 'sign', ...sign, label: label(sign.lot) });
  for (const death of rows.deaths) add({ kind: 'death', ...death, label: label(death.lot) });
  for (const event of rows.unseen) add({ kind: 'unseen', ...event, label: label(event.lot) });
  const arriving = arrivals(living);
  const arrivedBy = new Map<string, string>();
  for (const { entry, lot, place, atMs, n } of rows.legs) {
    const key = `${lot}|${place}|${atMs}`;
    if (n > 0 && (arrivedBy.get(key) ?? '~') > entry) arrivedBy.set(key, entry);
  }
  for (const [lot, own] of occupancies) {
    // A lot that was cut out where it stood, or joined there, did not arrive: its kin stood there before.
    const kin = [...ancestry(lot, rows.lineage).keys()].filter((otherLot) => otherLot !== lot);
    const list = kin.length === 0 ? own : [...own, ...kin.flatMap((otherLot) => occupancies.get(otherLot) ?? [])];
    for (const occupancy of own) {
      const { system, place, fromMs: atMs } = occupancy;
      // From tank to tank on one system nobody arrives; what stood there when the window began came before it.
      if (atMs <= rows.sinceMs || list.some((otherOccupancy) => otherOccupancy.system === system && stoodBefore(otherOccupancy, atMs)))
        continue;
      const here = living.get(system) ?? [];
      const met = () => {
        const lots = here.filter((stay) => stay.lot !== lot && stoodBefore(stay, atMs) && standsAt(stay, atMs) && !clear(stay.lot, atMs));
        return [...new Set(lots.map((otherLot) => otherLot.lot))].sort().map((met) => ({ lot: met, label: label(met) }));
      };
      // Those that lived with it until then and came along are no newcomers to each other.
      const left = new Set(
        list.filter((otherOccupancy) => stoodBefore(otherOccupancy, atMs)).map((otherOccupancy) => otherOccupancy.system),
      );
      const along = (arriving.get(system)?.get(atMs) ?? NOBODY).filter(
        (otherLot) => otherLot !== lot && (occupancies.get(otherLot) ?? []).some((was) => left.has(was.system) && stoodBefore(was, atMs)),
      );
      push(events, system, {
        kind: 'arrival',
        entry: arrivedBy.get(`${lot}|${place}|${atMs}`) ?? `${place} ${atMs}`,
        atMs,
        place,
        lot,
        label: label(lot),
        day: houseDay(atMs, rows.zone),
        clear: clear(lot, atMs),
        along,
        met,
      });
    }
  }
  for (const { entry, atMs, from, fromMs, to, by, name } of rows.contacts) {
    const [source, system] = [systemAt(from, fromMs), systemAt(to, atMs)];
    if (source === undefined || system === undefined || source === system) continue;
    const sources = [
      ...new Set(
        (living.get(source) ?? [])
          .filter((occupancy) => standsAt(occupancy, fromMs) && !clear(occupancy.lot, fromMs))
          .map(({ lot }) => lot),
      ),
    ];
    if (sources.length > 0)
      push(events, system, {
        kind: 'contact',
        entry,
        atMs,
        day: houseDay(atMs, rows.zone),
        place: to,
        lot: name,
        label: name,
        by,
        from: rows.codes.get(from) ?? from,
        sources,
      });
  }
  for (const list of events.values()) list.sort(inOrder);
  return events;
}

/** An event before its day is known. */
type Told = ClockEvent extends infer E ? (E extends ClockEvent ? Omit<E, 'day'> : never) : never;

/** The lot and those it comes of, each with the instant until which its history counts; a lot cut off and joined again is itself. */
export function ancestry(lot: string, lineage: QuarantineRows['lineage']): Map<string, number> {
  const kin = new Map<string, number>([[lot, FOREVER]]);
  const open = [lot];
  for (let ancestor = open.pop(); ancestor !== undefined; ancestor = open.pop()) {
    for (const { from, atMs } of lineage.filter((row) => row.lot === ancestor)) {
      const until = Math.min(kin.get(ancestor)!, atMs);
      if ((kin.get(from) ?? -1) >= until) continue;
      kin.set(from, until);
      open.push(from);
    }
  }
  return kin;
}

function clipped(occupancies: readonly Occupancy[], until: number): Occupancy[] {
  if (until === FOREVER) return [...occupancies];
  return occupancies
    .filter(({ fromMs }) => fromMs < until)
    .map((occupancy) => ({ ...occupancy, untilMs: Math.min(occupancy.untilMs ?? FOREVER, until) }));
}

function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}
