// Core's questions about how the house stands and what is planned in it: racks, tanks, tools, slips, remedies.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { wetFrom, type Disinfection, type ToolFacts, type ToolFields, type ToolUse } from '#core/exposure/index.ts';
import type { Slip, SlipFacts } from '#core/moves/index.ts';
import { type Flow, type RackFacts, type TankFacts } from '#core/room/index.ts';
import { STARTING_RULES, type HouseRules } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { COMING, IN_HOUSE, personName } from './pieces.ts';

type Asked =
  | 'findRack'
  | 'findTank'
  | 'findTankByCode'
  | 'findTankAt'
  | 'tanksOn'
  | 'tanksOnRack'
  | 'hangingIn'
  | 'comingTo'
  | 'findTool'
  | 'isTool'
  | 'wetFrom'
  | 'findSlip'
  | 'openCourses'
  | 'hasLoss'
  | 'hasStay';
type MarkRow = { what: 'tried' | 'freed' | 'dropped' | 'done'; atMs: number; by: string };

export function makeRoomState(client: Database.Database): Pick<HouseState, Asked> {
  const columns = `t.id, t.rack, t.water, t.code, t.volume_l volumeL, t.purpose, t.lid, t."row", t."column", t.vessel, t.hangs_in hangsIn, t.flow, ${IN_HOUSE('t')} here`;
  const rack = client.prepare(`select id, room, name, walk from p_rack t where id = ? and ${IN_HOUSE('t')}`);
  const tank = client.prepare(`select ${columns} from p_tank t where t.id = ?`);
  const tankByCode = client.prepare(`select ${columns} from p_tank t where t.code = ? and ${IN_HOUSE('t')}`);
  const tankAt = client.prepare(
    `select ${columns} from p_tank t where t.rack = ? and t."row" = ? and t."column" = ? and t.vessel = 'tank' and ${IN_HOUSE('t')}`,
  );
  const on = client.prepare(`select id from p_tank t where water = ? and ${IN_HOUSE('t')} order by id`).pluck();
  const onRack = client.prepare(`select id from p_tank t where rack = ? and ${IN_HOUSE('t')} order by id`).pluck();
  const hanging = client.prepare(`select code from p_tank t where hangs_in = ? and ${IN_HOUSE('t')} order by code`).pluck();
  const coming = client.prepare(
    `select lot, sum(n) n, count(*) bags from (${COMING}) where tank = @id and place <> coalesce(@except, '') group by lot order by lot`,
  );
  const tool = client.prepare(`select id, facts from p_tool t where id = ? and ${IN_HOUSE('t')}`);
  const uses = client.prepare(
    'select entry, tool, tank, at_ms atMs, ord from p_tool_use where tool = @tool and at_ms > @since and at_ms <= @atMs and voided_by is null',
  );
  const cleaned = client.prepare(
    'select tool, at_ms atMs from p_disinfection where tool = @tool and at_ms > @since and at_ms <= @atMs and voided_by is null',
  );
  const rules = client.prepare('select rules from p_house').pluck();
  const slip = client.prepare('select plan, facts from p_slip where id = ? and voided_by is null');
  const marks = client.prepare(
    `select what, at_ms atMs, ${personName('"by"')} by from p_slip_mark where slip = ? and voided_by is null order by at_ms, entry`,
  );
  const courses = client.prepare(`
    select c.id, c.water, c.family, c.at_ms begunAtMs from p_course c
    where c.water = ? and c.voided_by is null and not exists (select 1 from p_course_end x where x.course = c.id and x.voided_by is null)`);
  const loss = client.prepare('select 1 from p_loss where entry = ? and voided_by is null').pluck();
  const stay = client
    .prepare('select 1 from p_stay where place = ? and lot = ? and at_ms = coalesce(?, at_ms) and voided_by is null limit 1')
    .pluck();
  const whole = (raw: unknown): TankFacts | undefined => {
    if (raw === undefined) return undefined;
    const { here, hangsIn, flow, lid, ...row } = raw as Omit<TankFacts, 'lid' | 'hangsIn' | 'flow'> & {
      flow: Flow | null;
      lid: number;
      here: number;
      hangsIn: string | null;
    };
    return {
      ...row,
      lid: lid === 1,
      ...(hangsIn === null ? {} : { hangsIn }),
      ...(flow === null ? {} : { flow }),
      ...(here === 1 ? {} : { retired: true }),
    };
  };

  return {
    findRack: (id) => rack.get(id) as RackFacts | undefined,
    findTank: (id) => whole(tank.get(id)),
    findTankByCode: (code) => whole(tankByCode.get(code)),
    findTankAt: (...place) => whole(tankAt.get(...place)),
    tanksOn: (water) => on.all(water) as string[],
    tanksOnRack: (id) => onRack.all(id) as string[],
    hangingIn: (id) => hanging.all(id) as string[],
    comingTo: (id, except) => coming.all({ id, except: except ?? null }) as ReturnType<HouseState['comingTo']>,
    findTool(id) {
      const row = tool.get(id) as { id: string; facts: string } | undefined;
      return row && ({ id, ...(JSON.parse(row.facts) as ToolFields) } satisfies ToolFacts);
    },
    isTool: (id) => tool.get(id) !== undefined,
    wetFrom(of, atMs) {
      const house = rules.get() as string | null | undefined;
      const { toolDriesH } = house ? (JSON.parse(house) as HouseRules) : STARTING_RULES;
      const driesMs = toolDriesH * HOUR_MS;
      const within = { tool: of, since: atMs - driesMs, atMs };
      return wetFrom(uses.all(within) as ToolUse[], cleaned.all(within) as Disinfection[], { now: atMs, driesMs }).map(
        ({ tank: wet }) => wet,
      );
    },
    findSlip(id): SlipFacts | undefined {
      const row = slip.get(id) as { plan: string; facts: string } | undefined;
      if (!row) return undefined;
      const of = marks.all(id) as MarkRow[];
      const latest = (what: MarkRow['what']) => of.findLast((one) => one.what === what);
      return {
        ...(JSON.parse(row.facts) as Slip),
        plan: row.plan,
        tries: of.filter(({ what }) => what === 'tried').map(({ atMs }) => atMs),
        done: latest('done'),
        dropped: latest('dropped'),
        freed: latest('freed'),
      };
    },
    openCourses: (water) => courses.all(water) as ReturnType<HouseState['openCourses']>,
    hasLoss: (entry) => loss.get(entry) !== undefined,
    hasStay: (lot, place, atMs) => stay.get(place, lot, atMs ?? null) !== undefined,
  };
}
