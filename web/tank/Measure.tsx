// How long they are, and a length or an hour at which they are to leave this place.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { StayLimitCard, TankCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useMe } from '../data/me.ts';
import { useVoice } from '../data/voice.ts';
import { readWall } from '../data/wallTime.ts';
import { numberOf, PlainForm } from '../parts/PlainForm.tsx';
import { sayAll } from '../words/refusals.ts';
import { measuredEntry, stayLimitEntry } from './draft.ts';

export function Measure({ tank, stayLimits, onDone }: { tank: TankCard; stayLimits: readonly StayLimitCard[]; onDone: () => void }) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const { zone } = useMe().house;
  const [lot, setLot] = useState(tank.occupants[0]?.lot ?? '');
  const fish = tank.occupants.find((occupant) => occupant.lot === lot);
  if (!fish) return <p className="soft">Nobody lives here.</p>;
  const limit = stayLimits.find((limit) => limit.lot === lot && limit.untilCm !== undefined);
  const place = tank.id;
  return (
    <div className="tank-form">
      {tank.occupants.length > 1 && (
        <Form.Select aria-label="Which fish" value={lot} onChange={(event) => setLot(event.target.value)}>
          {tank.occupants.map((occupant) => (
            <option key={occupant.lot} value={occupant.lot}>
              {occupant.label}
            </option>
          ))}
        </Form.Select>
      )}
      <p className="soft tight">
        {fish.sizeCm ? `${fish.label}: ${fish.sizeCm} cm as last said.` : `Nobody has said how long ${fish.label} are.`}
        {limit && ` To leave at ${limit.untilCm} cm.`}
      </p>
      <PlainForm
        draft={`measure ${lot} ${tank.id}`}
        fields={[{ name: 'sizeCm', type: 'number', label: 'A typical one measures, cm', min: 0.1, max: 300 }]}
        submit="Measured"
        onSubmit={async ({ sizeCm }) => {
          const outcome = await recordAction(`${fish.label} measured`, measuredEntry({ lot, place }, numberOf(sizeCm)));
          if (outcome.status === 'refused') return sayAll(outcome.refusals, outcome.code, voice);
          onDone();
          return undefined;
        }}
      />
      <PlainForm
        draft={`stay ${lot} ${tank.id}`}
        fields={[
          {
            name: 'untilCm',
            type: 'number',
            label: 'To leave here at, cm',
            min: 0.1,
            max: 300,
            optional: true,
            hint: 'measured every week until then',
          },
          { name: 'until', type: 'text', label: 'or on', maxLength: 16, optional: true, hint: '2026-03-05 10:00' },
          { name: 'why', type: 'text', label: 'Why', maxLength: 200 },
        ]}
        submit="They leave then"
        onSubmit={async ({ untilCm, until, why }) => {
          const untilMs = until ? readWall(until, zone) : undefined;
          if (until && untilMs === undefined) return 'Write the hour like 2026-03-05 10:00.';
          const entry = stayLimitEntry({ lot, place }, { untilCm: untilCm ? numberOf(untilCm) : undefined, untilMs, why: why! });
          const outcome = await recordAction(`${fish.label} leave ${tank.code} ${until || `at ${untilCm} cm`}`, entry);
          if (outcome.status === 'refused') return sayAll(outcome.refusals, outcome.code, voice);
          onDone();
          return undefined;
        }}
      />
    </div>
  );
}
