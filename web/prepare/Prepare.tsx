// Getting ready for a crate: what is to be done before it is here, the first due first; a match of each system that it goes to.
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import { useTimes } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { useUnits } from '../data/units.ts';
import { useTitle } from '../frame/title.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { MatchCard } from './MatchCard.tsx';
import { overlayPrepare } from './overlay.ts';
import { NewLine } from './NewLine.tsx';
import css from './prepare.module.scss';
import { PrepRow } from './PrepRow.tsx';

export default function Prepare() {
  const [query] = useSearchParams();
  const put = useInAddress();
  const asked = query.get('crate');
  const { shown: view, error, mutate } = useShown('prepare', overlayPrepare, asked ? { crate: asked } : {});
  const { when } = useTimes();
  const { say } = useUnits();
  useTitle(view?.crate ? `Getting ready, ${view.crate.label}` : 'Getting ready');
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  const { crate, lines, systems } = view;
  if (!crate)
    return (
      <div className="empty">
        <h1>{asked === null ? 'No crate is on its way' : 'This crate is not on its way'}</h1>
        <p>Once one is expected, what is to be done before it is here stands in this place, with its hours.</p>
        {view.crates.map(({ crate: other, label }) => (
          <p key={other}>
            <Link to={`/dock/prepare?crate=${other}`}>{label}</Link>
          </p>
        ))}
        <Link className="btn btn-plain" to="/dock/orders">
          Orders and wishes
        </Link>
      </div>
    );
  const { temperatureC, salinityPpt, pH } = crate.stated;
  const asking = systems.filter(({ offer, laid }) => offer ?? laid ?? salinityPpt === undefined);
  const open = lines.filter(({ ticked }) => !ticked);
  const done = lines.filter(({ ticked }) => ticked);
  const stated = [
    temperatureC !== undefined && say('temperature', temperatureC),
    salinityPpt !== undefined && say('salinity', salinityPpt),
    pH !== undefined && `pH ${pH}`,
  ].filter(Boolean);
  return (
    <div className={css.prepare}>
      <div>
        <PaperHead title={`Getting ready, ${crate.label}`} />
        {view.crates.length > 1 && (
          <div className="tabs no-print" role="group" aria-label="Crates on their way">
            {view.crates.map(({ crate: other, label, promisedAtMs, open: left }) => (
              <Button
                key={other}
                variant="plain"
                className={other === crate.crate ? 'chip-on' : ''}
                aria-pressed={other === crate.crate}
                onClick={() => put('crate', other)}
              >
                <b>{label}</b> <span>{`due ${when(promisedAtMs)}, ${left} open`}</span>
              </Button>
            ))}
          </div>
        )}
        <section className="card" aria-label="To be ready">
          <h1 className="station-title">Getting ready</h1>
          <p className="soft tight">
            <Link to={`/dock?crate=${crate.crate}`}>{crate.label}</Link>: {crate.heads} heads, due {when(crate.promisedAtMs)}.{' '}
            {stated.length > 0 ? `Said to be at ${stated.join(', ')}; stated, not measured.` : 'Nothing is known of its water.'}
          </p>
          {open.length === 0 ? (
            <p>All of it is ready, or left out for a reason.</p>
          ) : (
            <ul className={css.lines}>
              {open.map((line) => (
                <PrepRow key={line.step} line={line} crate={crate.crate} />
              ))}
            </ul>
          )}
          <NewLine crate={crate.crate} />
          {done.length > 0 && (
            <details className={css.done}>
              <summary>{plural(done.length, 'line')} ready or left out</summary>
              <ul className={css.lines}>
                {done.map((line) => (
                  <PrepRow key={line.step} line={line} crate={crate.crate} />
                ))}
              </ul>
            </details>
          )}
          <p className="no-print">
            <PrintButton />
          </p>
        </section>
      </div>
      <div className={css.side}>
        {asking.map((system) => (
          <MatchCard key={system.system} system={system} crate={crate} />
        ))}
        {asking.length < systems.length && (
          <p className="soft tight">
            Near enough to what the bags are said to be at, no match is needed:{' '}
            {systems
              .filter((system) => !asking.includes(system))
              .map(({ name }) => name)
              .join(', ')}
            .
          </p>
        )}
        {systems.length === 0 && (
          <p className="soft">
            Once its bags have tanks, the systems that they go to stand here, with the litres to swap where a match is worth it.
          </p>
        )}
      </div>
    </div>
  );
}
