// Before the float: whose bag it is and where it goes; afloat, or let out at once.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { BenchBag } from '#contract/views.ts';
import { isSoft } from '#core/dock/index.ts';
import { useKept } from '../parts/useKept.ts';
import { ChosenMethod } from '../methods/ChosenMethod.tsx';
import type { FloatFields } from './draft.ts';
import { FloatForm } from './FloatForm.tsx';
import { Urgency } from './FloatSays.tsx';
import { ReleaseForm } from './ReleaseForm.tsx';

/** `others` = bags of its lot for the same tank that wait as it does. */
export function FloatCard({ bag, others = [] }: { bag: BenchBag; others?: readonly BenchBag[] }) {
  const [said, setSaid] = useKept<Partial<FloatFields>>(`float ${bag.bag} ${bag.tank!.id}`, 'said', {});
  const [byHand, setByHand] = useState(false);
  // Fish in clean water are netted from there: nothing is left to float.
  const urgent =
    bag.clean !== undefined || (bag.landed !== undefined && (isSoft(bag.landed.bagCondition) || bag.landed.condition === 'critical'));
  return (
    <>
      <p className="soft tight">
        {bag.crateLabel} · {bag.label} · for {bag.tank!.code} · <Link to={`/room?bag=${bag.bag}`}>another tank</Link>
        {!byHand && !urgent && (
          <Button variant="link" className="btn-quiet" onClick={() => setByHand(true)}>
            let out now without floating
          </Button>
        )}
      </p>
      <p className="big">
        <span className="num">{bag.alive}</span> {bag.lotLabel} <span className="soft">into {bag.tank!.code}</span>
      </p>
      <ChosenMethod bag={bag} />
      <Urgency bag={bag} />
      {byHand || urgent ? (
        <ReleaseForm bag={bag} onBack={urgent ? undefined : () => setByHand(false)} />
      ) : (
        <FloatForm bag={bag} others={others} said={said} onChange={(more) => setSaid((now) => ({ ...now, ...more }))} />
      )}
    </>
  );
}
