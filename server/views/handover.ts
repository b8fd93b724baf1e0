// What whoever comes on shift needs to know: everything noteworthy that was recorded since the last hand-over, and what stands, runs and is due now.
import { lift } from '#contract/act.ts';
import type { CountedDays, QuarantineCard, ShiftCard, TimelineEntry } from '#contract/views.ts';
import type { Kind } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { json, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareNames } from '../now/names.ts';
import { personName } from '../now/rows.ts';
import { countedOf, prepareQuarantineCards } from './quarantine.ts';
import { makeRunningView } from './running.ts';
import { makeTodayView } from './today.ts';
import type { MakeView } from './view.ts';

/** Told by their sums, or of the house itself and not of its fish. */
const PASSED_OVER: readonly Kind[] = [
  'reading.taken',
  'lot.fed',
  'tool.used',
  'tool.disinfected',
  'due.done',
  'due.snoozed',
  'page.sent',
  'photo.taken',
  'lights.dimmed',
  'meter.checked',
  'method.chosen',
  'float.started',
  'acclimation.actionTaken',
  'acclimation.checked',
  'supplier.taught',
  'person.prefers',
  'shift.handed',
  'shift.taken',
  'entry.reversed',
];
/** A page of paper holds no more; the logbook has the rest. */
const SHOWN = 200;
/** Longer ago than this it was no shift: a page of it would be a history. */
const LONGEST_SHIFT_MS = 7 * DAY_MS;
/** Nobody handed anything over yet: what was recorded in so many entries and no longer than a day ago. */
const FIRST_ENTRIES = 4000;

export const makeHandoverView: MakeView<'handover'> = (client) => {
  const ask = makeAsk(client);
  const shifts = ask.all(
    {
      ...pick(t.shift, 'atMs', 'worries'),
      shift: t.shift.id,
      by: text,
      actId: t.entry.actId,
      seq: t.entry.seq,
      taken: orNull(json<NonNullable<ShiftCard['taken']>>()),
    },
    `
    select s.id shift, s.at_ms atMs, s.worries, ${personName('s."by"')} by, e.act_id actId, e.seq,
      (select json_object('by', ${personName('x."by"')}, 'atMs', x.at_ms, 'note', x.note, 'actId', (select act_id from entry where id = x.entry)) from p_shift_taken x where x.shift = s.id and x.voided_by is null) taken
    from p_shift s join entry e on e.id = s.entry where s.voided_by is null order by s.at_ms desc, s.entry desc limit 20`,
  );
  const since = ask.all(
    { ...pick(t.entry, 'id', 'actId', 'kind', 'version', 'occurredAtMs', 'recordedAtMs', 'payload', 'overrules'), by: text },
    `
    select e.id, e.act_id actId, e.kind, e.version, e.occurred_at_ms occurredAtMs, e.recorded_at_ms recordedAtMs, e.payload, e.overrules, ${personName('e.actor')} by
    from entry e where e.seq > ? and e.kind not in (${PASSED_OVER.map((kind) => `'${kind}'`).join(', ')})
      and not (e.kind = 'tank.checked' and not exists (select 1 from p_odd o where o.entry = e.id) and json_extract(e.payload, '$.note') is null)
      and not exists (select 1 from p_reversal r where r.act = e.act_id) order by e.seq desc limit ${SHOWN + 1}`,
  );
  const counted = ask.one(
    { checks: number, meals: number, readings: number },
    `
    select count(*) filter (where kind = 'tank.checked') checks, count(*) filter (where kind = 'lot.fed') meals, count(*) filter (where kind = 'reading.taken') readings
    from entry e where seq > ? and not exists (select 1 from p_reversal r where r.act = e.act_id)`,
  );
  const latest = ask.only(number, 'select coalesce(max(seq), 0) from entry');
  const atOrAfter = ask.value(t.entry.seq, 'select seq from entry where seq > ? and recorded_at_ms >= ? order by seq limit 1');
  const namesIn = prepareNames(client);
  const quarantines = prepareQuarantineCards(client);
  const today = makeTodayView(client);
  const running = makeRunningView(client);

  return (request) => {
    const { now } = request;
    const known = shifts();
    const from = known.find(({ taken, atMs }) => taken !== null && atMs > now - LONGEST_SHIFT_MS);
    const sinceMs = from?.atMs ?? now - DAY_MS;
    const sinceSeq = from?.seq ?? firstSeq(latest(), sinceMs, atOrAfter);
    const found = since(sinceSeq);
    const happened = found.slice(0, SHOWN).map(({ version, payload, overrules, recordedAtMs: _recordedAtMs, ...row }): TimelineEntry => ({
      ...row,
      payload: lift(row.kind, version, payload),
      ...(overrules ? { overrules } : {}),
    }));
    const [last] = known;
    return {
      ...(last ? { last: cardOf(last) } : {}),
      sinceMs,
      happened,
      ...(found.length > SHOWN ? { more: true as const } : {}),
      names: namesIn(happened.map(({ payload }) => payload)),
      counted: counted(sinceSeq),
      due: today(request).due.filter(({ fromMs }) => fromMs <= now),
      ...running(request),
      days: quarantines(request).map(daysOf),
    };
  };
};

type FindSeq = (after: number, recordedAtMs: number) => number | undefined;
/** Before the first entry that was recorded from then on, among the last few thousand. */
function firstSeq(latest: number, sinceMs: number, atOrAfter: FindSeq): number {
  const first = atOrAfter(Math.max(0, latest - FIRST_ENTRIES), sinceMs);
  return first === undefined ? latest : first - 1;
}

type Row = Omit<ShiftCard, 'taken' | 'worries'> & { worries: string | null; taken: ShiftCard['taken'] | null };
function cardOf({ shift, atMs, by, actId, worries, taken }: Row): ShiftCard {
  return {
    shift,
    atMs,
    by,
    actId,
    ...(worries === null ? {} : { worries }),
    ...(taken ? { taken: { ...taken, note: taken.note ?? undefined } } : {}),
  };
}

const daysOf = ({ lot, label, n, tanks, clock }: QuarantineCard): CountedDays => ({
  lot,
  label,
  n,
  tanks: tanks.map(({ code }) => code),
  ...countedOf(clock),
});
