// What a line of a list is, before it is read as fish: a total, a heading between the lines, a charge, or fish of which none was sent.

/** `nothing` = an empty line. */
export type LineKind = 'fish' | 'nothing' | 'total' | 'subtotal' | 'none sent' | 'not fish' | 'heading';

const SUBTOTAL = /^(?:sub-?\s?total|zwischensumme|sous-total|carried (?:over|forward)|page total|box total)\b/i;
const TOTAL = /^(?:grand\s+)?(?:total\w*|sum(?:me)?|gesamt\w*|totaal|somme)\b/i;
const NONE = /^(?:0+(?:[.,]0+)?|[-–—]+|nil|none|n\/?a|oos|out of stock|sold out|backorder(?:ed)?|not available|cancel(?:l?ed)?)$/i;
const CHARGE =
  /\b(?:freight|shipping|handling|surcharge|insurance|documentation|document fee|cites|certificates?|health cert\w*|airway|awb|discount|vat|tax|deposit|credit|customs|charges?|fees?|styro(?:foam)?|cartons?|heat ?packs?|ice ?packs?|packing (?:cost|material)|delivery (?:cost|fee)|fracht|versand|verpackung|rabatt)\b/i;

type Line = {
  cells: readonly string[];
  heard: readonly string[];
  /** What stands where the heads should. */
  counted: string;
  /** Heads of the lines since the last subtotal. */
  sinceSubtotal: number;
  /** The reader says that it is fish. */
  isFish: boolean;
  /** Its name is that of a species: asked only where it matters. */
  settles: () => boolean;
};

export function lineKind({ cells, heard, counted, sinceSubtotal, isFish, settles }: Line): LineKind {
  const filled = cells.filter(Boolean);
  if (isFish) return 'fish';
  if (filled.length === 0) return 'nothing';
  if (filled.some((cell) => SUBTOTAL.test(cell))) return 'subtotal';
  if (filled.some((cell) => TOTAL.test(cell)) && !settles()) return 'total';
  if (heard.length === 0) return noName(counted, sinceSubtotal);
  if (counted !== '' && NONE.test(counted)) return 'none sent';
  if (heard.some((name) => CHARGE.test(name)) && !settles()) return 'not fish';
  // Words alone, of no species: the name of a group, a greeting, a page number.
  return counted === '' && filled.length === heard.length && !settles() ? 'heading' : 'fish';
}

/** A number without a name is the sum of the lines above it, or a line whose name is missing. */
function noName(counted: string, sinceSubtotal: number): LineKind {
  if (counted === '') return 'heading';
  return sinceSubtotal > 0 && Number(counted) === sinceSubtotal ? 'subtotal' : 'fish';
}

/** The heads that a total says: where heads stand, or behind its own word. */
export function totalIn(cells: readonly string[], counted: string): number | undefined {
  const own = cells.map((cell) => /total\D*(\d+)\s*(?:fish|heads|pcs|pieces)?$/i.exec(cell)?.[1]).find(Boolean);
  const said = /^\d+$/.exec(counted)?.[0] ?? own;
  return said === undefined ? undefined : Number(said);
}
