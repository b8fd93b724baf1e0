// One run in front: what is in the vessel now and when it is done, what hands do next, and beside it the drip, readings, signs, watch.
import { clsx } from 'clsx';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { BenchView, RunCard } from '#contract/views.ts';
import { nextOf, runFactsOf, sheetOf, type Followed, type Disagreement } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useTimes } from '../data/me.ts';
import { useKey } from '../keys/useKey.ts';
import { CannotBe } from '../parts/CannotBe.tsx';
import { METHOD_TITLES } from '../words/runs.ts';
import { capital } from '../words/text.ts';
import { TapPad } from './drip/TapPad.tsx';
import { TooFast } from './drip/TooFast.tsx';
import { Curve } from './picture/Curve.tsx';
import { Figures, NowLine } from './picture/NowLine.tsx';
import { useFollowed } from './picture/useFollowed.ts';
import { Apart } from './read/Disagreements.tsx';
import { Reads } from './read/Reads.tsx';
import { Release } from './release/Release.tsx';
import css from './runs.module.scss';
import { Also } from './steps/Also.tsx';
import { BathNote } from './steps/BathNote.tsx';
import { useHappened } from './steps/happened.ts';
import { NextStep } from './steps/NextStep.tsx';
import { Sheet } from './steps/Sheet.tsx';
import { Signs } from './watch/Signs.tsx';
import { Watch } from './watch/Watch.tsx';

// Drawn anew when something of the run changed, not with every second of its clock.
const [StillSheet, StillCurve, Disagreements, StillReads, StillTooFast] = [
  memo(Sheet),
  memo(Curve),
  memo(Apart),
  memo(Reads),
  memo(TooFast),
];
const StillAlso = memo(Also);
const NONE_PARTED: readonly Disagreement[] = [];

const PANELS = ['steps', 'drip', 'read', 'signs', 'watch'] as const;
type Panel = (typeof PANELS)[number];
type Props = { run: RunCard; people: BenchView['people']; now: number };

export function RunPage({ run, people, now }: Props) {
  const { when } = useTimes();
  const { picture, failed, again } = useFollowed(run);
  const [panel, setPanel] = useState<Panel>('steps');
  const [letting, setLetting] = useState(false);
  const followed = picture?.followed;
  const { lines, next } = useMemo(() => {
    const sheet = sheetOf(run.started);
    return { lines: sheet, next: nextOf(sheet, runFactsOf(run)) };
  }, [run]);
  const open = useCallback((panel: Panel) => {
    setLetting(false);
    setPanel(panel);
  }, []);
  const toRead = useCallback(() => open('read'), [open]);
  const done = isDone(run, followed, now) || next.line === undefined;
  const tabs = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // On a phone what was opened comes up under the thumb.
    if (panel !== 'steps' && window.matchMedia?.('(max-width: 700px)').matches) tabs.current?.scrollIntoView({ block: 'start' });
  }, [panel]);
  useKey('run.read', toRead);
  useKey('run.sign', () => open('signs'));
  const drips = run.started.plan.some((step) => step.do === 'run');
  const panels = PANELS.filter((panel) => panel !== 'drip' || drips);
  return (
    <div className={css.run}>
      <div className={css.runHands}>
        <div className={css.runHead}>
          <p className="soft tight">
            {METHOD_TITLES[run.method]} · {run.started.vessel.name} · since {when(run.startedAtMs)}, {run.by}
            {run.from.length > 1 && ` · ${run.from.length} bags pooled`} · <Link to={`/run/${run.run}/sheet`}>print the sheet</Link>
          </p>
          <p className="big">
            <span className="num">{run.n}</span> {run.lotLabel} <span className="soft">for {run.tank.code}</span>
          </p>
          {(failed ?? run.cannot) !== undefined && (
            <CannotBe what={capital(run.started.vessel.name)} why={failed ?? run.cannot!} onAgain={again} />
          )}
          <NowLine run={run} followed={followed} now={now} />
        </div>
        <div className={css.runWork}>
          {letting ? (
            <Release run={run} followed={followed} now={now} onBack={() => setLetting(false)} onRead={toRead} />
          ) : (
            <>
              <div className={clsx('chips', css.runTabs)} ref={tabs} role="group" aria-label="What is in hand">
                {panels.map((choice) => (
                  <Button
                    key={choice}
                    variant="plain"
                    className={choice === panel ? 'chip-on' : ''}
                    aria-pressed={choice === panel}
                    onClick={() => setPanel(choice)}
                  >
                    {choice}
                  </Button>
                ))}
              </div>
              <div className={css.runPanel} key={panel}>
                {panel === 'steps' && (
                  <>
                    <StillSheet run={run} lines={lines} next={next} />
                    <StillAlso run={run} />
                    {!done && (
                      <Button variant="link" className="btn-quiet" onClick={() => setLetting(true)}>
                        release before it is there
                      </Button>
                    )}
                  </>
                )}
                {panel === 'drip' && <TapPad run={run} followed={followed} lines={lines} now={now} />}
                {panel === 'read' && <StillReads run={run} followed={followed} />}
                {panel === 'signs' && <Signs run={run} followed={followed} now={now} onRelease={() => setLetting(true)} onRead={toRead} />}
                {panel === 'watch' && <Watch run={run} people={people} now={now} />}
              </div>
              {panel === 'steps' && (
                <NextStep run={run} lines={lines} next={next} now={now} done={done} onRelease={() => setLetting(true)} />
              )}
            </>
          )}
        </div>
      </div>
      <div className={css.runPicture}>
        <div className={css.runFacts}>
          <Figures run={run} followed={followed} now={now} />
          {run.started.bath && <BathNote bath={run.started.bath} />}
          {followed && panel !== 'drip' && <StillTooFast run={run} trajectory={followed} />}
          <Disagreements disagreement={picture?.disagreements ?? NONE_PARTED} onRead={toRead} />
        </div>
        <div className={css.runCurves}>
          <StillCurve run={run} followed={followed} />
          <Recent run={run} />
        </div>
      </div>
    </div>
  );
}

/** Near enough to its tank, as calculated; a bath when its time is over. */
function isDone({ startedAtMs, end }: RunCard, followed: Followed | undefined, now: number): boolean {
  const atMs = followed?.end ? startedAtMs + followed.end.atMinute * MINUTE_MS : end?.atMs;
  return atMs !== undefined && atMs <= now;
}

const SHOWN = 6;

/** The last things that happened to it. */
const Recent = memo(function Recent({ run }: { run: RunCard }) {
  const { when } = useTimes();
  const words = useHappened(run).slice(-SHOWN).reverse();
  if (words.length === 0) return null;
  return (
    <ul className={css.runRecent} aria-label="What happened last">
      {words.map(({ key, atMs, by, says }) => (
        <li key={key}>
          <span className="num">{when(atMs)}</span> {capital(says)} <span className="soft">{by}</span>
        </li>
      ))}
    </ul>
  );
});
