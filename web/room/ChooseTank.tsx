// The bag in hand beside the racks: the tank that was tapped, its reasons, and the choice.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { BagCard, BenchBag, QuarantineCard, TankCard } from '#contract/views.ts';
import { isTaken, type CompatibilityReason } from '#core/placement/index.ts';
import { unseenActs, useOutbox, useView } from '../data/house.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { Reasons } from '../parts/Reasons.tsx';
import { knowing, useOverrule, type Attempt } from '../parts/useOverrule.tsx';
import { capital } from '../words/text.ts';
import { NoTankFits } from './NoTankFits.tsx';

type Props = {
  bag: BenchBag;
  tank: TankCard | undefined;
  tanks: readonly TankCard[];
  clocks: ReadonlyMap<string, QuarantineCard>;
  onDone: (path: string) => void;
};

/** How many clear days each of them loses is the clocks' to say. */
function withDays(
  reason: CompatibilityReason,
  { tank, tanks, clocks }: { tank?: TankCard; tanks: readonly TankCard[]; clocks: Props['clocks'] },
): CompatibilityReason {
  if (reason.code !== 'cost.restarts' || !tank) return reason;
  const there = new Map(
    tanks
      .filter(({ system }) => system === tank.system)
      .flatMap(({ occupants }) => occupants.map((occupant) => [occupant.lot, occupant.label])),
  );
  const losing = [...there].flatMap(([lot, label]) => {
    const clear = clocks.get(lot)?.clock.clear;
    return clear === undefined ? [] : [{ label, clear }];
  });
  if (losing.length === 0) return reason;
  const lost = losing.reduce((sum, { clear }) => sum + clear, 0);
  return {
    ...reason,
    facts: { ...reason.facts, lost, who: losing.map(({ label, clear }) => `${label} (${clear} clear days)`).join(', ') },
  };
}

/** Other bags of its lot that have no tank yet, in the order in which they stand; of one on its way, those on their way. */
function useAlike(bag: BenchBag, isLanded: boolean): BagCard[] {
  const { data } = useView('dock');
  return (
    data?.crates
      .flatMap((crate) => crate.bags)
      .filter(
        (otherBag) =>
          otherBag.lot === bag.lot &&
          otherBag.bag !== bag.bag &&
          !otherBag.tank &&
          (isLanded ? otherBag.landed !== undefined : !otherBag.landed && !otherBag.planned) &&
          !otherBag.absent &&
          !otherBag.released &&
          !otherBag.inRun,
      ) ?? []
  );
}

/** Landed is also what this screen has landed and the house has not answered yet. */
function useIsLanded({ bag, landed }: BenchBag): boolean {
  const outbox = useOutbox();
  const justNow = unseenActs(outbox, 0).some(({ entries }) =>
    entries.some((entry) => entry.kind === 'bag.landed' && entry.payload.bag === bag),
  );
  return landed !== undefined || justNow;
}

export function ChooseTank({ bag, tank, tanks, clocks, onDone }: Props) {
  const overrule = useOverrule();
  const isLanded = useIsLanded(bag);
  const others = useAlike(bag, isLanded);
  const [bags, setBags] = useState(1);
  // Of what is on its way a tank is only meant: it is judged anew once it is here.
  const doing = (code: string) => (isLanded ? `Put it in ${code}` : `Keep ${code} for it`);
  const going = [bag, ...others.slice(0, bags - 1)];
  const heads = going.reduce((sum, bag) => sum + (bag.landed?.alive ?? bag.listed), 0);
  const reasons = tank?.reasons ?? [];
  const costs = reasons.filter(isTaken).map((reason) => withDays(reason, { tank, clocks, tanks }));
  const forbidden = reasons.filter((reason) => !isTaken(reason));
  const putIn = ({ id, code }: TankCard): Attempt => ({
    title: `${bag.lotLabel} in ${code}`,
    doing: doing(code),
    words: `${capital(bag.label)}${going.length > 1 ? ` and ${going.length - 1} more are` : ' is'} ${isLanded ? 'to go to' : 'meant for'} ${code}`,
    drafts: going.map((bag) => ({
      kind: isLanded ? 'bag.assigned' : 'bag.planned',
      payload: { bag: bag.bag, lot: bag.lot, tank: id },
    })),
    // Those that are left go on to their own tank.
    onDone: () =>
      onDone(
        bags > 1 && others.length >= going.length
          ? `/room?bag=${others[going.length - 1]!.bag}`
          : isLanded
            ? `/bench?bag=${bag.bag}`
            : '/dock?crate=' + bag.crate,
      ),
  });
  const against = () =>
    tank &&
    overrule.ask(putIn(tank), [
      ...forbidden.map((reason) => ({ ...reason, overrule: 'lead' as const })),
      ...costs.map((reason) => ({ ...reason, overrule: 'keeper' as const })),
    ]);
  useKey('room.against', () => against(), { enabled: forbidden.length > 0 });
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label}
      </p>
      <p>
        <b>
          <span className="num">{heads}</span> {bag.lotLabel}
        </b>
      </p>
      <p className="soft">
        {bag.species ? (
          <i>{bag.species.scientific}</i>
        ) : (
          <>
            heard as {bag.heardAs ?? '?'}: <Link to={`/lot/${bag.lot}?name=1`}>name them</Link>
          </>
        )}
        {bag.sizeCm ? `, ${bag.sizeCm} cm` : ''}
        {bag.tank ? `. Now for ${bag.tank.code}.` : bag.planned ? `. Meant for ${bag.planned.code}.` : ''}
      </p>
      <NoTankFits tanks={tanks} water={bag.kind?.water[0]} />
      {!tank && <p>Tap the tank where it shall live: it floats there too. Hatched tanks say what stands against them.</p>}
      {tank && forbidden.length > 0 && (
        <>
          <h2>Against {tank.code}</h2>
          <Reasons reasons={[...forbidden, ...costs]} />
          <Button variant="odd" onClick={against}>
            {doing(tank.code)} all the same <Key name="room.against" />
          </Button>
        </>
      )}
      {tank && forbidden.length === 0 && (
        <>
          <h2>{costs.length > 0 ? `${tank.code}: what it costs` : `${tank.code}: nothing known against it`}</h2>
          {costs.length > 0 && <Reasons reasons={costs} />}
          <p>
            {tank.occupants.length === 0 ? 'Empty.' : `With ${tank.occupants.map(({ n, label }) => `${n} ${label}`).join(', ')}.`}
            {tank.coming > 0 && ` ${tank.coming} more to come.`}
          </p>
          <HowMany
            label={`Bags of the ${bag.lotLabel} that go there`}
            single="this bag"
            of={others.length + 1}
            value={going.length}
            onChange={setBags}
          />
          <ActButton
            pressKey="room.put"
            onPress={() => overrule.attempt(knowing(putIn(tank), costs))}
            hint={costs.length > 0 ? 'knowing what it costs; it is kept' : `${heads} ${bag.lotLabel}`}
          >
            {doing(tank.code)}
            {costs.length > 0 ? ' knowingly' : ''}
          </ActButton>
        </>
      )}
    </>
  );
}
