// Batches of the last two days, each food of it with what was done and where it stands.
import type Database from 'better-sqlite3';
import type { BatchCard, BatchFood } from '#contract/views.ts';
import { lineNow, type BatchFacts, type FoodWay, type LineNow, type StepDone } from '#core/kitchen/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { json, makeAsk, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareFoods } from '../feeding/state.ts';
import { personName } from '../now/sqlFragments.ts';

/** What is older than this is thrown away, or nobody said so. */
export const BATCH_WINDOW_MS = 2 * DAY_MS;
const STEPS = `(select json_group_array(json_object('food', s.food, 'step', s.step, 'atMs', s.at_ms)) from p_batch_step s where s.batch = b.id and s.voided_by is null)`;

export function prepareBatch(client: Database.Database): (id: string) => BatchFacts | undefined {
  const find = makeAsk(client).get(
    { ...pick(t.batch, 'id', 'atMs', 'forMs', 'lines'), steps: json<(StepDone & { food: string })[]>() },
    `select b.id, b.at_ms atMs, b.for_ms forMs, b.lines, ${STEPS} steps from p_batch b where b.id = ? and b.voided_by is null`,
  );
  return (id) => {
    const row = find(id);
    return (
      row && {
        id: row.id,
        begunMs: row.atMs,
        forMs: row.forMs,
        lines: row.lines.map((line) => ({ ...line, done: stepsOf(row.steps, line.food) })),
      }
    );
  };
}
const stepsOf = (steps: readonly (StepDone & { food: string })[], food: string): StepDone[] =>
  steps
    .filter((step) => step.food === food)
    .map(({ step, atMs }) => ({ step, atMs }))
    .toSorted((a, b) => a.atMs - b.atMs);

/** Where a food of a batch stands at `now`. */
export const standing = ({ begunMs }: BatchCard, { way, done }: BatchFood, { now, keepsH }: { now: number; keepsH: number }): LineNow =>
  lineNow(way, { begunMs, done, keepsH }, now);

const wayOf = ({ thawH, strain, soakMin }: FoodWay = {}): FoodWay => ({
  ...(thawH === undefined ? {} : { thawH }),
  ...(strain === undefined ? {} : { strain }),
  ...(soakMin === undefined ? {} : { soakMin }),
});

/** Latest first. */
export function prepareBatches(client: Database.Database): (now: number) => BatchCard[] {
  const ask = makeAsk(client);
  const foods = prepareFoods(client);
  const all = ask.all(
    {
      ...pick(t.batch, 'id', 'entry', 'atMs', 'forMs', 'lines'),
      actId: text,
      by: text,
      soak: orNull(text),
      steps: json<(StepDone & { food: string })[]>(),
    },
    `select b.id, b.entry, e.act_id actId, ${personName('b."by"')} "by", b.at_ms atMs, b.for_ms forMs, b.soak, b.lines, ${STEPS} steps
    from p_batch b join entry e on e.id = b.entry where b.at_ms > ? and b.voided_by is null order by b.at_ms desc, b.entry desc limit 50`,
  );
  return (now) => {
    const kept = new Map(foods().map((food) => [food.id, food]));
    return all(now - BATCH_WINDOW_MS).map(({ id, atMs, lines, steps, soak, ...row }) => ({
      batch: id,
      ...row,
      begunMs: atMs,
      ...(soak === null ? {} : { soak }),
      foods: [...new Set(lines.map(({ food }) => food))].map((food) => {
        const own = lines.filter((line) => line.food === food);
        const facts = kept.get(food);
        return {
          food,
          name: facts?.name ?? food,
          g: own.reduce((sum, { g }) => sum + g, 0),
          mixes: own.flatMap(({ g, mix }) => (mix ? [{ mix: mix.mix, g, amount: mix.amount }] : [])),
          way: wayOf(facts),
          done: stepsOf(steps, food),
        };
      }),
    }));
  };
}
