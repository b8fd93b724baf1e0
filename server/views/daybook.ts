// The daybook: the latest acts as they were written, newest first, with what to call everything they name.
import type { DaybookAct, DaybookEntry } from '#contract/views.ts';
import { lift } from '#contract/act.ts';
import type { Kind, Overrule } from '#core/journal/index.ts';
import { personName } from './names.ts';
import type { MakeView } from './view.ts';

const PAGE_ACTS = 60;
/** Entries read for one page; a single act never holds more. */
const PAGE_ENTRIES = 400;
type Row = {
  seq: number;
  id: string;
  actId: string;
  kind: Kind;
  version: number;
  occurredAtMs: number;
  recordedAtMs: number;
  payload: string;
  overrules: string | null;
  actor: string;
  actorName: string;
};

export const makeDaybookView: MakeView<'daybook'> = (client) => {
  const latest = client.prepare(`
    select seq, id, act_id actId, kind, version, occurred_at_ms occurredAtMs, recorded_at_ms recordedAtMs, payload, overrules, actor, ${personName('actor')} actorName
    from entry where seq < ? order by seq desc limit ${PAGE_ENTRIES}`);
  const undone = client.prepare(`select ${personName('"by"')} by, at_ms atMs from p_reversal where act = ?`);
  const nameOf = client
    .prepare(
      `select coalesce(
    (select code from p_tank where id = @id), (select b.label || ' of ' || c.label from p_bag b join p_crate c on c.id = b.crate where b.id = @id), (select label from p_lot where id = @id), (select label from p_crate where id = @id),
    (select common from p_species where id = @id), (select name from p_supplier where id = @id), (select name from p_water where id = @id),
    (select name from p_rack where id = @id), (select name from p_person where id = @id))`,
    )
    .pluck();

  return ({ query }) => {
    const before = Number(query.before);
    const rows = latest.all(Number.isSafeInteger(before) && before > 0 ? before : Number.MAX_SAFE_INTEGER) as Row[];
    const acts = group(rows)
      .slice(0, PAGE_ACTS)
      .map((act) => ({ ...act, undone: undone.get(act.actId) as DaybookAct['undone'] }));
    const names: Record<string, string> = {};
    for (const value of acts.flatMap(({ entries }) => entries.flatMap(({ payload }) => idsIn(payload)))) {
      const name = value in names ? undefined : (nameOf.get({ id: value }) as string | null);
      if (name) names[value] = name;
    }
    return { acts, names };
  };
};

function group(rows: readonly Row[]): DaybookAct[] {
  const acts: DaybookAct[] = [];
  for (const { seq, actId, actor, actorName, payload, overrules, version, ...entry } of rows) {
    const whole: DaybookEntry = {
      ...entry,
      payload: lift(entry.kind, version, JSON.parse(payload)),
      ...(overrules ? { overrules: JSON.parse(overrules) as Overrule[] } : {}),
    };
    const last = acts.at(-1);
    if (last?.actId === actId) last.entries.unshift(whole);
    else acts.push({ actId, seq, actor, actorName, entries: [whole] });
  }
  // The oldest act of a full page may have lost its first entries to the limit.
  return rows.length < PAGE_ENTRIES ? acts : acts.slice(0, -1);
}

/** Strings in a payload that could be ids. */
function idsIn(value: unknown): string[] {
  if (typeof value === 'string') return /^[A-Za-z0-9-]{1,64}$/.test(value) ? [value] : [];
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(idsIn) : [];
}
