// A count by hand: what is found other than the records say is posted as a difference.
import { useState } from 'react';
import type { TankCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import type { Draft } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { CountField } from '../parts/CountField.tsx';

export function Recount({ tank, onDone }: { tank: TankCard; onDone: () => void }) {
  const { recordAction } = useActions();
  const [found, setFound] = useState<Record<string, number>>({});
  const differing = tank.occupants.filter(({ lot, n }) => found[lot] !== undefined && found[lot] !== n);
  const drafts = differing.map(({ lot, n }): Draft => {
    const seen = found[lot]!;
    return {
      kind: 'stock.counted',
      payload: { place: tank.id, lot, found: seen, onRecord: n, against: seen < n ? 'missing' : 'discrepancy', note: 'recount' },
    };
  });
  return (
    <div className="tank-form">
      {tank.occupants.map(({ lot, label, n }) => (
        <CountField key={lot} label={label} value={found[lot] ?? n} onChange={(count) => setFound({ ...found, [lot]: count })} />
      ))}
      {differing.map(({ lot, label, n }) => (
        <p key={lot} className="warn">
          {label}: {found[lot]! < n ? `${n - found[lot]!} missing: search for them` : `${found[lot]! - n} more than on record`}
        </p>
      ))}
      <ActButton
        disabled={drafts.length === 0}
        onPress={() => void recordAction(`Counted in ${tank.code}`, ...drafts).then(({ status }) => status !== 'refused' && onDone())}
        hint={drafts.length === 0 ? 'as on record' : undefined}
      >
        This is what is there
      </ActButton>
    </div>
  );
}
