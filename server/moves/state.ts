// Catch slips and what became of them, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

export function moveState(client: Database.Database): Pick<HouseState, 'findTask'> {
  const ask = makeAsk(client);
  const task = ask.get(pick(t.task, 'plan', 'facts'), 'select plan, facts from p_transfer_task where id = ? and voided_by is null');
  const marks = ask.all(
    { ...pick(t.transferMark, 'what', 'atMs'), by: text },
    `select what, at_ms atMs, ${personName('"by"')} by from p_transfer_mark where task = ? and voided_by is null order by at_ms, entry`,
  );
  return {
    findTask(id) {
      const row = task(id);
      if (!row) return undefined;
      const taskMarks = marks(id);
      const latest = (what: ReturnType<typeof marks>[number]['what']) => taskMarks.findLast((row) => row.what === what);
      return {
        ...row.facts,
        plan: row.plan,
        tries: taskMarks.filter(({ what }) => what === 'tried').map(({ atMs }) => atMs),
        done: latest('done'),
        dropped: latest('dropped'),
        unblocked: latest('unblocked'),
      };
    },
  };
}
