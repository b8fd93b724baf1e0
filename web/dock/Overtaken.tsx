// Somebody else was quicker with the bag in front: that is said, what was typed stays readable, and the next bag waits until it is asked for.
import { useEffect, useEffectEvent } from 'react';
import Button from 'react-bootstrap/Button';
import type { BagCard } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { useKept } from '../parts/useKept.ts';
import { capital } from '../words/text.ts';
import { asListed, isAsListed, type LandingDraft } from './draft.ts';
import { sayDraft } from './LandingForm.tsx';

/** Long enough to read, and to have taken a finger back. */
const READ_MS = 4000;
type Props = { bag: BagCard; onNext: () => void };

export function Overtaken({ bag, onNext }: Props) {
  const [draft] = useKept<LandingDraft>(`landing ${bag.bag}`, 'draft', asListed(bag.listed));
  const typed =
    isAsListed(draft, bag.listed) && !draft.note ? undefined : [sayDraft(draft, bag.listed), draft.note].filter(Boolean).join(' ');
  const { when } = useTimes();
  // Where nothing was typed it is read in passing: two who unpack one crate wait for nobody. By then no finger is on its way to the bag that was here.
  const onward = useEffectEvent(onNext);
  const isRead = typed === undefined;
  useEffect(() => {
    if (!isRead) return;
    const timer = setTimeout(() => onward(), READ_MS);
    return () => clearTimeout(timer);
  }, [isRead]);
  const { landed, absent } = bag;
  const mark = landed ?? absent;
  return (
    <section className="card bench-card" aria-label="Somebody was quicker">
      <p className="big">
        {capital(bag.label)}: {mark?.by} was quicker
      </p>
      <p role="status">
        {landed
          ? `Landed ${when(landed.atMs)}: ${landed.alive} alive${landed.dead > 0 ? `, ${landed.dead} dead` : ''}.`
          : absent && `Said not to be in the box, ${when(absent.atMs)}.`}
      </p>
      {typed && (
        <p>
          You had: {typed} <span className="soft">It is not sent.</span>
        </p>
      )}
      <Button variant="plain" onClick={onNext}>
        To the next bag
      </Button>
    </section>
  );
}
