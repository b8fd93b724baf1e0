// What each saying becomes: a loss, a move, a meal, a count, a sign, a mishap, a reading, all well.
import { roundAt, type Sign } from '../rounds/index.ts';
import { wordIn, type Line, type LineEntry, type LineHouse, type LineLot, type LineTank, type Result, type Stuck } from './line.ts';
import { USUAL_METHOD } from '../water/index.ts';
import type { Part } from './parts.ts';

const PLAUSIBLE_HEADS = 100_000;

/** The one lot that is meant, or why it is not clear. */
function oneLot(line: Line): LineLot | Stuck {
  if (line.tank.lots.length === 0) return { at: 'noFish', code: line.tank.code };
  const lots = line.lots();
  return lots.length === 1 ? lots[0]! : { at: 'fish', lots: lots.length === 0 ? line.tank.lots : lots };
}
const isLot = (named: LineLot | Stuck): named is LineLot => 'lot' in named && 'names' in named;

/** Heads of one lot of this tank: never none, never more than there are. */
function headsOf(line: Line): { lot: LineLot; n: number } | Stuck {
  const lot = oneLot(line);
  if (!isLot(lot)) return lot;
  const n = line.number(lot.n);
  if (n === undefined || n === 0) return { at: 'number', lots: [lot] };
  return n > lot.n ? { at: 'tooMany', lot, said: n } : { lot, n };
}

export function lost(line: Line): Result {
  line.take('loss');
  const cause = line.take('cause')?.cause ?? (line.take('mishap')?.what === 'jumped' ? 'jumped' : 'not known');
  const heads = headsOf(line);
  if ('at' in heads) return heads;
  const { lot, n } = heads;
  return (
    line.leftOver() ?? { entries: [{ kind: 'loss.recorded', payload: { lot: lot.lot, place: line.tank.id, n, cause, sure: 'guess' } }] }
  );
}

/** Out of the house, by a word that says how. */
export function left(line: Line): Result {
  const out = line.take('out')!;
  const heads = headsOf(line);
  if ('at' in heads) return heads;
  const { lot, n } = heads;
  return (
    line.leftOver() ?? { entries: [{ kind: 'stock.moved', payload: { moves: [{ lot: lot.lot, from: line.tank.id, to: out.to, n }] } }] }
  );
}

export function moved(line: Line, to: LineTank): Result {
  line.take('move');
  if (to.id === line.tank.id) return { at: 'destination' };
  const heads = headsOf(line);
  if ('at' in heads) return heads;
  const { lot, n } = heads;
  return (
    line.leftOver() ?? { entries: [{ kind: 'stock.moved', payload: { moves: [{ lot: lot.lot, from: line.tank.id, to: to.id, n }] } }] }
  );
}

export function fed(line: Line): Result {
  const response = line.take('response')?.response;
  const leftovers = line.take('leftovers')?.leftovers;
  const share = line.share();
  const ate = share?.n ?? line.number();
  const food = line.food();
  if (line.tank.lots.length === 0) return { at: 'noFish', code: line.tank.code };
  const every = line.take('all') !== undefined;
  const lots = line.lots();
  if (!response) return { at: 'saying' };
  if (food === '') return { at: 'food', lots };
  if (lots.length === 0 || (lots.length > 1 && (!every || ate !== undefined)))
    return { at: 'fish', lots: lots.length === 0 ? line.tank.lots : lots };
  const [first] = lots as [LineLot];
  if (ate !== undefined && ate > first.n) return { at: 'tooMany', lot: first, said: ate };
  if (response === 'ignored' && ate) return { at: 'contradiction' };
  const more = { ...(ate === undefined ? {} : { ate }), ...(leftovers ? { leftovers } : {}) };
  return (
    line.leftOver() ?? {
      entries: lots.map(({ lot }) => ({ kind: 'lot.fed', payload: { tank: line.tank.id, lot, food, response, ...more } })),
      notes: share && share.of !== first.n ? [{ lot: first.lot, said: share.of, onRecord: first.n }] : [],
    }
  );
}

export function counted(line: Line): Result {
  line.take('count');
  const lot = oneLot(line);
  if (!isLot(lot)) return lot;
  const found = line.number();
  if (found === undefined || found > PLAUSIBLE_HEADS) return { at: 'number', lots: [lot] };
  const against = found < lot.n ? 'missing' : 'discrepancy';
  return (
    line.leftOver() ?? {
      entries: [{ kind: 'stock.counted', payload: { place: line.tank.id, lot: lot.lot, found, onRecord: lot.n, against } }],
    }
  );
}

/** A look at the whole tank, of the round that the clock is in; what is not named was not counted. */
function checked(line: Line, house: LineHouse, signs: readonly { lot: string; sign: Sign; n?: number }[]): LineEntry {
  const { day, round } = roundAt(house.now, house.zone, house.eveningFromHour);
  return {
    kind: 'tank.checked',
    payload: {
      tank: line.tank.id,
      day,
      round,
      allWell: signs.length === 0,
      lots: line.tank.lots.map(({ lot, n }) => ({
        lot,
        expected: n,
        seen: null,
        signs: signs.filter((sign) => sign.lot === lot).map(({ sign, n: heads }) => ({ sign, ...(heads ? { n: heads } : {}) })),
      })),
    },
  };
}

export function signed(line: Line, house: LineHouse): Result {
  const sign = line.take('sign')!.sign;
  const lot = oneLot(line);
  if (!isLot(lot)) return lot;
  const n = line.number(lot.n);
  if (n !== undefined && n > lot.n) return { at: 'tooMany', lot, said: n };
  return line.leftOver() ?? { entries: [checked(line, house, [{ lot: lot.lot, sign, ...(n ? { n } : {}) }])] };
}

export function mishap(line: Line): Result {
  const what = line.take('mishap')!.what;
  const lot = oneLot(line);
  if (!isLot(lot)) return lot;
  const n = line.number() ?? 1;
  if (n > lot.n) return { at: 'tooMany', lot, said: n };
  return (
    line.leftOver() ?? { entries: [{ kind: 'mishap.recorded', payload: { lot: lot.lot, tank: line.tank.id, n: Math.max(1, n), what } }] }
  );
}

type ReadingPart = Extract<Part, { at: 'reading' }>;

/** One reading or several of the same water. */
export function measured(line: Line): Result {
  const readings = line.parts.filter((part): part is ReadingPart => part.at === 'reading');
  const rest = line.parts.find((piece) => piece.at !== 'tank' && piece.at !== 'colon' && piece.at !== 'reading');
  if (rest) return { at: 'words', word: wordIn(rest) };
  const twice = readings.find(({ quantity }, index) => readings.findIndex((part) => part.quantity === quantity) < index);
  if (twice) return { at: 'words', word: twice.read.typed };
  const entries: LineEntry[] = [];
  for (const part of readings) {
    const entry = readingOf(line, part);
    if ('at' in entry) return entry;
    entries.push(entry);
  }
  return { entries };
}

function readingOf(line: Line, { quantity, read }: ReadingPart): LineEntry | Stuck {
  if (!read.ok) return read.value === undefined ? { at: 'words', word: read.typed } : { at: 'reading', quantity, value: read.value };
  const reading = {
    value: read.value,
    typed: read.typed,
    method: quantity === 'volume' ? 'by eye' : USUAL_METHOD[quantity],
    source: 'measured',
  } as const;
  return { kind: 'reading.taken', payload: { subject: { kind: 'system', id: line.tank.system }, quantity, reading } };
}

export function well(line: Line, house: LineHouse): Result {
  line.take('all');
  line.take('well');
  if (line.tank.lots.length === 0) return { at: 'noFish', code: line.tank.code };
  return line.leftOver() ?? { entries: [checked(line, house, [])] };
}
