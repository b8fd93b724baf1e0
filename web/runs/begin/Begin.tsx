// The chosen way begun: which vessel, which bags, poured together or apart, who watches. What it will take is shown before anything is poured.
import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate } from 'react-router';
import type { BenchBag, BenchView } from '#contract/views.ts';
import { STARTING_CONTROLS, type AcclimationMethod } from '#core/bench/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../../data/clock.ts';
import type { Draft } from '../../data/house.ts';
import { useMe, useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { ChosenMethod } from '../../methods/ChosenMethod.tsx';
import { ActButton } from '../../parts/ActButton.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { forgetKept, useKept } from '../../parts/useKept.ts';
import { useOverrule } from '../../parts/useOverrule.tsx';
import { NOT_OFFERED_WORDS } from '../../words/bench.ts';
import { METHOD_TITLES, sayFlow, sayLine, sayMinutes } from '../../words/runs.ts';
import { capital } from '../../words/text.ts';
import css from './begin.module.scss';
import { VesselFields, WaterFields } from './BeginFields.tsx';
import type { Begun } from './begun.ts';
import { beginEntries, groupsOf, HOW, judgeBegin, usualFields, type BeginFields, type JudgedBegin } from './draft.ts';

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
  const navigate = useNavigate();
  const { attempt } = useOverrule();
  const now = Math.floor(useHouseNow(MINUTE_MS) / MINUTE_MS) * MINUTE_MS;
  const form = `begin ${bag.bag} ${bag.tank!.id} ${method} ${bag.chosen?.atMs ?? 0}`;
  const { rules } = house;
  const bags = { bag, siblings, method, rules, now };
  const [fields, setFields] = useKept<BeginFields>(form, 'fields', usualFields(bags, units));
  const change = (more: Partial<BeginFields>) => setFields({ ...fields, ...more });
  const { how, name, watcher } = fields;
  const bucket = units.read('volume', fields.holds);
  const bucketL = bucket.ok ? bucket.value : STARTING_CONTROLS.bucketL;
  const begun = useMemo(
    () => groupsOf(bags, fields, bucketL),
    // The bags are those of the view, which change with it; what is only called so changes nothing of the water.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [bag, siblings, how, bucketL, fields.air, fields.ammoniaBinder, fields.floatFirst, method, now, rules],
  );
  const [first] = begun as [Begun, ...Begun[]];
  const judged = judgeBegin(first, fields, { bucketL, now, zone: house.zone, rules });
  const { lines, minutes, rate, long } = judged;
  const begin = () => {
    const { runs, drafts } = beginEntries({ bag, begun, fields, bucketL, checkEveryMin: long ? rules.runs.checkEveryMin : undefined });
    attempt({
      title: METHOD_TITLES[method],
      doing: 'Begin',
      words: `${METHOD_TITLES[method]} begun for ${bag.lotLabel}`,
      drafts: [...(before ?? []), ...drafts],
      onDone: () => {
        forgetKept(form);
        void navigate(runs.length > 1 ? '/bench?runs=all' : `/bench?run=${runs[0]}`);
      },
    });
  };
  return (
    <div className={css.begin}>
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
      {siblings.length > 0 && (
        <Chips label={`${siblings.length + 1} bags of it are here`} options={HOW} value={how} onChange={(how) => change({ how })} />
      )}
      {how === 'all poured together' && (
        <Caution>Poured together nobody can say later which bag a sick fish came from: it is written down as that.</Caution>
      )}
      <VesselFields fields={fields} onChange={change} people={people} long={long} />
      <Against judged={judged} bucketL={bucketL} now={now} watched={watcher !== ''} />
      <WaterFields fields={fields} onChange={change} fromTank={before !== undefined} code={bag.tank!.code} />
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
          disabled={!bucket.ok || name.trim() === '' || judged.tooSmall}
          onPress={begin}
          hint={`about ${sayMinutes(minutes)}${rate?.do === 'run' ? `, the drip begins at ${sayFlow(rate.mLPerMin)}` : ''}; the clock starts`}
        >
          Begin{begun.length > 1 ? ` ${begun.length} runs` : first.from.length > 1 ? `: ${first.from.length} bags into one` : ''}
        </ActButton>
      </div>
    </div>
  );
}

/** What stands against it as the fields are: too small a vessel, steps at night, nobody to watch. */
function Against({ judged, bucketL, now, watched }: { judged: JudgedBegin; bucketL: number; now: number; watched: boolean }) {
  const { house } = useMe();
  const { when } = useTimes();
  const units = useUnits();
  const { waterL, runsInL, atNight, tooSmall, notOffered, spills, long } = judged;
  return (
    <>
      {tooSmall ? (
        <p className="warn">
          The bags hold {units.say('volume', waterL)}: that does not go into {units.say('volume', bucketL)}.
        </p>
      ) : notOffered ? (
        <p className="warn">{capital(NOT_OFFERED_WORDS[notOffered])}.</p>
      ) : (
        spills && (
          <p className="warn">
            {units.say('volume', runsInL)} are to run in, and there is room for {units.say('volume', Math.max(0, bucketL - waterL))}: say
            where the overflow goes, or take a larger vessel.
          </p>
        )
      )}
      {!watched && atNight.length > 0 && (
        <p className="warn">
          {atNight.length === 1 ? 'A step falls' : `${atNight.length} steps fall`} in the night (
          {atNight.map((line) => when(now + line.atMinute * MINUTE_MS)).join(', ')}): name who is there, or take the overnight conversion
          with its one setting.
        </p>
      )}
      {long && !watched && (
        <p className="warn">It lasts past a shift: name who watches it. A check is asked for every {house.rules.runs.checkEveryMin} min.</p>
      )}
    </>
  );
}
