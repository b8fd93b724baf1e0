// Losses and faults, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export function roundState(client: Database.Database): Pick<HouseState, 'hasLoss' | 'faultsOf'> {
  const ask = makeAsk(client);
  return {
    hasLoss: ask.is('select 1 from p_loss where entry = ? and voided_by is null'),
    faultsOf: ask.all(
      { ...pick(t.fault, 'what', 'atMs'), putOffUntilMs: orNull(number) },
      'select what, at_ms atMs, put_off_until_ms putOffUntilMs from now_fault where tank = ? order by at_ms, entry',
    ),
  };
}
