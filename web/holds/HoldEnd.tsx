// The end of a hold: by a keeper when its clock allows it, before that by a lead with a reason.
import Button from 'react-bootstrap/Button';
import type { HoldCard } from '#contract/views.ts';
import { againstSignOff } from '#core/quarantine/index.ts';
import { useMay } from '../data/me.ts';
import { useOverrule, type Attempt } from '../parts/useOverrule.tsx';

export function HoldEnd({ hold: { hold, lot, label, clock } }: { hold: HoldCard }) {
  const overrule = useOverrule();
  const keeper = useMay('keeper');
  const lead = useMay('lead');
  const against = againstSignOff(clock);
  const signOff: Attempt = {
    title: `${label}: ${clock.clean} clean days of ${clock.required}`,
    doing: 'Sign off its hold',
    words: `Hold of ${label} signed off`,
    drafts: [{ kind: 'hold.signedOff', payload: { hold, lot } }],
    onDone: () => undefined,
  };
  return (
    <>
      {against.length === 0 && keeper && (
        <Button variant="plain" onClick={() => overrule.attempt(signOff)} aria-label={`Sign off the hold of ${label}`}>
          Sign off its hold
        </Button>
      )}
      {against.length > 0 && lead && (
        <Button
          variant="quiet"
          className="btn-quiet"
          onClick={() => overrule.ask(signOff, against)}
          aria-label={`End the hold of ${label} early`}
        >
          End its hold early
        </Button>
      )}
    </>
  );
}
