// Claims: what was dead, short or other than listed, as a letter inside its supplier's hours; what was sent, and what they answered.
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useSearchParams } from 'react-router';
import type { ClaimCard } from '#contract/views.ts';
import { claimWindow, sayClaimed } from '#core/dock/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { saveFile, saveTextFile } from '../data/files.ts';
import { useView } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { useTitle } from '../frame/title.ts';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { Photos } from '../photos/Photos.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { claimCsv, claimedBags, claimedSum, claimLetter, wrongWith } from '../words/claim.ts';
import { capital, countdown, plural } from '../words/text.ts';
import { ClaimActs } from './ClaimActs.tsx';
import css from './claims.module.scss';
import { picturesOf } from './letterPictures.ts';

const STAGE_WORDS: Record<ClaimCard['stage'], string> = {
  nothing: 'nothing to claim by their rule',
  open: 'to be sent',
  sent: 'sent, not answered yet',
  grown: 'its figures have changed since it was sent: send it again',
  paid: 'paid',
  credit: 'credited',
  refused: 'refused',
};

export default function Claims() {
  const { data, error, mutate } = useView('claims');
  const [query] = useSearchParams();
  const put = useInAddress();
  const asked = query.get('crate');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const chosen = asked === null ? data.claims[0] : data.claims.find(({ crate }) => crate === asked);
  return (
    <div className={css.claims}>
      <section aria-label="Claims">
        <h1 className="station-title">Claims</h1>
        {data.claims.length === 0 && (
          <p className="soft">
            Nothing of the last 60 days was dead in its bag, short or other than listed. What is landed so comes here by itself.
          </p>
        )}
        <ul className={css.list}>
          {data.claims.map((claim) => (
            <li key={claim.crate}>
              <button
                type="button"
                className="row-button"
                aria-current={claim.crate === chosen?.crate}
                onClick={() => put('crate', claim.crate)}
              >
                <span>
                  <b>{claim.label}</b> {sayClaimed(claim.counts)}
                </span>
                <span className={claim.stage === 'open' || claim.stage === 'grown' ? 'warn' : 'soft'}>{STAGE_WORDS[claim.stage]}</span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      {chosen ? (
        <OneClaim key={chosen.crate} claim={chosen} />
      ) : (
        asked !== null && <p>There is nothing to claim of this crate, or it is more than 60 days old. The logbook has what was claimed.</p>
      )}
    </div>
  );
}

function OneClaim({ claim }: { claim: ClaimCard }) {
  const { house, person } = useMe();
  const { when } = useTimes();
  const { say } = useUnits();
  const { undo } = useActions();
  useTitle(claim.label);
  const sum = claimedSum(claim);
  const letter = claimLetter(claim, { when, sayC: (celsius) => say('temperature', celsius), house: house.name });
  return (
    <section className="card" aria-label={`Claim of ${claim.label}`}>
      <h2>
        {claim.label}: {sayClaimed(claim.counts)}
      </h2>
      <p>
        {capital(STAGE_WORDS[claim.stage])}. <Window claim={claim} />
        {sum && ` ${sum.says} at the prices stated${sum.unpriced > 0 ? `, without ${plural(sum.unpriced, 'head')} of unknown price` : ''}.`}
      </p>
      <ul className={css.bags}>
        {claimedBags(claim).map((bag) => (
          <li key={bag.bag}>
            <b>{bag.label}</b> {bag.lotLabel}: {wrongWith(bag)}
            {bag.landed && (
              <span className="soft">
                {' '}
                {when(bag.landed.atMs)}, {bag.landed.by}
              </span>
            )}
            <Photos photos={bag.photos} of={bag.label} />
            <TakePhoto of={{ kind: 'bag', id: bag.bag }} shows="the fish" what={bag.label} label="photograph" quiet />
          </li>
        ))}
      </ul>
      <Photos photos={claim.photos} of={claim.label} />
      <TakePhoto of={{ kind: 'crate', id: claim.crate }} shows="a paper" what={claim.label} label="Photograph the carton or a paper" />
      <p className="soft">{claim.contact ? `Reached by: ${claim.contact}` : 'How to reach them is not known: House, Suppliers.'}</p>
      <details>
        <summary>The letter</summary>
        <Form.Control
          aria-label="The letter"
          as="textarea"
          rows={14}
          readOnly
          value={letter}
          onFocus={(event) => event.currentTarget.select()}
        />
      </details>
      <div className="chips">
        <Button
          variant="plain"
          onClick={() =>
            void Promise.all([import('./pdf.ts'), picturesOf(claim, when)]).then(async ([{ claimPdf }, pictures]) =>
              saveFile(
                `claim ${claim.label}.pdf`,
                (await claimPdf(`Claim, ${claim.label}`, letter, pictures)) as Uint8Array<ArrayBuffer>,
                'application/pdf',
              ),
            )
          }
        >
          Letter as PDF
        </Button>
        <Button variant="plain" onClick={() => saveTextFile(`claim ${claim.label}.csv`, claimCsv(claim, { when }), 'text/csv')}>
          Bags as CSV
        </Button>
        {'clipboard' in navigator && (
          <Button variant="plain" onClick={() => void navigator.clipboard.writeText(letter)}>
            Copy the letter
          </Button>
        )}
        <Link className="btn btn-plain" to={`/dock?crate=${claim.crate}`}>
          To the crate
        </Link>
      </div>
      {claim.history.length > 0 && (
        <ul className="plain-list" aria-label="What became of it">
          {claim.history.map(({ actId, what, atMs, by, counts, amount, currency, note }) => (
            <li key={actId}>
              <span className="num">{when(atMs)}</span> {by}: {what}
              {counts && `, ${sayClaimed(counts)}`}
              {amount !== undefined && ` ${amount} ${currency ?? ''}`}
              {note && `, ${note}`}{' '}
              {(person.role === 'lead' || person.name === by) && (
                <Button
                  variant="quiet"
                  className="btn-quiet"
                  aria-label={`Undo: ${what} of ${claim.label}`}
                  onClick={() => void undo(actId, `${what} of ${claim.label}`)}
                >
                  Undo
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      <ClaimActs claim={claim} />
    </section>
  );
}

function Window({ claim }: { claim: ClaimCard }) {
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const window = claimWindow(claim);
  if (!claim.rule)
    return (
      <span className="warn">Nobody wrote down within how many hours {claim.supplier} takes claims: ask them now, most give 2 to 24.</span>
    );
  if (!window) return <>Their hours begin when the first bag is opened.</>;
  const left = window.endMs - now;
  return left > 0 ? (
    <>
      Their hours end {when(window.endMs)}, in <b className="num">{countdown(left)}</b>.
    </>
  ) : (
    <span className="warn">Their hours were over {when(window.endMs)}: it can be sent all the same.</span>
  );
}
