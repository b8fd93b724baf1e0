// What each system is under, what it has held, and whether somebody was ill on it within a quarantine that is still open: read for the rules and the racks alike.
import type Database from 'better-sqlite3';
import { CALM_SYSTEM, type Held, type SystemState } from '#core/placement/index.ts';
import { SIGN_CLASS } from '#core/rounds/index.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

/** A copper test that shows no more than this is a zero, mg/L: what a test cannot tell from nothing. */
const ZERO_MG_L = 0.02;

/** By system; `only` = of one. A system of which there is nothing to say is missing. */
export function prepareSystems(client: Database.Database): (only?: string) => Map<string, SystemState> {
  const ask = makeAsk(client);
  const treatments = ask.all(
    { ...pick(t.treatment, 'system', 'family'), endedAtMs: number },
    `
    select c.system, c.family, max(coalesce(x.at_ms, 9e15)) endedAtMs from p_treatment c left join p_treatment_end x on x.treatment = c.id and x.voided_by is null
    where c.voided_by is null and c.system = coalesce(?, c.system) group by c.system, c.family`,
  );
  const zeros = ask.map(
    t.reading.subject,
    number,
    `
    select subject system, max(at_ms) atMs from p_reading where quantity = 'copper' and source = 'measured' and value <= ${ZERO_MG_L} and voided_by is null
      and subject = coalesce(?, subject) group by subject`,
  );
  const odd = ask.all(
    { system: t.tank.system, ...pick(t.odd, 'lot', 'signs') },
    `
    with open as (select t.system, min(h.at_ms) sinceMs from now_standing b cross join now_quarantine h on h.lot = b.lot
      join p_tank t on t.id = b.place where t.system = coalesce(?, t.system) group by t.system)
    select open.system, o.lot, o.signs from open join p_tank t on t.system = open.system
      cross join p_odd o on o.tank = t.id and o.at_ms >= open.sinceMs and o.signs <> '[]' and o.voided_by is null`,
  );
  const deaths = ask.all(
    { system: t.tank.system, lot: t.loss.lot },
    `
    with open as (select t.system, min(h.at_ms) sinceMs from now_standing b cross join now_quarantine h on h.lot = b.lot
      join p_tank t on t.id = b.place where t.system = coalesce(?, t.system) group by t.system)
    select open.system, x.lot from open join p_tank t on t.system = open.system
      cross join now_loss x on x.place = t.id and x.at_ms >= open.sinceMs and x.cause = 'illness'`,
  );
  const lots = ask.values(t.balance.lot, 'select distinct b.lot from now_standing b join p_tank t on t.id = b.place where t.system = ?');

  return (only) => {
    const text = only ?? null;
    const systemStates = new Map<string, SystemState>();
    const set = (system: string, more: Partial<SystemState>) =>
      systemStates.set(system, { ...(systemStates.get(system) ?? CALM_SYSTEM), ...more });
    const zeroAt = zeros(text);
    for (const { system, family, endedAtMs } of treatments(text)) {
      const known = systemStates.get(system) ?? CALM_SYSTEM;
      if (endedAtMs > 8e15) {
        set(system, { treatments: [...known.treatments, family] });
        continue;
      }
      const held: Held = { family, endedAtMs, zeroTested: family === 'copper' && (zeroAt.get(system) ?? -1) > endedAtMs };
      set(system, { held: [...known.held, held] });
    }
    const ill = new Map<string, string>();
    for (const { system, signs } of odd(text)) {
      const sign = signs.find((each) => SIGN_CLASS[each.sign] === 'illness');
      if (sign) ill.set(system, sign.sign);
    }
    for (const { system } of deaths(text)) ill.set(system, ill.get(system) ?? 'a death by illness');
    for (const [system, what] of ill) set(system, { ill: { what, lots: lots(system) } });
    return systemStates;
  };
}
