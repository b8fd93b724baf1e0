// The bag in hand beside the racks: the tank that was tapped, its reasons, and the choice.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { BenchBag, TankCard } from '#contract/views.ts';
import type { Overrule, Refusal } from '#core/journal/index.ts';
import { useDeeds } from '../data/deed.tsx';
import { outbox } from '../data/house.ts';
import { capital } from '../frame/RunningStrip.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { OverruleDialog } from '../parts/OverruleDialog.tsx';
import { sayRefusal } from '../words/refusals.ts';
import { useVoice } from '../data/voice.ts';

type Props = { bag: BenchBag; tank: TankCard | undefined; onDone: (path: string) => void };

export function ChooseTank({ bag, tank, onDone }: Props) {
  const { doIt } = useDeeds();
  const voice = useVoice();
  const [against, setAgainst] = useState<Pick<Refusal, 'code' | 'facts'>[]>();
  const heads = bag.landed?.alive ?? bag.listed;
  const reasons = tank?.reasons ?? [];
  const assign = async (overrules?: Overrule[]) => {
    if (!tank) return;
    const outcome = await doIt(`${capital(bag.label)} is to go to ${tank.code}`, {
      kind: 'bag.assigned',
      payload: { bag: bag.bag, lot: bag.lot, tank: tank.id },
      ...(overrules ? { overrules } : {}),
    });
    if (outcome.status === 'refused') {
      // The screen keeps the choice and shows what stands against it: nothing to lay in the tray.
      await outbox.discard(outcome.actId);
      setAgainst(outcome.refusals.some(({ overrule }) => overrule) ? outcome.refusals : undefined);
    } else onDone(bag.landed ? `/bench?bag=${bag.bag}` : '/dock');
  };
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label}
      </p>
      <p className="big-side">
        <b>
          <span className="num">{heads}</span> {bag.lotLabel}
        </b>
      </p>
      <p className="soft">
        {bag.species ? <i>{bag.species.scientific}</i> : `heard as ${bag.heardAs ?? '?'}`}
        {bag.sizeCm ? `, ${bag.sizeCm} cm` : ''}
        {bag.tank ? `. Now for ${bag.tank.code}.` : ''}
      </p>
      {!tank && <p>Tap the tank where it shall live: it floats there too. Hatched tanks say what stands against them.</p>}
      {tank && reasons.length > 0 && (
        <>
          <h2>Against {tank.code}</h2>
          <ul className="reasons">
            {reasons.map((reason) => (
              <li key={reason.code + JSON.stringify(reason.facts)}>{sayRefusal(reason, voice)}</li>
            ))}
          </ul>
          <Button variant="odd" onClick={() => setAgainst(reasons)}>
            Put it in {tank.code} all the same
          </Button>
        </>
      )}
      {tank && reasons.length === 0 && (
        <>
          <h2>{tank.code}: nothing against it</h2>
          <p>
            {tank.occupants.length === 0 ? 'Empty.' : `With ${tank.occupants.map(({ n, label }) => `${n} ${label}`).join(', ')}.`}
            {tank.coming > 0 && ` ${tank.coming} more to come.`}
          </p>
          <ActButton onPress={() => void assign()} hint={`${heads} ${bag.lotLabel}`}>
            Put it in {tank.code}
          </ActButton>
        </>
      )}
      {against && tank && (
        <OverruleDialog
          title={`${bag.lotLabel} in ${tank.code}`}
          doing={`Put it in ${tank.code}`}
          refusals={against}
          onClose={() => setAgainst(undefined)}
          onOverrule={(overrules) => {
            setAgainst(undefined);
            void assign(overrules);
          }}
        />
      )}
    </>
  );
}
