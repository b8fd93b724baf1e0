// Fish that heal, each with its measures and where it stands; by lot, and all that run.
import type Database from 'better-sqlite3';
import type { HealingCard } from '#contract/views.ts';
import { healingNow } from '#core/healing/index.ts';
import { makeAsk, orNull, pick, text, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

const SHAPE = {
  ...pick(t.healing, 'lot', 'what', 'until', 'everyDays', 'note'),
  healing: t.healing.id,
  by: t.healing.measuredBy,
  begunMs: t.healing.atMs,
  how: orNull(t.healingEnd.how),
  endedMs: orNull(t.healingEnd.atMs),
  endedBy: orNull(text),
  why: orNull(t.healingEnd.why),
};
const COLUMNS = `h.lot, h.what, h.until, h.every_days everyDays, h.note, h.id healing, h.measured_by "by", h.at_ms begunMs,
  x.how, x.at_ms endedMs, ${personName('x."by"')} endedBy, x.why`;
const FROM = 'p_healing h left join p_healing_end x on x.healing = h.id and x.voided_by is null';

export function prepareHealings(client: Database.Database) {
  const ask = makeAsk(client);
  const ofLot = ask.all(SHAPE, `select ${COLUMNS} from ${FROM} where h.lot = ? and h.voided_by is null order by h.at_ms desc`);
  const byId = ask.get(SHAPE, `select ${COLUMNS} from ${FROM} where h.id = ? and h.voided_by is null`);
  // Few run at a time: all that never ended, of lots that live here.
  const running = ask.all(
    SHAPE,
    `select ${COLUMNS} from p_tank t cross join now_standing b on b.place = t.id cross join p_healing h on h.lot = b.lot
    left join p_healing_end x on x.healing = h.id and x.voided_by is null where h.voided_by is null and x.entry is null group by h.id`,
  );
  const measures = ask.all(
    { ...pick(t.healingMeasure, 'atMs', 'value', 'note'), by: text },
    `select m.at_ms atMs, m.value, m.note, ${personName('m."by"')} "by" from p_healing_measure m where m.healing = ? and m.voided_by is null order by m.at_ms, m.entry`,
  );
  const cardOf = ({ lot, note, how, endedMs, endedBy, why, ...facts }: RowOf<typeof SHAPE>): HealingCard & { lot: string } => {
    const taken = measures(facts.healing).map(({ note: said, ...measure }) => ({ ...measure, ...(said === null ? {} : { note: said }) }));
    return {
      lot,
      ...facts,
      ...(note === null ? {} : { note }),
      measures: taken,
      now: healingNow(facts, facts.begunMs, taken),
      ...(how === null || endedMs === null ? {} : { ended: { how, atMs: endedMs, by: endedBy ?? '', ...(why === null ? {} : { why }) } }),
    };
  };
  return {
    ofLot: (lot: string) => ofLot(lot).map(cardOf),
    find: (id: string) => {
      const row = byId(id);
      return row && cardOf(row);
    },
    running: () => running().map(cardOf),
  };
}
