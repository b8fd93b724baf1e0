// The counts that hands mean most often of so many, each said once and smallest first.
export type CountShare = { n: number; words: string };

/** Of fewer than this the number is quicker. */
const FROM = 4;

export function countShares(whole: number, { min = 0 }: { min?: number } = {}): CountShare[] {
  if (whole < FROM) return [];
  const shares = [
    { n: 1, words: '1' },
    { n: Math.floor(whole / 2), words: `half: ${Math.floor(whole / 2)}` },
    { n: whole - 1, words: `all but one: ${whole - 1}` },
    { n: whole, words: `all ${whole}` },
  ];
  return shares.filter(({ n }, index) => n >= min && shares.findIndex((share) => share.n === n) === index);
}
