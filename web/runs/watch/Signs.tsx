// Stop signs: one tap, what to do now, written with the time since the start. What fish do anyway at this hour is told apart.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import {
  actionFor,
  exitOf,
  EXPECTED_SIGNS,
  judgeSign,
  calculatedSigns,
  standingOf,
  STOP_SIGNS,
  type DoNow,
  type Followed,
  type RunAction,
  type RunSign,
} from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../../actions/actions.tsx';
import { useMe, useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { Caution } from '../../parts/Caution.tsx';
import { CountField } from '../../parts/CountField.tsx';
import { DO_NOW_WORDS, sayBack } from '../../words/runs.ts';
import { capital, countdown } from '../../words/text.ts';
import { useRunAction } from '../useRunAction.ts';
import { lossEntry } from './draft.ts';
import css from './watch.module.scss';

type Props = { run: RunCard; followed?: Followed; now: number; onRelease: () => void; onRead: () => void };

export function Signs({ run, followed, now, onRelease, onRead }: Props) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const units = useUnits();
  const [last, setLast] = useState<RunSign>();
  const [dead, setDead] = useState(0);
  const minutes = Math.max(0, (now - run.startedAtMs) / MINUTE_MS);
  const { air, boundUntilMs = -Infinity, flow } = standingOf(run);
  const lines = useMe().house.rules.runs;
  const flowing = flow !== undefined && flow.mLPerMin > 0;
  const exit = followed && exitOf(followed, run.started);
  const judge = (sign: RunSign) =>
    judgeSign(
      sign,
      {
        method: run.method,
        minutes,
        nh3: followed?.now.nh3,
        oxygen: followed?.now.oxygen,
        exit,
        airOn: air !== 'none',
        ammoniaBinder: now < boundUntilMs,
        flowing,
      },
      lines,
    );
  const noted = (sign: RunSign) => {
    setLast(sign);
    void recordAction(`${capital(run.started.vessel.name)}: ${sign}`, { kind: 'acclimation.signSeen', payload: { run: run.run, sign } });
  };
  const done = useRunAction(run);
  const judged = last && judge(last);
  const ahead = followed ? calculatedSigns(followed.samples.slice(followed.nowIndex), run.started.water.temperature, lines) : [];
  const lose = () => {
    void recordAction(`${dead} dead in ${run.started.vessel.name}`, lossEntry(run, dead));
    setDead(0);
  };
  return (
    <div className={css.signs}>
      {judged && last && (
        <div className={clsx(css.signNow, judged.stops && css.stops)} role="alert">
          <p className="big">{capital(last)}</p>
          {judged.expected && (
            <p>
              {judged.expected === 'just after'
                ? 'Expected just after a move.'
                : 'Expected on the first day of a conversion; they rise on the second.'}
            </p>
          )}
          <ol>
            {judged.doNow.map((what) => (
              <li key={what}>
                {DO_NOW_WORDS[what]}
                {what === 'back towards' && exit?.is === 'over' && exit.back && `: ${sayBack(exit.back, units)}`}.
                <Tick what={what} onAction={done} onRelease={onRelease} onRead={onRead} />
              </li>
            ))}
          </ol>
          <p className="soft">Written {countdown(minutes * MINUTE_MS)} after the start.</p>
        </div>
      )}
      <div className="field">
        <span className="label">Stop signs</span>
        <div className="chips grid" role="group" aria-label="Stop signs">
          {STOP_SIGNS.map((sign) => (
            <Button key={sign} variant="odd" onClick={() => noted(sign)}>
              {sign}
            </Button>
          ))}
        </div>
      </div>
      <div className="field">
        <span className="label">Seen, and perhaps to be expected</span>
        <div className="chips grid" role="group" aria-label="Seen, and perhaps to be expected">
          {EXPECTED_SIGNS.map((sign) => (
            <Button key={sign} variant="plain" onClick={() => noted(sign)}>
              {sign}
            </Button>
          ))}
        </div>
      </div>
      {ahead.map(({ sign, atMinute }) => (
        <Caution key={sign}>
          Calculated: {sign} from {when(run.startedAtMs + atMinute * MINUTE_MS)}. {DO_NOW_WORDS[judge(sign).doNow[0]!]}.
        </Caution>
      ))}
      <div className="pair">
        <CountField label="Dead in it" value={dead} max={run.n} onChange={setDead} />
        <Button variant="plain" disabled={dead === 0} onClick={lose}>
          {dead === 0 ? 'None dead' : `Take out ${dead} dead`}
        </Button>
      </div>
    </div>
  );
}

/** What is true when a button is pressed. */
const DONE: Partial<Record<DoNow, string>> = {
  'air on': 'Air is on',
  'ammonia binder in': 'Ammonia binder is in',
  'stop the drip': 'Drip is shut',
  'float the vessel': 'It is afloat',
  'out now': 'Let them out',
  'read ammonia': 'Write the reading',
  'read oxygen': 'Write the reading',
};

/** What to do now, in one tap where it is an action or leads somewhere. */
function Tick({
  what,
  onAction,
  onRelease,
  onRead,
}: {
  what: DoNow;
  onAction: (did: RunAction) => void;
  onRelease: () => void;
  onRead: () => void;
}) {
  const words = DONE[what];
  if (words === undefined) return null;
  const did = actionFor(what);
  const press = () => (did ? onAction(did) : what === 'out now' ? onRelease() : onRead());
  return (
    <Button variant="plain" onClick={press}>
      {words}
    </Button>
  );
}
