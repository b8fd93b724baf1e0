// The end of a quarantine: by a keeper when its clock allows it, before that by a lead with a reason.
import Button from 'react-bootstrap/Button';
import type { QuarantineCard } from '#contract/views.ts';
import { againstSignOff } from '#core/quarantine/index.ts';
import { useMayWrite, useRank } from '../data/me.ts';
import { useOverrule, type Attempt } from '../parts/useOverrule.tsx';

export function QuarantineEnd({ quarantine: { quarantine, lot, label, clock } }: { quarantine: QuarantineCard }) {
  const overrule = useOverrule();
  const keeper = useMayWrite('quarantine.signedOff');
  const lead = useRank('lead');
  const against = againstSignOff(clock);
  const signOff: Attempt = {
    title: `${label}: ${clock.clear} clear days of ${clock.required}`,
    doing: 'Sign off its quarantine',
    words: `Quarantine of ${label} signed off`,
    drafts: [{ kind: 'quarantine.signedOff', payload: { quarantine, lot } }],
    onDone: () => undefined,
  };
  return (
    <>
      {against.length === 0 && keeper && (
        <Button variant="plain" onClick={() => overrule.attempt(signOff)} aria-label={`Sign off the quarantine of ${label}`}>
          Sign off its quarantine
        </Button>
      )}
      {against.length > 0 && lead && (
        <Button
          variant="quiet"
          className="btn-quiet"
          onClick={() => overrule.ask(signOff, against)}
          aria-label={`End the quarantine of ${label} early`}
        >
          End its quarantine early
        </Button>
      )}
    </>
  );
}
