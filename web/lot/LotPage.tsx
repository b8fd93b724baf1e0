// One lot, whole: where it is and everywhere it has been, who shared water with it, what it comes of, its clock.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams, useSearchParams } from 'react-router';
import type { LotView } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { PhotosOf } from '../photos/PhotosOf.tsx';
import { useTitle } from '../frame/title.ts';
import { Timeline } from '../parts/Timeline.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { LEFT_WORDS } from '../words/room.ts';
import { plural } from '../words/text.ts';
import { SURE_SAYS } from '../words/triage.ts';
import { QuarantineClock } from '../quarantine/QuarantineClock.tsx';
import { CutLot, JoinLot } from './CutAndJoin.tsx';
import { Healings } from '../healing/Healings.tsx';
import { SexAndBehaviour } from '../noted/SexAndBehaviour.tsx';
import { Ready } from './Ready.tsx';
import { GiveMix } from './GiveMix.tsx';
import css from './lot.module.scss';
import { KeepFor } from './KeepFor.tsx';
import { NameLot } from './NameLot.tsx';
import { OutForm, Promised } from './OutForm.tsx';

export default function LotPage() {
  const { lot = '' } = useParams();
  const { data, error, mutate } = useView('lot', { lot });
  useTitle(data?.lot?.label);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (!data.lot)
    return (
      <div className="empty">
        <h1>There is no such lot</h1>
        <p>It may have been undone.</p>
        <Link className="btn btn-plain" to="/find">
          Find a fish
        </Link>
      </div>
    );
  return <Whole view={data} lot={data.lot} />;
}

function Place({ place, name, tank }: { place: string; name: string; tank: boolean }) {
  return tank ? <Link to={`/tank/${encodeURIComponent(name)}`}>{name}</Link> : <span title={place}>{name}</span>;
}

type WholeProps = { view: LotView; lot: NonNullable<LotView['lot']> };

function Whole({ view, lot }: WholeProps) {
  return (
    <div className="tank-page">
      <TheLot view={view} lot={lot} />
      <Healings view={view} lot={lot} />
      <SexAndBehaviour view={view} lot={lot} />
      <Been view={view} />
      <div className="card">
        <PhotosOf photos={view.photos} of={{ kind: 'lot', id: lot.id }} shows="the fish" what={lot.label} />
        <Timeline entries={view.timeline} names={view.names} all={`/logbook?lot=${encodeURIComponent(lot.id)}`} />
      </div>
    </div>
  );
}

function TheLot({ view, lot }: WholeProps) {
  const { when } = useTimes();
  const keeper = useMayWrite('lot.split', 'lot.named', 'lot.promised', 'stock.moved');
  const inTanks = view.now.filter(({ tank }) => tank);
  const quarantine = view.quarantines[0];
  return (
    <section className="card" aria-label="The lot">
      <h1 className="station-title">{lot.label}</h1>
      <p className="soft tight">
        <i>{lot.species?.scientific ?? 'species not known'}</i>
        {lot.sure && ` (${SURE_SAYS[lot.sure]}${lot.evidence ? `: ${lot.evidence}` : ''})`}
        {lot.sizeCm ? `, ${lot.sizeCm} cm` : ''}
        {lot.sexes.length > 0 && `, ${lot.sexes.join(' and ')}`}, {lot.origin}
        {lot.supplier ? `, of ${lot.supplier}` : ''}
        {lot.crate ? `, ${lot.crate}` : ''}
      </p>
      {lot.eats.length > 0 && (
        <p className="tight">Eats {lot.eats.map(({ food, sinceMs }) => `${food} (since ${when(sinceMs)})`).join(', ')}.</p>
      )}
      {view.now.length === 0 ? (
        <p>None of it is in the house any more.</p>
      ) : (
        <ul className="plain-list">
          {view.now.map((there) => (
            <li key={there.place}>
              <b className="num">{there.n}</b> in <Place {...there} />
              {keeper && there.tank && (
                <>
                  {' '}
                  <Link className="soft" to={`/room?lot=${lot.id}&from=${there.place}`}>
                    Move
                  </Link>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
      {view.left.length > 0 && <p className="soft">{view.left.map(({ place, n }) => `${n} ${LEFT_WORDS[place] ?? place}`).join(', ')}</p>}
      {lot.orderedFor && (
        <p>
          {lot.orderedFor.n} of them were ordered for {lot.orderedFor.forWhom}.{' '}
          <KeepFor lot={lot.id} label={lot.label} n={Math.min(lot.orderedFor.n, spareOf(lot))} forWhom={lot.orderedFor.forWhom} />
        </p>
      )}
      {lot.promised.map((promise) => (
        <Promised key={promise.promise} lot={lot} promise={promise} places={inTanks} keeper={keeper} />
      ))}
      {lot.condition && quarantine && <Ready condition={lot.condition} />}
      <Spare lot={lot} />
      {quarantine ? (
        <QuarantineClock quarantine={quarantine} full />
      ) : (
        view.now.some(({ tank }) => tank) && <p>Cleared: not in quarantine.</p>
      )}
      {lot.cutFrom.map((part) => (
        <p key={part.lot + part.atMs}>
          {part.how === 'cut' ? `Cut from ` : part.how === 'born' ? 'Young of ' : `${part.n} joined from `}
          <Link to={`/lot/${part.lot}`}>{part.label}</Link> {when(part.atMs)}
        </p>
      ))}
      {lot.cutInto.map((part) => (
        <p key={part.lot + part.atMs}>
          {part.n} {part.how === 'cut' ? 'cut off as' : part.how === 'born' ? 'young, as' : 'joined to'}{' '}
          <Link to={`/lot/${part.lot}`}>{part.label}</Link> {when(part.atMs)}
        </p>
      ))}
      {keeper && <Acts view={view} lot={lot} />}
    </section>
  );
}

const spareOf = ({ inHouse, promised }: WholeProps['lot']): number => inHouse - promised.reduce((sum, { n }) => sum + n, 0);

/** How many more may be lost before a promise breaks. */
function Spare({ lot }: Pick<WholeProps, 'lot'>) {
  if (lot.promised.length === 0) return null;
  const spare = spareOf(lot);
  if (spare < 0) return <p className="warn">{plural(-spare, 'fish', 'fish')} fewer than are promised.</p>;
  return (
    <p className="soft">{spare === 0 ? 'None may be lost before a promise breaks.' : `${spare} may be lost before a promise breaks.`}</p>
  );
}

/** What may be done with it, each in its form. */
function Acts({ view, lot }: WholeProps) {
  const [query] = useSearchParams();
  const lead = useMayWrite('lot.joined');
  const [form, setForm] = useState<'cut' | 'join' | 'out' | 'name' | 'mix' | undefined>(
    query.has('out') ? 'out' : query.has('name') && !lot.species ? 'name' : undefined,
  );
  const inTanks = view.now.filter(({ tank }) => tank);
  return (
    <>
      {view.now.some(({ tank }) => tank) && (
        <div className="chips">
          <Button variant="plain" aria-expanded={form === 'out'} onClick={() => setForm(form === 'out' ? undefined : 'out')}>
            Out of the house
          </Button>
          <Button variant="plain" aria-expanded={form === 'cut'} onClick={() => setForm(form === 'cut' ? undefined : 'cut')}>
            Make some a lot of their own
          </Button>
          <Button variant="plain" aria-expanded={form === 'mix'} onClick={() => setForm(form === 'mix' ? undefined : 'mix')}>
            Medicated food
          </Button>
          {lead && (
            <Button variant="plain" aria-expanded={form === 'join'} onClick={() => setForm(form === 'join' ? undefined : 'join')}>
              Join to its own kind
            </Button>
          )}
        </div>
      )}
      {(lot.species === undefined || lot.sure === 'likely' || lot.sure === 'guess' || lead) && (
        <div className="chips">
          <Button
            variant={lot.species && lot.sure !== 'guess' ? 'plain' : 'odd'}
            aria-expanded={form === 'name'}
            onClick={() => setForm(form === 'name' ? undefined : 'name')}
          >
            {!lot.species ? 'Name them' : lot.sure && lot.sure !== 'certain' ? 'Surer now, or another species' : 'They are another species'}
          </Button>
        </div>
      )}
      {form === 'name' && <NameLot lot={lot} onDone={() => setForm(undefined)} />}
      {form === 'out' && (
        <OutForm
          lot={lot}
          places={inTanks}
          inQuarantine={view.quarantines.length > 0}
          first={query.get('out') ?? undefined}
          onDone={() => setForm(undefined)}
        />
      )}
      {form === 'mix' && <GiveMix lot={lot.id} label={lot.label} onDone={() => setForm(undefined)} />}
      {form === 'cut' && <CutLot view={view} lot={lot} onDone={() => setForm(undefined)} />}
      {form === 'join' && <JoinLot view={view} lot={lot} onDone={() => setForm(undefined)} />}
    </>
  );
}

function Been({ view }: { view: LotView }) {
  const { when } = useTimes();
  const span = (fromMs: number, untilMs?: number) => `${when(fromMs)} ${untilMs === undefined ? 'until now' : `to ${when(untilMs)}`}`;
  return (
    <section className="card" aria-label="Where it has been">
      <h2>Where it has been</h2>
      <ol className={css.been}>
        {view.been.map((stay) => (
          <li key={stay.place + stay.fromMs + (stay.as ?? '')}>
            <b>
              <Place {...stay} />
            </b>{' '}
            <span className="soft">{stay.as ? `with the ${stay.as} it comes of` : `up to ${stay.peak}`}</span>
            <br />
            <span className="soft">{span(stay.fromMs, stay.untilMs)}</span>
          </li>
        ))}
      </ol>
      {view.gaps.map(({ place, fromMs, untilMs, n }) => (
        <p key={place + fromMs} className="warn">
          Missing on record: {n} in {place}, {span(fromMs, untilMs)}: something was entered late or not at all.
        </p>
      ))}
      <h2>Shared a system with</h2>
      {view.shared.length === 0 && <p className="soft">Nobody.</p>}
      <ol className={css.been}>
        {view.shared.map((sharing) => (
          <li key={sharing.lot + sharing.place + sharing.fromMs}>
            <Link to={`/lot/${sharing.lot}`}>{sharing.label}</Link> in {sharing.place}
            <br />
            <span className="soft">{span(sharing.fromMs, sharing.untilMs)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
