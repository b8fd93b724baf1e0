// Tools and hands, and where they were wet, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { wetFrom } from '#core/exposure/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

export function exposureState(
  client: Database.Database,
  { findRules }: Pick<HouseState, 'findRules'>,
): Pick<HouseState, 'findTool' | 'isTool' | 'wetFrom' | 'lastUseOf'> {
  const ask = makeAsk(client);
  const tool = ask.get(pick(t.tool, 'id', 'facts'), `select id, facts from p_tool t where id = ? and ${IN_HOUSE('t')}`);
  const uses = ask.all(
    pick(t.toolUse, 'entry', 'tool', 'tank', 'atMs', 'ord'),
    'select entry, tool, tank, at_ms atMs, ord from p_tool_use where tool = @tool and at_ms > @since and at_ms <= @atMs and voided_by is null',
  );
  const cleaned = ask.all(
    pick(t.disinfection, 'tool', 'atMs'),
    'select tool, at_ms atMs from p_disinfection where tool = @tool and at_ms > @since and at_ms <= @atMs and voided_by is null',
  );
  const lastUse = ask.value(number, 'select max(at_ms) from p_tool_use where tool = ? and voided_by is null');
  return {
    findTool(id) {
      const row = tool(id);
      return row && { id, ...row.facts };
    },
    isTool: (id) => tool(id) !== undefined,
    wetFrom(tool, atMs) {
      const driesMs = (findRules() ?? STARTING_RULES).toolDriesH * HOUR_MS;
      const within = { tool, since: atMs - driesMs, atMs };
      return wetFrom(uses(within), cleaned(within), { now: atMs, driesMs }).map(({ tank }) => tank);
    },
    lastUseOf: lastUse,
  };
}
