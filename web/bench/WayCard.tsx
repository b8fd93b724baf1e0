// Which way for this bag: what opening it does, which way hurts least and why, what would change that. Followed, or overruled with a reason.
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { BenchBag } from '#contract/views.ts';
import { inputOf } from '#core/bench/facts.ts';
import { tolerancesOf } from '#core/bench/figures.ts';
import type { Controls } from '#core/bench/input.ts';
import type { Method } from '#core/bench/methods.ts';
import { houseMethod } from '#core/bench/schools.ts';
import { sentenceOf, sayTime } from '#core/bench/sentence.ts';
import { ammoniaBand } from '#core/water/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useDeeds } from '../data/deed.tsx';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { capital } from '../frame/RunningStrip.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayTurn } from '../words/bench.ts';
import { Curves } from './Curves.tsx';
import { Facts } from './Facts.tsx';
import { Hands, type Standing } from './Hands.tsx';
import { knownOf } from './known.ts';
import { useComparison } from './useComparison.ts';
import { Answer, Ways } from './Ways.tsx';

const DRAWS = 200;
const MINUTE_MS = 60_000;
/** The bag ages while it is looked at, but a picture that jumps each minute helps nobody. */
const AGE_STEP_MS = 10 * MINUTE_MS;
const TURNS_SHOWN = 2;

type Props = { bag: BenchBag; siblings: readonly BenchBag[]; onSkip: () => void; onChosen?: () => void };

export function WayCard({ bag, siblings, onSkip, onChosen }: Props) {
  const { house } = useMe();
  const { around } = house.rules;
  const units = useUnits();
  const { doIt } = useDeeds();
  const now = Math.floor(useHouseNow(MINUTE_MS) / AGE_STEP_MS) * AGE_STEP_MS;
  const [controls, setControls] = useState<Partial<Controls>>({ floatWithinC: house.rules.floatWithinC });
  const [standing, setStanding] = useState<Standing>({ state: { is: 'closed' }, fed: false });
  const [picked, setPicked] = useState<Method>();
  const [why, setWhy] = useState('');
  const { input, facts, doubts } = useMemo(
    () => inputOf({ ...knownOf(bag), now, around, controls, ...standing }),
    [bag, now, around, controls, standing],
  );
  const { picture, faults } = useComparison({ input, doubts, draws: DRAWS });
  // Held still between changes: the chart is drawn anew for each that is not.
  const bears = useMemo(() => tolerancesOf(input.lot), [input]);
  const measured = useMemo(() => {
    const { pH, salinity, temperature } = bag.readings;
    return { pH: pH?.value, salinity: salinity?.value, temperature: temperature?.value };
  }, [bag.readings]);
  if (!picture) {
    return faults.length === 0 ? <Waiting retry={() => undefined} /> : <Facts bag={bag} facts={facts} faults={faults} reckoned={{}} />;
  }
  const { comparison, bands, turns } = picture;
  const { ranked, others, start, closed } = comparison;
  const byNumbers = ranked[0];
  if (!byNumbers) return <p>No method can be had for this bag as it is told here. Give its water and the bucket.</p>;
  const byHouse = houseMethod(house.rules.schools, input.bag, input.lot);
  const focus = [...ranked, ...others].find(({ method }) => method === picked) ?? byNumbers;
  const say = { warmth: units.sayStep, salt: (ppt: number) => units.say('salinity', ppt) };
  const overruled = focus.method !== byNumbers.method && focus.method !== byHouse;
  const take = () => {
    const { method } = focus;
    const entries = [bag, ...siblings].map((one) => ({
      kind: 'method.chosen' as const,
      payload: {
        bag: one.bag,
        lot: one.lot,
        method,
        advised: byNumbers.method,
        ...(byHouse ? { house: byHouse } : {}),
        ...(why.trim() ? { why: why.trim() } : {}),
      },
    }));
    void doIt(`${capital(bag.label)}${siblings.length > 0 ? ` and ${siblings.length} more` : ''}: ${method}`, ...entries);
    onChosen?.();
  };
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label} · {bag.alive} {bag.lotLabel} for {bag.tank!.code} · closed {sayTime(input.bag.closedHours * 60)} ·{' '}
        <Link to={`/room?bag=${bag.bag}`}>another tank</Link>
        <Button variant="link" className="btn-quiet" onClick={onSkip}>
          on without choosing a way
        </Button>
      </p>
      <div className="way-board">
        <div className="way-left">
          <Answer one={focus} best={focus === byNumbers} bands={bands} says={sentenceOf(focus, input.lot, say)} />
          <Disagreement numbers={byNumbers.method} house={byHouse} front={focus === byNumbers} />
          {overruled && (
            <Form.Group controlId="way-why" className="field">
              <Form.Label className="label">Why {focus.method}; it stays with the lot</Form.Label>
              <Form.Control value={why} maxLength={300} onChange={(event) => setWhy(event.target.value)} />
            </Form.Group>
          )}
          <div className="thumb">
            <ActButton
              pressKey="bench.act"
              disabled={overruled && why.trim() === ''}
              onPress={take}
              hint={siblings.length > 0 ? `for all ${siblings.length + 1} bags of it here` : 'then float, or pour, as it says'}
            >
              {focus === byNumbers ? 'Follow' : 'Overrule'}: {focus.method}
            </ActButton>
          </div>
          <Ways ranked={ranked} others={others} bands={bands} focus={focus.method} house={byHouse} onFocus={setPicked} />
          {turns && (
            <p className="soft way-turns">
              {turns.length === 0
                ? 'No measurement within reach would turn this order.'
                : `A measurement would turn it: ${turns
                    .slice(0, TURNS_SHOWN)
                    .map((turn) => sayTurn(turn, units))
                    .join('; ')}.`}
            </p>
          )}
        </div>
        <div className="way-right">
          <p className="way-now">
            In the bag now, {bag.readings.pH && bag.readings.ammonia ? 'measured' : 'an estimate'}: pH {start.pH.toFixed(1)}, ammonia{' '}
            {units.say('ammonia', start.tan)}, of it {start.nh3.toFixed(3)} toxic ({ammoniaBand(start.nh3)}), oxygen{' '}
            {units.say('oxygen', start.oxygen)}.{' '}
            {closed.first
              ? `Closed, ${closed.first.limit} gives out first, after ${sayTime(closed.first.hours * 60)}.`
              : 'Closed, it lasts over 3 days.'}
          </p>
          {input.bag.foul && input.bag.tan === undefined && (
            <Caution strong>Foul water or a dead fish: ammonia is taken as three times the estimate at least, until it is tested.</Caution>
          )}
          <Curves comparison={comparison} bands={bands} focus={focus.method} bears={bears} tank={input.tank} measured={measured} />
          <Facts
            bag={bag}
            facts={facts}
            faults={faults}
            reckoned={{ 'bag.pH': start.pH, 'bag.tan': start.tan, 'tank.pH': byNumbers.samples.at(-1)!.pH }}
          />
          <Hands standing={standing} onStanding={setStanding} controls={controls} faults={faults} onChange={setControls} />
          <AirCaution air={controls.air ?? 'none'} binder={controls.binder ?? false} />
        </div>
      </div>
    </>
  );
}

function Disagreement({ numbers, house, front }: { numbers: Method; house?: Method; front: boolean }) {
  if (!house) return null;
  if (house === numbers) return front ? <p className="soft">The house rule is the same.</p> : null;
  return (
    <p className="warn">
      The house rule for such a bag is {house}; the numbers say {numbers}. Either may be followed.
    </p>
  );
}

function AirCaution({ air, binder }: { air: Controls['air']; binder: boolean }) {
  if (air === 'none' || binder) return null;
  return (
    <Caution>
      Air keeps a bucket alive and drives carbon dioxide out, which turns ammonia toxic: binder first, or out soon. A binder can upset an
      ammonia test.
    </Caution>
  );
}
