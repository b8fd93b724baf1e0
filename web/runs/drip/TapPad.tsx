// The drip by tapping along with its drops, or by what was caught in a measure: mL/min with its band, where it leads, which way to turn the knot.
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { RunCard } from '#contract/views.ts';
import {
  airlineOf,
  trajectoryOf,
  dripTurn,
  DROPS_WANTED,
  flowFromCatch,
  flowFromTaps,
  nextOf,
  runFactsOf,
  standingOf,
  turnTo,
  type Followed,
  type RunAction,
  type SheetLine,
} from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { DROPS_PER_ML } from '#core/water/index.ts';
import { houseNow } from '../../data/clock.ts';
import { useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { Figured } from '../../figured/Figured.tsx';
import { tapsFigure } from '../../figured/place.ts';
import { useKey } from '../../keys/useKey.ts';
import { ActButton } from '../../parts/ActButton.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { CAUTION_WORDS, FLOW_FROM_WORDS, sayFlow } from '../../words/runs.ts';
import { countdown } from '../../words/text.ts';
import { useRunAction } from '../useRunAction.ts';
import css from './drip.module.scss';
import { TooFast } from './TooFast.tsx';

type Flow = Extract<RunAction, { do: 'flow' }>;
type Props = { run: RunCard; followed?: Followed; lines: readonly SheetLine[]; now: number };
const SECONDS = ['30', '60', '120'] as const;
/** A pause this long begins a new count, ms. */
const FORGET_MS = 8_000;

export function TapPad({ run, followed, lines, now }: Props) {
  const worked = useRunAction(run);
  const [taps, setTaps] = useState<number[]>([]);
  const [mL, setML] = useState('');
  const [seconds, setSeconds] = useState<(typeof SECONDS)[number]>('60');
  const facts = useMemo(() => runFactsOf(run), [run]);
  const airline = airlineOf(facts.actions);
  const tapped = flowFromTaps(taps, airline);
  const amount = Number(mL.replace(',', '.'));
  const caught = mL.trim() !== '' && amount > 0 && amount < 10_000 ? flowFromCatch({ mL: amount, seconds: Number(seconds) }) : undefined;
  // When the finger came down by this device's own even clock: a busy page handles it late, and a frozen house clock would tell no interval.
  const tap = (atMs: number) => setTaps((before) => (before.length > 0 && atMs - before.at(-1)! > FORGET_MS ? [atMs] : [...before, atMs]));
  useKey('run.tap', (_key, atMs) => tap(atMs), { inFields: false });
  const { flow: present } = standingOf(run);
  const found = caught ?? (tapped && tapped.wanting === 0 ? tapped : undefined);
  const shown: Flow | undefined = found && {
    do: 'flow',
    mLPerMin: found.mLPerMin,
    low: found.low,
    high: found.high,
    from: caught ? 'caught' : 'taps',
  };
  // A line of the plan that is to be opened now is ticked off by the rate that was measured for it.
  const next = nextOf(lines, facts);
  const due = next.line?.step.do === 'run' && (next.going?.step.do !== 'run' || run.startedAtMs + next.dueMinute * MINUTE_MS <= now);
  const wanted = due && next.line?.step.do === 'run' ? next.line.step.mLPerMin : undefined;
  const write = (did: Flow) => {
    worked(did, due ? next.line!.line : undefined);
    setTaps([]);
    setML('');
  };
  const rate = shown?.mLPerMin ?? present?.mLPerMin ?? 0;
  const turn = wanted !== undefined && rate > 0 ? turnTo(rate, wanted) : dripTurn(lines, facts, rate);
  const first = lines.find(({ step }) => step.do === 'run')?.cautions ?? [];
  return (
    <div>
      {present === undefined && first.length > 0 && (
        <Caution strong>
          {first.map((caution) => (
            <div key={caution}>
              <b>{CAUTION_WORDS[caution][0]}</b>: {CAUTION_WORDS[caution][1]}.
            </div>
          ))}
        </Caution>
      )}
      <button
        type="button"
        className={css.tapPad}
        onPointerDown={(event) => tap(event.timeStamp)}
        onClick={(event) => event.detail === 0 && tap(event.timeStamp)}
      >
        <span className={css.tapDrop} key={taps.length} aria-hidden />
        <b>Tap with each drop</b>
        <span className="soft" aria-live="polite">
          {taps.length === 0
            ? `${DROPS_WANTED} drops tell it; the key t or a volume button taps too`
            : `${taps.length} tapped${tapped && tapped.slips > 0 ? `, ${tapped.slips} left out as slips` : ''}`}
        </span>
        <span className={clsx('num', css.tapRate)}>{tapped ? sayFlow(tapped.mLPerMin) : present ? sayFlow(present.mLPerMin) : '–'}</span>
        <span className="soft">
          {tapped
            ? `between ${sayFlow(tapped.low)} and ${sayFlow(tapped.high)}${tapped.wanting > 0 ? `; ${tapped.wanting} more drops` : ''}`
            : present
              ? FLOW_FROM_WORDS[present.from]
              : 'nothing runs yet'}
        </span>
      </button>
      {tapped && (
        <p className="soft tight">
          How it is told from taps
          <Figured figure={tapsFigure(tapped, { perML: airline.perML, learnt: airline.perML !== DROPS_PER_ML })} />
        </p>
      )}
      <Leads run={run} flow={shown} line={due ? next.line?.line : undefined} followed={followed} now={now} />
      {turn && turn.turn !== 'as it is' && rate > 0 && (
        <p className="warn" role="status">
          {turn.turn === 'looser' ? 'Looser' : 'Tighter'}: {sayFlow(rate)} is to be {sayFlow(turn.toMLPerMin)},{' '}
          {turn.turn === 'looser' ? `${turn.factor.toFixed(1)} times as fast` : `${Math.round((1 - turn.factor) * 100)} % less`}. Turn the
          knot a little, then tap again.
        </p>
      )}
      <div className="field-row">
        <Form.Group controlId="caught-ml">
          <Form.Label className="label">or caught, mL</Form.Label>
          <Form.Control
            inputMode="decimal"
            value={mL}
            maxLength={6}
            onChange={(event) => setML(event.target.value)}
            isInvalid={mL.trim() !== '' && !caught}
          />
        </Form.Group>
        <Chips label="in seconds" options={SECONDS} value={seconds} onChange={setSeconds} />
        {present !== undefined && present.mLPerMin > 0 && (
          <Button variant="plain" onClick={() => write({ do: 'flow', mLPerMin: 0, low: 0, high: 0, from: 'caught' })}>
            Drip shut
          </Button>
        )}
      </div>
      <div className="thumb">
        <ActButton
          pressKey="bench.act"
          disabled={!shown}
          onPress={() => shown && write(shown)}
          hint={due && wanted ? `the plan wants ${sayFlow(wanted)} now` : 'it counts from now on'}
        >
          {shown ? `Write ${sayFlow(shown.mLPerMin)}` : 'Tap or catch first'}
        </ActButton>
      </div>
    </div>
  );
}

/** Where this rate leads: when it is there, when the vessel is full. */
type LeadsProps = {
  run: RunCard;
  flow?: Flow;
  /** Of the plan, that this rate would tick off. */ line?: number;
  followed?: Followed;
  now: number;
};

function Leads({ run, flow, line, followed, now }: LeadsProps) {
  const { when } = useTimes();
  const units = useUnits();
  const trajectory = useMemo(() => {
    if (!flow) return followed;
    const facts = runFactsOf(run);
    const atMs = houseNow();
    return trajectoryOf(
      { ...facts, actions: [...facts.actions, { atMs, line, did: flow }] },
      { now: atMs, parameters: followed?.estimate.parameters },
    );
    // Calculated anew for another rate, not for every second.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [run, flow?.mLPerMin, line, followed]);
  if (!trajectory) return null;
  const { end, fullInMinutes, tankWaterL } = trajectory;
  const { say } = units;
  return (
    <>
      <p className={css.tapLeads}>
        {end
          ? `There about ${when(run.startedAtMs + end.atMinute * MINUTE_MS)}, in ${countdown(run.startedAtMs + end.atMinute * MINUTE_MS - now)}. `
          : 'Never there at this rate, within a day of the plan. '}
        {fullInMinutes === undefined
          ? trajectory.flowMLPerMin > 0
            ? `The vessel is full: what runs in goes ${run.started.vessel.overflow === 'no overflow' ? 'over the rim: pour off first' : run.started.vessel.overflow === 'waste tub' ? 'to the waste tub' : 'back into the tank'}.`
            : ''
          : `Full in ${countdown(fullInMinutes * MINUTE_MS)}${run.started.vessel.overflow === 'no overflow' ? ', then it runs over the rim' : ''}.`}
        {tankWaterL > 0.005 && ` ${say('volume', tankWaterL)} of ${run.tank.code} has run in.`}
      </p>
      <TooFast run={run} trajectory={trajectory} />
    </>
  );
}
