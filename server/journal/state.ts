// Answers core's questions about the house from the projections, inside the transaction of the act being judged.
// Plain prepared statements: each is asked many times an act, and some join what drizzle would fetch in five turns.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Mark } from '#core/journal/index.ts';
import type { LotFacts } from '#core/lots/index.ts';
import type { PersonFacts } from '#core/people/index.ts';
import { type WaterFacts } from '#core/room/index.ts';
import { STARTING_RULES, type HouseRules } from '#core/settings/index.ts';
import type { SpeciesFacts } from '#core/species/index.ts';
import { prepareClocks } from '../holds/clocks.ts';
import { prepareOpenHolds } from '../holds/rows.ts';
import { makeKnownState } from './knownState.ts';
import { makePastState } from './pastState.ts';
import { IN_HOUSE, personName, PROMISED, SIZE_NOW, WATER_NOW } from './pieces.ts';
import { makeRoomState } from './roomState.ts';
import { prepareRunKnown } from './runState.ts';
import { lifted, type JournalStore, type Row } from './store.ts';

type BagRow = {
  id: string;
  crate: string;
  label: string;
  lot: string;
  listed: number;
  landing: string | null;
  absence: string | null;
  assignment: string | null;
  run: string | null;
  taken: string | null;
  release: string | null;
};

export function makeHouseState(client: Database.Database, store: JournalStore): HouseState {
  const get = <T>(sql: string) => {
    const statement = client.prepare(sql);
    return (...values: unknown[]) => (statement.get(...values) ?? undefined) as T | undefined;
  };
  const all = <T>(sql: string) => {
    const statement = client.prepare(sql);
    return (...values: unknown[]) => statement.all(...values) as T[];
  };
  const pluck = (sql: string) => {
    const statement = client.prepare(sql).pluck();
    return (...values: unknown[]) => statement.get(...values) as string | number | undefined;
  };
  const rules = pluck('select rules from p_house');
  const named = (table: string) => get<{ id: string; name: string }>(`select id, name from ${table} where id = ? and voided_by is null`);

  const zone = pluck('select zone from p_house');
  const person = get<PersonFacts>('select id, name, title, role from p_person where id = ? and voided_by is null');
  const present = pluck(`select 1 from p_person p where p.id = ? and p.voided_by is null and ${IN_HOUSE('p')}`);
  const leads = all<{ id: string }>(
    `select id from p_person p where role = 'lead' and p.voided_by is null and ${IN_HOUSE('p')} order by entry`,
  );
  const species = get<{ id: string; facts: string }>('select id, facts from p_species where id = ?');
  // A change is told by the order of record: what its maker had not seen was recorded later than what it is based on.
  const changes = all<Mark & { fields: string }>(`
    select c.entry, ${personName('c."by"')} "by", c.at_ms atMs, c.fields from p_change c join entry e on e.id = c.entry
    where c.of = ? and e.seq > coalesce((select seq from entry where id = ?), 0) order by e.seq desc`);
  const crate = get<{ id: string; label: string; arrived: string | null }>(`
    select id, label, (select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms) from p_arrival where crate = p_crate.id and voided_by is null) arrived
    from p_crate where id = ? and voided_by is null`);
  const fact = (table: string, where: string, more = '') =>
    `(select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms ${more}) from ${table} where ${where} and voided_by is null order by at_ms desc, entry desc limit 1)`;
  const bagKnown = pluck('select 1 from p_bag where id = ? and voided_by is null');
  const bag = get<BagRow>(`
    select b.id, b.crate, b.label, b.lot, b.listed,
      ${fact('p_landing', 'bag = b.id', ", 'lot', lot, 'condition', condition, 'bagState', bag_state")} landing,
      ${fact('p_absence', 'bag = b.id')} absence,
      ${fact('p_assignment', 'bag = b.id', ", 'tank', tank, 'overruled', json(overruled)")} assignment,
      ${fact('p_float r', 'bag = b.id and not exists (select 1 from p_release x where x.run = r.id and x.bag = r.bag and x.voided_by is null)', ", 'id', r.id")} run,
      ${fact('p_run_from', 'place = b.id', ", 'run', run")} taken,
      ${fact('p_release', 'bag = b.id')} release
    from p_bag b where b.id = ? and b.voided_by is null`);
  const lot = get<{ [F in keyof LotFacts]: LotFacts[F] | null }>(
    `select id, label, species, heard_as heardAs, ${SIZE_NOW('p_lot')} sizeCm, origin, supplier from p_lot where id = ? and voided_by is null`,
  );
  const system = get<WaterFacts>(`${WATER_NOW} where w.id = ?`);
  const openHolds = prepareOpenHolds(client);
  const clocks = prepareClocks(client);
  const room = makeRoomState(client);
  const runKnown = prepareRunKnown(client);
  const promiseOpen = pluck(`select 1 from p_promise p where p.id = ? and p.lot = ? and ${PROMISED}`);
  const entryKnown = pluck('select 1 from entry where id = ?');
  const balance = pluck('select n from p_balance where lot = ? and place = ?');
  const tanksOf = all<{ place: string }>(
    'select b.place from p_balance b join p_tank t on t.id = b.place where b.lot = ? and b.inside = 1 and b.n > 0 order by t.code',
  );
  const inTank = pluck(
    "select 1 from p_balance b join p_tank t on t.id = b.place where b.lot = ? and b.n > 0 and t.purpose <> 'customer' limit 1",
  );
  const occupants = all<{ lot: string; n: number }>('select lot, n from p_balance where place = ? and inside = 1 and n <> 0 order by lot');
  const lotCount = get<{ inHouse: number; promised: number }>(`
    select coalesce((select sum(b.n) from p_balance b left join p_tank t on t.id = b.place
      where b.lot = @lot and b.inside = 1 and (t.id is null or t.purpose <> 'customer')), 0) inHouse,
    coalesce((select sum(p.n) from p_promise p where p.lot = @lot and ${PROMISED}), 0) promised`);
  const lastMove = get<Mark>(
    `select entry, ${personName('by')} by, at_ms atMs from p_leg where place = ? and voided_by is null and entry not in (select id from entry where act_id = ?) order by at_ms desc, entry desc limit 1`,
  );
  const reversal = get<Mark>(`select entry, ${personName('by')} by, at_ms atMs from p_reversal where act = ?`);
  const needing = all<Row>(`
    select e.seq, e.id, e.act_id actId, e.kind, e.version, e.occurred_at_ms occurredAtMs, e.recorded_at_ms recordedAtMs, e.actor, e.payload, e.overrules, e.corrects
    from p_need n join entry e on e.id = n.entry where n.ref = ? and n.voided_by is null and n.act_id <> ? order by e.seq`);
  const parse = <T>(json: string | null): T | undefined => (json === null ? undefined : (JSON.parse(json) as T));
  const rulesNow = () => parse<HouseRules>((rules() as string | undefined) ?? null);

  const clocksOf: HouseState['clocksOf'] = (lots, atMs) => {
    const at = { now: atMs, zone: zone() as string, toolDriesH: (rulesNow() ?? STARTING_RULES).toolDriesH };
    return new Map([...clocks({ ...at, only: lots })].map(([lot, { clock }]) => [lot, clock]));
  };

  return {
    ...room,
    ...makeKnownState(client),
    ...makePastState(client),
    findZone: () => zone() as string | undefined,
    findRules: rulesNow,
    hasLead: () => leads().length > 0,
    findPerson: person,
    worksHere: (id) => present(id) !== undefined,
    leads: () => leads().map(({ id }) => id),
    findSupplier: named('p_supplier'),
    findWater: system,
    findSpecies(id) {
      const row = species(id);
      return row && ({ id: row.id, ...JSON.parse(row.facts) } as SpeciesFacts);
    },
    changesSince: (of, entry) =>
      (changes(of, entry) as (Mark & { fields: string })[]).map((one) => ({ ...one, fields: JSON.parse(one.fields) as string[] })),
    findCrate(id) {
      const row = crate(id);
      return row && { id: row.id, label: row.label, arrived: parse<Mark>(row.arrived) };
    },
    hasBag: (id) => bagKnown(id) !== undefined,
    findBag(id) {
      const row = bag(id);
      if (!row) return undefined;
      const { landing, absence, assignment, run, taken, release, ...rest } = row;
      return {
        ...rest,
        landing: parse(landing),
        absence: parse(absence),
        assignment: parse(assignment),
        run: parse(run),
        taken: parse(taken),
        release: parse(release),
      };
    },
    findLot(id) {
      const row = lot(id);
      return row && (Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as LotFacts);
    },
    findRun: (id) => runKnown(id),
    hasRun: (id) => runKnown(id) !== undefined,
    hasSystem: (id) => system(id) !== undefined,
    isInQuarantine: (id) => openHolds([id]).length > 0,
    findOpenHold(lotId) {
      const [hold] = openHolds([lotId]);
      return hold && { id: hold.id, lot: hold.lot, policy: hold.policy, openedAtMs: hold.openedAtMs };
    },
    clockOf(lotId, atMs) {
      const clock = clocksOf([lotId], atMs).get(lotId);
      if (!clock) throw new Error(`lot ${lotId} has no open hold to read the clock of`);
      return clock;
    },
    clocksOf,
    hasEntry: (id) => entryKnown(id) !== undefined,
    isPromiseOpen: (id, lot) => promiseOpen(id, lot) !== undefined,
    balance: (lotId, place) => (balance(lotId, place) as number | undefined) ?? 0,
    tanksOf: (lotId) => tanksOf(lotId).map(({ place }) => place),
    isInTank: (lotId) => inTank(lotId) !== undefined,
    occupants,
    lotCount: (lotId) => lotCount({ lot: lotId })!,
    lastMove: (place, exceptAct = '') => lastMove(place, exceptAct),
    actEntries: store.ofAct,
    findReversal: reversal,
    dependents(made, actId) {
      const seen = new Map<string, Row>();
      for (const ref of made) for (const row of needing(ref, actId)) seen.set(row.id, row);
      return [...seen.values()].sort((a, b) => a.seq - b.seq).map(lifted);
    },
  };
}
