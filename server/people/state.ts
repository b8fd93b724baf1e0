// Who works here, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

export function peopleState(client: Database.Database): Pick<HouseState, 'findPerson' | 'worksHere' | 'leads' | 'hasLead'> {
  const ask = makeAsk(client);
  const leads = ask.values(
    t.person.id,
    `select id from p_person p where role = 'lead' and p.voided_by is null and ${IN_HOUSE('p')} order by entry`,
  );
  return {
    findPerson: ask.get(
      pick(t.person, 'id', 'name', 'title', 'role'),
      'select id, name, title, role from p_person where id = ? and voided_by is null',
    ),
    worksHere: ask.is(`select 1 from p_person p where p.id = ? and p.voided_by is null and ${IN_HOUSE('p')}`),
    leads,
    hasLead: () => leads().length > 0,
  };
}
