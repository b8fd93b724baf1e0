// Letting go: both systems read with one meter, how, what becomes of the water, split over tanks with counts that add up, what went wrong, lights.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { RunCard } from '#contract/views.ts';
import { quarantineClassOf } from '#core/quarantine/index.ts';
import type { Mishap } from '#core/rounds/index.ts';
import {
  trajectoryOf,
  correctedOf,
  isConversion,
  reachedBy,
  runFactsOf,
  RUN_RELEASE_BY,
  sideBySide,
  VESSEL_WATERS,
  type Followed,
  type RunReleaseBy,
  type VesselWater,
} from '#core/runs/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { houseNow } from '../data/clock.ts';
import { useView, newId, type Draft } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { useQuarantineAgain } from '../moves/useQuarantineAgain.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { MishapChips } from '../parts/MishapChips.tsx';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';

type Props = { run: RunCard; followed?: Followed; now: number; onBack: () => void; onRead: () => void };
const DARK = ['not', '2 h', '4 h', 'overnight'] as const;
const DARK_H: Record<(typeof DARK)[number], number> = { not: 0, '2 h': 2, '4 h': 4, overnight: 12 };

/** Readings of the tank since the run began, by quantity, set right like those of the vessel. */
const tankReads = (run: RunCard) =>
  runFactsOf(run).tankSince.flatMap(({ atMs, water, instrument }) =>
    Object.entries(water).map(([quantity, value]) => ({ quantity: quantity as 'salinity', value, instrument, atMs })),
  );

export function Release({ run, followed, now, onBack, onRead }: Props) {
  const { house } = useMe();
  const { when } = useTimes();
  const units = useUnits();
  const { attempt } = useOverrule();
  const { data: room } = useView('room');
  const [counts, setCounts] = useState<{ tank: string; n: number }[]>([{ tank: run.tank.id, n: run.n }]);
  const [dead, setDead] = useState(0);
  /** Undefined until somebody says that some stay: the weakest may go first. */
  const [staying, setStaying] = useState<number>();
  const [by, setBy] = useState<RunReleaseBy>('net');
  const [water, setWater] = useState<VesselWater>('to the drain');
  const [mishap, setMishap] = useState<Mishap>();
  const [dark, setDark] = useState<(typeof DARK)[number]>('4 h');
  const alive = counts.reduce((sum, { n }) => sum + n, 0);
  const quarantineAgain = useQuarantineAgain({
    lot: run.lot,
    label: run.lotLabel,
    into: counts.flatMap(({ tank, n }) => (n > 0 ? [tank] : [])),
    inQuarantine: !run.holdKnown || run.inQuarantine === true,
  });
  const remaining = staying ?? 0;
  const found = alive + dead + remaining;
  const side = sideBySide(correctedOf(run), tankReads(run));
  const within = run.started.within;
  const far = side.filter(
    ({ quantity, vessel, tank }) =>
      Math.abs(vessel - tank) > (quantity === 'salinity' ? within.salinity : quantity === 'temperature' ? within.temperature : Infinity),
  );
  const conversion = isConversion({ method: run.method, fromPpt: run.started.start.salinity, toPpt: run.started.water.salinity });
  const tanks = room?.racks.flatMap((rack) => rack.tanks) ?? [];
  const codeOf = (id: string) => (id === run.tank.id ? run.tank.code : (tanks.find((tank) => tank.id === id)?.code ?? id));
  const policy = house.rules.quarantine[quarantineClassOf({ is: run.kind?.is }, run.tank.type)];
  const opens = !run.holdKnown && alive > 0 && run.tank.purpose !== 'customer';
  const set = (index: number, part: Partial<{ tank: string; n: number }>) =>
    setCounts(counts.map((one, at) => (at === index ? { ...one, ...part } : one)));
  const letGo = () => {
    const atMs = houseNow();
    const facts = runFactsOf(run);
    const trajectory = trajectoryOf(facts, { now: atMs, parameters: followed?.estimate.parameters });
    const into = counts.filter(({ n }) => n > 0);
    const counted: Draft[] =
      found === run.n
        ? []
        : [
            {
              kind: 'stock.counted',
              payload: { place: run.run, lot: run.lot, found, onRecord: run.n, against: found < run.n ? 'missing' : 'discrepancy' },
            },
          ];
    const quarantine: Draft[] = opens
      ? [{ kind: 'quarantine.opened', payload: { quarantine: newId(), lot: run.lot, policy, zero: 'arrival' } }]
      : [];
    const first = into[0]?.tank ?? run.tank.id;
    const drafts: Draft[] = [
      ...counted,
      ...quarantine,
      {
        kind: 'acclimation.released',
        payload: {
          run: run.run,
          lot: run.lot,
          into,
          dead,
          ...(remaining > 0 ? { remaining } : {}),
          by,
          water: remaining > 0 ? 'kept for another' : water,
          side,
          figures: reachedBy(facts, trajectory, { now: atMs, side }),
        },
      },
      ...(mishap && alive > 0 ? [{ kind: 'mishap.recorded' as const, payload: { lot: run.lot, tank: first, n: 1, what: mishap } }] : []),
      ...(DARK_H[dark] > 0 && alive > 0
        ? [{ kind: 'lights.dimmed' as const, payload: { tank: first, untilMs: atMs + DARK_H[dark] * HOUR_MS } }]
        : []),
      // After it: a place is judged by who was in quarantine before.
      ...quarantineAgain.drafts(),
    ];
    const words = `${into.map(({ tank, n }) => `${n} in ${codeOf(tank)}`).join(', ') || 'none alive'}${dead > 0 ? `, ${dead} dead` : ''}: ${run.lotLabel}`;
    const title = `Release into ${into.map(({ tank }) => codeOf(tank)).join(', ')}`;
    attempt(knowing({ title, doing: 'Release', words, drafts, onDone: onBack }, quarantineAgain.left));
  };
  return (
    <div className="release let-go">
      <Button variant="link" className="btn-quiet" onClick={onBack}>
        not yet, back to the steps
      </Button>
      {run.tankTouched && (
        <Caution strong>
          {run.tank.code} is not as it was when this began ({run.tankTouched.what}, {when(run.tankTouched.atMs)}, {run.tankTouched.by}):
          read it again before they go in.
        </Caution>
      )}
      {side.length === 0 ? (
        <Caution>
          Not read side by side yet: the same meter in vessel and tank, one after the other.{' '}
          <Button variant="link" className="btn-quiet" onClick={onRead}>
            read now
          </Button>
        </Caution>
      ) : (
        <p className={far.length > 0 ? 'warn' : ''}>
          Side by side:{' '}
          {side
            .map(
              ({ quantity, vessel, tank, instrument }) =>
                `${units.say(quantity, vessel)} here, ${units.say(quantity, tank)} in ${run.tank.code} (${instrument})`,
            )
            .join('; ')}
          {far.length > 0 ? '. That is further apart than it was meant to come.' : '. Near enough.'}
        </p>
      )}
      {counts.map(({ tank, n }, index) => (
        <div className="pair let-into" key={index}>
          <CountField label={`Into ${codeOf(tank)}`} value={n} onChange={(value) => set(index, { n: value })} />
          {index > 0 && (
            <>
              <Form.Select aria-label={`Tank ${index + 1}`} value={tank} onChange={(event) => set(index, { tank: event.target.value })}>
                {tanks.map((one) => (
                  <option key={one.id} value={one.id} disabled={counts.some((other, at) => at !== index && other.tank === one.id)}>
                    {one.code}
                  </option>
                ))}
              </Form.Select>
              <Button variant="plain" onClick={() => setCounts(counts.filter((_, at) => at !== index))}>
                not there
              </Button>
            </>
          )}
          {index === 0 && <CountField label="Dead in it" value={dead} onChange={setDead} />}
        </div>
      ))}
      <Button
        variant="link"
        className="btn-quiet"
        disabled={tanks.length === 0}
        onClick={() => {
          const free =
            tanks.find((tank) => !counts.some((one) => one.tank === tank.id) && tank.system === run.tank.system) ??
            tanks.find((tank) => !counts.some((one) => one.tank === tank.id));
          if (free) setCounts([...counts, { tank: free.id, n: 0 }]);
        }}
      >
        split over another tank
      </Button>
      {staying === undefined && run.n > 1 && (
        <Button variant="link" className="btn-quiet" onClick={() => setStaying(0)}>
          some stay in it
        </Button>
      )}
      {staying !== undefined && <CountField label="Stay in it" value={staying} max={run.n - 1} onChange={setStaying} />}
      {found !== run.n && (
        <p className="warn" role="status">
          {run.n} on record, this adds up to {found}.{' '}
          {found < run.n ? `${run.n - found} will stand as missing.` : `${found - run.n} more will be posted as a difference.`}
        </p>
      )}
      <Chips label="How" options={RUN_RELEASE_BY} value={by} onChange={setBy} />
      {remaining === 0 && (
        <Chips label="Its water" options={VESSEL_WATERS} value={water} onChange={setWater} odd={(one) => one === 'into the tank'} />
      )}
      {remaining > 0 ? (
        <p className="soft">The acclimation goes on with {remaining}.</p>
      ) : water === 'into the tank' ? (
        <Caution strong>Into the tank goes its ammonia and whatever lived in the bag. It is written down as that.</Caution>
      ) : (
        <p className="soft">Where local rules let you drain it.</p>
      )}
      <MishapChips value={mishap} onChange={setMishap} />
      <Chips label="Lights down for" options={DARK} value={dark} onChange={setDark} />
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
            ? `Release ${alive} into ${counts
                .filter(({ n }) => n > 0)
                .map(({ tank }) => codeOf(tank))
                .join(', ')}${remaining > 0 ? `, ${remaining} stay` : ''}`
            : `${dead} dead, none to release`}
        </ActButton>
      </div>
    </div>
  );
}
