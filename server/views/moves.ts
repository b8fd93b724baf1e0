// What is planned and what must end: catch slips, arrangements with an end, tools and where they were wet.
import type Database from 'better-sqlite3';
import type { MovesView, TransferTaskCard, StayLimitCard, TemporaryStay, ToolCard } from '#contract/views.ts';
import { wetFrom } from '#core/exposure/index.ts';
import type { Vessel } from '#core/room/index.ts';
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import { json, makeAsk, number, text, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import type { MakeView } from './view.ts';

const SHOWN_AFTER_MS = 2 * DAY_MS;
const STAY = {
  ...pick(t.stayLimit, 'lot', 'untilMs', 'untilCm', 'why'),
  n: t.balance.n,
  vessel: t.tank.vessel,
  stayLimit: t.stayLimit.id,
  lotLabel: t.lot.label,
  tank: t.tank.id,
  tankCode: t.tank.code,
  sinceMs: t.stayLimit.atMs,
  sizeCm: orNull(number),
};

/** Arrangements with an end whose fish are there still; the latest for a lot in a place counts. */
export function prepareStayLimits(client: Database.Database): (tank?: string) => StayLimitCard[] {
  const ask = makeAsk(client);
  const sql = `
    select s.id stayLimit, s.lot, l.label lotLabel, s.n, t.id tank, t.code tankCode, t.vessel, s.at_ms sinceMs, s.until_ms untilMs, s.until_cm untilCm,
      l.size_cm sizeCm, s.why
    from now_stay s join now_lot l on l.id = s.lot join p_tank t on t.id = s.place`;
  const all = ask.all(STAY, `${sql} order by coalesce(s.until_ms, 9e15), t.code`);
  const inTank = ask.all(STAY, `${sql} where s.place = ? order by coalesce(s.until_ms, 9e15)`);
  return (tank) =>
    (tank === undefined ? all() : inTank(tank)).map(({ untilMs, untilCm, sizeCm, ...stay }) => ({
      ...stay,
      ...(untilMs === null ? {} : { untilMs }),
      ...(untilCm === null ? {} : { untilCm }),
      ...(sizeCm === null ? {} : { sizeCm }),
    }));
}

/** Of them, those in buckets, boxes and behind dividers that have an hour. */
export function temporaryOnly(stayLimits: readonly StayLimitCard[]): TemporaryStay[] {
  return stayLimits.flatMap(({ stayLimit, lot, lotLabel, n, tank, tankCode, vessel, sinceMs, untilMs }) =>
    vessel !== ('tank' satisfies Vessel) && untilMs !== undefined
      ? [{ stayLimit, lot, lotLabel, n, tank, tankCode, sinceMs, untilMs }]
      : [],
  );
}

type MarkRow = Pick<typeof t.transferMark.$inferSelect, 'what' | 'atMs' | 'by'> & { actId: string };

/** Tasks that are open, and those that ended after an instant. */
export function prepareTasks(client: Database.Database): (endedSinceMs: number) => TransferTaskCard[] {
  const ask = makeAsk(client);
  const tasks = ask.all(
    {
      ...pick(t.task, 'facts', 'plan'),
      planName: t.task.name,
      lotLabel: t.lot.label,
      fromCode: t.tank.code,
      toCode: t.tank.code,
      toolName: orNull(t.tool.name),
      marks: json<MarkRow[]>(),
    },
    `
    select s.facts, s.plan, s.name planName, l.label lotLabel, f.code fromCode, t.code toCode, (select name from p_tool o where o.id = json_extract(s.facts, '$.tool')) toolName,
      (select coalesce(json_group_array(json_object('what', m.what, 'atMs', m.at_ms, 'by', ${personName('m."by"')}, 'actId', (select act_id from entry where id = m.entry))), '[]')
        from p_transfer_mark m where m.task = s.id and m.voided_by is null) marks
    from p_transfer_task s join p_lot l on l.id = s.lot join p_tank f on f.id = s.from_tank join p_tank t on t.id = s.to_tank
    where s.voided_by is null and not exists (
      select 1 from p_transfer_mark m where m.task = s.id and m.voided_by is null and m.what in ('done', 'dropped') and m.at_ms <= ?)
    order by s.at_ms, s.entry, s.ord`,
  );
  return (endedSinceMs) =>
    tasks(endedSinceMs).map(({ facts, marks, toolName, ...row }) => {
      const done = marks.find(({ what }) => what === 'done');
      const dropped = marks.find(({ what }) => what === 'dropped');
      return {
        ...facts,
        ...row,
        ...(toolName === null ? {} : { toolName }),
        tries: marks.filter(({ what }) => what === 'tried').map(({ atMs }) => atMs),
        unblocked: marks.some(({ what }) => what === 'unblocked'),
        ...(done ? { done: { by: done.by, atMs: done.atMs, actId: done.actId } } : {}),
        ...(dropped ? { dropped: { by: dropped.by, atMs: dropped.atMs } } : {}),
      };
    });
}

export const makeMovesView: MakeView<'moves'> = (client) => {
  const ask = makeAsk(client);
  const tasks = prepareTasks(client);
  const stayLimits = prepareStayLimits(client);
  const tools = ask.all(pick(t.tool, 'id', 'facts'), `select id, facts from p_tool t where ${IN_HOUSE('t')} order by name`);
  const people = ask.all(
    { id: text, name: text },
    `select 'hands-' || id id, 'Hands of ' || name name from p_person p where voided_by is null and ${IN_HOUSE('p')} order by name`,
  );
  const uses = ask.all(
    { ...pick(t.toolUse, 'entry', 'tool', 'tank', 'atMs', 'ord'), code: t.tank.code },
    'select u.entry, u.tool, u.tank, u.at_ms atMs, u.ord, t.code from p_tool_use u join p_tank t on t.id = u.tank where u.at_ms > ? and u.voided_by is null',
  );
  const disinfections = ask.all(
    pick(t.disinfection, 'tool', 'atMs'),
    'select tool, at_ms atMs from p_disinfection where at_ms > ? and voided_by is null',
  );
  return ({ now, rules }): Omit<MovesView, 'seq'> => {
    const driesMs = rules.toolDriesH * HOUR_MS;
    const wet = uses(now - driesMs);
    const clean = disinfections(now - driesMs);
    const codes = new Map(wet.map(({ tank, code }) => [tank, code]));
    const wetIn = (tool: string) =>
      wetFrom(
        wet.filter((use) => use.tool === tool),
        clean.filter((row) => row.tool === tool),
        { now, driesMs },
      ).map((use) => ({ ...use, code: codes.get(use.tank)! }));
    return {
      tasks: tasks(now - SHOWN_AFTER_MS),
      stayLimits: stayLimits(),
      tools: [
        ...tools().map(({ id, facts }): ToolCard => ({
          id,
          ...facts,
          wet: wetIn(id),
        })),
        ...people().map((hands): ToolCard => ({
          ...hands,
          what: 'hands',
          racks: [],
          wet: wetIn(hands.id),
        })),
      ],
    };
  };
};
