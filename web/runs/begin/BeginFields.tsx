// The vessel, who watches it, air and binder: what is asked before a run begins.
import Form from 'react-bootstrap/Form';
import type { BenchView } from '#contract/views.ts';
import { AIR_LEVELS } from '#core/bench/index.ts';
import { OVERFLOWS } from '#core/runs/index.ts';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { PersonPicker } from '../../parts/PersonPicker.tsx';
import { QuantityField } from '../../parts/QuantityField.tsx';
import css from './begin.module.scss';
import { YES_NO, type BeginFields } from './draft.ts';

type Props = { fields: BeginFields; onChange: (more: Partial<BeginFields>) => void };

export function VesselFields({ fields, onChange, people, long }: Props & { people: BenchView['people']; long: boolean }) {
  return (
    <div className={css.beginFields}>
      <Form.Group className="field" controlId="begin-name">
        <Form.Label className="label">Vessel</Form.Label>
        <Form.Control value={fields.name} maxLength={50} onChange={(event) => onChange({ name: event.target.value })} />
      </Form.Group>
      <QuantityField label="Holds" quantity="volume" text={fields.holds} onChange={(holds) => onChange({ holds })} />
      <Form.Group className="field" controlId="begin-overflow">
        <Form.Label className="label">Overflow</Form.Label>
        <Form.Select
          value={fields.overflow}
          onChange={(event) => onChange({ overflow: OVERFLOWS.find((overflow) => overflow === event.target.value) ?? fields.overflow })}
        >
          {OVERFLOWS.map((overflow) => (
            <option key={overflow}>{overflow}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <PersonPicker
        id="begin-watcher"
        label={`Watched by${long ? '' : ', if it is left'}`}
        nobody="whoever is here"
        people={people}
        value={fields.watcher}
        onChange={(watcher) => onChange({ watcher })}
      />
    </div>
  );
}

export function WaterFields({ fields, onChange, fromTank, code }: Props & { fromTank: boolean; code: string }) {
  const { air, ammoniaBinder, floatFirst, overflow } = fields;
  return (
    <>
      <div className={css.beginSwitches}>
        <Chips label="Air" options={AIR_LEVELS} value={air} onChange={(air) => onChange({ air })} />
        <Chips label="Ammonia binder" options={YES_NO} value={ammoniaBinder} onChange={(ammoniaBinder) => onChange({ ammoniaBinder })} />
        {!fromTank && <Chips label="Float first" options={YES_NO} value={floatFirst} onChange={(floatFirst) => onChange({ floatFirst })} />}
      </div>
      {air !== 'none' && ammoniaBinder === 'no' && (
        <Caution>Air keeps them alive and frees ammonia: ammonia binder first, or out soon.</Caution>
      )}
      {overflow === 'into the tank' && (
        <Caution strong>
          What runs over carries the bag’s water, its salt and whatever lived in it into {code}: a waste tub spares it.
        </Caution>
      )}
    </>
  );
}
