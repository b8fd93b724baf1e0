// Rows of the walk: checks, oddities, meals, losses.
import type { RoundEntries } from '#core/rounds/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { makeAsk, number, orNull } from '../db/ask.ts';
import { clientOf, prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const roundProjectors: MakeProjectors<RoundEntries> = (db) => {
  const check = prepareInsert(db, tables.check);
  const odd = prepareInsert(db, tables.odd);
  const count = prepareInsert(db, tables.headCount);
  const chase = prepareInsert(db, tables.chase);
  const feed = prepareInsert(db, tables.feed);
  const loss = prepareInsert(db, tables.loss);
  const mishap = prepareInsert(db, tables.mishap);
  const lossClass = prepareInsert(db, tables.lossClass);
  const fault = prepareInsert(db, tables.fault);
  const stays = makeAsk(clientOf(db)).value(
    orNull(number),
    "select json_extract(facts, '$.leaveInH') from p_food where lower(trim(name)) = ? and json_extract(facts, '$.gone') is not 1",
  );
  return {
    'tank.checked': {
      voids: ['p_health_check', 'p_odd', 'p_head_count'],
      project(entry) {
        const { tank, day, round, allWell, lots, note } = entry.payload;
        check({ ...factOf(entry), tank, day, round, allWell, note });
        for (const look of lots) {
          const { lot, expected, seen } = look;
          if (seen !== null) count({ entry: entry.id, tank, lot, atMs: entry.occurredAtMs, day, round, expected, seen, voidedBy: null });
          if (look.signs.length === 0 && (look.seen === null || look.seen === look.expected)) continue;
          odd({
            entry: entry.id,
            tank,
            lot: look.lot,
            atMs: entry.occurredAtMs,
            expected: look.expected,
            seen: look.seen,
            signs: look.signs,
          });
        }
      },
    },
    'chase.seen': {
      voids: ['p_chase'],
      project(entry) {
        const { note: _said, ...payload } = entry.payload;
        chase({ ...factOf(entry), ...payload });
      },
    },
    'fault.noticed': { voids: ['p_fault'], project: (entry) => fault({ ...factOf(entry), ...entry.payload }) },
    'lot.fed': {
      voids: ['p_feed'],
      project(entry) {
        const leaveInH = stays(entry.payload.food.trim().toLowerCase());
        const outMs = leaveInH === undefined ? undefined : Math.round(entry.occurredAtMs + leaveInH * HOUR_MS);
        feed({ ...factOf(entry), ...entry.payload, outMs });
      },
    },
    'loss.recorded': {
      voids: ['p_loss'],
      project(entry) {
        const { lot, place, n, cause, sure, ...facts } = entry.payload;
        loss({ ...factOf(entry), lot, place, n, cause, sure, facts });
      },
    },
    'loss.classed': {
      voids: ['p_loss_class'],
      project: (entry) => lossClass({ ...factOf(entry), loss: entry.payload.loss, cause: entry.payload.cause }),
    },
    'mishap.recorded': {
      voids: ['p_mishap'],
      project(entry) {
        const { note: _said, ...payload } = entry.payload;
        mishap({ ...factOf(entry), ...payload });
      },
    },
  };
};
