// Net out: how many go into the tank, how many died on the way, how. A count other than the records' is posted as such.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { BenchBag } from '#contract/views.ts';
import { RELEASE_BY, type ReleaseBy } from '#core/bench/index.ts';
import type { Mishap } from '#core/rounds/index.ts';
import { useMe } from '../data/me.ts';
import { useQuarantineAgain } from '../moves/useQuarantineAgain.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { MishapChips } from '../parts/MishapChips.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';
import { capital } from '../words/text.ts';
import { beginsQuarantine, policyFor, releaseEntries, type DueFloat } from './releaseDraft.ts';

/** `early` = the float is not due: it takes a press on the button itself, not any Enter. */
type Props = { bag: BenchBag; floatId?: string; early?: boolean; onBack?: () => void; others?: readonly DueFloat[] };

export function ReleaseForm({ bag, floatId, early = false, onBack, others = [] }: Props) {
  const { house } = useMe();
  const { attempt } = useOverrule();
  const form = `release ${bag.bag}`;
  const [alive, setAlive] = useKept(form, 'alive', bag.alive);
  const [dead, setDead] = useKept(form, 'dead', 0);
  const [by, setBy] = useKept<ReleaseBy>(form, 'by', 'net');
  const [bags, setBags] = useState(1);
  const along = others.slice(0, bags - 1);
  const more = along.reduce((sum, dueFloat) => sum + dueFloat.bag.alive, 0);
  const [mishap, setMishap] = useKept<Mishap | undefined>(form, 'mishap', undefined);
  const quarantineAgain = useQuarantineAgain({ lot: bag.lot, label: bag.lotLabel, into: alive > 0 ? [bag.tank!.id] : [] });
  const found = alive + dead;
  const code = bag.tank!.code;
  const policy = policyFor(bag, house.rules);
  const release = () => {
    const drafts = [
      ...releaseEntries({ bag, floatId, alive, dead, by, mishap, along, policy }),
      // After it: a place is judged by who was in quarantine before.
      ...quarantineAgain.drafts(),
    ];
    attempt(
      knowing(
        {
          title: `${capital(bag.label)} into ${code}`,
          doing: `Net out ${alive + more} all the same`,
          words: `${alive + more} ${bag.lotLabel} in ${code}${dead > 0 ? `, ${dead} dead` : ''}`,
          drafts,
          onDone: () => forgetKept(form),
        },
        quarantineAgain.left,
      ),
    );
  };
  return (
    <div className="release">
      <div className="pair">
        <CountField label="Into the tank" value={alive} onChange={setAlive} />
        <CountField label="Dead in the bag" value={dead} onChange={setDead} />
      </div>
      {found !== bag.alive && (
        <p className="warn" role="status">
          {bag.alive} on record.{' '}
          {found < bag.alive ? `${bag.alive - found} will stand as missing.` : `${found - bag.alive} more will be posted as a difference.`}
        </p>
      )}
      <Chips label="How" options={RELEASE_BY} value={by} onChange={setBy} />
      <MishapChips value={mishap} onChange={setMishap} />
      <Caution>Bag water to the drain, never into the tank or its sump: it carries ammonia and whatever lived in the bag.</Caution>
      {beginsQuarantine(bag, alive) && <p className="soft">Its quarantine begins with this: {policy.days} clear days.</p>}
      {quarantineAgain.box}
      <HowMany label="Bags of it that are due here" single="this bag" of={others.length + 1} value={along.length + 1} onChange={setBags} />
      {along.length > 0 && <p className="soft">Those as they are on record, none dead. One that differs: by itself.</p>}
      <div className="thumb">
        <ActButton
          pressKey={early ? undefined : 'bench.act'}
          disabled={found === 0}
          onPress={release}
          hint="count right in the net before lifting"
        >
          {alive + more > 0
            ? `Net out ${alive + more} into ${code}${along.length > 0 ? `, ${along.length + 1} bags` : ''}`
            : `${dead} dead, none to net out`}
        </ActButton>
        {onBack && (
          <Button variant="plain" onClick={onBack}>
            Float it after all
          </Button>
        )}
      </div>
    </div>
  );
}
