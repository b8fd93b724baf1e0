// One quantity of one system over a stretch of time: what was read and with what, its limits, changes of water, treatments and deaths.
import type { TrendMark } from '#contract/views.ts';
import { FUTURE_ALLOWED_MS } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { QUANTITIES, type Quantity } from '#core/water/index.ts';
import { thin } from '#core/waterTests/index.ts';
import { makeAsk, number, orNull, pick, text, word } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareJudging } from '../waterTests/judged.ts';
import type { MakeView } from './view.ts';

const MOST_POINTS = 1500;
/** Of more, the latest; the rest is a number. */
const MOST_MARKS = 400;
const DAYS = { usual: 90, most: 3660 };
const UNNAMED = '';

const isQuantity = (name: string): name is Quantity => (QUANTITIES as readonly string[]).includes(name);
const wholeNumber = (typed: string | undefined): number => (/^\d{1,5}$/.test(typed ?? '') ? Number(typed) : DAYS.usual);

export const makeWaterTrendView: MakeView<'waterTrend'> = (client) => {
  const ask = makeAsk(client);
  const { judgingOf } = prepareJudging(client);
  const system = ask.get(
    pick(t.system, 'id', 'name', 'type', 'temperatureC', 'salinityPpt'),
    'select id, name, type, temperature_c temperatureC, salinity_ppt salinityPpt from p_system where id = ?',
  );
  const readEver = ask.is(
    "select 1 from p_reading where subject = ? and quantity = ? and source = 'measured' and voided_by is null limit 1",
  );
  const readings = ask.all(
    { atMs: number, value: number, instrument: text },
    `select r.at_ms atMs, r.value, coalesce((select name from p_kit where id = r.kit), r.instrument, '') instrument from p_reading r
    where r.subject = @system and r.quantity = @quantity and r.source = 'measured' and r.voided_by is null and r.at_ms between @fromMs and @now order by r.at_ms, r.entry`,
  );
  const marks = ask.all(
    { atMs: number, is: word<TrendMark['is']>(), n: number },
    `select e.at_ms atMs, 'change' "is", e.litres n from p_tank t cross join p_exchange e on e.tank = t.id where t.system = @system and e.voided_by is null and e.at_ms between @fromMs and @now
    union all select e.at_ms, 'top-up', e.litres from p_tank t cross join p_top_up e on e.tank = t.id where t.system = @system and e.voided_by is null and e.at_ms between @fromMs and @now
    union all select x.at_ms, 'loss', x.n from p_tank t cross join now_loss x on x.place = t.id where t.system = @system and x.at_ms between @fromMs and @now order by 1`,
  );
  const treatments = ask.all(
    { ...pick(t.treatment, 'family'), fromMs: number, toMs: orNull(number) },
    `select c.family, c.at_ms fromMs, (select max(x.at_ms) from p_treatment_end x where x.treatment = c.id and x.voided_by is null) toMs
    from p_treatment c where c.system = @system and c.voided_by is null and c.at_ms <= @now order by c.at_ms`,
  );
  return ({ now, rules, query }) => {
    const days = Math.min(DAYS.most, Math.max(1, wholeNumber(query.days)));
    const fromMs = now - days * DAY_MS;
    const quantity = isQuantity(query.quantity ?? '') ? (query.quantity as Quantity) : 'ammonia';
    const found = system(query.system ?? '');
    const nothing = {
      quantity,
      quantities: [],
      fromMs,
      toMs: now,
      instruments: [],
      points: [],
      readings: 0,
      thinned: false,
      marks: [],
      marksMore: 0,
      treatments: [],
    };
    if (!found) return nothing;
    const span = { system: found.id, fromMs, now: now + FUTURE_ALLOWED_MS };
    const read = readings({ ...span, quantity });
    const instruments = [...new Set(read.map(({ instrument }) => instrument))];
    const index = new Map(instruments.map((name, turn) => [name, turn]));
    // Each test by itself: one that reads high must not hide where another goes.
    const share = Math.max(4, Math.floor(MOST_POINTS / Math.max(1, instruments.length)));
    const points = instruments.flatMap((name) =>
      thin(
        read.filter(({ instrument }) => instrument === name),
        share,
      ),
    );
    const all = marks(span);
    const limits = judgingOf(found, rules.waterTests, now).limits as Partial<Record<Quantity, { from?: number; to?: number }>>;
    return {
      ...nothing,
      system: { id: found.id, name: found.name, type: found.type },
      quantities: QUANTITIES.filter((name) => name !== 'volume' && readEver(found.id, name)),
      instruments: instruments.map((name) => (name === UNNAMED ? 'not said with what' : name)),
      points: points.map(({ atMs, value, instrument }) => ({ atMs, value, with: index.get(instrument)! })),
      readings: read.length,
      thinned: points.length < read.length,
      marks: all.slice(-MOST_MARKS),
      marksMore: Math.max(0, all.length - MOST_MARKS),
      treatments: treatments(span)
        .filter(({ toMs }) => toMs === null || toMs >= fromMs)
        .map(({ toMs, ...row }) => ({ ...row, ...(toMs === null ? {} : { toMs }) })),
      ...(limits[quantity] ? { limits: limits[quantity] } : {}),
    };
  };
};
