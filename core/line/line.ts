// A line about one tank: what was said of it, which fish are meant, what was given no meaning. And what a line can become.
import type { RoundEntries } from '../rounds/index.ts';
import type { StockEntries } from '../stock/index.ts';
import { wordsOf } from '../text/index.ts';
import type { Preference, Quantity, WaterEntries } from '../water/index.ts';
import type { Part } from './parts.ts';
import type { Meaning } from './phrases.ts';

/** `names` = everything these fish are called. */
export type LineLot = { lot: string; n: number; label: string; names: readonly string[] };
export type LineTank = { id: string; code: string; system: string; lots: readonly LineLot[] };
export type LineHouse = { tanks: readonly LineTank[]; now: number; zone: string; eveningFromHour: number; preference: Preference };

type Payloads = RoundEntries & StockEntries & WaterEntries;
type LineKind = 'loss.recorded' | 'lot.fed' | 'stock.moved' | 'stock.counted' | 'tank.checked' | 'mishap.recorded' | 'reading.taken';
export type LineEntry = { [K in LineKind]: { kind: K; payload: Payloads[K] } }[LineKind];
/** Said beside what was understood: the line names another number than the records. */
export type LineNote = { lot: string; said: number; onRecord: number };
export type Understood = { ok: true; text: string; entries: LineEntry[]; notes: LineNote[] };
/** Where a line stuck: which part is missing or cannot be. */
export type Stuck =
  | { at: 'empty' | 'tank' | 'saying' | 'destination' }
  | { at: 'noFish'; code: string }
  | { at: 'fish' | 'food' | 'number'; lots: readonly LineLot[] }
  | { at: 'words'; word: string }
  | { at: 'tooMany'; lot: LineLot; said: number }
  | { at: 'reading'; quantity: Quantity; value: number }
  | { at: 'contradiction' };
export type NotUnderstood = { ok: false; text: string; stuck: Stuck };

export type Taken = { entries: LineEntry[]; notes?: LineNote[] };
export type Result = Taken | Stuck;

/** A line about one tank: what was said of it, which fish are meant, what is left over. */
export class Line {
  private readonly used = new Set<Part>();
  readonly parts: readonly Part[];
  readonly tank: LineTank;
  constructor(parts: readonly Part[], tank: LineTank) {
    this.parts = parts;
    this.tank = tank;
  }
  has(is: Meaning['is']): boolean {
    return this.parts.some((part) => part.at === 'phrase' && part.meaning.is === is);
  }
  /** The meaning of that sort, once. */
  take<I extends Meaning['is']>(is: I): Extract<Meaning, { is: I }> | undefined {
    const part = this.parts.find((part) => part.at === 'phrase' && part.meaning.is === is && !this.used.has(part));
    if (part?.at !== 'phrase') return undefined;
    this.used.add(part);
    return part.meaning as Extract<Meaning, { is: I }>;
  }
  /** `allOf` = what the word `all` stands for. */
  number(allOf?: number): number | undefined {
    const part = this.parts.find((part) => part.at === 'number' && !this.used.has(part));
    if (part?.at !== 'number') return allOf !== undefined && this.take('all') ? allOf : undefined;
    this.used.add(part);
    return part.n;
  }
  share(): { n: number; of: number } | undefined {
    const part = this.parts.find((part) => part.at === 'share');
    if (part?.at !== 'share') return undefined;
    this.used.add(part);
    return part;
  }
  /** Words that name none of the fish here, in their order: a food, or something not understood. */
  food(): string {
    const named = this.lotWords();
    const words = this.parts.filter((part): part is Part & { at: 'word' } => part.at === 'word' && !named.has(part.word));
    words.forEach((word) => this.used.add(word));
    return words.map(({ word }) => word).join(' ');
  }
  /** The lots that the words name; all that live here when no word does. */
  lots(): readonly LineLot[] {
    const words = this.parts.filter(
      (part): part is Part & { at: 'word' } => part.at === 'word' && !this.used.has(part) && this.lotWords().has(part.word),
    );
    words.forEach((word) => this.used.add(word));
    return this.tank.lots.filter(({ names }) => names.some((name) => words.every(({ word }) => isOneOf(word, wordsOf(name)))));
  }
  /** What stands in the line and was given no meaning. */
  leftOver(): Stuck | undefined {
    const left = this.parts.find((part) => !this.used.has(part) && part.at !== 'tank' && !['colon', 'arrow', 'from'].includes(part.at));
    if (!left) return undefined;
    return { at: 'words', word: wordIn(left) };
  }
  private lotWords(): Set<string> {
    const known = this.tank.lots.flatMap(({ names }) => names.flatMap(wordsOf));
    const words = this.parts.flatMap((part) => (part.at === 'word' ? [part.word] : []));
    return new Set(words.filter((word) => isOneOf(word, known)));
  }
}

/** One fish or several: `gouramis` and `gourami` are one word here, though Latin names end in -is too. */
function isOneOf(word: string, known: readonly string[]): boolean {
  return known.includes(wordsOf(word)[0] ?? word) || known.includes(word.replace(/s$/, ''));
}

export function wordIn(part: Part): string {
  switch (part.at) {
    case 'word':
      return part.word;
    case 'phrase':
      return part.phrase;
    case 'number':
      return String(part.n);
    case 'share':
      return `${part.n}/${part.of}`;
    case 'reading':
      return part.read.typed;
    default:
      return '';
  }
}
