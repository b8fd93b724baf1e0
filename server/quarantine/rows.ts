// The rows that quarantine clocks are told, read from the projections: only of the systems that matter, only since their quarantines began.
import type Database from 'better-sqlite3';
import { ancestry, checkKey, type QuarantinePolicy, type QuarantineRows, type QuarantineZero } from '#core/quarantine/index.ts';
import { SETTLING_MS, type Cause } from '#core/rounds/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, orNull, pick, word, text, flag } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareContacts } from '../exposure/contacts.ts';

export type OpenQuarantine = { id: string; lot: string; entry: string; policy: QuarantinePolicy; openedAtMs: number; zero: QuarantineZero };

/** Open holds: of one lot, or all of lots that have fish in a tank. */
export function prepareOpenQuarantines(client: Database.Database): (lots?: readonly string[]) => OpenQuarantine[] {
  const ask = makeAsk(client);
  const columns = 'h.id, h.lot, h.entry, h.policy, h.at_ms openedAtMs, h.zero';
  const shape = { ...pick(t.quarantine, 'id', 'lot', 'entry', 'policy', 'zero'), openedAtMs: t.quarantine.atMs };
  const ofLot = ask.all(shape, `select ${columns} from now_quarantine h where h.lot = ? order by h.at_ms desc, h.entry desc limit 1`);
  const all = ask.all(
    shape,
    `
    select ${columns} from now_quarantine h where exists (select 1 from now_standing b join p_tank t on t.id = b.place where b.lot = h.lot)`,
  );
  return (lots) => (lots === undefined ? all() : lots.flatMap((lot) => ofLot(lot)));
}

/**
 * Everything that the clocks of these quarantines are told. `only` = read no other systems than those that these lots stood in, and those that water, tools or hands
 * came from: a contact restarts a clock by who was in quarantine where it came from, a newcomer by who was beside it at its sign-off.
 */
export function prepareQuarantineRows(
  client: Database.Database,
): (quarantines: readonly OpenQuarantine[], asked: { zone: string; toolDriesH: number; only?: readonly string[] }) => QuarantineRows {
  const ask = makeAsk(client);
  const systemsSince = ask.all(pick(t.systemsSince, 'tank', 'system', 'atMs'), 'select tank, system, at_ms atMs from p_tank_system');
  const codes = ask.map(t.tank.id, t.tank.code, 'select id, code from p_tank');
  const placesOf = ask.values(
    t.leg.place,
    'select distinct g.place from json_each(?) j cross join p_leg g on g.lot = j.value where g.voided_by is null',
  );
  const among = 'from json_each(?) j cross join';
  const legs = ask.all(
    pick(t.leg, 'entry', 'lot', 'place', 'n', 'atMs'),
    `select l.entry, l.lot, l.place, l.n, l.at_ms atMs ${among} p_leg l on l.place = j.value and l.at_ms > ? where l.voided_by is null`,
  );
  const balances = ask.all(pick(t.balance, 'lot', 'place', 'n'), `select b.lot, b.place, b.n ${among} now_standing b on b.place = j.value`);
  // One row a tank, its days in one text: a row a look would cost more to hand over than to find.
  const checks = ask.map(
    text,
    orNull(text),
    `select j.value, (select group_concat(l.day || ':' || l.at_ms) from p_health_check l where l.tank = j.value and l.day >= ? and l.voided_by is null)
       from json_each(?) j`,
  );
  const odd = ask.all(
    { ...pick(t.odd, 'entry', 'atMs', 'lot', 'expected', 'seen', 'signs'), place: t.odd.tank, noted: flag },
    `
    select o.entry, o.at_ms atMs, o.tank place, o.lot, o.expected, o.seen, o.signs, k.note is not null noted
    from p_odd o join p_health_check k on k.entry = o.entry where o.at_ms > ? and o.voided_by is null`,
  );
  const deaths = ask.all(
    { ...pick(t.loss, 'entry', 'atMs', 'place', 'lot', 'n'), cause: word<Cause>() },
    `
    select x.entry, x.at_ms atMs, x.place, x.lot, x.n,
      x.cause from now_loss x where x.at_ms > ?`,
  );
  const spans = ask.all(
    { ...pick(t.quarantine, 'lot', 'entry', 'zero'), openedAtMs: t.quarantine.atMs, endedAtMs: orNull(t.signOff.atMs) },
    `
    select h.lot, h.entry, h.at_ms openedAtMs, h.zero, x.at_ms endedAtMs
    from p_quarantine h left join p_sign_off x on x.quarantine = h.id and x.voided_by is null
    where h.voided_by is null`,
  );
  // Of the lots that may be asked about, by their own legs (the plus): what was entered as cleared years ago grows without end.
  const opening = ask.values(
    t.leg.lot,
    `select distinct g.lot ${among} p_leg g on g.lot = j.value where +g.place = 'opening' and g.voided_by is null`,
  );
  const labels = ask.map(t.lot.id, t.lot.label, `select l.id, l.label ${among} p_lot l on l.id = j.value`);
  const lineage = ask.all(
    pick(t.lineage, 'lot', 'from', 'atMs'),
    'select lot, from_lot "from", at_ms atMs from p_lineage where voided_by is null',
  );
  const contacts = prepareContacts(client);
  const treatments = ask.all(
    {
      ...pick(t.treatment, 'entry', 'system', 'family'),
      fromMs: t.treatment.atMs,
      untilMs: orNull(t.treatmentEnd.atMs),
      endEntry: orNull(t.treatmentEnd.entry),
    },
    `
    select c.entry, c.system, c.family, c.at_ms fromMs, x.at_ms untilMs, x.entry endEntry
    from p_treatment c left join p_treatment_end x on x.treatment = c.id and x.voided_by is null
    where c.voided_by is null and (x.at_ms is null or x.at_ms > ?)`,
  );
  // Seen by somebody, and said of the whole tank by one tap.
  const mealOf = (planned: string) =>
    ask.value(
      t.feed.atMs,
      `select at_ms from p_feed where lot = ? and response in ('ate', 'charged') and ${planned} and at_ms <= ? and voided_by is null order by at_ms desc limit 1`,
    );
  const [seenMeal, plannedMeal] = [mealOf('planned is not 1'), mealOf('planned = 1')];

  /** With the systems where lots that came through these tanks stood: who was beside them at their sign-off tells whether they were clear. */
  const withSignOffs = (
    tanks: readonly string[],
    told: Pick<QuarantineRows, 'sinceMs' | 'lineage' | 'systemsSince'> & { ended: ReadonlySet<string> },
  ) => {
    const json = JSON.stringify(tanks);
    const passing = [...legs(json, told.sinceMs), ...balances(json)];
    const lots = new Set([...new Set(passing.map(({ lot }) => lot))].flatMap((lot) => [...ancestry(lot, told.lineage).keys()]));
    const signedOff = [...lots].filter((lot) => told.ended.has(lot));
    return [...new Set([...tanks, ...onSameSystems(placesOf(JSON.stringify(signedOff)), told.systemsSince)])];
  };

  return (quarantines, { zone, toolDriesH, only }) => {
    const inQuarantine = spans();
    // Who was clear is told by sign-offs, and those by who was in quarantine beside them: as far back as a quarantine began that ran on into these. Fish that
    // came in the two days before are settling yet.
    const firstMs = Math.min(...quarantines.map(({ openedAtMs }) => openedAtMs));
    const reaching = inQuarantine.filter(({ endedAtMs }) => (endedAtMs ?? Infinity) >= firstMs);
    const sinceMs = reaching.reduce((least, { openedAtMs }) => Math.min(least, openedAtMs), firstMs) - SETTLING_MS - 1;
    const pipes = systemsSince();
    const codeOf = codes();
    const families = lineage();
    const touched = contacts({ sinceMs, toolDriesH });
    const ended = new Set(inQuarantine.flatMap(({ lot, endedAtMs }) => (endedAtMs === null ? [] : [lot])));
    const own = (lots: readonly string[]) => placesOf(JSON.stringify(lots.flatMap((lot) => [...ancestry(lot, families).keys()])));
    const tanks =
      only === undefined
        ? [...codeOf.keys()]
        : withSignOffs(withSources(onSameSystems(own(only), pipes), touched, pipes), {
            sinceMs,
            lineage: families,
            systemsSince: pipes,
            ended,
          });
    const json = JSON.stringify(tanks);
    const moved = legs(json, sinceMs);
    const standing = balances(json);
    const passed = new Set([...moved, ...standing].map(({ lot }) => lot));
    const oddRows = odd(sinceMs);
    const deadRows = deaths(sinceMs);
    const named = new Set([...inQuarantine, ...families, ...oddRows, ...deadRows].map(({ lot }) => lot));
    /** As itself, or as what it was cut from until then. */
    const latestMeals = (mealUntil: typeof seenMeal) =>
      new Map(
        quarantines.flatMap(({ lot }) => {
          const times = [...ancestry(lot, families)].flatMap(([place, untilMs]) => {
            const atMs = mealUntil(place, Math.min(untilMs, Number.MAX_SAFE_INTEGER));
            return atMs === undefined ? [] : [atMs];
          });
          return times.length === 0 ? [] : [[lot, Math.max(...times)] as const];
        }),
      );
    return {
      zone,
      sinceMs,
      quarantines: inQuarantine.map(({ endedAtMs, ...quarantine }) => ({ ...quarantine, ...(endedAtMs === null ? {} : { endedAtMs }) })),
      labels: labels(JSON.stringify([...named])),
      balances: standing,
      legs: moved,
      systemsSince: pipes,
      codes: codeOf,
      lineage: families,
      checks: checksOf(checks(dayFloor(sinceMs), json)),
      signs: oddRows.flatMap(({ signs, expected: _expected, seen: _seen, noted: _noted, ...row }) =>
        signs.map(({ sign }) => ({ ...row, sign })),
      ),
      unseen: oddRows.flatMap(({ signs: _signs, expected, seen, noted, ...row }) =>
        seen !== null && seen < expected ? [{ ...row, n: expected - seen, noted, all: seen === 0 }] : [],
      ),
      deaths: deadRows,
      contacts: touched,
      treatments: treatments(sinceMs).map(({ untilMs, endEntry, ...treatment }) => ({
        ...treatment,
        ...(untilMs === null || endEntry === null ? {} : { untilMs, endEntry }),
      })),
      ate: latestMeals(seenMeal),
      fed: latestMeals(plannedMeal),
      opening: new Set(opening(JSON.stringify([...passed, ...families.map(({ from }) => from)]))),
    };
  };
}

/** Instants of looks by tank and house day. */
function checksOf(rows: ReadonlyMap<string, string | null>): QuarantineRows['checks'] {
  const checks = new Map<string, number[]>();
  for (const [tank, times] of rows)
    for (const part of times?.split(',') ?? []) {
      const colon = part.indexOf(':');
      const [day, atMs] = [Number(part.slice(0, colon)), Number(part.slice(colon + 1))];
      const key = checkKey(tank, day);
      const known = checks.get(key);
      if (known) known.push(atMs);
      else checks.set(key, [atMs]);
    }
  return checks;
}

/** A day number that no look of the window can come before, whatever the zone. */
const dayFloor = (ms: number) => Math.floor(ms / DAY_MS) - 1;

/** With the systems that contacts into these tanks came from. */
function withSources(tanks: readonly string[], touched: QuarantineRows['contacts'], pipes: QuarantineRows['systemsSince']): string[] {
  const here = new Set(tanks);
  const sources = touched.filter(({ to }) => here.has(to)).map(({ from }) => from);
  return sources.length === 0 ? [...tanks] : [...new Set([...tanks, ...onSameSystems(sources, pipes)])];
}

/** The tanks that were ever on a system that one of these tanks was ever on. */
function onSameSystems(tanks: readonly string[], pipes: QuarantineRows['systemsSince']): string[] {
  const systems = new Set(pipes.filter(({ tank }) => tanks.includes(tank)).map(({ system }) => system));
  return [...new Set(pipes.filter(({ system }) => systems.has(system)).map(({ tank }) => tank))];
}
