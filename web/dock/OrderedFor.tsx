// Lots of a crate that were ordered for somebody: once all of a lot is settled, one tap keeps them for whom they are.
import type { CrateCard } from '#contract/views.ts';
import { KeepFor } from '../lot/KeepFor.tsx';
import { plural } from '../words/text.ts';
import { orderedLots, type OrderedLot } from './orderedLots.ts';

export function OrderedFor({ crate }: { crate: CrateCard }) {
  const lots = orderedLots(crate);
  if (lots.length === 0) return null;
  return (
    <ul className="plain-list" aria-label="Ordered for somebody">
      {lots.map((lot) => (
        <li key={lot.lot}>
          <Kept lot={lot} />
        </li>
      ))}
    </ul>
  );
}

function Kept({ lot: { lot, label, forWhom, n, alive, open, kept } }: { lot: OrderedLot }) {
  const short = open === 0 && alive < n && <b className="warn"> {plural(n - alive, 'is', 'are')} missing.</b>;
  return (
    <>
      {n} {label} were ordered for {forWhom}.{short}{' '}
      {kept ? (
        <span className="soft">Kept for them.</span>
      ) : open > 0 ? (
        <span className="soft">{plural(open, 'bag')} of them to come.</span>
      ) : (
        <KeepFor lot={lot} label={label} n={Math.min(n, alive)} forWhom={forWhom} />
      )}
    </>
  );
}
