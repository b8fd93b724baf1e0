// What went straight from one tank to another: wet tools, and water. The clocks and the tank pages read it alike.
import type Database from 'better-sqlite3';
import { meetingsByTool } from '#core/exposure/index.ts';
import type { QuarantineRows } from '#core/quarantine/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

/** SQL of what every tool is called, and everybody's hands. */
const TOOL_NAMES = "select id, name from p_tool union all select 'hands-' || id, 'hands of ' || name from p_person";

export type ReadContacts = (window: { sinceMs: number; toolDriesH: number }) => QuarantineRows['contacts'];

/** Contacts since an instant; a tool that was wet when the window began is still followed. */
export function prepareContacts(client: Database.Database): ReadContacts {
  const ask = makeAsk(client);
  const uses = ask.all(
    pick(t.toolUse, 'entry', 'tool', 'tank', 'atMs', 'ord'),
    'select entry, tool, tank, at_ms atMs, ord from p_tool_use where at_ms > ? and voided_by is null',
  );
  const disinfections = ask.all(
    pick(t.disinfection, 'tool', 'atMs'),
    'select tool, at_ms atMs from p_disinfection where at_ms > ? and voided_by is null',
  );
  const names = ask.map(t.tool.id, t.tool.name, TOOL_NAMES);
  const exchanges = ask.all(
    pick(t.exchange, 'entry', 'atMs', 'tank', 'fromTank'),
    'select entry, at_ms atMs, tank, from_tank fromTank from p_exchange where at_ms > ? and from_tank is not null and voided_by is null',
  );
  return ({ sinceMs, toolDriesH }) => {
    const driesMs = toolDriesH * HOUR_MS;
    const called = names();
    const wet = uses(sinceMs - driesMs);
    const byTool = meetingsByTool(wet, disinfections(sinceMs - driesMs), driesMs);
    return [
      ...byTool.map(({ tool, ...contact }) => ({ ...contact, by: 'tool' as const, name: called.get(tool) ?? tool })),
      ...exchanges(sinceMs).map(({ entry, atMs, tank, fromTank }) => ({
        entry,
        atMs,
        from: fromTank!,
        fromMs: atMs,
        to: tank,
        by: 'water' as const,
        name: 'water',
      })),
    ];
  };
}
