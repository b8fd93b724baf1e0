// Is the house well? The books must balance, no place hold less than nothing, and the stages add up.
import type { Health } from '#contract/views.ts';
import { STAGES } from '#core/stock/index.ts';
import type { RunningHouse } from './house.ts';

export function makeHealth(house: RunningHouse): () => Health {
  const balance = house.client.prepare('select coalesce(sum(n), 0) from p_balance').pluck();
  const negative = house.client.prepare('select exists (select 1 from p_balance where inside = 1 and n < 0)').pluck();
  return () => {
    const stream = house.view('stream');
    const sum = balance.get() as number;
    const stages = STAGES.reduce((total, stage) => total + stream[stage], 0);
    return { ok: sum === 0 && negative.get() === 0 && stages === stream.inHouse, seq: stream.seq, balance: sum, inHouse: stream.inHouse };
  };
}
