// The run sheet on paper: whose fish, which vessel, the lines to tick off with their cautions, and room for readings and looks.
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import type { RunCard } from '#contract/views.ts';
import { bathDose, trajectoryOf, estimateOf, forecastOf, checksEvery, runFactsOf, sampleAt, sheetOf, tickedOf } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { houseNow } from '../../data/clock.ts';
import { useView } from '../../data/house.ts';
import { useMe, useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { Waiting } from '../../parts/Waiting.tsx';
import { CAUTION_WORDS, METHOD_TITLES, sayLine } from '../../words/runs.ts';
import { capital } from '../../words/text.ts';
import { happenedTo } from './happened.ts';
import css from './steps.module.scss';

const ROWS = 10;

export default function SheetPage() {
  const { run: id } = useParams();
  const { data, error, mutate } = useView('bench');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const run = data.runs.find((run) => run.run === id);
  if (!run)
    return (
      <div className="empty">
        <h2>This acclimation is over</h2>
        <p>What happened to it stands in the logbook.</p>
        <Link className="btn btn-plain" to="/bench">
          To the bench
        </Link>
      </div>
    );
  return <Paper run={run} />;
}

const HEADINGS = [
  'when',
  'should be, ppt',
  'read, ppt',
  'read, °C',
  'pH',
  'ammonia, mg/L N',
  'drip, mL/min',
  'fish, air, lid, hose',
  'who',
];

/** Where it should be at each look that is to come, or at every tenth of its way; what has been stands below. By what was read, as on the screen. */
function planOf(run: RunCard, now: number) {
  const facts = runFactsOf(run);
  const estimate = estimateOf(facts);
  const { samples } = trajectoryOf(facts, { now, parameters: estimate.parameters });
  const { end } = forecastOf(facts, now, estimate);
  const endMinute = end?.atMinute ?? samples.at(-1)!.minute;
  const apart = checksEvery(run) ?? endMinute / ROWS;
  const checks = Array.from({ length: Math.floor(endMinute / apart + 1e-6) }, (_, index) => (index + 1) * apart)
    .filter((minute) => minute >= (now - run.startedAtMs) / MINUTE_MS)
    .slice(0, ROWS)
    .map((minute) => ({ minute, ppt: sampleAt(samples, minute).salinity }));
  return { endMinute: end?.atMinute, checks };
}

function Paper({ run }: { run: RunCard }) {
  const { when } = useTimes();
  const units = useUnits();
  const { endMinute, checks } = planOf(run, houseNow());
  return (
    <div className={css.paper}>
      <p className="no-print">
        <Link to={`/bench?run=${run.run}`}>Back to the acclimation</Link>{' '}
        <Button variant="plain" onClick={() => window.print()}>
          Print
        </Button>
      </p>
      <article className={css.paperSheet}>
        <Heading run={run} />
        <Steps run={run} endMinute={endMinute} />
        {checks.length > 0 && <Checks run={run} checks={checks} />}
        {run.events.length + run.readings.length > 0 && (
          <section>
            <h2>Until now</h2>
            <ul className={css.paperBeen}>
              {happenedTo(run, units).map(({ key, atMs, by, says }) => (
                <li key={key}>
                  <span className="num">{when(atMs)}</span> {says} ({by})
                </li>
              ))}
            </ul>
          </section>
        )}
      </article>
    </div>
  );
}

function Heading({ run }: { run: RunCard }) {
  const { house } = useMe();
  const { when } = useTimes();
  const units = useUnits();
  const { started, startedAtMs } = run;
  return (
    <header>
      <h1>{METHOD_TITLES[run.method]}</h1>
      <p>
        {house.name} · {capital(started.vessel.name)}, {units.say('volume', started.vessel.capacityL)}, overflow {started.vessel.overflow} ·
        begun {when(startedAtMs)} by {run.by}
        {run.watcher ? ` · watched by ${run.watcher.name}` : ''}
      </p>
      <p className={css.paperBig}>
        {run.n} {run.lotLabel} for {run.tank.code}
      </p>
      <p>
        From {run.from.map(({ label, n }) => `${label} (${n})`).join(', ')}
        {run.from.length > 1 ? ', pooled' : ''}. {units.say('salinity', started.start.salinity)} to{' '}
        {units.say('salinity', started.water.salinity)}, {units.say('temperature', started.start.temperature)} to{' '}
        {units.say('temperature', started.water.temperature)}.
      </p>
      {started.bath && (
        <p>
          {started.bath.label}: {bathDose(started.bath.dose, started.bath.litres).arithmetic}, for {started.bath.minutes} min. The value is
          the label’s as entered: follow the label, the local rules and a veterinarian.
        </p>
      )}
    </header>
  );
}

function Steps({ run, endMinute }: { run: RunCard; endMinute: number | undefined }) {
  const { when } = useTimes();
  const units = useUnits();
  const { started, startedAtMs } = run;
  const lines = sheetOf(started);
  const cautions = [...new Set(lines.flatMap((line) => line.cautions))];
  return (
    <section>
      <h2>Steps</h2>
      <ol className={css.paperSteps}>
        {lines.map((line) => {
          const done = tickedOf(run, line.line);
          return (
            <li key={line.line}>
              <span className={css.paperBox}>{done ? '✓' : ''}</span>
              <span>{sayLine(line, units)}</span>
              <span className="num">{when(done?.atMs ?? startedAtMs + line.atMinute * MINUTE_MS)}</span>
            </li>
          );
        })}
        <li>
          <span className={css.paperBox} />
          <span>Read vessel and {run.tank.code} with the same meter, then net out, count right in the net</span>
          <span className="num">{endMinute === undefined ? '' : when(startedAtMs + endMinute * MINUTE_MS)}</span>
        </li>
      </ol>
      {cautions.length > 0 && (
        <ul className={css.paperCautions}>
          {cautions.map((caution) => (
            <li key={caution}>
              <b>{CAUTION_WORDS[caution][0]}</b>: {CAUTION_WORDS[caution][1]}.
            </li>
          ))}
          <li>
            <b>Stop</b>: gasping at the surface, rolling, lying and breathing fast. Air on, and out if it does not ease within two minutes.
          </li>
        </ul>
      )}
    </section>
  );
}

function Checks({ run: { startedAtMs }, checks }: { run: RunCard; checks: readonly { minute: number; ppt: number }[] }) {
  const { when } = useTimes();
  return (
    <section>
      <h2>Checks and readings</h2>
      <table className={css.paperTable}>
        <thead>
          <tr>
            {HEADINGS.map((heading) => (
              <th key={heading}>{heading}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {checks.map(({ minute, ppt }) => (
            <tr key={minute}>
              <td className="num">{when(startedAtMs + minute * MINUTE_MS)}</td>
              <td className="num">{ppt.toFixed(1)}</td>
              {Array.from({ length: HEADINGS.length - 2 }, (_, index) => (
                <td key={index} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
