// What a crate on its way shall hold, and the words that stand on its list besides.
import { clsx } from 'clsx';
import type { BagCard, CrateCard } from '#contract/views.ts';
import { plural } from '../words/text.ts';
import css from './dock.module.scss';

/** Lines of the list that stand for no bag: words to the receiver. */
export function Remarks({ remarks }: { remarks: readonly string[] }) {
  return (
    <section aria-label="Also on its list">
      <h2>Also on its list</h2>
      <ul>
        {remarks.map((remark) => (
          <li key={remark}>{remark}</li>
        ))}
      </ul>
    </section>
  );
}

export function ListSide({ crate }: { crate: CrateCard }) {
  const lots = [...new Set(crate.bags.map(({ lot }) => lot))].map((lot) => crate.bags.filter((bag) => bag.lot === lot));
  return (
    <section className={clsx('card', css.crateSide)} aria-label="What is coming">
      <h2>On the list</h2>
      <ul className={css.bagRows}>
        {lots.map((bags) => (
          <ListedLot key={bags[0]!.lot} first={bags[0]!} bags={bags} />
        ))}
      </ul>
    </section>
  );
}

function ListedLot({ first, bags }: { first: BagCard; bags: BagCard[] }) {
  return (
    <li>
      <span className={clsx(css.bagNo, 'num')}>{bags.reduce((sum, { listed }) => sum + listed, 0)}</span>
      <span>
        {first.lotLabel}
        <span className={clsx('soft', css.bagBy)}>
          {[
            first.species?.scientific ?? 'species to be named',
            `${plural(bags.length, 'bag')}`,
            first.sizeCm && `${first.sizeCm} cm`,
            first.origin,
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
    </li>
  );
}
