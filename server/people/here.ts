// Who works here now, by name.
import type Database from 'better-sqlite3';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

export const preparePeopleHere = (client: Database.Database): (() => { id: string; name: string }[]) =>
  makeAsk(client).all(
    pick(t.person, 'id', 'name'),
    `select id, name from p_person p where voided_by is null and ${IN_HOUSE('p')} order by name`,
  );
