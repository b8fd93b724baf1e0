// Boxes of a crate as they were opened, as a field of its card.
import type Database from 'better-sqlite3';
import type { BoxCard } from '#contract/views.ts';
import { makeAsk, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

export function prepareBoxes(client: Database.Database): (crate: string) => { boxes?: BoxCard[] } {
  const ask = makeAsk(client).all(
    { ...pick(t.boxOpened, 'atMs', 'facts'), box: orNull(t.boxOpened.box), by: text, actId: t.entry.actId },
    `select box, facts, at_ms atMs, ${personName('"by"')} by, (select act_id from entry where id = p_box_opened.entry) actId
    from p_box_opened where crate = ? and voided_by is null order by at_ms, entry`,
  );
  return (crate) => {
    const boxes = ask(crate).map(({ box, facts, ...done }): BoxCard => ({ ...done, ...(box === null ? {} : { box }), ...facts }));
    return boxes.length > 0 ? { boxes } : {};
  };
}
