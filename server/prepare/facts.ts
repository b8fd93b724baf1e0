// What getting ready for a crate is worked out from: its lots and the tanks that are meant for them, what stands against each, the systems as read, what was laid down and ticked.
import type Database from 'better-sqlite3';
import type { PrepLineCard } from '#contract/views.ts';
import { openQuestions } from '#core/dock/index.ts';
import { livingOn, refuseUnfit, type PlacementState } from '#core/placement/index.ts';
import {
  againstLaid,
  matchedWater,
  prepLines,
  residentOf,
  type MatchedState,
  type SettledStep,
  type LaidMatch,
  type PrepareSettings,
  type PrepFacts,
  type PrepNote,
} from '#core/prepare/index.ts';
import type { SpeciesFields } from '#core/species/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { AHEAD_MS, type DueFacts } from '#core/today/index.ts';
import { json, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, personName, RECENT_CRATE } from '../now/rows.ts';
import { placementState } from '../placement/state.ts';
import { quarantineState } from '../quarantine/state.ts';
import { roomState } from '../room/state.ts';
import { settingsState } from '../settings/state.ts';
import { speciesState } from '../species/state.ts';
import { stockState } from '../stock/state.ts';

export type ComingCrate = {
  crate: string;
  entry: string;
  label: string;
  supplier: string;
  promisedAtMs: number;
  facts: PrepFacts;
};

export function preparePreparing(client: Database.Database) {
  const ask = makeAsk(client);
  const settings = settingsState(client);
  const state: PlacementState & MatchedState = {
    ...settings,
    ...quarantineState(client, settings),
    ...placementState(client),
    ...roomState(client),
    ...speciesState(client),
    ...stockState(client),
  };
  const crates = ask.all(
    {
      crate: t.crate.id,
      listedAtMs: number,
      ...pick(t.crate, 'entry', 'label', 'promisedAtMs', 'stated', 'told'),
      supplier: t.supplier.name,
    },
    `
    select c.id crate, (select occurred_at_ms from entry where id = c.entry) listedAtMs, c.entry, c.label, c.promised_at_ms promisedAtMs, c.stated, c.told, s.name supplier
    from p_crate c join p_supplier s on s.id = c.supplier
    where ${RECENT_CRATE} and c.voided_by is null and not exists (select 1 from p_arrival a where a.crate = c.id and a.voided_by is null)
    order by c.promised_at_ms, c.id`,
  );
  const bags = ask.all(
    {
      bag: t.bag.id,
      lot: t.lot.id,
      label: t.lot.label,
      listed: t.bag.listed,
      species: orNull(t.species.id),
      facts: orNull(t.species.facts),
      tank: orNull(t.tank.id),
    },
    `
    select b.id bag, l.id lot, l.label, b.listed, s.id species, s.facts, k.id tank
    from p_bag b join p_lot l on l.id = b.lot left join p_species s on s.id = l.species left join p_tank k on k.id = (select tank from now_bag_plan where bag = b.id)
    where b.crate = ? and b.voided_by is null order by b.box, b.ord`,
  );
  const system = ask.get(
    { system: t.system.id, ...pick(t.system, 'name', 'type', 'volumeL'), setC: number, salinityPpt: number },
    'select id system, name, type, volume_l volumeL, set_c setC, salinity_ppt salinityPpt from now_system where id = ?',
  );
  const readAt = ask.all(
    { ...pick(t.reading, 'quantity'), atMs: t.reading.atMs },
    "select quantity, max(at_ms) atMs from p_reading where subject = ? and source = 'measured' and quantity in ('temperature', 'salinity', 'pH') and voided_by is null group by quantity",
  );
  const matches = ask.all(
    { match: t.matchPlan.id, ...pick(t.matchPlan, 'entry', 'crate', 'system', 'facts') },
    `select id "match", entry, crate, system, facts from p_match m where crate = ? and voided_by is null
      and entry = (select entry from p_match x where x.crate = m.crate and x.system = m.system and x.voided_by is null order by x.at_ms desc, x.entry desc limit 1) order by system`,
  );
  const notes = ask.all(
    { line: t.prepLine.id, facts: t.prepLine.facts, movedMs: orNull(t.prepMove.untilMs) },
    `select n.id line, n.facts, (select until_ms from p_prep_move v where v.line = n.id and v.voided_by is null order by v.at_ms desc, v.entry desc limit 1) movedMs
    from p_prep_line n where n.crate = ? and n.voided_by is null order by n.at_ms, n.entry`,
  );
  const ticks = ask.all(
    { step: t.prepTick.step, left: t.prepTick.left, by: text, atMs: t.prepTick.atMs, actId: t.entry.actId },
    `select k.step, k."left", ${personName('k."by"')} by, k.at_ms atMs, (select act_id from entry where id = k.entry) actId from p_prep_tick k
    where k.crate = ? and k.voided_by is null order by k.at_ms, k.entry`,
  );
  const kindOf = (label: string, facts: SpeciesFields | null) => residentOf({ label, species: facts ?? undefined });

  /** The tanks that are meant for some of them, and what stands against each lot there. */
  const tanksOf = (rows: ReturnType<typeof bags>, now: number): PrepFacts['tanks'] =>
    [
      ...grouped(
        rows.filter((row) => row.tank !== null),
        (row) => row.tank!,
      ),
    ].map(([id, meant]) => {
      const tank = state.findTank(id)!;
      const lots = grouped(meant, ({ lot }) => lot);
      return {
        tank: id,
        code: tank.code,
        system: tank.system,
        lots: [...lots.keys()],
        occupants: state.occupants(id).map(({ lot, n }) => `${n} ${state.findLot(lot)?.label ?? lot}`),
        against: [...lots].flatMap(([lot, [first]]) =>
          refuseUnfit(
            { lot, n: first!.listed, tank, path: 'tank', atMs: now, out: first!.bag },
            { state, now, actor: { id: '', role: 'lead' } },
          ).map(({ code, facts }) => ({ code, facts, lot, label: first!.label })),
        ),
      };
    });
  const systemOf = (id: string): PrepFacts['systems'][number] => ({
    ...system(id)!,
    readAtMs: Object.fromEntries(readAt(id).map(({ quantity, atMs }) => [quantity, atMs])),
    residents: livingOn(id, state).map(residentOf),
  });
  const noteOf = ({ line, facts, movedMs }: ReturnType<typeof notes>[number]): PrepNote => ({
    line,
    ...facts,
    ...(facts.waits && movedMs !== null ? { waits: { ...facts.waits, untilMs: movedMs } } : {}),
  });

  const comingSince = (sinceMs: number, now: number): ComingCrate[] =>
    crates(sinceMs, sinceMs).map(({ stated, told, listedAtMs, ...crate }) => {
      const rows = bags(crate.crate);
      const tanks = tanksOf(rows, now);
      return {
        ...crate,
        facts: {
          listedAtMs,
          promisedAtMs: crate.promisedAtMs,
          stated,
          open: openQuestions({ stated, told: told ?? undefined }).length,
          lots: [...grouped(rows, ({ lot }) => lot)].map(([lot, [first, ...more]]) => ({
            lot,
            label: first!.label,
            n: [first!, ...more].reduce((sum, { listed }) => sum + listed, 0),
            without: [first!, ...more].filter((row) => row.tank === null).length,
            kind: kindOf(first!.label, first!.facts),
          })),
          tanks,
          systems: [...new Set(tanks.map((tank) => tank.system))].map(systemOf),
          matches: matches(crate.crate).map(({ facts, ...match }): LaidMatch => ({ ...match, ...facts })),
          notes: notes(crate.crate).map(noteOf),
        },
      };
    });
  /** Its lines, each with what was said of it last. */
  const linesOf = (crate: ComingCrate, rules: PrepareSettings, now: number): PrepLineCard[] => {
    const said = new Map(ticks(crate.crate).map(({ step, left, ...done }) => [step, { ...done, ...(left === null ? {} : { left }) }]));
    return prepLines(crate.facts, rules, now).map((line) => {
      const ticked = line.ends === 'by hand' ? said.get(line.step) : undefined;
      return { ...line, ...(ticked ? { ticked } : {}) };
    });
  };
  /** Why the next step of a match is not to be made as it was laid down. */
  const unfitFor = (match: LaidRow) => {
    const { salinityPpt } = system(match.system)!;
    return againstLaid(match, { ...matchedWater(match.system, state), salinityPpt, readMs: match.salinityReadMs });
  };
  return {
    unfitFor,
    crates: comingSince,
    lines: linesOf,
    /** Of each crate what is open by now or within a day; what was ticked or lies further ahead is not counted. */
    due: (sinceMs: number, rules: PrepareSettings, now: number): DueFacts['preparing'] =>
      comingSince(sinceMs, now).map((crate) => {
        const open = linesOf(crate, rules, now).filter(({ ticked, fromMs }) => !ticked && fromMs <= now + AHEAD_MS);
        return {
          entry: crate.entry,
          crate: crate.crate,
          crateLabel: crate.label,
          open: open.length,
          fromMs: Math.min(...open.map(({ fromMs }) => fromMs)),
          byMs: Math.min(...open.map(({ byMs }) => byMs)),
        };
      }),
  };
}

/** Matches that were laid down and the steps of each that are settled. Where a crate is given up its system goes back all the same, from then on. */
export function prepareMatches(client: Database.Database) {
  const ask = makeAsk(client);
  const laid = ask.all(
    {
      match: t.matchPlan.id,
      ...pick(t.matchPlan, 'entry', 'crate', 'system', 'facts'),
      systemName: t.system.name,
      crateLabel: t.crate.label,
      arrivedAtMs: orNull(t.arrival.atMs),
      by: text,
      atMs: t.matchPlan.atMs,
      actId: t.entry.actId,
      salinityReadMs: orNull(number),
      settled: json<SettledStep[]>(),
    },
    `
    select m.id "match", m.entry, m.crate, m.system, m.facts, w.name systemName, c.label crateLabel, coalesce(a.at_ms, (select at_ms from p_given_up u where u.crate = c.id and u.voided_by is null order by at_ms limit 1)) arrivedAtMs, ${personName('m."by"')} by, m.at_ms atMs,
      (select act_id from entry where id = m.entry) actId,
      (select max(at_ms) from p_reading r where r.subject = m.system and r.quantity = 'salinity' and r.source = 'measured' and r.voided_by is null) salinityReadMs,
      (select json_group_array(json_object('step', substr(d.due, instr(d.due, ':match-step:') + 12), 'kind', d.kind, 'atMs', d.at_ms)) from p_due d where d.due >= m.entry || ':match-step:' and d.due < m.entry || ':match-step;' and d.kind <> 'snoozed' and d.voided_by is null) settled
    from p_match m join p_system w on w.id = m.system join p_crate c on c.id = m.crate and c.voided_by is null
      left join p_arrival a on a.crate = c.id and a.voided_by is null
    where m.voided_by is null and m.at_ms > ?
      and m.entry = (select entry from p_match x where x.crate = m.crate and x.system = m.system and x.voided_by is null order by x.at_ms desc, x.entry desc limit 1)
    order by m.at_ms, m.entry`,
  );
  return (sinceMs: number) =>
    laid(sinceMs).map(({ facts, arrivedAtMs, salinityReadMs, ...row }) => ({
      ...row,
      ...facts,
      ...(arrivedAtMs === null ? {} : { arrivedAtMs }),
      ...(salinityReadMs === null ? {} : { salinityReadMs }),
    }));
}

/** As long as a way back may be laid down, and the time before it. */
const MATCHED_MS = 540 * DAY_MS;
/** What is due of getting ready, and of matches. */
export function preparePreparation(client: Database.Database) {
  const preparing = preparePreparing(client);
  const matches = prepareMatches(client);
  return (sinceMs: number, rules: PrepareSettings, now: number): Pick<DueFacts, 'preparing' | 'matches'> => ({
    preparing: preparing.due(sinceMs, rules, now),
    matches: matches(now - MATCHED_MS).map((match) => ({ ...match, unfit: preparing.unfitFor(match).length > 0 })),
  });
}

type LaidRow = ReturnType<ReturnType<typeof prepareMatches>>[number];
