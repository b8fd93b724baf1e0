// Mixes, batches and courses, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { SIGN_CLASS, SIGNS } from '#core/rounds/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareAmount } from '../supplies/onHand.ts';
import { prepareBatch } from './batches.ts';
import { prepareHistory, prepareMixes, TAKEN } from './courses.ts';

const ILLNESS = SIGNS.filter((sign) => SIGN_CLASS[sign] === 'illness')
  .map((sign) => `'${sign}'`)
  .join(', ');

type Questions =
  'findMix' | 'mixes' | 'findBatch' | 'batchesBegun' | 'courseFacts' | 'timesGiven' | 'signSeenMs' | 'onHandG' | 'fedMixesOn';

export function kitchenState(client: Database.Database, { findZone }: Pick<HouseState, 'findZone'>): Pick<HouseState, Questions> {
  const ask = makeAsk(client);
  const find = ask.get(pick(t.mix, 'id', 'facts'), 'select id, facts from p_mix where id = ?');
  const history = prepareHistory(client);
  const illness = ask.value(
    orNull(number),
    `select max(o.at_ms) from p_odd o where o.lot = ? and o.voided_by is null and exists (select 1 from json_each(o.signs) s where json_extract(s.value, '$.sign') in (${ILLNESS}))`,
  );
  const fedOn = ask.values(
    t.mix.name,
    `select distinct m.name from p_tank x cross join now_standing b on b.place = x.id
    cross join p_feed f indexed by p_feed_mix on f.lot = b.lot and f.mix is not null and f.voided_by is null and ${TAKEN} and f.at_ms > @since and f.at_ms <= @until
    join p_mix m on m.id = f.mix where x.system = @system`,
  );
  const zoneNow = () => findZone() ?? 'UTC';
  return {
    findMix(id) {
      const row = find(id);
      return row && { id: row.id, ...row.facts };
    },
    mixes: prepareMixes(client),
    findBatch: prepareBatch(client),
    batchesBegun: ask.only(number, 'select count(*) from p_batch where at_ms > ? and at_ms < ? and voided_by is null'),
    courseFacts: (lot, mix) => history(lot, zoneNow()).factsOf({ lot, mix }),
    timesGiven: (asked, when) => history(asked.lot, zoneNow()).timesOf(asked, when),
    signSeenMs: (lot) => illness(lot) ?? undefined,
    onHandG: prepareAmount(client),
    fedMixesOn: (system, atMs) => fedOn({ system, since: atMs - DAY_MS, until: atMs }),
  };
}
