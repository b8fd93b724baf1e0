// Names as people write them, brought to one form: accents, case, plural, word order and trade clutter set aside.

const FIGURES = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
/** Words on a list that say nothing of the species: sizes, sexes, where it was bred. */
const CLUTTER = new Set(
  'xs s sm sml m md med ml l lg lrg xl xxl small medium large juv juvenile adult wc cb wild bred farmed farm tank captive sp spp cm mm male female pair trio assorted mixed per bag'.split(
    ' ',
  ),
);

/** Lower case, without accents and apostrophes; letters and digits kept. */
export function plain(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll('æ', 'ae')
    .replaceAll('ø', 'o')
    .replaceAll('ß', 'ss')
    .replace(/['’`´]s\b/g, '')
    .replace(/['’`´]/g, '');
}

/** One of several: `gobies` → `goby`, `wrasses` → `wrasse`. Latin endings (-us, -is) stay. */
function singular(word: string): string {
  if (word.length < 4 || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith('ies') && word !== 'species') return `${word.slice(0, -3)}y`;
  if (/(sh|ch|x)es$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/**
 * The words of a name that tell what it is. Codes (`PY-0413`), sizes and sexes are dropped unless nothing else is left;
 * a lone figure is a word (`6-line` → `six line`).
 * @example wordsOf("PY-12 Boeseman's Rainbowfishes (M)") // ['boeseman', 'rainbowfish']
 */
export function wordsOf(text: string): string[] {
  const withoutCodes = plain(text).replace(
    /\b[a-z]{1,5}[-_]?\d{2,}[a-z0-9-]*\b|\b\d+([.,]\d+)?(\s?-\s?\d+([.,]\d+)?)?\s?(cm|mm|in|inch)\b/g,
    ' ',
  );
  const all = withoutCodes
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map((word) => FIGURES[/^\d$/.test(word) ? Number(word) : -1] ?? singular(word));
  const telling = all.filter((word) => !CLUTTER.has(word) && !/^\d+$/.test(word));
  return telling.length > 0 ? telling : all;
}
