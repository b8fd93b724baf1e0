// An order against the list that came of it, by kind: what is less, more, or was never ordered. No screen in here.
import type { BagCard, OrderLineCard } from '#contract/views.ts';

export type Compared = { label: string; ordered: number; listed: number };
type Listed = Pick<BagCard, 'species' | 'heardAs' | 'lotLabel' | 'listed'>;

const wordKey = (words: string) => `“${words.trim().toLowerCase()}`;
const keyOfLine = ({ species, heardAs, label }: OrderLineCard) => species ?? wordKey(heardAs ?? label);
const keyOfBag = ({ species, heardAs, lotLabel }: Listed) => species?.id ?? wordKey(heardAs ?? lotLabel);

/** Kinds of which the list has not as many as were ordered, those of the order first. A name that one of the two has in words only cannot be matched: both stand there. */
export function againstOrder(lines: readonly OrderLineCard[], bags: readonly Listed[]): Compared[] {
  const kinds = new Map<string, Compared>();
  const kindOf = (key: string, label: string) => {
    const kind = kinds.get(key) ?? { label, ordered: 0, listed: 0 };
    kinds.set(key, kind);
    return kind;
  };
  for (const line of lines) kindOf(keyOfLine(line), line.label).ordered += line.n;
  for (const bag of bags) kindOf(keyOfBag(bag), bag.lotLabel).listed += bag.listed;
  return [...kinds.values()].filter(({ ordered, listed }) => ordered !== listed);
}

/** `4 of 6 green chromis; banggai not on the list; 2 comets never ordered`. */
export const sayAgainstOrder = (compared: readonly Compared[]): string =>
  compared
    .map(({ label, ordered, listed }) =>
      ordered === 0
        ? `${listed} ${label} not ordered`
        : listed === 0
          ? `${ordered} ${label} ordered, none on the list`
          : `${listed} ${label} for the ${ordered} ordered`,
    )
    .join('; ');

/** Tanks kept for bags of the crate that was expected of an order, for the bags of the list that came of it: kind by kind, in their order. */
export function plansKept(
  was: readonly Pick<BagCard, 'species' | 'planned'>[],
  crate: { lots: readonly { lot: string; species?: string }[]; bags: readonly { bag: string; lot: string }[] },
): { bag: string; lot: string; tank: string }[] {
  const kept = was.flatMap(({ species, planned }) => (species && planned ? [{ species: species.id, tank: planned.id }] : []));
  return crate.bags.flatMap(({ bag, lot }) => {
    const kind = crate.lots.find((line) => line.lot === lot)?.species;
    const index = kept.findIndex(({ species }) => species === kind);
    return index < 0 ? [] : [{ bag, lot, tank: kept.splice(index, 1)[0]!.tank }];
  });
}
