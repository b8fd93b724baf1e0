// Do the stock records hold? Every movement sums to nothing, and no tank or bag holds less than nothing.
import type Database from 'better-sqlite3';
import { makeAsk, number } from '../db/ask.ts';

export const readBalance = (client: Database.Database): { sum: number; negative: number } =>
  makeAsk(client).one(
    { sum: number, negative: number },
    'select coalesce(sum(n), 0) sum, coalesce(sum(inside = 1 and n < 0), 0) negative from p_balance',
  )();
