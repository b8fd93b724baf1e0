// Losses, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk } from '../db/ask.ts';

export function roundState(client: Database.Database): Pick<HouseState, 'hasLoss'> {
  return { hasLoss: makeAsk(client).is('select 1 from p_loss where entry = ? and voided_by is null') };
}
