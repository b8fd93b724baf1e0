// A box of a crate as it was opened, and a bag's state, in words.
import type { BoxCard } from '#contract/views.ts';
import { isFoul, isSoft, type BagOpening, type CAME_ALONG, type INSIDES, type PACKS } from '#core/dock/index.ts';

export const PACK_SAYS: Record<(typeof PACKS)[number], string> = {
  working: 'packs still working',
  spent: 'packs spent',
  none: 'no heat or cool pack in it',
};
export const INSIDE_SAYS: Record<(typeof INSIDES)[number], string> = { dry: 'dry inside', damp: 'damp inside', wet: 'wet inside' };
export const ALONG_SAYS: Record<(typeof CAME_ALONG)[number], string> = {
  'packing list': 'its packing list',
  food: 'a bag of their food',
  papers: 'papers',
  medicine: 'a medicine',
  gift: 'a gift',
};

/** `Box 1: wet inside, packs spent, 19.5 °C in it; came along: a bag of their food (the liner is torn)`. */
export function sayBox(
  { box, inside, packs, airC, cameAlong = [], note }: Omit<BoxCard, 'by' | 'atMs' | 'actId'>,
  sayC: (celsius: number) => string,
): string {
  const found = [inside && INSIDE_SAYS[inside], packs && PACK_SAYS[packs], airC !== undefined && `${sayC(airC)} in it`]
    .filter(Boolean)
    .join(', ');
  const along = cameAlong.length > 0 ? `came along: ${[...new Set(cameAlong)].map((thing) => ALONG_SAYS[thing]).join(', ')}` : '';
  const said = [found, along].filter(Boolean).join('; ');
  return `${box === undefined ? 'The boxes' : `Box ${box}`}: ${said}${note ? (said ? ` (${note})` : note) : ''}`;
}

/** What was said last of the box that a bag came in, or of all boxes. */
export function boxOf(boxes: readonly BoxCard[] | undefined, box: number): Partial<BoxCard> {
  const about = (boxes ?? []).filter((found) => found.box === undefined || found.box === box);
  return Object.assign({}, ...about) as Partial<BoxCard>;
}

/** What is not sound of a bag: `soft`, `foul`, or both. */
export const signsOf = (bag: BagOpening): ('soft' | 'foul')[] => [
  ...(isSoft(bag) ? ['soft' as const] : []),
  ...(isFoul(bag) ? ['foul' as const] : []),
];
