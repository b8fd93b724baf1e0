// Which time a house opens at. Only a demo house has a clock of its own: where it was told to, or where it last stopped.
import { parseLocal } from '#core/time/index.ts';
import { makeAsk, number } from '../db/ask.ts';
import { findMeta } from '../db/meta.ts';
import { type House } from '../db/open.ts';
import * as t from '../db/tables.ts';
import { makeClock, type HouseClock } from './clock.ts';

/** Throws an Error in plain words when a real house is to be shifted, or a demo to be set back behind its own entries. */
export function clockOf({ client }: Pick<House, 'client'>, { clock, freeze }: { clock?: string; freeze: boolean }): HouseClock {
  if (findMeta(client, 'demo') === undefined) {
    if (clock || freeze) throw new Error('--clock and --freeze are for a demo house only');
    return makeClock();
  }
  const ask = makeAsk(client);
  const zone = ask.value(t.house.zone, 'select zone from p_house')() ?? 'UTC';
  const latest = ask.only(number, 'select coalesce(max(recorded_at_ms), 0) from entry')();
  // A house that was cut off may have entries later than the time it last noted.
  const stopped = Math.max(latest, Number(findMeta(client, 'houseNow') ?? Date.now()));
  const startAtMs = clock ? parseLocal(clock, zone) : stopped;
  if (startAtMs < latest) throw new Error(`--clock ${clock}: this demo has entries later than that; start it over with --fresh`);
  return makeClock({ startAtMs, freeze });
}
