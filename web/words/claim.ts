// A claim in words: in a row, and as a letter.
import type { ClaimCard, PhotoCard } from '#contract/views.ts';
import { sayClaimed } from '#core/dock/index.ts';
import { writeCsv } from '#core/text/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { sayBox } from './boxes.ts';
import { sayEach } from './triage.ts';
import { plural } from './text.ts';
import { sayMinutes } from './runs.ts';

type Bag = ClaimCard['bags'][number];
/** What is wrong with a bag; nothing where it is as listed. A bag that nobody has opened is none yet. */
export function wrongWith({ listed, landed, absent }: Bag): string | undefined {
  if (absent) return `not in the box: ${listed} short`;
  if (!landed) return undefined;
  const heads = landed.alive + landed.dead;
  const said = [
    landed.dead > 0 && `${landed.dead} of ${heads} dead`,
    landed.wrong ? `${heads} came, not the ${listed} that were listed` : heads < listed && `${listed - heads} short of ${listed}`,
    landed.bagCondition !== 'sound' && `bag ${landed.bagCondition}`,
    landed.each ? `the living: ${sayEach(landed.each)}` : landed.condition !== 'fit' && `fish ${landed.condition}`,
    landed.note,
  ].filter(Boolean);
  return landed.dead > 0 || landed.wrong || heads < listed ? said.join(', ') : undefined;
}
/** Heads that are claimed of a bag: what did not come, came dead, or came as another fish. */
export function claimedHeads({ listed, landed, absent }: Bag): number {
  if (absent || landed?.wrong) return listed;
  return landed ? landed.dead + Math.max(0, listed - landed.alive - landed.dead) : 0;
}
const money = (amount: number, currency = '') => `${amount.toFixed(2)} ${currency}`.trim();
/** What is claimed at the prices of the list or the order; undefined where none is known. `unpriced` = heads whose price nobody knows. */
export function claimedSum({ bags, currency }: Pick<ClaimCard, 'bags' | 'currency'>): { says: string; unpriced: number } | undefined {
  const claimed = bags.map((bag) => ({ heads: claimedHeads(bag), price: bag.price })).filter(({ heads }) => heads > 0);
  const priced = claimed.filter(({ price }) => price !== undefined);
  if (priced.length === 0) return undefined;
  const unpriced = claimed.reduce((sum, { heads, price }) => sum + (price === undefined ? heads : 0), 0);
  return {
    says: money(
      priced.reduce((sum, { heads, price }) => sum + heads * price!, 0),
      currency,
    ),
    unpriced,
  };
}
const sayPriced = (bag: Bag, currency?: string) =>
  bag.price === undefined
    ? ''
    : `; ${claimedHeads(bag)} at ${money(bag.price, currency)}: ${money(claimedHeads(bag) * bag.price, currency)}`;
export const claimedBags = ({ bags }: Pick<ClaimCard, 'bags'>): Bag[] => bags.filter((bag) => wrongWith(bag) !== undefined);

/** What goes with the letter: of each claimed bag, then of the crate. `says` = what it shows, when, by whom. */
export const claimPictures = (claim: ClaimCard): { photo: PhotoCard; what: string }[] => [
  ...claimedBags(claim).flatMap(({ photos = [], label, lotLabel }) => photos.map((photo) => ({ photo, what: `${label}, ${lotLabel}` }))),
  ...(claim.photos ?? []).map((photo) => ({ photo, what: claim.label })),
];

type Ways = { when: (ms: number) => string; sayC: (celsius: number) => string; house: string };

/** What was found as the boxes were opened; what came along is nobody's claim. */
function boxLines({ boxes = [] }: ClaimCard, { when, sayC }: Pick<Ways, 'when' | 'sayC'>): string[] {
  const odd = boxes.filter(({ inside, packs, airC }) => inside !== undefined || packs !== undefined || airC !== undefined);
  const lines = odd.map(({ cameAlong: _gifts, ...box }) => `${sayBox(box, sayC)}; seen ${when(box.atMs)} by ${box.by}.`);
  return lines.length > 0 ? [...lines, ''] : [];
}

export function claimLetter(claim: ClaimCard, { when, sayC, house }: Ways): string {
  const { supplier, label, packedAtMs, promisedAtMs, arrivedAtMs, openedAtMs, carton, rule, counts } = claim;
  const times = [
    `packed ${when(packedAtMs)} (as stated)`,
    `promised ${when(promisedAtMs)}`,
    arrivedAtMs !== undefined && `arrived ${when(arrivedAtMs)}${carton ? `, carton ${carton}` : ''}`,
    openedAtMs !== undefined && `first bag opened ${when(openedAtMs)}`,
    openedAtMs !== undefined && `closed ${sayMinutes((openedAtMs - packedAtMs) / MINUTE_MS)}`,
  ].filter(Boolean);
  const lines = claimedBags(claim).map(
    (bag) =>
      `- ${bag.label} (box ${bag.box}), ${bag.lotLabel}${bag.species ? `, ${bag.species.scientific}` : ''}: ${wrongWith(bag)}${bag.landed ? `; seen ${when(bag.landed.atMs)} by ${bag.landed.by}` : ''}${bag.temperature && !bag.clean ? `, water ${sayC(bag.temperature.value)}` : ''}${sayPriced(bag, claim.currency)}`,
  );
  const pictures = claimPictures(claim).length;
  const sum = claimedSum(claim);
  const open = claim.bags.filter(({ landed, absent }) => !landed && !absent).length;
  return [
    `To ${supplier}`,
    '',
    `Claim, ${label}: ${sayClaimed(counts)}.`,
    '',
    `Times: ${times.join('; ')}.`,
    '',
    ...boxLines(claim, { when, sayC }),
    ...lines,
    ...(sum
      ? ['', `In all ${sum.says}${sum.unpriced > 0 ? `, without ${plural(sum.unpriced, 'head')} whose price was not stated` : ''}.`]
      : []),
    ...(open > 0 ? ['', `${plural(open, 'bag is', 'bags are')} not opened yet; more may follow.`] : []),
    ...(pictures > 0 ? ['', `${plural(pictures, 'photograph')} with it.`] : []),
    ...(rule?.evidence ? ['', `Evidence as you ask for it: ${rule.evidence}.`] : []),
    '',
    `Please answer in writing. ${house}`,
  ].join('\n');
}

/** A row a bag with something to claim; instants as the house's wall time. */
export function claimCsv(claim: ClaimCard, { when }: Pick<Ways, 'when'>): string {
  const headings = [
    'crate',
    'supplier',
    'box',
    'bag',
    'lot',
    'scientific name',
    'listed',
    'alive',
    'dead',
    'what',
    'opened',
    'by',
    'temperature (°C)',
    'heads claimed',
    'price',
    'currency',
  ];
  const rows = claimedBags(claim).map(({ box, label, lotLabel, species, listed, landed, temperature, ...bag }) => [
    claim.label,
    claim.supplier,
    box,
    label,
    lotLabel,
    species?.scientific ?? '',
    listed,
    landed?.alive ?? '',
    landed?.dead ?? '',
    wrongWith({ box, label, lotLabel, species, listed, landed, temperature, ...bag }) ?? '',
    landed ? when(landed.atMs) : '',
    landed?.by ?? '',
    temperature?.value ?? '',
    claimedHeads({ box, label, lotLabel, species, listed, landed, temperature, ...bag }),
    bag.price ?? '',
    bag.price === undefined ? '' : (claim.currency ?? ''),
  ]);
  return writeCsv(headings, rows);
}
