// What a crate on its way shall hold, and the words that stand on its list besides.
import { clsx } from 'clsx';
import { Link } from 'react-router';
import type { BagCard, CrateCard } from '#contract/views.ts';
import { useOutbox, useView } from '../data/house.ts';
import { useMayWrite } from '../data/me.ts';
import { againstOrder, sayAgainstOrder } from '../orders/compare.ts';
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
  const mayPlan = useMayWrite('bag.planned');
  const lots = [...new Set(crate.bags.map(({ lot }) => lot))].map((lot) => crate.bags.filter((bag) => bag.lot === lot));
  return (
    <section className={clsx('card', css.crateSide)} aria-label="What is coming">
      <h2>On the list</h2>
      <ul className={css.bagRows}>
        {lots.map((bags) => (
          <ListedLot key={bags[0]!.lot} first={bags[0]!} bags={bags} mayPlan={mayPlan} />
        ))}
      </ul>
      {crate.order && <AgainstOrder crate={crate} order={crate.order} />}
    </section>
  );
}

function AgainstOrder({ crate, order }: { crate: CrateCard; order: string }) {
  const { data } = useView('orders');
  const found = data?.orders.find((known) => known.order === order);
  if (!found) return null;
  const compared = againstOrder(found.lines, crate.bags);
  return (
    <p className={clsx('tight', compared.length > 0 && 'warn')}>
      {compared.length === 0 ? 'As it was ordered.' : `Against the order: ${sayAgainstOrder(compared)}.`}{' '}
      <Link to={`/dock/orders?order=${order}`}>The order</Link>
    </p>
  );
}

function ListedLot({ first, bags, mayPlan }: { first: BagCard; bags: BagCard[]; mayPlan: boolean }) {
  const codes = [...new Set(bags.flatMap(({ planned }) => (planned ? [planned.code] : [])))];
  const without = bags.filter(({ planned }) => !planned);
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
        {codes.length > 0 && (
          <span className={css.bagBy}>
            for {codes.join(', ')}
            {without.length > 0 && `; ${plural(without.length, 'bag')} without a tank`}
          </span>
        )}
      </span>
      {mayPlan && (
        <span className={css.bagNext}>
          <Link
            className="btn btn-plain"
            to={`/room?bag=${(without[0] ?? first).bag}`}
            aria-label={`${without.length > 0 ? 'Choose a tank' : 'Another tank'} for ${first.lotLabel}`}
          >
            {without.length > 0 ? 'Choose a tank' : 'Another tank'}
          </Link>
        </span>
      )}
    </li>
  );
}

/** The address names a crate that is not on the dock: on its way there, worked off, undone, or never here. */
export function CrateGone({ others }: { others: readonly CrateCard[] }) {
  const { acts } = useOutbox();
  if (acts.some(({ state }) => state === 'waiting')) return <p role="status">Waiting for the house …</p>;
  return (
    <div className="empty">
      <h2>This crate is not on the dock</h2>
      <p>It is worked off, was undone, or never was here. Its bags are in the logbook.</p>
      {others.map(({ crate, label }) => (
        <p key={crate}>
          <Link to={`/dock?crate=${crate}`}>{label}</Link>
        </p>
      ))}
      <Link className="btn btn-plain" to="/dock">
        To the dock
      </Link>
    </div>
  );
}
