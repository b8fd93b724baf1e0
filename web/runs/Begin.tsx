// The chosen way begun: which vessel, which bags, poured together or apart, who watches. What it will take is shown before anything is poured.
import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useNavigate } from 'react-router';
import type { BenchBag, BenchView } from '#contract/views.ts';
import { AIR_LEVELS, STARTING_CONTROLS, type Controls, type AcclimationMethod } from '#core/bench/index.ts';
import { isConversionMethod, OVERFLOWS, sheetOf, type Overflow, type RunStarted } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { newId, type Draft } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ChosenMethod } from '../methods/ChosenMethod.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { PersonPicker } from '../parts/PersonPicker.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { NOT_OFFERED_WORDS } from '../words/bench.ts';
import { METHOD_TITLES, sayFlow, sayLine, sayMinutes } from '../words/runs.ts';
import { capital } from '../words/text.ts';
import { beginGroup, isNight, startingL, type Begun } from './begun.ts';

const HOW = ['this bag', 'all poured together', 'each by itself'] as const;
type How = (typeof HOW)[number];
const YES_NO = ['no', 'yes'] as const;

const usualVessel = (method: AcclimationMethod): { name: string; overflow: Overflow } =>
  isConversionMethod(method)
    ? { name: 'the overflow bucket', overflow: 'waste tub' }
    : method === 'cup exchange'
      ? { name: 'the floated bag', overflow: 'no overflow' }
      : { name: 'a bucket', overflow: 'no overflow' };

type Props = {
  bag: BenchBag;
  method: AcclimationMethod;
  siblings: readonly BenchBag[];
  people: BenchView['people'];
  onBack: () => void;
  /** Fish of a tank: what is written with the beginning. */
  before?: readonly Draft[];
};

export function Begin({ bag, method, siblings, people, onBack, before }: Props) {
  const { house } = useMe();
  const units = useUnits();
  const { when } = useTimes();
  const navigate = useNavigate();
  const { attempt } = useOverrule();
  const now = Math.floor(useHouseNow(MINUTE_MS) / MINUTE_MS) * MINUTE_MS;
  const usual = usualVessel(method);
  const all = [bag, ...siblings];
  const form = `begin ${bag.bag} ${bag.tank!.id} ${method} ${bag.chosen?.atMs ?? 0}`;
  const { floatWithinC, runs: rules } = house.rules;
  const [how, setHow] = useKept<How>(form, 'how', method === 'pooled bucket' && siblings.length > 0 ? 'all poured together' : 'this bag');
  const [name, setName] = useKept(form, 'name', usual.name);
  // What was compared is what begins; it may still be changed here.
  const compared = bag.chosen?.compared;
  const chosen = { ...STARTING_CONTROLS, floatWithinC, ...compared?.controls };
  const [holds, setHolds] = useKept(
    form,
    'holds',
    units.bare(
      'volume',
      method === 'overnight conversion'
        ? startingL(all, now)
        : (compared?.controls.bucketL ?? (method === 'long conversion' ? 12 : chosen.bucketL)),
    ),
  );
  const [overflow, setOverflow] = useKept<Overflow>(form, 'overflow', usual.overflow);
  const [air, setAir] = useKept<Controls['air']>(
    form,
    'air',
    chosen.air === 'none' && (isConversionMethod(method) || method === 'pooled bucket') ? 'gentle' : chosen.air,
  );
  const [ammoniaBinder, setBinder] = useKept<(typeof YES_NO)[number]>(form, 'ammonia binder', chosen.ammoniaBinder ? 'yes' : 'no');
  const [floatFirst, setFloatFirst] = useKept<(typeof YES_NO)[number]>(form, 'floatFirst', chosen.floatFirst ? 'yes' : 'no');
  const [watcher, setWatcher] = useKept(form, 'watcher', '');
  const bucket = units.read('volume', holds);
  const bucketL = bucket.ok ? bucket.value : STARTING_CONTROLS.bucketL;
  const begun = useMemo(() => {
    const controls = {
      ...chosen,
      bucketL,
      air,
      ammoniaBinder: ammoniaBinder === 'yes',
      floatFirst: floatFirst === 'yes',
    };
    const groups = how === 'all poured together' ? [all] : how === 'each by itself' ? all.map((one) => [one]) : [[bag]];
    return groups.map((bags) => beginGroup(bags, { method, controls, now, rules: house.rules, compared }));
    // The bags are those of the view, which change with it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [bag, siblings, how, bucketL, air, ammoniaBinder, floatFirst, method, now, floatWithinC, house.rules]);
  const [first] = begun as [Begun, ...Begun[]];
  const lines = sheetOf({ plan: first.start.plan, vessel: { name, capacityL: bucketL, overflow }, from: first.from });
  // Hands are asked for at these hours of the wall.
  const atNight = lines.filter(({ atMinute }) => atMinute > 0 && isNight(now + atMinute * MINUTE_MS, house.zone));
  const minutes = lines.reduce((sum, line) => sum + line.minutes, 0);
  const waterL = first.start.start.waterL;
  const problem =
    waterL > bucketL
      ? `The bags hold ${units.say('volume', waterL)}: that does not go into ${units.say('volume', bucketL)}.`
      : first.recipe.notOffered && first.recipe.notOffered !== 'one bag'
        ? capital(NOT_OFFERED_WORDS[first.recipe.notOffered]) + '.'
        : undefined;
  const rate = first.start.plan.find((step) => step.do === 'run');
  const runsInL = first.start.plan.reduce((sum, step) => sum + (step.do === 'run' ? (step.mLPerMin * step.minutes) / 1000 : 0), 0);
  const spills = overflow === 'no overflow' && waterL + runsInL > bucketL * 1.001;
  const long = minutes >= rules.longH * 60;
  const begin = () => {
    const ids = begun.map(() => newId());
    const drafts = begun.flatMap(({ from, start }, index): Draft[] => {
      const run = ids[index]!;
      const called = begun.length > 1 ? `${name} ${index + 1}` : name;
      return [
        {
          kind: 'acclimation.started',
          payload: {
            run,
            lot: bag.lot,
            tank: bag.tank!.id,
            from,
            vessel: { name: called, capacityL: bucketL, overflow },
            ...start,
            ...(watcher ? { watcher } : {}),
            ...(long ? { checkEveryMin: rules.checkEveryMin } : {}),
          } satisfies RunStarted,
        },
        // Afloat already: the first line goes on from the first moment.
        ...(start.plan[0]?.do === 'float'
          ? [{ kind: 'acclimation.actionTaken' as const, payload: { run, line: 0, did: { do: 'float' as const } } }]
          : []),
      ];
    });
    attempt({
      title: METHOD_TITLES[method],
      doing: 'Begin',
      words: `${METHOD_TITLES[method]} begun for ${bag.lotLabel}`,
      drafts: [...(before ?? []), ...drafts],
      onDone: () => {
        forgetKept(form);
        void navigate(ids.length > 1 ? '/bench?runs=all' : `/bench?run=${ids[0]}`);
      },
    });
  };
  return (
    <div className="begin">
      <p className="soft tight">
        {bag.crateLabel} · {bag.label} · for {bag.tank!.code} · {!before && <Link to={`/room?bag=${bag.bag}`}>another tank</Link>}
        <Button variant="link" className="btn-quiet" onClick={onBack}>
          another method
        </Button>
      </p>
      <p className="big">
        <span className="num">{first.start.of.n}</span> {bag.lotLabel} <span className="soft">into {bag.tank!.code}</span>
      </p>
      {!before && <ChosenMethod bag={bag} />}
      {siblings.length > 0 && <Chips label={`${all.length} bags of it are here`} options={HOW} value={how} onChange={setHow} />}
      {how === 'all poured together' && (
        <Caution>Poured together nobody can say later which bag a sick fish came from: it is written down as that.</Caution>
      )}
      <div className="begin-fields">
        <Form.Group className="field" controlId="begin-name">
          <Form.Label className="label">Vessel</Form.Label>
          <Form.Control value={name} maxLength={50} onChange={(event) => setName(event.target.value)} />
        </Form.Group>
        <QuantityField label="Holds" quantity="volume" text={holds} onChange={setHolds} />
        <Form.Group className="field" controlId="begin-overflow">
          <Form.Label className="label">Overflow</Form.Label>
          <Form.Select value={overflow} onChange={(event) => setOverflow(OVERFLOWS.find((one) => one === event.target.value) ?? overflow)}>
            {OVERFLOWS.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Form.Select>
        </Form.Group>
        <PersonPicker
          id="begin-watcher"
          label={`Watched by${long ? '' : ', if it is left'}`}
          nobody="whoever is here"
          people={people}
          value={watcher}
          onChange={setWatcher}
        />
      </div>
      {problem && <p className="warn">{problem}</p>}
      {!problem && spills && (
        <p className="warn">
          {units.say('volume', runsInL)} are to run in, and there is room for {units.say('volume', Math.max(0, bucketL - waterL))}: say
          where the overflow goes, or take a larger vessel.
        </p>
      )}
      {!watcher && atNight.length > 0 && (
        <p className="warn">
          {atNight.length === 1 ? 'A step falls' : `${atNight.length} steps fall`} in the night (
          {atNight.map((line) => when(now + line.atMinute * MINUTE_MS)).join(', ')}): name who is there, or take the overnight conversion
          with its one setting.
        </p>
      )}
      {long && !watcher && (
        <p className="warn">It lasts past a shift: name who watches it. A check is asked for every {rules.checkEveryMin} min.</p>
      )}
      <div className="begin-switches">
        <Chips label="Air" options={AIR_LEVELS} value={air} onChange={setAir} />
        <Chips label="Ammonia binder" options={YES_NO} value={ammoniaBinder} onChange={setBinder} />
        {!before && <Chips label="Float first" options={YES_NO} value={floatFirst} onChange={setFloatFirst} />}
      </div>
      {air !== 'none' && ammoniaBinder === 'no' && (
        <Caution>Air keeps them alive and frees ammonia: ammonia binder first, or out soon.</Caution>
      )}
      {overflow === 'into the tank' && (
        <Caution strong>
          What runs over carries the bag’s water, its salt and whatever lived in it into {bag.tank!.code}: a waste tub spares it.
        </Caution>
      )}
      <p className="soft">
        {lines
          .slice(0, 4)
          .map((line) => sayLine(line, units))
          .join('; ')}
        {lines.length > 4 ? ' …' : '.'}
      </p>
      <div className="thumb">
        <ActButton
          pressKey="bench.act"
          disabled={!bucket.ok || name.trim() === '' || waterL > bucketL}
          onPress={begin}
          hint={`about ${sayMinutes(minutes)}${rate?.do === 'run' ? `, the drip begins at ${sayFlow(rate.mLPerMin)}` : ''}; the clock starts`}
        >
          Begin{begun.length > 1 ? ` ${begun.length} runs` : first.from.length > 1 ? `: ${first.from.length} bags into one` : ''}
        </ActButton>
      </div>
    </div>
  );
}
