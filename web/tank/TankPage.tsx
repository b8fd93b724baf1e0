// One tank, whole: who is here and since when, clocks, readings, looks, meals, losses, what met it, and what happened.
import { useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import type { TankView } from '#contract/views.ts';
import { formatDay } from '#core/time/index.ts';
import { houseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ToolTaps } from '../exposure/ToolTaps.tsx';
import { useTitle } from '../frame/title.ts';
import { ArrangeForm, Arrangements } from '../noted/Arrange.tsx';
import { PhotosOf } from '../photos/PhotosOf.tsx';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Timeline } from '../parts/Timeline.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { QuarantineClock } from '../quarantine/QuarantineClock.tsx';
import { ReadingsForm } from '../readings/ReadingsForm.tsx';
import { BathForm } from '../runs/begin/BathForm.tsx';
import { patientOfTank } from '../runs/begin/patient.ts';
import { PURPOSE_WORDS } from '../words/room.ts';
import { plural } from '../words/text.ts';
import { ChangeWater } from './ChangeWater.tsx';
import { Losses } from './Losses.tsx';
import { Measure } from './Measure.tsx';
import { Contacts, Meals } from './Met.tsx';
import { Recount } from './Recount.tsx';
import css from './tank.module.scss';
import { ToxicAmmonia } from './ToxicAmmonia.tsx';
import { Treatment } from './Treatment.tsx';

type Full = TankView & Required<Pick<TankView, 'tank' | 'system'>>;
const FORMS = ['Read', 'Arrange', 'Recount', 'Change water', 'Measure', 'Treatment'] as const;
/** Everybody's. */
const ANYBODY: readonly (typeof FORMS)[number][] = ['Read', 'Arrange'];

export default function TankPage() {
  const { code = '' } = useParams();
  const { data, error, mutate } = useView('tank', { tank: code });
  useTitle(data?.tank?.code);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (!data.tank || !data.system)
    return (
      <div className="empty">
        <h1>There is no tank {code}</h1>
        <p>It may be gone from the house, or its label is of another house.</p>
        <Link className="btn btn-plain" to={`/find?q=${encodeURIComponent(code)}`}>
          Find it
        </Link>
      </div>
    );
  return <Whole view={data as Full} />;
}

function Whole({ view }: { view: Full }) {
  const { tank } = view;
  const { ambient } = useMe().house.rules;
  const keeper = useMayWrite('stock.counted', 'water.exchanged', 'treatment.begun');
  const [bath, setBath] = useState<string>();
  const patient = tank.occupants.find(({ lot }) => lot === bath);
  if (patient)
    return (
      <div className="card bench-card">
        <BathForm patient={patientOfTank(view, patient, { now: houseNow(), ambient })} onBack={() => setBath(undefined)} />
      </div>
    );
  return (
    <div className="tank-page">
      <PaperHead title={`Tank ${tank.code}`} />
      <WhoIsHere view={view} keeper={keeper} onBath={setBath} />
      <ItsWater view={view} keeper={keeper} />
      <div className="card">
        <PhotosOf photos={view.photos} of={{ kind: 'tank', id: tank.id }} shows="the tank" what={tank.code} />
        <Timeline entries={view.timeline} names={view.names} all={`/logbook?tank=${encodeURIComponent(tank.id)}`} />
      </div>
    </div>
  );
}

function WhoIsHere({ view, keeper, onBath }: { view: Full; keeper: boolean; onBath: (lot: string) => void }) {
  const { tank } = view;
  const { when } = useTimes();
  const { say } = useUnits();
  return (
    <section className="card" aria-label="Who is here">
      <h1 className="station-title">
        {tank.vessel === 'tank' ? 'Tank' : tank.vessel} {tank.code}
        {tank.suspect && <span className="warn"> !</span>}
      </h1>
      <p className="soft tight">
        {tank.rackName}, {tank.room}. {say('volume', tank.volumeL)}, {PURPOSE_WORDS[tank.purpose]}, {tank.lid ? 'lid' : 'no lid'}.{' '}
        <Link to={`/room?tank=${tank.id}`}>In the room</Link> <PrintButton />
      </p>
      {tank.occupants.length > 0 && tank.purpose !== 'customer' && (
        <Link className="btn btn-plain no-print" to={`/rounds?tank=${encodeURIComponent(tank.code)}`}>
          Check {tank.code}
        </Link>
      )}
      {tank.occupants.length === 0 && <p>Empty.</p>}
      <ul className="look-lots">
        {tank.occupants.map((occupant) => (
          <Occupant key={occupant.lot} view={view} occupant={occupant} keeper={keeper} onBath={() => onBath(occupant.lot)} />
        ))}
      </ul>
      {view.stayLimits.map(({ stayLimit, lotLabel, untilMs, untilCm, why }) => (
        <p key={stayLimit}>
          {lotLabel} only until {untilMs === undefined ? `${untilCm} cm` : when(untilMs)}: {why}
        </p>
      ))}
      {view.gaps.map(({ lot, label, fromMs, untilMs, n }) => (
        <p key={lot + fromMs} className="warn">
          Missing on record: {n} {label} here from {when(fromMs)} {untilMs === undefined ? 'on' : `to ${when(untilMs)}`}: something was
          entered late or not at all.
        </p>
      ))}
    </section>
  );
}

type OccupantProps = { view: Full; occupant: Full['tank']['occupants'][number]; keeper: boolean; onBath: () => void };

function Occupant({ view, occupant, keeper, onBath }: OccupantProps) {
  const { tank } = view;
  const { when } = useTimes();
  const quarantine = view.quarantines.find(({ lot }) => lot === occupant.lot);
  return (
    <li>
      <div className="occupant-head">
        <span>
          <b className="num">{occupant.n}</b> <Link to={`/lot/${occupant.lot}`}>{occupant.label}</Link>{' '}
          <i className="soft">{occupant.species?.scientific}</i>
        </span>
        {keeper && (
          <span className={css.occupantActs}>
            <Button variant="link" className="btn-quiet" onClick={onBath}>
              first-aid bath
            </Button>
            <Link className="btn btn-link btn-quiet" to={`/lot/${occupant.lot}?out=${tank.id}`}>
              out
            </Link>
            <Link className="btn btn-plain" to={`/room?lot=${occupant.lot}&from=${tank.id}`}>
              Move
            </Link>
          </span>
        )}
      </div>
      <span className="soft">
        {[
          quarantine ? undefined : 'cleared',
          occupant.promised && 'some promised',
          occupant.sizeCm && `${occupant.sizeCm} cm`,
          occupant.sinceMs && `here since ${when(occupant.sinceMs)}`,
        ]
          .filter(Boolean)
          .join(', ')}
      </span>
      {quarantine && <QuarantineClock quarantine={quarantine} full />}
    </li>
  );
}

function ItsWater({ view, keeper }: { view: Full; keeper: boolean }) {
  const { tank, system } = view;
  const { when } = useTimes();
  const { say } = useUnits();
  const { data: moves } = useView('moves');
  return (
    <section className="card" aria-label="Its water">
      <h2>{system.name}</h2>
      <p className="soft tight">
        {system.type}, {say('volume', system.volumeL)}
        {system.others.length === 0 ? ', alone' : ', one system with '}
        {system.others.map(({ id, code }) => (
          <Link key={id} to={`/tank/${encodeURIComponent(code)}`}>
            {code}{' '}
          </Link>
        ))}
      </p>
      <SystemClear clearing={system.clearing} />
      {system.treatments.map(({ treatment, family, begunAtMs }) => (
        <p key={treatment} className="warn">
          Under {family} since {when(begunAtMs)}
        </p>
      ))}
      <table className={css.readings}>
        <tbody>
          {view.readings.map(({ quantity, value, method, source, atMs, by }) => (
            <tr key={quantity}>
              <th scope="row">{quantity}</th>
              <td className="num">{say(quantity, value)}</td>
              <td className="soft">
                {source === 'measured' ? method : source}, {when(atMs)}, {by}
              </td>
            </tr>
          ))}
          <ToxicAmmonia readings={view.readings} salinityPpt={system.salinityPpt} />
        </tbody>
      </table>
      {view.readings.length === 0 && <p className="soft">No reading yet. In one line: {tank.code} 25.4 pH 7.8</p>}
      <p>
        {view.lastCheck
          ? `Last health check ${when(view.lastCheck.atMs)} by ${view.lastCheck.by}${view.lastCheck.allWell ? ', all well' : ''}; ${view.checks14} health checks in 14 days.`
          : 'No health check yet.'}{' '}
        <Link to={`/rounds?tank=${tank.code}`}>Check now</Link> ·{' '}
        <Link to={`/rounds/water?tank=${encodeURIComponent(tank.code)}`}>Its water tests</Link>
      </p>
      <DoHere view={view} keeper={keeper} />
      <ToolTaps moves={moves} tank={tank} rack={tank.rack} />
      <Contacts view={view} />
      <Meals meals={view.meals} />
      <Arrangements arrangements={view.arrangements} />
      <Losses losses={view.losses} />
    </section>
  );
}

/** What hands can do here, each in its form. */
function DoHere({ view: { tank, system, stayLimits }, keeper }: { view: Full; keeper: boolean }) {
  const [form, setForm] = useState<(typeof FORMS)[number]>();
  const done = () => setForm(undefined);
  const forms: Record<(typeof FORMS)[number], ReactNode> = {
    Read: <ReadingsForm system={system.id} onDone={done} />,
    Arrange: <ArrangeForm tank={tank} onDone={done} />,
    Recount: <Recount tank={tank} onDone={done} />,
    'Change water': <ChangeWater tank={tank} onDone={done} />,
    Measure: <Measure tank={tank} stayLimits={stayLimits} onDone={done} />,
    Treatment: <Treatment system={system} onDone={done} />,
  };
  return (
    <>
      <div className="chips" role="group" aria-label="Do here">
        {FORMS.filter((name) => keeper || ANYBODY.includes(name)).map((name) => (
          <Button
            key={name}
            variant="plain"
            className={form === name ? 'chip-on' : ''}
            aria-expanded={form === name}
            onClick={() => setForm(form === name ? undefined : name)}
          >
            {name}
          </Button>
        ))}
      </div>
      {form && forms[form]}
    </>
  );
}

/** When everybody on the system can be clear. */
function SystemClear({ clearing }: Pick<Full['system'], 'clearing'>) {
  if (!clearing) return null;
  const { lots, earliestDay } = clearing;
  return (
    <p>
      {plural(lots, 'lot')} in quarantine on this system;{' '}
      {earliestDay === undefined ? 'no date while a treatment runs' : `all of it clear on ${formatDay(earliestDay)} at the earliest`}.
    </p>
  );
}
