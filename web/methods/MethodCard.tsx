// Which method for this bag: what opening it does, which is least stressful and why, what would change that, what must be measured first. Followed, or
// overruled with a reason; over tolerance, and for a bag whose water nobody knows, only by a lead.
import { clsx } from 'clsx';
import { useMemo, useState, type ComponentProps, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import { knownOf } from '#contract/bench/known.ts';
import type { BenchBag } from '#contract/views.ts';
import { inputOf, tolerancesOf, type Controls, type AcclimationMethod, sentenceOf, sayTime } from '#core/bench/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useRank, useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { CannotBe } from '../parts/CannotBe.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayTurn } from '../words/bench.ts';
import { capital } from '../words/text.ts';
import { Curves } from './Curves.tsx';
import { chooseNow, chosenEntries, type ChosenNow } from './draft.ts';
import { Facts } from './Facts.tsx';
import { Hands, type Standing } from './Hands.tsx';
import { InTheBag } from './InTheBag.tsx';
import { HouseMethod, MethodBars } from './MethodBars.tsx';
import css from './methods.module.scss';
import { useComparison, type Picture } from './useComparison.ts';
import { VerdictHead } from './VerdictHead.tsx';

const DRAWS = 200;
/** The bag ages while it is looked at, but a picture that jumps each minute helps nobody. */
const AGE_STEP_MS = 10 * MINUTE_MS;
const TURNS_SHOWN = 2;

type Props = { bag: BenchBag; siblings: readonly BenchBag[]; onSkip: () => void; onChosen?: () => void };

export function MethodCard({ bag, siblings, onSkip, onChosen }: Props) {
  const { house } = useMe();
  const { ambient } = house.rules;
  const units = useUnits();
  const { recordAction } = useActions();
  const aged = Math.floor(useHouseNow(MINUTE_MS) / AGE_STEP_MS) * AGE_STEP_MS;
  const [controls, setControls] = useState<Partial<Controls>>({ floatWithinC: house.rules.floatWithinC });
  const [standing, setStanding] = useState<Standing>({ opening: { is: 'closed' }, fed: false });
  const [picked, setPicked] = useState<AcclimationMethod>();
  const [why, setWhy] = useState('');
  const { input, facts, doubts, measureFirst } = useMemo(
    () => inputOf({ ...knownOf(bag), now: aged, ambient, controls, ...standing }),
    [bag, aged, ambient, controls, standing],
  );
  const { picture, faults, failed, again } = useComparison({ input, doubts, measureFirst, draws: DRAWS });
  if (failed !== undefined)
    return (
      <>
        <CannotBe what={`What opening ${bag.label} does`} why={failed} onAgain={again} />
        <Facts bag={bag} facts={facts} faults={faults} calculated={{}} />
      </>
    );
  if (!picture) {
    return faults.length === 0 ? <Waiting retry={() => undefined} /> : <Facts bag={bag} facts={facts} faults={faults} calculated={{}} />;
  }
  const now = chooseNow({ picture, input, measureFirst, picked, houseMethods: house.rules.houseMethods });
  if (!now) return <p>No method is possible for this bag as it is described here. Give its water and the bucket.</p>;
  const { comparison, bands, turns } = picture;
  const { ranked, others } = comparison;
  const { verdict, focus, usual, advised, byHouse, houseHere, locks, showTake } = now;
  const say = { warmth: units.sayStep, salt: (ppt: number) => units.say('salinity', ppt) };
  const take = () => {
    const words = `${capital(bag.label)}${siblings.length > 0 ? ` and ${siblings.length} more` : ''}: ${focus.method}`;
    void recordAction(words, ...chosenEntries({ bags: [bag, ...siblings], now, why, controls, standing }));
    onChosen?.();
  };
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label} · {bag.alive} {bag.lotLabel} for {bag.tank!.code} · {bag.clean ? 'in clean water for' : 'closed'}{' '}
        {sayTime(input.bag.closedHours * 60)} · <Link to={`/room?bag=${bag.bag}`}>another tank</Link>
        <Button variant="link" className="btn-quiet" onClick={onSkip}>
          {bag.clean
            ? 'net them into the tank as they are'
            : verdict.is === 'measure first'
              ? 'float it closed meanwhile'
              : 'go on without a method'}
        </Button>
      </p>
      <div className={css.wayBoard}>
        <div className={css.wayLeft}>
          <VerdictHead
            verdict={verdict}
            bag={bag}
            focus={focus}
            picked={picked !== undefined && (focus !== usual || verdict.is === 'measure first')}
            bands={bands}
            says={sentenceOf(focus, input.lot, say)}
            onHelp={(change) => setControls({ ...controls, ...change })}
            onBack={() => setPicked(undefined)}
          />
          <HouseMethod house={byHouse} advised={advised} ranked={ranked} others={others} />
          {showTake && <Take now={now} why={why} onWhy={setWhy} bags={siblings.length + 1} onTake={take} />}
          <MethodBars
            ranked={ranked}
            others={others}
            bands={bands}
            focus={showTake ? focus.method : undefined}
            advised={advised}
            house={houseHere}
            locks={locks}
            onFocus={setPicked}
          />
          {turns && verdict.is !== 'measure first' && <Turns turns={turns} />}
        </div>
        <BagPicture
          bag={bag}
          input={input}
          picture={picture}
          focus={focus.method}
          facts={facts}
          faults={faults}
          hands={
            <>
              <Hands
                open={bag.clean !== undefined}
                standing={standing}
                onStanding={setStanding}
                controls={controls}
                faults={faults}
                onChange={setControls}
              />
              <AirCaution air={controls.air ?? 'none'} ammoniaBinder={controls.ammoniaBinder ?? false} />
            </>
          }
        />
      </div>
    </>
  );
}

type TakeProps = { now: ChosenNow; why: string; onWhy: (why: string) => void; bags: number; onTake: () => void };

/** The method in front, followed or chosen: with a reason where one is asked, over tolerance by a lead alone. */
function Take({ now: { focus, advised, locked, wantsReason }, why, onWhy, bags, onTake }: TakeProps) {
  const lead = useRank('lead');
  return (
    <>
      {locked && (
        <Caution strong>
          {locked === 'over tolerance'
            ? `${capital(focus.method)} is over the tolerance of these fish.`
            : `Nobody knows the bag’s salinity: ${focus.method} may be far over tolerance.`}{' '}
          {lead ? 'Say why you do it all the same.' : 'Only a lead goes on with it.'}
        </Caution>
      )}
      {wantsReason && (!locked || lead) && (
        <Form.Group controlId="way-why" className="field">
          <Form.Label className="label">Why {focus.method}; it stays with the lot</Form.Label>
          <Form.Control value={why} maxLength={300} onChange={(event) => onWhy(event.target.value)} />
        </Form.Group>
      )}
      <div className="thumb">
        <ActButton
          pressKey="bench.act"
          disabled={focus.notOffered !== undefined || (wantsReason && why.trim() === '') || (locked !== undefined && !lead)}
          onPress={onTake}
          hint={bags > 1 ? `for all ${bags} bags of it here` : 'then float, or pour, as it says'}
        >
          {focus.method === advised ? 'Follow' : 'Choose'}: {focus.method}
        </ActButton>
      </div>
    </>
  );
}

function Turns({ turns }: { turns: NonNullable<Picture['turns']> }) {
  const units = useUnits();
  return (
    <p className={clsx('soft', css.wayTurns)}>
      {turns.length === 0
        ? 'No measurement within reach would turn this order.'
        : `A measurement would turn it: ${turns
            .slice(0, TURNS_SHOWN)
            .map((turn) => sayTurn(turn, units))
            .join('; ')}.`}
    </p>
  );
}

type PictureProps = {
  bag: BenchBag;
  input: ReturnType<typeof inputOf>['input'];
  picture: Picture;
  focus: AcclimationMethod;
  facts: ComponentProps<typeof Facts>['facts'];
  faults: ComponentProps<typeof Facts>['faults'];
  hands: ReactNode;
};

function BagPicture({ bag, input, picture: { comparison, bands }, focus, facts, faults, hands }: PictureProps) {
  // Held still between changes: the chart is drawn anew for each that is not.
  const tolerances = useMemo(() => tolerancesOf(input.lot), [input]);
  const measured = useMemo(() => {
    const { pH, salinity, temperature } = bag.readings;
    return { pH: pH?.value, salinity: salinity?.value, temperature: temperature?.value };
  }, [bag.readings]);
  return (
    <div className={css.wayRight}>
      <InTheBag bag={bag} input={input} comparison={comparison} />
      <Curves comparison={comparison} bands={bands} focus={focus} tolerances={tolerances} tank={input.tank} measured={measured} />
      <Facts
        bag={bag}
        facts={facts}
        faults={faults}
        calculated={{ 'bag.pH': comparison.start.pH, 'bag.tan': comparison.start.tan, 'tank.pH': comparison.ranked[0]!.samples.at(-1)!.pH }}
      />
      {hands}
    </div>
  );
}

function AirCaution({ air, ammoniaBinder }: { air: Controls['air']; ammoniaBinder: boolean }) {
  if (air === 'none' || ammoniaBinder) return null;
  return (
    <Caution>
      Air keeps a bucket alive and drives carbon dioxide out, which turns ammonia toxic: ammonia binder first, or out soon. An ammonia
      binder can upset an ammonia test.
    </Caution>
  );
}
