// Letting go: both systems read with one meter, how, what becomes of the water, split over tanks with counts that add up, what went wrong, lights.
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import { quarantineClassOf } from '#core/quarantine/index.ts';
import { isConversion, RUN_RELEASE_BY, VESSEL_WATERS, type Followed, type SideBySide } from '#core/runs/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { houseNow } from '../../data/clock.ts';
import { useView } from '../../data/house.ts';
import { useMe, useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { useQuarantineAgain } from '../../moves/useQuarantineAgain.tsx';
import { ActButton } from '../../parts/ActButton.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { MishapChips } from '../../parts/MishapChips.tsx';
import { forgetKept, useKept } from '../../parts/useKept.ts';
import { knowing, useOverrule } from '../../parts/useOverrule.tsx';
import { DARK, DARK_H, releaseEntries, sidesOf, sumOf, type ReleaseSaid } from './draft.ts';
import { ReleaseInto } from './ReleaseInto.tsx';

type Props = { run: RunCard; followed?: Followed; now: number; onBack: () => void; onRead: () => void };

export function Release({ run, followed, now, onBack, onRead }: Props) {
  const { house } = useMe();
  const { when } = useTimes();
  const { attempt } = useOverrule();
  const { data: room } = useView('room');
  const form = `run release ${run.run}`;
  const [said, setSaid] = useKept<ReleaseSaid>(form, 'said', {
    counts: [{ tank: run.tank.id, n: run.n }],
    dead: 0,
    by: 'net',
    water: 'to the drain',
    dark: '4 h',
  });
  const change = (more: Partial<ReleaseSaid>) => setSaid((was) => ({ ...was, ...more }));
  const { into, alive, remaining } = sumOf(said);
  const { dead, by, water, mishap, dark } = said;
  const quarantineAgain = useQuarantineAgain({
    lot: run.lot,
    label: run.lotLabel,
    into: into.map(({ tank }) => tank),
    inQuarantine: !run.holdKnown || run.inQuarantine === true,
  });
  const conversion = isConversion({ method: run.method, fromPpt: run.started.start.salinity, toPpt: run.started.water.salinity });
  const tanks = room?.racks.flatMap((rack) => rack.tanks) ?? [];
  const codeOf = (id: string) => (id === run.tank.id ? run.tank.code : (tanks.find((tank) => tank.id === id)?.code ?? id));
  const policy = house.rules.quarantine[quarantineClassOf({ is: run.kind?.is }, run.tank.type)];
  const opens = !run.holdKnown && alive > 0 && run.tank.purpose !== 'customer';
  const letGo = () => {
    const drafts = releaseEntries(run, said, {
      atMs: houseNow(),
      followed,
      policy: opens ? policy : undefined,
      again: quarantineAgain.drafts(),
    });
    const words = `${into.map(({ tank, n }) => `${n} in ${codeOf(tank)}`).join(', ') || 'none alive'}${dead > 0 ? `, ${dead} dead` : ''}: ${run.lotLabel}`;
    const title = `Release into ${into.map(({ tank }) => codeOf(tank)).join(', ')}`;
    attempt(knowing({ title, doing: 'Release', words, drafts, onDone: () => (forgetKept(form), onBack()) }, quarantineAgain.left));
  };
  return (
    <div className="release">
      <Button variant="link" className="btn-quiet" onClick={onBack}>
        not yet, back to the steps
      </Button>
      {run.tankTouched && (
        <Caution strong>
          {run.tank.code} is not as it was when this began ({run.tankTouched.what}, {when(run.tankTouched.atMs)}, {run.tankTouched.by}):
          read it again before they go in.
        </Caution>
      )}
      <Sides run={run} side={sidesOf(run)} onRead={onRead} />
      <ReleaseInto run={run} said={said} tanks={tanks} codeOf={codeOf} onChange={change} />
      <Chips label="How" options={RUN_RELEASE_BY} value={by} onChange={(by) => change({ by })} />
      {remaining === 0 && (
        <Chips
          label="Its water"
          options={VESSEL_WATERS}
          value={water}
          onChange={(water) => change({ water })}
          odd={(water) => water === 'into the tank'}
        />
      )}
      {remaining > 0 ? (
        <p className="soft">The acclimation goes on with {remaining}.</p>
      ) : water === 'into the tank' ? (
        <Caution strong>Into the tank goes its ammonia and whatever lived in the bag. It is written down as that.</Caution>
      ) : (
        <p className="soft">Where local rules let you drain it.</p>
      )}
      <MishapChips value={mishap} onChange={(mishap) => change({ mishap })} />
      <Chips label="Lights down for" options={DARK} value={dark} onChange={(dark) => change({ dark })} />
      <p className="soft">
        {opens ? `Its quarantine begins with this: ${policy.days} clear days. ` : ''}
        {conversion
          ? 'After a conversion losses come over days: checks at 24 h, 48 h, 7 and 14 days are put on Today.'
          : 'Checks at 1, 4 and 24 h are put on Today.'}
        {dark === 'not' ? '' : ` Today says when the lights come up, ${when(now + DARK_H[dark] * HOUR_MS)}.`}
      </p>
      {quarantineAgain.box}
      <div className="thumb">
        <ActButton
          disabled={alive + dead === 0}
          onPress={letGo}
          hint={`count right in the net before lifting${remaining > 0 ? '' : '; then vessel, net and sink empty of fish?'}`}
        >
          {alive > 0
            ? `Release ${alive} into ${into.map(({ tank }) => codeOf(tank)).join(', ')}${remaining > 0 ? `, ${remaining} stay` : ''}`
            : `${dead} dead, none to release`}
        </ActButton>
      </div>
    </div>
  );
}

/** Vessel and tank by one meter, and whether they came as near as they were meant to. */
function Sides({ run, side, onRead }: { run: RunCard; side: readonly SideBySide[]; onRead: () => void }) {
  const units = useUnits();
  const { within } = run.started;
  if (side.length === 0)
    return (
      <Caution>
        Not read side by side yet: the same meter in vessel and tank, one after the other.{' '}
        <Button variant="link" className="btn-quiet" onClick={onRead}>
          read now
        </Button>
      </Caution>
    );
  const nearest: Partial<Record<SideBySide['quantity'], number>> = { salinity: within.salinity, temperature: within.temperature };
  const far = side.some(({ quantity, vessel, tank }) => Math.abs(vessel - tank) > (nearest[quantity] ?? Infinity));
  return (
    <p className={far ? 'warn' : ''}>
      Side by side:{' '}
      {side
        .map(
          ({ quantity, vessel, tank, instrument }) =>
            `${units.say(quantity, vessel)} here, ${units.say(quantity, tank)} in ${run.tank.code} (${instrument})`,
        )
        .join('; ')}
      {far ? '. That is further apart than it was meant to come.' : '. Near enough.'}
    </p>
  );
}
