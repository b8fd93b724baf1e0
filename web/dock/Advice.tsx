// What a bag asks for before it is landed: a photograph of its dead while it is closed, and where the house sends such a bag, with why.
import { clsx } from 'clsx';
import type { BagCard } from '#contract/views.ts';
import { houseNow } from '../data/clock.ts';
import { useMe } from '../data/me.ts';
import { Caution } from '../parts/Caution.tsx';
import { Photos } from '../photos/Photos.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { firstAid } from '../words/firstAid.ts';
import { capital } from '../words/text.ts';
import { ROUTE_SAYS, sayBecause } from '../words/triage.ts';
import css from './dock.module.scss';
import type { LandingDraft } from './draft.ts';
import { advisedFor } from './route.ts';

type Props = { draft: LandingDraft; bag?: BagCard; times?: { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number } };

export function Advice({ draft, bag, times }: Props) {
  return (
    <>
      <WhereTo draft={draft} bag={bag} times={times} />
      {bag && draft.dead > 0 && (
        <Caution>
          Photograph the dead before the bag is opened, its label with them: without it most suppliers pay nothing.
          <TakePhoto of={{ kind: 'bag', id: bag.bag }} shows="the closed bag" what={bag.label} label="Photograph the closed bag" strong />
        </Caution>
      )}
      <Photos photos={bag?.photos} of={bag?.label ?? ''} />
    </>
  );
}

/** Where the house sends such a bag, and why; what cannot wait is said in full. */
function WhereTo({ draft, bag, times }: Props) {
  const { rules } = useMe().house;
  const advised = advisedFor(draft, draft.other ? undefined : bag, { rules, times: times && { ...times, landedAtMs: houseNow() } });
  if (advised.route === 'as usual') return null;
  if (advised.route === 'clean water now') return <Caution strong>{firstAid(draft)}</Caution>;
  const words = `${capital(sayBecause(advised))}: ${ROUTE_SAYS[advised.route]}.`;
  return advised.route === 'bath offered' ? <p className={clsx('soft', css.routeSays)}>{words}</p> : <Caution>{words}</Caution>;
}
