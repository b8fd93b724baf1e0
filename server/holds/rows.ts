// The rows that hold clocks are told, read from the projections: only of the waters that matter, only since their holds began.
import type Database from 'better-sqlite3';
import { kinOf, lookKey, type Course, type HoldPolicy, type HoldRows, type HoldZero } from '#core/holds/index.ts';
import type { Cause, Sign } from '#core/rounds/index.ts';
import { prepareContacts } from '../exposure/contacts.ts';
import { STILL_OPEN } from '../journal/pieces.ts';

export type OpenHold = { id: string; lot: string; entry: string; policy: HoldPolicy; openedAtMs: number; zero: HoldZero };
type HoldRow = Omit<OpenHold, 'policy'> & { policy: string };

/** Open holds: of one lot, or all of lots that have fish in a tank. */
export function prepareOpenHolds(client: Database.Database): (lot?: string) => OpenHold[] {
  const columns = 'h.id, h.lot, h.entry, h.policy, h.at_ms openedAtMs, h.zero';
  const one = client.prepare(
    `select ${columns} from p_hold h where h.lot = ? and ${STILL_OPEN} order by h.at_ms desc, h.entry desc limit 1`,
  );
  const all = client.prepare(`
    select ${columns} from p_hold h where ${STILL_OPEN}
      and exists (select 1 from p_balance b join p_tank t on t.id = b.place where b.lot = h.lot and b.inside = 1 and b.n > 0)`);
  return (lot) =>
    ((lot === undefined ? all.all() : one.all(lot)) as HoldRow[]).map((row) => ({ ...row, policy: JSON.parse(row.policy) as HoldPolicy }));
}

/** Everything that the clocks of these holds are told. `only` = read no other waters than those that its lot stood in. */
export function prepareHoldRows(
  client: Database.Database,
): (holds: readonly OpenHold[], at: { zone: string; toolDriesH: number; only?: string }) => HoldRows {
  const plumbing = client.prepare('select tank, water, at_ms atMs from p_plumbing');
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
  const looks = client
    .prepare(
      `select j.value, (select group_concat(day) from (select distinct l.day from p_look l where l.tank = j.value and l.day >= ? and l.voided_by is null))
       from json_each(?) j`,
    )
    .raw();
  const odd = client.prepare(`
    select o.entry, o.at_ms atMs, o.tank place, o.lot, o.expected, o.seen, o.signs, k.note is not null noted
    from p_odd o join p_look k on k.entry = o.entry where o.at_ms > ? and o.voided_by is null`);
  const deaths = client.prepare(`
    select x.entry, x.at_ms atMs, x.place, x.lot, x.n,
      coalesce((select cause from p_loss_class c where c.loss = x.entry and c.voided_by is null order by c.at_ms desc, c.entry desc limit 1), x.cause) cause
    from p_loss x where x.at_ms > ? and x.voided_by is null`);
  const spans = client.prepare(`
    select h.lot, h.entry, h.at_ms openedAtMs, h.zero, x.at_ms endedAtMs
    from p_hold h left join p_sign_off x on x.hold = h.id and x.voided_by is null
    where h.voided_by is null and (x.at_ms is null or x.at_ms > ?)`);
  const labels = client.prepare(`select l.id, l.label ${among} p_lot l on l.id = j.value`).raw();
  const lineage = client.prepare('select lot, from_lot "from", at_ms atMs from p_lineage where voided_by is null');
  const contacts = prepareContacts(client);
  const courses = client.prepare(`
    select c.entry, c.water, c.family, c.at_ms fromMs, x.at_ms untilMs, x.entry endEntry
    from p_course c left join p_course_end x on x.course = c.id and x.voided_by is null
    where c.voided_by is null and (x.at_ms is null or x.at_ms > ?)`);
  const meals = client
    .prepare(
      `select j.value, (select at_ms from p_feed x where x.lot = j.value and x.response in ('ate', 'charged') and x.voided_by is null order by x.at_ms desc limit 1)
       from json_each(?) j`,
    )
    .raw();

  return (holds, { zone, toolDriesH, only }) => {
    const sinceMs = Math.min(...holds.map(({ openedAtMs }) => openedAtMs)) - 1;
    const pipes = plumbing.all() as HoldRows['plumbing'];
    const codeOf = new Map(codes.all() as [string, string][]);
    const families = lineage.all() as HoldRows['lineage'];
    const tanks =
      only === undefined
        ? [...codeOf.keys()]
        : onSameWaters(placesOf.all(JSON.stringify([...kinOf(only, families).keys()])) as string[], pipes);
    const json = JSON.stringify(tanks);
    const moved = legs.all(json, sinceMs) as HoldRows['legs'];
    const standing = balances.all(json) as HoldRows['balances'];
    const oddRows = odd.all(sinceMs) as OddRow[];
    const deadRows = deaths.all(sinceMs) as (HoldRows['deaths'][number] & { cause: Cause })[];
    const onHold = spans.all(sinceMs) as (HoldRows['holds'][number] & { endedAtMs: number | null })[];
    const named = new Set([...onHold, ...families, ...oddRows, ...deadRows].map(({ lot }) => lot));
    const fed = [...new Set([...holds.map(({ lot }) => lot), ...families.map(({ from }) => from)])];
    return {
      zone,
      sinceMs,
      holds: onHold.map(({ endedAtMs, ...hold }) => ({ ...hold, ...(endedAtMs === null ? {} : { endedAtMs }) })),
      labels: new Map(labels.all(JSON.stringify([...named])) as [string, string][]),
      balances: standing,
      legs: moved,
      plumbing: pipes,
      codes: codeOf,
      lineage: families,
      looks: new Set(
        (looks.all(dayFloor(sinceMs), json) as [string, string | null][]).flatMap(([tank, days]) =>
          days === null ? [] : days.split(',').map((day) => lookKey(tank, Number(day))),
        ),
      ),
      signs: oddRows.flatMap(({ signs, expected: _expected, seen: _seen, noted: _noted, ...row }) =>
        (JSON.parse(signs) as { sign: Sign }[]).map(({ sign }) => ({ ...row, sign })),
      ),
      unseen: oddRows.flatMap(({ signs: _signs, expected, seen, noted, ...row }) =>
        seen !== null && seen < expected ? [{ ...row, n: expected - seen, noted: noted === 1 }] : [],
      ),
      deaths: deadRows,
      contacts: contacts({ sinceMs, toolDriesH }),
      courses: (courses.all(sinceMs) as (Course & { water: string; untilMs: number | null; endEntry: string | null })[]).map(
        ({ untilMs, endEntry, ...course }) => ({ ...course, ...(untilMs === null ? {} : { untilMs, endEntry }) }),
      ),
      ate: new Map(
        (meals.all(JSON.stringify(fed)) as [string, number | null][]).flatMap(([lot, atMs]) => (atMs === null ? [] : [[lot, atMs]])),
      ),
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

/** A day number that no look of the window can come before, whatever the zone. */
const dayFloor = (ms: number) => Math.floor(ms / 86_400_000) - 1;

/** The tanks that were ever on a water that one of these tanks was ever on. */
function onSameWaters(tanks: readonly string[], pipes: HoldRows['plumbing']): string[] {
  const waters = new Set(pipes.filter(({ tank }) => tanks.includes(tank)).map(({ water }) => water));
  return [...new Set(pipes.filter(({ water }) => waters.has(water)).map(({ tank }) => tank))];
}
