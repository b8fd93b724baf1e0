// Somebody else was quicker with the bag in front: that is said, what was typed stays readable, and the next bag waits until it is asked for.
import Button from 'react-bootstrap/Button';
import type { BagCard } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { useKept } from '../parts/useKept.ts';
import { capital } from '../words/text.ts';
import { asListed, isAsListed, type LandingDraft } from './draft.ts';
import { sayDraft } from './LandingForm.tsx';

type Props = { bag: BagCard; onNext: () => void };

export function Overtaken({ bag, onNext }: Props) {
  const [draft] = useKept<LandingDraft>(`landing ${bag.bag}`, 'draft', asListed(bag.listed));
  const typed =
    isAsListed(draft, bag.listed) && !draft.note ? undefined : [sayDraft(draft, bag.listed), draft.note].filter(Boolean).join(' ');
  const { when } = useTimes();
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
