// Where a lot's hold stands, and its end: by a keeper once its days are over, before that by a lead with a reason.
import Button from 'react-bootstrap/Button';
import type { Occupant } from '#contract/views.ts';
import { holdDay } from '#core/holds/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useMay, useMe } from '../data/me.ts';
import { useOverrule, type Attempt } from '../parts/useOverrule.tsx';

type Props = { occupant: Occupant & { hold: NonNullable<Occupant['hold']> } };

export function HoldEnd({ occupant: { lot, label, hold } }: Props) {
  const { house } = useMe();
  const now = useHouseNow(60_000);
  const overrule = useOverrule();
  const keeper = useMay('keeper');
  const lead = useMay('lead');
  const { day, over } = holdDay(hold, now, house.zone);
  const signOff: Attempt = {
    title: `${label}: hold at day ${day} of ${hold.days}`,
    doing: 'Sign off its hold',
    words: `Hold of ${label} signed off`,
    drafts: [{ kind: 'hold.signedOff', payload: { hold: hold.id, lot } }],
    onDone: () => undefined,
  };
  return (
    <div className="hold-end">
      <span>
        on hold, day <span className="num">{day}</span> of {hold.days}
        {over && ', its days are over'}
      </span>
      {over && keeper && (
        <Button variant="plain" onClick={() => overrule.attempt(signOff)}>
          Sign off its hold
        </Button>
      )}
      {!over && lead && (
        <Button
          variant="quiet"
          className="btn-quiet"
          onClick={() => overrule.ask(signOff, [{ code: 'hold.notOver', facts: { day, days: hold.days } }])}
        >
          End its hold early
        </Button>
      )}
      {overrule.dialog}
    </div>
  );
}
