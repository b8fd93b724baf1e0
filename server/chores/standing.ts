// Chores as they stand: where each is done, when it was done there last and by whom, and whether it is due.
import type Database from 'better-sqlite3';
import {
  AGAINST_TREATMENT,
  choreStand,
  IS_WATER,
  placesOf,
  type ChoreFacts,
  type ChorePlace,
  type ChoreStand,
} from '#core/chores/index.ts';
import { houseDay, startOfHouseDay } from '#core/time/index.ts';
import { makeAsk, number, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE, personName } from '../now/sqlFragments.ts';

export type KeptChore = ChoreFacts & { entry: string; planned: string; plannedMs: number };
export type StandingPlace = ChorePlace & ChoreStand & { last?: { atMs: number; by: string } };
export type StandingChore = KeptChore & { places: StandingPlace[] };

export function prepareKeptChores(client: Database.Database): () => KeptChore[] {
  const all = makeAsk(client).all(
    pick(t.chore, 'id', 'entry', 'planned', 'plannedMs', 'facts'),
    'select id, entry, planned, planned_ms plannedMs, facts from p_chore order by name',
  );
  return () => all().flatMap(({ facts, ...row }) => (facts.gone ? [] : [{ ...row, ...facts }]));
}

/** Places of any chore, by the room as it is now: its tanks in walking order. */
export function preparePlaces(client: Database.Database) {
  const ask = makeAsk(client);
  const tanks = ask.all(
    pick(t.tank, 'id', 'code', 'rack', 'system'),
    `select t.id, t.code, t.rack, t.system from p_tank t join p_rack r on r.id = t.rack where t.vessel = 'tank' and ${IN_HOUSE('t')}
    order by r.walk, t."row", t."column"`,
  );
  const systems = ask.map(t.system.id, t.system.name, 'select id, name from p_system');
  const racks = ask.map(t.rack.id, t.rack.name, 'select id, name from p_rack');
  return () => {
    const [all, systemNames, rackNames] = [tanks(), systems(), racks()];
    const names = { systemName: (id: string) => systemNames.get(id) ?? id, rackName: (id: string) => rackNames.get(id) ?? id };
    return { of: (chore: Pick<ChoreFacts, 'per' | 'racks' | 'only'>) => placesOf(chore, all, names), ...names };
  };
}

/** Of a system: its one tank was changed, or all of it at its sump. */
const WHOLE = `e.at_sump or not exists (select 1 from p_tank o where o.system = t.system and o.id <> t.id and o.vessel = 'tank' and ${IN_HOUSE('o')})`;
const DONE = { atMs: number, by: text };

/** That a chore was done at a place between two instants, the latest; of water by what was changed or topped up. */
export function prepareDone(client: Database.Database) {
  const ask = makeAsk(client);
  const latest = (select: string, where: string) =>
    ask.get(
      DONE,
      `select e.at_ms atMs, ${personName('e."by"')} by from ${select} where ${where} and e.voided_by is null and e.at_ms between @fromMs and @toMs
      order by e.at_ms desc limit 1`,
    );
  const ticked = latest('p_chore_done e', 'e.chore = @chore and e.place = @place');
  const changedTank = latest('p_exchange e join p_tank t on t.id = e.tank', 'e.tank = @place');
  const changedSystem = latest('p_tank t cross join p_exchange e on e.tank = t.id', `t.system = @system and (${WHOLE})`);
  const toppedUp = latest('p_tank t cross join p_top_up e on e.tank = t.id', 't.system = @system');
  return ({ id, is, per }: Pick<ChoreFacts, 'id' | 'is' | 'per'>, place: ChorePlace, between: { fromMs: number; toMs: number }) => {
    if (!IS_WATER.includes(is)) return ticked({ chore: id, place: place.id, ...between });
    const system = place.systems[0]!;
    const whole = is === 'top-off' ? toppedUp({ system, ...between }) : changedSystem({ system, ...between });
    const own = is === 'water change' && per === 'tank' ? changedTank({ place: place.id, ...between }) : undefined;
    return own && (!whole || own.atMs > whole.atMs) ? own : whole;
  };
}

const NONE: ReadonlyMap<string, { atMs: number; by: string }> = new Map();
export const EVER = { fromMs: 0, toMs: Number.MAX_SAFE_INTEGER };

/** Systems that are under a treatment now. */
export function prepareTreated(client: Database.Database): () => ReadonlySet<string> {
  const systems = makeAsk(client).values(
    t.treatment.system,
    'select t.system from p_treatment t where t.voided_by is null and not exists (select 1 from p_treatment_end e where e.treatment = t.id and e.voided_by is null)',
  );
  return () => new Set(systems());
}

/** Of chores that are ticked: where each was done since an instant. Most of a house was done within its days: those are told at once. */
export function prepareDoneSince(client: Database.Database): (chore: string, sinceMs: number) => Map<string, { atMs: number; by: string }> {
  const since = makeAsk(client).all(
    { place: t.choreDone.place, ...DONE },
    `select e.place, max(e.at_ms) atMs, ${personName('e."by"')} by from p_chore_done e indexed by p_chore_done_at
    where e.chore = ? and e.at_ms >= ? and e.voided_by is null group by e.place`,
  );
  return (chore, sinceMs) => new Map(since(chore, sinceMs).map(({ place, ...done }) => [place, done]));
}
/** Done on or after it a chore is not due: the first instant of the day that lies its days back. */
export const notDueSince = ({ everyDays }: Pick<ChoreFacts, 'everyDays'>, { now, zone }: { now: number; zone: string }): number =>
  startOfHouseDay(houseDay(now, zone) - everyDays + 1, zone);

export function prepareStandingChores(client: Database.Database): (given: { now: number; zone: string }) => StandingChore[] {
  const kept = prepareKeptChores(client);
  const places = preparePlaces(client);
  const done = prepareDone(client);
  const treated = prepareTreated(client);
  const doneSince = prepareDoneSince(client);
  return (given) => {
    const chores = kept();
    if (chores.length === 0) return [];
    const where = places();
    const under = treated();
    const placesNow = (chore: KeptChore): StandingPlace[] => {
      const ticked = IS_WATER.includes(chore.is) ? NONE : doneSince(chore.id, notDueSince(chore, given));
      return where.of(chore).map((place): StandingPlace => {
        const last = ticked.get(place.id) ?? done(chore, place, EVER);
        const isTreated = AGAINST_TREATMENT.includes(chore.is) && place.systems.some((system) => under.has(system));
        const stand = choreStand({ everyDays: chore.everyDays, plannedMs: chore.plannedMs, lastMs: last?.atMs, treated: isTreated }, given);
        return { ...place, ...stand, ...(last ? { last } : {}) };
      });
    };
    return chores.map((chore) => ({ ...chore, places: placesNow(chore) }));
  };
}
