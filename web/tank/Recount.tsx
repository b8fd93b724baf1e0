// A count by hand: what is found other than the records say is posted as a difference.
import type { TankCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { CountField } from '../parts/CountField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { differing, recountEntries } from './draft.ts';

export function Recount({ tank, onDone }: { tank: TankCard; onDone: () => void }) {
  const { recordAction } = useActions();
  // Of the fish that were on record when it was counted: a sale later it would post a difference that is none.
  const form = `count ${tank.id} ${tank.occupants.map(({ lot, n }) => `${lot}:${n}`).join(' ')}`;
  const [found, setFound] = useKept<Record<string, number>>(form, 'found', {});
  const drafts = recountEntries(tank, found);
  return (
    <div className="tank-form">
      {tank.occupants.map(({ lot, label, n }) => (
        <CountField key={lot} label={label} value={found[lot] ?? n} onChange={(count) => setFound({ ...found, [lot]: count })} />
      ))}
      {differing(tank, found).map(({ lot, label, onRecord, seen }) => (
        <p key={lot} className="warn">
          {label}: {seen < onRecord ? `${onRecord - seen} missing: search for them` : `${seen - onRecord} more than on record`}
        </p>
      ))}
      <ActButton
        disabled={drafts.length === 0}
        onPress={() =>
          void recordAction(`Counted in ${tank.code}`, ...drafts).then(({ status }) => {
            if (status === 'refused') return;
            forgetKept(form);
            onDone();
          })
        }
        hint={drafts.length === 0 ? 'as on record' : undefined}
      >
        This is what is there
      </ActButton>
    </div>
  );
}
