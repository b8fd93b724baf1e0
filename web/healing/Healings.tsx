// Fish of a lot that heal: the first and the latest photograph side by side, the curve with what it is to come to, the way back when it is met.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { HealingCard, LotView, PhotoCard } from '#contract/views.ts';
import { HEALED_HOW, HEALING_BY, type HealedHow } from '#core/healing/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { PlainForm, type FormField } from '../parts/PlainForm.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { Photos } from '../photos/Photos.tsx';
import { sayMeasure, sayUntil } from '../words/healing.ts';
import { sayAll } from '../words/refusals.ts';
import { begunEntry, endedEntry } from './draft.ts';
import { HealingCurve } from './HealingCurve.tsx';
import css from './healing.module.scss';
import { MeasureNow } from './MeasureNow.tsx';

const FIELDS: FormField[] = [
  {
    name: 'what',
    type: 'text',
    label: 'What heals, and on which side',
    maxLength: 60,
    list: ['scrape on the left flank', 'scrape on the right flank', 'torn tail', 'torn fin', 'bitten fin'],
  },
  {
    name: 'by',
    type: 'choice',
    label: 'Measured in',
    options: HEALING_BY.map((by) => ({ value: by, label: by === 'mm' ? 'mm of wound, which falls' : '% of fin grown back, which rises' })),
  },
  { name: 'until', type: 'number', label: 'It may return at', min: 0, max: 500 },
  { name: 'everyDays', type: 'number', label: 'Measured every so many days', min: 1, max: 60, whole: true },
  { name: 'note', type: 'text', label: 'Note', maxLength: 300, optional: true },
];

type Props = { view: LotView; lot: { id: string; label: string } };

export function Healings({ view, lot }: Props) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const may = useMayWrite('healing.begun');
  const [open, setOpen] = useState(false);
  const lives = view.now.some(({ tank }) => tank);
  if (view.healings.length === 0 && !(may && lives)) return null;
  return (
    <section className="card" aria-label="Healing">
      <h2>Healing</h2>
      {view.healings.map((healing) => (
        <Healing
          key={healing.healing}
          healing={healing}
          lot={lot}
          photos={view.photos}
          from={view.now.find(({ tank }) => tank)?.place}
          held={view.quarantines.length > 0}
        />
      ))}
      {view.healings.length === 0 && (
        <p className="soft">A wound or a fin that grows back is measured on a rhythm until the fish may return.</p>
      )}
      {may && lives && (
        <Button variant="plain" aria-expanded={open} onClick={() => setOpen(!open)}>
          Follow its healing
        </Button>
      )}
      {open && (
        <PlainForm
          draft={`healing ${lot.id}`}
          fields={FIELDS}
          initial={{ everyDays: '7' }}
          submit="Follow it"
          onSubmit={async (values) => {
            const outcome = await recordAction(`${lot.label}: ${values.what} is followed`, begunEntry(lot.id, values));
            if (outcome.status === 'refused') return sayAll(outcome.refusals, outcome.code, voice);
            setOpen(false);
            return undefined;
          }}
        />
      )}
    </section>
  );
}

type HealingProps = { healing: HealingCard; lot: Props['lot']; photos: readonly PhotoCard[]; from?: string; held: boolean };

function Healing({ healing, lot, photos, from, held }: HealingProps) {
  const { when } = useTimes();
  const { attempt } = useOverrule();
  const may = useMayWrite('healing.ended');
  const nowMs = useHouseNow(60_000);
  const { what, by, until, everyDays, begunMs, measures, now, ended, note } = healing;
  const end = (how: HealedHow) =>
    attempt({
      title: `${lot.label}: ${what}`,
      doing: 'It is so',
      words: `${lot.label}, ${what}: ${how}`,
      drafts: [endedEntry(healing.healing, how)],
      onDone: () => undefined,
    });
  return (
    <article className={css.healing} aria-label={what}>
      <p className="tight">
        <b>{what}</b>{' '}
        <span className="soft">
          since {when(begunMs)}, measured every {everyDays} days, until {sayUntil(until, by)}
          {note && `: ${note}`}
        </span>
      </p>
      {ended ? (
        <p className="tight">
          {ended.how}, {when(ended.atMs)} by {ended.by}
          {ended.why && `: ${ended.why}`}
        </p>
      ) : (
        <>
          {now.met && (
            <p className="tight" role="status">
              <b>✓ It may return by its own measure.</b> {held && 'Its quarantine goes on: not among cleared fish yet. '}
              {from && <Link to={`/room?lot=${lot.id}&from=${from}`}>Move it back</Link>}
            </p>
          )}
          {now.worse && (
            <p className="warn">It gets worse: {sayMeasure(now.last!.value, by)}. Water first; a veterinarian if it goes on.</p>
          )}
          <MeasureNow
            healing={{ healing: healing.healing, what, by, until, due: now.nextMs <= nowMs, ...(now.last ? { last: now.last.value } : {}) }}
            lot={lot.id}
            label={lot.label}
          />
        </>
      )}
      <SideBySide photos={photos} sinceMs={begunMs} untilMs={ended?.atMs} label={lot.label} />
      {measures.length > 1 && <HealingCurve healing={healing} />}
      {measures.length > 0 && (
        <ul className="plain-list">
          {measures.map(({ atMs, value, by: who, note: said }) => (
            <li key={atMs}>
              <b className="num">{sayMeasure(value, by)}</b>{' '}
              <span className="soft">
                {when(atMs)}, {who}
                {said && `: ${said}`}
              </span>
            </li>
          ))}
        </ul>
      )}
      {may && !ended && (
        <div className="chips" role="group" aria-label={`End of ${what}`}>
          {HEALED_HOW.map((how) => (
            <Button key={how} variant={how === 'died' || how === 'given up' ? 'odd' : 'plain'} onClick={() => end(how)}>
              {how}
            </Button>
          ))}
        </div>
      )}
    </article>
  );
}

/** The first and the latest since it is followed. */
function SideBySide({
  photos,
  sinceMs,
  untilMs = Infinity,
  label,
}: {
  photos: readonly PhotoCard[];
  sinceMs: number;
  untilMs?: number;
  label: string;
}) {
  // One taken just before, of the fresh wound, is the first.
  const taken = photos
    .filter(({ atMs }) => atMs >= sinceMs - 86_400_000 && atMs <= untilMs + 86_400_000)
    .toSorted((a, b) => a.atMs - b.atMs);
  const pair = taken.length > 1 ? [taken[0]!, taken.at(-1)!] : taken;
  return pair.length === 0 ? null : <Photos photos={pair} of={`${label}, first and latest`} />;
}
