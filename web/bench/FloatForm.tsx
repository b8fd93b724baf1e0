// The float before it begins: both temperatures, the water, the time that they make.
import { clsx } from 'clsx';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { BenchBag } from '#contract/views.ts';
import { isSurfaceReading, TEMPERATURE_METHODS, type ReadingMethod } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Figured } from '../figured/Figured.tsx';
import { floatFigure } from '../figured/water.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { capital } from '../words/text.ts';
import css from './bench.module.scss';
import { fieldsOf, floatEntries, readFloat, type FloatFields, type FloatRead } from './draft.ts';
import { SalinityStep } from './FloatSays.tsx';

type Props = { bag: BenchBag; others: readonly BenchBag[]; said: Partial<FloatFields>; onChange: (more: Partial<FloatFields>) => void };
type FieldsProps = { bag: BenchBag; typed: FloatFields; read: FloatRead; onChange: (more: Partial<FloatFields>) => void };

export function FloatForm({ bag, others, said, onChange }: Props) {
  const withinC = useMe().house.rules.floatWithinC;
  const { recordAction } = useActions();
  const units = useUnits();
  const [bags, setBags] = useState(1);
  const along = others.slice(0, bags - 1);
  const typed = { ...fieldsOf(bag, units), ...said };
  const read = readFloat(bag, said, { units, withinC });
  const { time, salt } = read;
  const start = () => {
    if (!time) return;
    void recordAction(
      `${capital(bag.label)}${along.length > 0 ? ` and ${along.length} more` : ''} afloat in ${bag.tank!.code}, ${sayMinutes(time.minutes)}`,
      ...floatEntries({ bag, along, said, units, withinC }),
    );
  };
  return (
    <>
      <Answer read={read} withinC={withinC} />
      <SalinityStep bag={bag} tankPpt={salt.ok ? salt.value : bag.system!.salinityPpt} />
      <div className={css.waters}>
        <BagFields bag={bag} typed={typed} read={read} onChange={onChange} />
        <TankFields bag={bag} typed={typed} read={read} onChange={onChange} />
      </div>
      <HowMany
        label={`Bags of it for ${bag.tank!.code}`}
        single="this bag"
        of={others.length + 1}
        value={along.length + 1}
        onChange={setBags}
      />
      <div className="thumb">
        <ActButton
          pressKey="bench.act"
          disabled={!time || !salt.ok}
          onPress={start}
          hint="lid closed, lights off, bag clipped so that it does not drift"
        >
          {along.length > 0 ? `Float ${along.length + 1} bags` : 'Start float'}
          {time && time.minutes > 0 ? ` ${sayMinutes(time.minutes)}` : ''}
        </ActButton>
      </div>
    </>
  );
}

function Answer({ read: { time, bagC, tankC, water }, withinC }: { read: FloatRead; withinC: number }) {
  const units = useUnits();
  return (
    <div className={css.floatAnswer} aria-live="polite">
      {time ? (
        <>
          <span className={clsx(css.minutes, 'num')}>{sayMinutes(time.minutes)}</span>
          <span>
            {time.minutes === 0
              ? `bag and tank are within ${units.sayStep(withinC)}: nothing to wait for`
              : `afloat, an estimate: between ${Math.round(time.low)} and ${Math.round(time.high)} min. Feel the bag before you open it.`}
            {time.extrapolated && ' This bag is outside the sizes the estimate was made for.'}
            {bagC.ok && tankC.ok && water.ok && (
              <Figured figure={floatFigure({ bagC: bagC.value, tankC: tankC.value, volumeL: water.value, withinC, time })} />
            )}
          </span>
        </>
      ) : (
        <span className="soft">Give both temperatures and the water in the bag.</span>
      )}
    </div>
  );
}

function BagFields({ typed, read: { isStated }, onChange }: FieldsProps) {
  const units = useUnits();
  return (
    <div>
      <QuantityField
        label="Bag"
        quantity="temperature"
        text={typed.bag}
        onChange={(bag) => onChange({ bag })}
        hint={isStated ? 'Stated by the supplier, not measured.' : undefined}
      />
      <Form.Group className="field" controlId="bag-method">
        <Form.Label className="label">How the bag was read</Form.Label>
        <Form.Select value={typed.method} onChange={(event) => onChange({ method: event.target.value as ReadingMethod })}>
          {TEMPERATURE_METHODS.map((method) => (
            <option key={method}>{method}</option>
          ))}
        </Form.Select>
      </Form.Group>
      {isSurfaceReading({ method: typed.method }) && !isStated && (
        <Caution>
          Read on the bag: its skin and its water are often {units.sayStep(2)} apart. Fold the closed bag round a probe for a minute.
        </Caution>
      )}
    </div>
  );
}

function TankFields({ bag, typed, onChange }: FieldsProps) {
  const { code } = bag.tank!;
  return (
    <div>
      <QuantityField
        label={`Tank ${code}`}
        quantity="temperature"
        text={typed.tank}
        onChange={(tank) => onChange({ tank })}
        hint={bag.system!.temperatureMethod ? `Last reading, ${bag.system!.temperatureMethod}.` : 'What it is set to, not measured today.'}
      />
      <QuantityField
        label={`Tank ${code}, salinity`}
        quantity="salinity"
        text={typed.salt}
        onChange={(salt) => onChange({ salt })}
        hint={bag.chosen?.method === 'match, float, net' ? 'Matched to the bag? Write what it is now.' : 'As it was read last, or is set.'}
      />
      <QuantityField
        label="Water in the bag"
        quantity="volume"
        text={typed.water}
        onChange={(water) => onChange({ water })}
        hint="By eye unless weighed; ± 40 %."
      />
    </div>
  );
}

const sayMinutes = (minutes: number): string => `${Math.round(minutes)} min`;
