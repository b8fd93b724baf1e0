// One crate on one page, on the screen and on paper: what came and how, which way it went, where each lot is, what became of the rest, and what is still open.
import { Link, useSearchParams } from 'react-router';
import type { BagCard, CrateLot, CrateReportView } from '#contract/views.ts';
import { sayClaimed, tallyCrate, transit } from '#core/dock/index.ts';
import { useView } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { useTitle } from '../frame/title.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { Photos } from '../photos/Photos.tsx';
import { LEFT_WORDS } from '../words/room.ts';
import { sayBox } from '../words/boxes.ts';
import { plural } from '../words/text.ts';
import { sayEach, saySeen } from '../words/triage.ts';
import css from './dock.module.scss';

export default function Report() {
  const [query] = useSearchParams();
  const { data, error, mutate } = useView('crate', { crate: query.get('crate') ?? '' });
  useTitle(data?.crate?.label);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (!data.crate)
    return (
      <div className="empty">
        <h1>There is no such crate</h1>
        <p>It was undone, or its address is of another house.</p>
        <Link className="btn btn-plain" to="/dock">
          To the dock
        </Link>
      </div>
    );
  return <Whole crate={data.crate} lots={data.lots} />;
}

type Crate = NonNullable<CrateReportView['crate']>;

function Whole({ crate, lots }: { crate: Crate; lots: CrateLot[] }) {
  const tally = tallyCrate(crate.bags.map(({ listed, absent, landed }) => ({ listed, absent: absent !== undefined, landed })));
  const { say } = useUnits();
  const open = crate.bags.filter(({ landed, absent }) => !landed && !absent).length;
  return (
    <div className={css.report}>
      <h1 className="station-title">{crate.label}</h1>
      <PaperHead title={crate.label} />
      <HowItCame crate={crate} />
      <p>
        <b className="num">{tally.listed}</b> listed, <b className="num">{tally.alive}</b> alive
        {tally.dead + tally.short + tally.wrong > 0 && <span className="warn">, {sayClaimed(tally)}</span>}
        {tally.over > 0 && `, ${tally.over} over`}.
        {open > 0 && <b className="warn"> {plural(open, 'bag is', 'bags are')} not landed yet.</b>}{' '}
        {crate.claim && <Link to={`/dock/claims?crate=${crate.crate}`}>The claim: {crate.claim}</Link>}
      </p>
      {crate.boxes && (
        <ul className="plain-list" aria-label="Inside the boxes">
          {crate.boxes.map((box) => (
            <li key={box.actId}>{sayBox(box, (celsius) => say('temperature', celsius))}</li>
          ))}
        </ul>
      )}
      <Photos photos={crate.photos} of={crate.label} />
      <div className={css.reportTable}>
        <table className={css.reportLots}>
          <thead>
            <tr>
              <th>Lot</th>
              <th>Came</th>
              <th>Way</th>
              <th>Is in</th>
              <th>Quarantine</th>
              <th>Gone</th>
            </tr>
          </thead>
          <tbody>
            {lots.map((lot) => (
              <LotRow key={lot.lot} lot={lot} />
            ))}
          </tbody>
        </table>
      </div>
      <Odd bags={crate.bags} />
      {crate.remarks && (
        <section aria-label="Also on its list">
          <h2>Also on its list</h2>
          <ul>
            {crate.remarks.map((remark) => (
              <li key={remark}>{remark}</li>
            ))}
          </ul>
        </section>
      )}
      <p className="no-print">
        <PrintButton /> <Link to={`/dock?crate=${crate.crate}`}>To the dock</Link>
      </p>
    </div>
  );
}

function HowItCame({ crate: { supplier, packedAtMs, promisedAtMs, arrived, stated } }: { crate: Crate }) {
  const { when } = useTimes();
  const { say } = useUnits();
  const { rules } = useMe().house;
  const { closedH, lateH } = arrived
    ? transit({ packedAtMs, promisedAtMs, arrivedAtMs: arrived.atMs }, rules, arrived.atMs)
    : { closedH: 0, lateH: 0 };
  const water = [
    stated.temperatureC !== undefined && say('temperature', stated.temperatureC),
    stated.salinityPpt !== undefined && (stated.salinitySaid ?? say('salinity', stated.salinityPpt)),
    stated.pH !== undefined && `pH ${stated.pH}`,
  ].filter(Boolean);
  return (
    <p className="soft">
      {supplier}. Packed {when(packedAtMs)}, promised {when(promisedAtMs)}
      {arrived
        ? `, here ${when(arrived.atMs)} (${arrived.by}), carton ${arrived.carton}${arrived.note ? ` (${arrived.note})` : ''}: ${Math.round(closedH)} h closed by then${lateH >= 1 ? `, ${Math.floor(lateH)} h late` : ''}.`
        : ', not here yet.'}{' '}
      Water {water.length > 0 ? `stated: ${water.join(', ')}` : 'not stated'}.
    </p>
  );
}

function LotRow({ lot: { lot, label, species, listed, alive, dead, ways, here, out, clock } }: { lot: CrateLot }) {
  return (
    <tr>
      <td>
        <Link to={`/lot/${lot}`}>{label}</Link>
        {species?.scientific && <i className="soft"> {species.scientific}</i>}
      </td>
      <td>
        <span className="num">
          {alive} of {listed}
        </span>
        {dead > 0 && <span className="warn">, {dead} dead</span>}
      </td>
      <td>{ways.map(({ way, bags }) => (bags > 1 ? `${way} (${bags} bags)` : way)).join(', ')}</td>
      <td>{here.map(({ n, name }) => `${n} in ${name}`).join(', ')}</td>
      <td>
        {clock && `${clock.clear} of ${clock.required}`} {clock?.notEating && <b className="warn">not eating</b>}
      </td>
      <td>{out.map(({ place, n }) => `${n} ${LEFT_WORDS[place] ?? place}`).join(', ')}</td>
    </tr>
  );
}

/** Bags with something to say of them. */
function Odd({ bags }: { bags: readonly BagCard[] }) {
  const { when } = useTimes();
  const odd = bags.filter(
    ({ landed, absent, routed, clean }) =>
      absent ??
      routed ??
      clean ??
      (landed && (landed.dead > 0 || landed.wrong || landed.condition !== 'fit' || landed.bagCondition !== 'sound' || landed.note)),
  );
  if (odd.length === 0) return null;
  return (
    <section aria-label="What was odd">
      <h2>What was odd</h2>
      <ul className="plain-list">
        {odd.map(({ bag, label, lotLabel, landed, absent, routed, clean, ordered, photos }) => (
          <li key={bag}>
            <b>{label}</b> {lotLabel}:{' '}
            {[
              absent && 'not in the box',
              landed && landed.dead > 0 && `${landed.dead} dead`,
              landed?.wrong && 'other than listed',
              landed && (landed.each ? sayEach(landed.each) : landed.condition !== 'fit' && landed.condition),
              landed && landed.bagCondition !== 'sound' && `bag ${landed.bagCondition}`,
              saySeen({ landed, ordered }),
              landed?.note,
              routed && `${routed.route} (${routed.why})`,
              clean && `in clean water from ${when(clean.atMs)}`,
            ]
              .filter(Boolean)
              .join('; ')}
            <Photos photos={photos} of={label} />
          </li>
        ))}
      </ul>
    </section>
  );
}
