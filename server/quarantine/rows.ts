// The rows that quarantine clocks are told, read from the projections: only of the systems that matter, only since their quarantines began.
import type Database from 'better-sqlite3';
import {
  ancestry,
  checkKey,
  type TreatmentCourse,
  type QuarantinePolicy,
  type QuarantineRows,
  type QuarantineZero,
} from '#core/quarantine/index.ts';
import { SETTLING_MS, type Cause, type Sign } from '#core/rounds/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { prepareContacts } from '../exposure/contacts.ts';
import { STILL_OPEN } from '../now/sqlFragments.ts';

export type OpenQuarantine = { id: string; lot: string; entry: string; policy: QuarantinePolicy; openedAtMs: number; zero: QuarantineZero };
type QuarantineRow = Omit<OpenQuarantine, 'policy'> & { policy: string };

/** Open holds: of one lot, or all of lots that have fish in a tank. */
export function prepareOpenQuarantines(client: Database.Database): (lots?: readonly string[]) => OpenQuarantine[] {
  const columns = 'h.id, h.lot, h.entry, h.policy, h.at_ms openedAtMs, h.zero';
  const one = client.prepare(
    `select ${columns} from p_quarantine h where h.lot = ? and ${STILL_OPEN} order by h.at_ms desc, h.entry desc limit 1`,
  );
  const all = client.prepare(`
    select ${columns} from p_quarantine h where ${STILL_OPEN}
      and exists (select 1 from p_balance b join p_tank t on t.id = b.place where b.lot = h.lot and b.inside = 1 and b.n > 0)`);
  return (lots) =>
    ((lots === undefined ? all.all() : lots.flatMap((lot) => one.all(lot))) as QuarantineRow[]).map((row) => ({
      ...row,
      policy: JSON.parse(row.policy) as QuarantinePolicy,
    }));
}

/**
 * Everything that the clocks of these quarantines are told. `only` = read no other systems than those that these lots stood in, and those that water, tools or hands
 * came from: a contact restarts a clock by who was in quarantine where it came from, a newcomer by who was beside it at its sign-off.
 */
export function prepareQuarantineRows(
  client: Database.Database,
): (quarantines: readonly OpenQuarantine[], at: { zone: string; toolDriesH: number; only?: readonly string[] }) => QuarantineRows {
  const systemsSince = client.prepare('select tank, system, at_ms atMs from p_tank_system');
  const codes = client.prepare('select id, code from p_tank').raw();
  const placesOf = client
    .prepare('select distinct g.place from json_each(?) j cross join p_leg g on g.lot = j.value where g.voided_by is null')
    .pluck();
  const among = 'from json_each(?) j cross join';
  const legs = client.prepare(
    `select l.entry, l.lot, l.place, l.n, l.at_ms atMs ${among} p_leg l on l.place = j.value and l.at_ms > ? where l.voided_by is null`,
  );
  const balances = client.prepare(`select b.lot, b.place, b.n ${among} p_balance b on b.place = j.value and b.inside = 1 and b.n <> 0`);
  // One row a tank, its days in one text: a row a look would cost more to hand over than to find.
  const checks = client
    .prepare(
      `select j.value, (select group_concat(l.day || ':' || l.at_ms) from p_health_check l where l.tank = j.value and l.day >= ? and l.voided_by is null)
       from json_each(?) j`,
    )
    .raw();
  const odd = client.prepare(`
    select o.entry, o.at_ms atMs, o.tank place, o.lot, o.expected, o.seen, o.signs, k.note is not null noted
    from p_odd o join p_health_check k on k.entry = o.entry where o.at_ms > ? and o.voided_by is null`);
  const deaths = client.prepare(`
    select x.entry, x.at_ms atMs, x.place, x.lot, x.n,
      coalesce((select cause from p_loss_class c where c.loss = x.entry and c.voided_by is null order by c.at_ms desc, c.entry desc limit 1), x.cause) cause
    from p_loss x where x.at_ms > ? and x.voided_by is null`);
  const spans = client.prepare(`
    select h.lot, h.entry, h.at_ms openedAtMs, h.zero, x.at_ms endedAtMs
    from p_quarantine h left join p_sign_off x on x.quarantine = h.id and x.voided_by is null
    where h.voided_by is null`);
  // Every quarantine that ever was: what was finished long ago still makes a newcomer clear.
  const opening = client.prepare("select distinct lot from p_leg where place = 'opening' and voided_by is null").pluck();
  const labels = client.prepare(`select l.id, l.label ${among} p_lot l on l.id = j.value`).raw();
  const lineage = client.prepare('select lot, from_lot "from", at_ms atMs from p_lineage where voided_by is null');
  const contacts = prepareContacts(client);
  const treatments = client.prepare(`
    select c.entry, c.system, c.family, c.at_ms fromMs, x.at_ms untilMs, x.entry endEntry
    from p_treatment c left join p_treatment_end x on x.treatment = c.id and x.voided_by is null
    where c.voided_by is null and (x.at_ms is null or x.at_ms > ?)`);
  const meal = client
    .prepare(
      `select at_ms from p_feed where lot = ? and response in ('ate', 'charged') and at_ms <= ? and voided_by is null order by at_ms desc limit 1`,
    )
    .pluck();

  /** With the systems where lots that came through these tanks stood: who was beside them at their sign-off tells whether they were clear. */
  const withSignOffs = (
    tanks: readonly string[],
    told: Pick<QuarantineRows, 'sinceMs' | 'lineage' | 'systemsSince'> & { ended: ReadonlySet<string> },
  ) => {
    const json = JSON.stringify(tanks);
    const passing = [...(legs.all(json, told.sinceMs) as QuarantineRows['legs']), ...(balances.all(json) as QuarantineRows['balances'])];
    const lots = new Set([...new Set(passing.map(({ lot }) => lot))].flatMap((lot) => [...ancestry(lot, told.lineage).keys()]));
    const signedOff = [...lots].filter((lot) => told.ended.has(lot));
    return [...new Set([...tanks, ...onSameSystems(placesOf.all(JSON.stringify(signedOff)) as string[], told.systemsSince)])];
  };

  return (quarantines, { zone, toolDriesH, only }) => {
    const inQuarantine = spans.all() as (QuarantineRows['quarantines'][number] & { endedAtMs: number | null })[];
    // Who was clear is told by sign-offs, and those by who was in quarantine beside them: as far back as a quarantine began that ran on into these. Fish that
    // came in the two days before are settling yet.
    const firstMs = Math.min(...quarantines.map(({ openedAtMs }) => openedAtMs));
    const reaching = inQuarantine.filter(({ endedAtMs }) => (endedAtMs ?? Infinity) >= firstMs);
    const sinceMs = reaching.reduce((least, { openedAtMs }) => Math.min(least, openedAtMs), firstMs) - SETTLING_MS - 1;
    const pipes = systemsSince.all() as QuarantineRows['systemsSince'];
    const codeOf = new Map(codes.all() as [string, string][]);
    const families = lineage.all() as QuarantineRows['lineage'];
    const touched = contacts({ sinceMs, toolDriesH });
    const ended = new Set(inQuarantine.flatMap(({ lot, endedAtMs }) => (endedAtMs === null ? [] : [lot])));
    const own = (lots: readonly string[]) =>
      placesOf.all(JSON.stringify(lots.flatMap((lot) => [...ancestry(lot, families).keys()]))) as string[];
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
    const moved = legs.all(json, sinceMs) as QuarantineRows['legs'];
    const standing = balances.all(json) as QuarantineRows['balances'];
    const oddRows = odd.all(sinceMs) as OddRow[];
    const deadRows = deaths.all(sinceMs) as (QuarantineRows['deaths'][number] & { cause: Cause })[];
    const named = new Set([...inQuarantine, ...families, ...oddRows, ...deadRows].map(({ lot }) => lot));
    return {
      zone,
      sinceMs,
      quarantines: inQuarantine.map(({ endedAtMs, ...quarantine }) => ({ ...quarantine, ...(endedAtMs === null ? {} : { endedAtMs }) })),
      labels: new Map(labels.all(JSON.stringify([...named])) as [string, string][]),
      balances: standing,
      legs: moved,
      systemsSince: pipes,
      codes: codeOf,
      lineage: families,
      checks: checksOf(checks.all(dayFloor(sinceMs), json) as [string, string | null][]),
      signs: oddRows.flatMap(({ signs, expected: _expected, seen: _seen, noted: _noted, ...row }) =>
        (JSON.parse(signs) as { sign: Sign }[]).map(({ sign }) => ({ ...row, sign })),
      ),
      unseen: oddRows.flatMap(({ signs: _signs, expected, seen, noted, ...row }) =>
        seen !== null && seen < expected ? [{ ...row, n: expected - seen, noted: noted === 1, all: seen === 0 }] : [],
      ),
      deaths: deadRows,
      contacts: touched,
      treatments: (
        treatments.all(sinceMs) as (TreatmentCourse & { system: string; untilMs: number | null; endEntry: string | null })[]
      ).map(({ untilMs, endEntry, ...treatment }) => ({ ...treatment, ...(untilMs === null ? {} : { untilMs, endEntry }) })),
      ate: new Map(
        quarantines.flatMap(({ lot }) => {
          const times = [...ancestry(lot, families)].flatMap(([one, untilMs]) => {
            const atMs = meal.get(one, Math.min(untilMs, Number.MAX_SAFE_INTEGER)) as number | undefined;
            return atMs === undefined ? [] : [atMs];
          });
          return times.length === 0 ? [] : [[lot, Math.max(...times)] as const];
        }),
      ),
      opening: new Set(opening.all() as string[]),
    };
  };
}

type OddRow = {
  entry: string;
  atMs: number;
  place: string;
  lot: string;
  expected: number;
  seen: number | null;
  signs: string;
  noted: number;
};

/** Instants of looks by tank and house day. */
function checksOf(rows: readonly [string, string | null][]): QuarantineRows['checks'] {
  const checks = new Map<string, number[]>();
  for (const [tank, times] of rows)
    for (const one of times?.split(',') ?? []) {
      const [day, atMs] = one.split(':').map(Number) as [number, number];
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
