// Is the house well? The records must balance, no place hold less than nothing, the stages add up; and what the watch found last: it can write, its disk has room,
// its file is whole.
import type { Health } from '#contract/views.ts';
import { STAGES } from '#core/stock/index.ts';
import { makeAsk, number } from './db/ask.ts';
import type { RunningHouse } from './house/house.ts';
import { LEAST_ROOM_MB, type Watched } from './keep/watch.ts';

/** How often a server that is asked all day sums up years of balances: it costs more than all the rest. */
export const SUM_EVERY_MS = 10_000;

export function makeHealth(house: RunningHouse, watched: () => Watched = () => ({ canWrite: true }), sumEveryMs = 0): () => Health {
  const ask = makeAsk(house.client);
  const balance = ask.only(number, 'select coalesce(sum(n), 0) from p_balance');
  const negative = ask.is('select 1 from now_standing where n < 0');
  let summed = { atMs: -Infinity, sum: 0 };
  const sumNow = (): number => {
    if (performance.now() - summed.atMs >= sumEveryMs) summed = { atMs: performance.now(), sum: balance() };
    return summed.sum;
  };
  return () => {
    const stream = house.view('stream');
    const sum = sumNow();
    const stages = STAGES.reduce((total, stage) => total + stream[stage], 0);
    const { canWrite, roomMB, wholeAtMs, damaged } = watched();
    const booksHold = sum === 0 && !negative() && stages === stream.inHouse;
    const ok = booksHold && canWrite && damaged === undefined && (roomMB ?? Infinity) >= LEAST_ROOM_MB;
    return {
      ok,
      seq: stream.seq,
      balance: sum,
      inHouse: stream.inHouse,
      // Of the journal itself, beside the views' own.
      journal: house.store.latestSeq(),
      canWrite,
      ...(roomMB === undefined ? {} : { roomMB }),
      ...(wholeAtMs === undefined ? {} : { wholeAtMs }),
      ...(damaged === undefined ? {} : { damaged }),
    };
  };
}
