// Where each system with fish stands with its tests: what is asked in its phase, what was read last, what is over its limit and what was done about it.
import type Database from 'better-sqlite3';
import type { AnswerCard, OverCard, ReadLast, SystemTests, TestCard } from '#contract/views.ts';
import { FUTURE_ALLOWED_MS } from '#core/catalogue/index.ts';
import { CALM_SYSTEM, holdsCopper } from '#core/placement/index.ts';
import { DAY_MS, standEvery } from '#core/time/index.ts';
import type { Quantity } from '#core/water/index.ts';
import {
  everyDaysOf,
  FILTER_TELLS_MS,
  filterState,
  isOver,
  LIMITED,
  phasesOf,
  type FilterFacts,
  type Tested,
  type WaterTestRules,
} from '#core/waterTests/index.ts';
import { makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { IN_HOUSE, personName } from '../now/sqlFragments.ts';
import { WALK, walkOf } from '../today/walk.ts';
import { prepareSystems } from '../placement/systems.ts';
import { prepareFeedLess } from './feedLess.ts';
import { prepareJudging, type Judging } from './judged.ts';

/** What was over its limit so long ago says nothing of the water now: it is tested again. */
const OVER_TELLS_MS = 14 * DAY_MS;

/** `rack` = of its first tank. */
export type StandingTests = SystemTests & { rack: { entry: string; name: string }; walk: readonly [number, number, number] };
type Given = { now: number; zone: string; rules: WaterTestRules };

const READ = { entry: text, value: number, atMs: number, by: text, instrument: orNull(t.reading.instrument), kit: orNull(t.kit.name) };
type ReadRow = { entry: string; value: number; atMs: number; by: string; instrument: string | null; kit: string | null };
const lastOf = ({ instrument, kit, ...row }: ReadRow): ReadLast => ({
  ...row,
  ...((kit ?? instrument) ? { with: (kit ?? instrument)! } : {}),
});

export function prepareStandingTests(client: Database.Database) {
  const ask = makeAsk(client);
  const { judgingOf, judge } = prepareJudging(client);
  const systemStates = prepareSystems(client);
  // With fish; a customer's water is tested on a visit.
  const rows = ask.all(
    {
      ...pick(t.system, 'id', 'name', 'type', 'temperatureC', 'salinityPpt', 'volumeL'),
      rackEntry: t.rack.entry,
      rackName: t.rack.name,
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      code: t.tank.code,
      held: number,
    },
    `select s.id, s.name, k.entry rackEntry, k.name rackName, s.type, s.temperature_c temperatureC, s.salinity_ppt salinityPpt, s.volume_l volumeL, t.id tank, t.code, ${WALK},
      (select count(*) from now_standing b where b.place = t.id and exists (select 1 from now_quarantine h where h.lot = b.lot)) held
    from p_system s join p_tank t on t.system = s.id join p_rack k on k.id = t.rack
    where t.purpose <> 'customer' and t.vessel = 'tank' and ${IN_HOUSE('t')}
      and exists (select 1 from p_tank o join now_standing b on b.place = o.id where o.system = s.id)
    order by k.walk, t."row", t."column", t.code`,
  );
  // All of the house at once: each found by the index.
  const latest = ask.all(
    { ...READ, system: t.reading.subject, quantity: t.reading.quantity },
    `select r.entry, r.value, r.at_ms atMs, ${personName('r."by"')} by, r.instrument, (select name from p_kit where id = r.kit) kit, r.subject system, r.quantity
    from p_system s cross join json_each(@quantities) q cross join p_reading r on r.entry = (select x.entry from p_reading x where x.subject = s.id and x.quantity = q.value
      and x.source = 'measured' and x.voided_by is null and x.at_ms <= @now order by x.at_ms desc, x.entry desc limit 1)`,
  );
  const filterTests = ask.all(
    pick(t.reading, 'quantity', 'value', 'atMs'),
    `select quantity, value, at_ms atMs from p_reading where subject = @system and quantity in ('ammonia', 'free ammonia', 'nitrite') and source = 'measured' and voided_by is null
      and at_ms > @sinceMs and at_ms <= @now`,
  );
  const word = ask.get(
    pick(t.filterWord, 'says', 'atMs'),
    'select says, at_ms atMs from p_filter_word where system = @system and at_ms <= @now and voided_by is null order by at_ms desc, entry desc limit 1',
  );
  // The first that ever stood there: found at once by the index, whatever went through since.
  const cameAt = ask.value(
    orNull(number),
    `select min((select g.at_ms from p_leg g where g.place = t.id and g.voided_by is null order by g.at_ms limit 1)) from p_tank t where t.system = ?`,
  );
  // What nobody asked for is not late since the fish came.
  const ruledAt = ask.value(orNull(number), 'select max(at_ms) from p_rules');
  const answer = ask.get(
    { ...pick(t.answer, 'entry', 'did', 'atMs'), by: text, retestAtMs: orNull(number), note: orNull(t.answer.note) },
    `select a.entry, a.did, a.at_ms atMs, ${personName('a."by"')} by, a.retest_at_ms retestAtMs, a.note from p_answer a
    where a.reading = ? and a.voided_by is null order by a.at_ms desc, a.entry desc limit 1`,
  );
  const feedLess = prepareFeedLess(client);

  return ({ now: clock, zone, rules }: Given): StandingTests[] => {
    // A device's clock may be ahead of the house's: what it has just written counts.
    const now = clock + FUTURE_ALLOWED_MS;
    const states = systemStates();
    const fedLess = feedLess({ now, rules });
    const reads = grouped(latest({ quantities: JSON.stringify(LIMITED), now }), ({ system }) => system);
    return [...grouped(rows(), ({ id }) => id).values()].map((tanks) => {
      const { id, name, rackEntry, rackName, type, temperatureC, salinityPpt, volumeL, ...first } = tanks[0]!;
      const judging = judgingOf({ id, type, temperatureC, salinityPpt }, rules, now);
      const systemState = states.get(id) ?? CALM_SYSTEM;
      const { treatments } = systemState;
      const filter = filterState({
        ...filterFacts(id, now, judging),
        treatedMs: Math.max(-Infinity, ...systemState.held.map(({ endedAtMs }) => endedAtMs)),
      });
      const phases = phasesOf({ filter, inQuarantine: tanks.some((tank) => tank.held > 0), treated: treatments.length > 0 });
      const copper = holdsCopper(systemState);
      const every = everyDaysOf({ phases, copper, salty: type !== 'fresh', own: judging.plan?.every }, rules);
      const read: SystemTests['latest'] = Object.fromEntries(
        (reads.get(id) ?? []).map(({ quantity, system: _system, ...row }) => [quantity, lastOf(row)]),
      );
      const over = overOf(id, { now, read, judging });
      const { plan } = judging;
      const less = fedLess.get(id);
      return {
        id,
        name,
        rack: { entry: rackEntry, name: rackName },
        type,
        volumeL,
        walk: walkOf(first),
        set: judging.set,
        tanks: tanks.map(({ tank, code }) => ({ id: tank, code })),
        filter,
        phases,
        treatments,
        copper,
        tests: testsOf(id, { every, read, now: clock, zone }),
        limits: judging.limits,
        ...(plan ? { own: plan } : {}),
        over,
        ...(less ? { feedLess: less } : {}),
        latest: read,
      };
    });
  };

  function filterFacts(system: string, now: number, { limits }: Judging): FilterFacts {
    const said = word({ system, now });
    const tests = filterTests({ system, sinceMs: now - FILTER_TELLS_MS, now });
    const told = (quantities: readonly Quantity[]) =>
      tests
        // A badge that shows little proves nothing of a filter: in sour water all of it may stand bound.
        .filter(
          ({ quantity, value }) =>
            quantities.includes(quantity) && (quantity !== 'free ammonia' || value > (limits['free ammonia']?.to ?? Infinity)),
        )
        // A filter that keeps up leaves no ammonia, whatever the pH makes of it.
        .map(({ quantity, value, atMs }) => ({ atMs, within: value <= (limits[quantity as Tested]?.to ?? Infinity) }));
    return {
      now,
      ...(said ? { judged: { is: said.says, atMs: said.atMs } } : {}),
      ammonia: told(['ammonia', 'free ammonia']),
      nitrite: told(['nitrite']),
    };
  }

  function testsOf(
    system: string,
    { every, read, now, zone }: { every: Partial<Record<Tested, number>>; read: SystemTests['latest']; now: number; zone: string },
  ): TestCard[] {
    const askedSinceMs = Math.max(cameAt(system) ?? now, ruledAt() ?? 0);
    return (Object.entries(every) as [Tested, number][]).map(([quantity, everyDays]) => {
      // A badge shows the part that harms: it answers for the ammonia.
      const last = quantity === 'ammonia' ? laterOf(read.ammonia, read['free ammonia']) : read[quantity];
      const sinceMs = last ? now : askedSinceMs;
      return { quantity, everyDays, ...standEvery({ everyDays, lastMs: last?.atMs, sinceMs }, { now, zone }), ...(last ? { last } : {}) };
    });
  }

  function overOf(system: string, { now, read, judging }: { now: number; read: SystemTests['latest']; judging: Judging }): OverCard[] {
    return LIMITED.flatMap((quantity): OverCard[] => {
      const last = read[quantity];
      if (!last || last.atMs <= now - OVER_TELLS_MS) return [];
      const { verdict, beside } = judge({ system, quantity, value: last.value, atMs: last.atMs }, judging);
      if (!isOver(verdict)) return [];
      const found = answer(last.entry);
      return [{ quantity, reading: last, verdict, beside, ...(found ? { answered: answerOf(found) } : {}) }];
    });
  }
}

const laterOf = (a: ReadLast | undefined, b: ReadLast | undefined): ReadLast | undefined => (!a || (b && b.atMs > a.atMs) ? b : a);

function answerOf({
  retestAtMs,
  note,
  ...row
}: Omit<AnswerCard, 'retestAtMs' | 'note'> & { retestAtMs: number | null; note: string | null }): AnswerCard {
  return { ...row, ...(retestAtMs === null ? {} : { retestAtMs }), ...(note === null ? {} : { note }) };
}
