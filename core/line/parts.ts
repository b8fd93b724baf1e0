// One line taken apart: tanks, numbers, fractions, readings, phrases, arrows, and the words that are left.
import { plain } from '../text/index.ts';
import { parseQuantity, type Parsed, type Preference, type Quantity } from '../water/index.ts';
import { FILLERS, LONGEST_PHRASE, PHRASES, type Meaning } from './phrases.ts';

export type Part =
  | { at: 'tank'; code: string }
  | { at: 'number'; n: number }
  | { at: 'share'; n: number; of: number }
  | { at: 'reading'; quantity: Quantity; read: Parsed }
  | { at: 'phrase'; phrase: string; meaning: Meaning }
  | { at: 'arrow' }
  /** The tank that comes after it is where fish are taken from. */
  | { at: 'from' }
  | { at: 'colon' }
  | { at: 'word'; word: string };

const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const PIECES = /\d+\s*\/\s*\d+|\d+[.,]\d+(?![a-z0-9°%])|\d+(?:[.,]\d+)?\s*(?:°\s*[cf]|[cf]|ppt|psu|‰)(?![a-z0-9])|->|[>→:]|[^\s:>→,;]+/g;

/** `codes` = of the house's tanks, in lower case. */
export function partsOf(text: string, codes: ReadonlySet<string>, preference: Preference): Part[] {
  const pieces = (plain(text).match(PIECES) ?? []).map((piece) => piece.replace(/[.!?]+$/, '')).filter(Boolean);
  const parts: Part[] = [];
  for (let start = 0; start < pieces.length;) {
    const { part, taken } = next(pieces, start, { codes, preference });
    if (part) parts.push(part);
    start += taken;
  }
  return parts;
}

/** What a quantity is called before its value, and the unit that the name says. */
const QUANTITY_WORDS = new Map<string, readonly [Quantity, string]>(
  Object.entries({
    ph: ['pH', ''],
    temp: ['temperature', ''],
    temperature: ['temperature', ''],
    sal: ['salinity', ''],
    salinity: ['salinity', ''],
    sg: ['salinity', ''],
    ammonia: ['ammonia', ''],
    tan: ['ammonia', ''],
    nh3: ['ammonia', ' NH3'],
    nh4: ['ammonia', ' NH4'],
    // A badge shows NH3, and of it the free part alone.
    badge: ['free ammonia', ' NH3'],
    'free nh3': ['free ammonia', ' NH3'],
    'free ammonia': ['free ammonia', ''],
    'toxic ammonia': ['free ammonia', ''],
    nitrite: ['nitrite', ''],
    'no2-n': ['nitrite', ' NO2-N'],
    'no3-n': ['nitrate', ' NO3-N'],
    no2: ['nitrite', ''],
    nitrate: ['nitrate', ''],
    no3: ['nitrate', ''],
    alkalinity: ['alkalinity', ''],
    alk: ['alkalinity', ''],
    kh: ['alkalinity', ' dKH'],
    dkh: ['alkalinity', ' dKH'],
    hardness: ['hardness', ''],
    gh: ['hardness', ' dGH'],
    dgh: ['hardness', ' dGH'],
    oxygen: ['oxygen', ''],
    o2: ['oxygen', ''],
    copper: ['copper', ''],
    cu: ['copper', ''],
  }),
);

/** `pH 6.8`, `nh4 0.25`, `free nh3 0.02`, `sg 1.022`: a quantity by its name, of one word or two, then its value. */
function namedReading(pieces: readonly string[], start: number, preference: Preference): { part: Part; taken: number } | undefined {
  for (const words of [2, 1]) {
    const [quantity, unit] = QUANTITY_WORDS.get(pieces.slice(start, start + words).join(' ')) ?? [];
    const value = pieces[start + words];
    if (!quantity || value === undefined || !/^\d/.test(value)) continue;
    const bare = /^\d+(?:[.,]\d+)?$/.test(value);
    return {
      part: { at: 'reading', quantity, read: parseQuantity(quantity, bare ? `${value}${unit}` : value, preference) },
      taken: words + 1,
    };
  }
  return undefined;
}

type Known = { codes: ReadonlySet<string>; preference: Preference };

function next(pieces: readonly string[], start: number, { codes, preference }: Known): { part?: Part; taken: number } {
  const piece = pieces[start]!;
  const single = (part: Part) => ({ part, taken: 1 });
  if (piece === ':') return single({ at: 'colon' });
  if (piece === '>' || piece === '→' || piece === '->') return single({ at: 'arrow' });
  const share = /^(\d+)\s*\/\s*(\d+)$/.exec(piece);
  if (share) return single({ at: 'share', n: Number(share[1]), of: Number(share[2]) });
  if (codes.has(piece)) return single({ at: 'tank', code: piece });
  // As it is spoken: `B 3`.
  if (/^[a-z]{1,3}$/.test(piece) && codes.has(`${piece}${pieces[start + 1] ?? ''}`))
    return { part: { at: 'tank', code: `${piece}${pieces[start + 1]}` }, taken: 2 };
  for (let length = Math.min(LONGEST_PHRASE, pieces.length - start); length > 0; length -= 1) {
    const phrase = pieces.slice(start, start + length).join(' ');
    const meaning = PHRASES.get(phrase);
    if (meaning) return { part: { at: 'phrase', phrase, meaning }, taken: length };
  }
  const named = namedReading(pieces, start, preference);
  if (named) return named;
  // A tank and a number with a decimal is its temperature.
  if (/^\d+[.,]\d+$/.test(piece))
    return single({ at: 'reading', quantity: 'temperature', read: parseQuantity('temperature', piece, preference) });
  if (/^\d+$/.test(piece)) return single({ at: 'number', n: Number(piece) });
  if (NUMBERS.includes(piece)) return single({ at: 'number', n: NUMBERS.indexOf(piece) });
  if (/^\d/.test(piece) && /[cf]$|ppt$|psu$|‰$/.test(piece)) {
    const quantity = /[cf]$/.test(piece) ? 'temperature' : 'salinity';
    return single({ at: 'reading', quantity, read: parseQuantity(quantity, piece, preference) });
  }
  if (piece === 'from') return single({ at: 'from' });
  // `to` stands for the arrow between two tanks.
  if (piece === 'to' && codes.has(pieces[start + 1] ?? '')) return single({ at: 'arrow' });
  return FILLERS.has(piece) ? { taken: 1 } : single({ at: 'word', word: piece });
}
