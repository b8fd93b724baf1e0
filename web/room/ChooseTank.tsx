// The bag in hand beside the racks: the tank that was tapped, its reasons, and the choice.
import Button from 'react-bootstrap/Button';
import type { BenchBag, TankCard } from '#contract/views.ts';
import { capital } from '../frame/RunningStrip.tsx';
import { useKey } from '../keys/useKey.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { useOverrule, type Attempt } from '../parts/useOverrule.tsx';
import { sayRefusal } from '../words/refusals.ts';
import { useVoice } from '../data/voice.ts';
import { Key } from '../keys/Key.tsx';

type Props = { bag: BenchBag; tank: TankCard | undefined; onDone: (path: string) => void };

export function ChooseTank({ bag, tank, onDone }: Props) {
  const voice = useVoice();
  const overrule = useOverrule();
  const heads = bag.landed?.alive ?? bag.listed;
  const reasons = tank?.reasons ?? [];
  const putIn = ({ id, code }: TankCard): Attempt => ({
    title: `${bag.lotLabel} in ${code}`,
    doing: `Put it in ${code}`,
    words: `${capital(bag.label)} is to go to ${code}`,
    drafts: [{ kind: 'bag.assigned', payload: { bag: bag.bag, lot: bag.lot, tank: id } }],
    onDone: () => onDone(bag.landed ? `/bench?bag=${bag.bag}` : '/dock'),
  });
  const against = () => tank && overrule.ask(putIn(tank), reasons);
  useKey('room.against', () => against(), { enabled: reasons.length > 0 });
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
          <Button variant="odd" onClick={against}>
            Put it in {tank.code} all the same <Key name="room.against" />
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
          <ActButton pressKey="room.put" onPress={() => overrule.attempt(putIn(tank))} hint={`${heads} ${bag.lotLabel}`}>
            Put it in {tank.code}
          </ActButton>
        </>
      )}
      {overrule.dialog}
    </>
  );
}
