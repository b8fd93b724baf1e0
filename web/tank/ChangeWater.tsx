// A water change with its source: freshly mixed, or from another tank. From clean tanks to hold, never back.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { TankCard } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { problemOf, QuantityField } from '../parts/QuantityField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';

export function ChangeWater({ tank, onDone }: { tank: TankCard; onDone: () => void }) {
  const units = useUnits();
  const { data: room } = useView('room');
  const overrule = useOverrule();
  const [litres, setLitres] = useState(units.bare('volume', Math.round(tank.volumeL / 5)));
  const [from, setFrom] = useState('');
  const parsed = units.read('volume', litres);
  const tanks = room?.racks.flatMap((rack) => rack.tanks).filter(({ id }) => id !== tank.id) ?? [];
  const source = tanks.find(({ id }) => id === from);
  return (
    <div className="tank-form">
      <QuantityField
        label="How much"
        quantity="volume"
        text={litres}
        onChange={setLitres}
        hint={parsed.ok ? `${Math.round((parsed.value / tank.volumeL) * 100)} % of ${tank.code}` : undefined}
      />
      <Form.Group className="field" controlId="change-from">
        <Form.Label className="label">Filled up with</Form.Label>
        <Form.Select value={from} onChange={(event) => setFrom(event.target.value)}>
          <option value="">freshly mixed water</option>
          {tanks.map(({ id, code, purpose }) => (
            <option key={id} value={id}>
              water of {code} ({purpose})
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Caution>Water may go from clean tanks to hold, never back. Heater off; start no siphon by mouth; hose secured.</Caution>
      <ActButton
        disabled={problemOf('volume', litres, { units }) !== undefined || !parsed.ok}
        onPress={() =>
          parsed.ok &&
          overrule.attempt({
            title: `Water of ${source?.code ?? ''} into ${tank.code}`,
            doing: 'It was done all the same',
            words: `${units.say('volume', parsed.value)} of ${tank.code} changed`,
            drafts: [
              {
                kind: 'water.exchanged',
                payload: {
                  tank: tank.id,
                  litres: parsed.value,
                  source: source ? 'tank' : 'mixed',
                  ...(source ? { fromTank: source.id } : {}),
                },
              },
            ],
            onDone,
          })
        }
      >
        Changed {parsed.ok ? units.say('volume', parsed.value) : ''}
      </ActButton>
    </div>
  );
}
