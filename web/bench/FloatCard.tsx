// Before the float: how long, from the gap and the bag's water; the step in salinity; what to mind.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { BenchBag } from '#contract/views.ts';
import { floatTime, isSurfaceReading, TEMPERATURE_METHODS, type ReadingMethod, type Parsed, type Reading } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId, type Draft } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ChosenMethod } from '../methods/ChosenMethod.tsx';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { HowMany } from '../parts/HowMany.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { capital } from '../words/text.ts';
import { SalinityStep, Urgency } from './FloatSays.tsx';
import { ReleaseForm } from './ReleaseForm.tsx';

/** `others` = bags of its lot for the same tank that wait as it does. */
export function FloatCard({ bag, others = [] }: { bag: BenchBag; others?: readonly BenchBag[] }) {
  const { house } = useMe();
  const { recordAction } = useActions();
  const units = useUnits();
  const told = bag.temperature === undefined;
  const degrees = (value: number | undefined) => (value === undefined ? '' : units.bare('temperature', value));
  // What the fields begin with: left as it is, it is the house's own reading, not a new one.
  const knownC = bag.temperature?.value ?? bag.stated.temperatureC;
  const known = {
    bagC: knownC,
    bag: degrees(knownC),
    tank: degrees(bag.system!.temperatureC),
    system: bag.waterL === undefined ? '' : units.bare('volume', bag.waterL),
  };
  const [bagText, setBagText] = useState(known.bag);
  const [method, setMethod] = useState<ReadingMethod>(bag.temperature?.method ?? 'folded');
  const [tankText, setTankText] = useState(known.tank);
  const [waterText, setWaterText] = useState(known.system);
  // A tank that was matched to the bag holds another salinity now: written here, it is what the release is judged by.
  const saltWas = units.bare('salinity', bag.system!.salinityPpt);
  const [saltText, setSaltText] = useState(saltWas);
  const salt =
    saltText === saltWas ? asKnown(bag.system!.salinityPpt, saltText) : units.read('salinity', saltText, bag.system!.temperatureC);
  const [byHand, setByHand] = useState(false);
  const [bags, setBags] = useState(1);
  const along = others.slice(0, bags - 1);
  const bagC = bagText === known.bag ? asKnown(known.bagC, bagText) : units.read('temperature', bagText);
  const tankC = tankText === known.tank ? asKnown(bag.system!.temperatureC, tankText) : units.read('temperature', tankText);
  const water = waterText === known.system ? asKnown(bag.waterL, waterText) : units.read('volume', waterText);
  const time =
    bagC.ok && tankC.ok && water.ok && water.value > 0
      ? floatTime({ bagC: bagC.value, tankC: tankC.value, volumeL: water.value, withinC: house.rules.floatWithinC })
      : undefined;
  const urgent = bag.landed !== undefined && (bag.landed.bagCondition === 'soft' || bag.landed.condition === 'critical');
  const isStated = told && bagText !== '' && bagText === known.bag;

  const start = () => {
    if (!bagC.ok || !tankC.ok || !water.ok || !time) return;
    const bagReading: Reading = {
      value: bagC.value,
      typed: bagC.typed,
      method: isStated ? 'label' : method,
      source: isStated ? 'stated' : 'measured',
    };
    const isSetPoint = tankText === known.tank;
    const tankReading: Reading = {
      value: tankC.value,
      typed: tankC.typed,
      method: isSetPoint ? (bag.system!.temperatureMethod ?? 'label') : 'in the water',
      source: isSetPoint && !bag.system!.temperatureMethod ? 'stated' : 'measured',
    };
    const readings: Draft[] = [];
    if (told ? !isStated : bagText !== known.bag)
      readings.push({
        kind: 'reading.taken',
        payload: { subject: { kind: 'bag', id: bag.bag }, quantity: 'temperature', reading: bagReading },
      });
    if (!isSetPoint)
      readings.push({
        kind: 'reading.taken',
        payload: { subject: { kind: 'system', id: bag.system!.id }, quantity: 'temperature', reading: tankReading },
      });
    if (salt.ok && saltText !== saltWas)
      readings.push({
        kind: 'reading.taken',
        payload: {
          subject: { kind: 'system', id: bag.system!.id },
          quantity: 'salinity',
          reading: {
            value: salt.value,
            typed: salt.typed,
            method: 'meter',
            source: 'measured',
            ...(salt.reference ? { reference: salt.reference } : {}),
          },
        },
      });
    const volume = { value: water.value, typed: water.typed, method: 'by eye', source: 'estimated' } as const;
    void recordAction(
      `${capital(bag.label)}${along.length > 0 ? ` and ${along.length} more` : ''} afloat in ${bag.tank!.code}, ${sayMinutes(time.minutes)}`,
      ...readings,
      ...[bag, ...along].map((one): Draft => ({ kind: 'float.started', payload: floatOf(one) })),
    );
    /** Each by its own water and its own temperature; what nobody read of it is taken from this one. */
    function floatOf(one: BenchBag): Extract<Draft, { kind: 'float.started' }>['payload'] {
      const own = one === bag ? undefined : one.temperature;
      const bagTemperature: Reading =
        one === bag
          ? bagReading
          : own
            ? { value: own.value, typed: `${own.value}`, method: own.method, source: 'measured' }
            : { ...bagReading, source: bagReading.source === 'measured' ? 'estimated' : bagReading.source };
      const litres = one === bag || one.waterL === undefined ? volume : { ...volume, value: one.waterL, typed: `${one.waterL}` };
      const { minutes } = floatTime({
        bagC: bagTemperature.value,
        tankC: tankReading.value,
        volumeL: litres.value,
        withinC: house.rules.floatWithinC,
      });
      return {
        floatId: newId(),
        bag: one.bag,
        lot: one.lot,
        tank: bag.tank!.id,
        n: one.alive,
        bagTemperature,
        tankTemperature: tankReading,
        water: litres,
        minutes,
      };
    }
  };

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
        <>
          <div className="float-answer" aria-live="polite">
            {time ? (
              <>
                <span className="minutes num">{sayMinutes(time.minutes)}</span>
                <span>
                  {time.minutes === 0
                    ? `bag and tank are within ${units.sayStep(house.rules.floatWithinC)}: nothing to wait for`
                    : `afloat, an estimate: between ${Math.round(time.low)} and ${Math.round(time.high)} min. Feel the bag before you open it.`}
                  {time.extrapolated && ' This bag is outside the sizes the estimate was made for.'}
                </span>
              </>
            ) : (
              <span className="soft">Give both temperatures and the water in the bag.</span>
            )}
          </div>
          <SalinityStep bag={bag} tankPpt={salt.ok ? salt.value : bag.system!.salinityPpt} />
          <div className="waters">
            <div>
              <QuantityField
                label="Bag"
                quantity="temperature"
                text={bagText}
                onChange={setBagText}
                hint={isStated ? 'Stated by the supplier, not measured.' : undefined}
              />
              <Form.Group className="field" controlId="bag-method">
                <Form.Label className="label">How the bag was read</Form.Label>
                <Form.Select value={method} onChange={(event) => setMethod(event.target.value as ReadingMethod)}>
                  {TEMPERATURE_METHODS.map((one) => (
                    <option key={one}>{one}</option>
                  ))}
                </Form.Select>
              </Form.Group>
              {isSurfaceReading({ method }) && !isStated && (
                <Caution>
                  Read on the bag: its skin and its water are often {units.sayStep(2)} apart. Fold the closed bag round a probe for a
                  minute.
                </Caution>
              )}
            </div>
            <div>
              <QuantityField
                label={`Tank ${bag.tank!.code}`}
                quantity="temperature"
                text={tankText}
                onChange={setTankText}
                hint={
                  bag.system!.temperatureMethod
                    ? `Last reading, ${bag.system!.temperatureMethod}.`
                    : 'What it is set to, not measured today.'
                }
              />
              <QuantityField
                label={`Tank ${bag.tank!.code}, salinity`}
                quantity="salinity"
                text={saltText}
                onChange={setSaltText}
                hint={
                  bag.chosen?.method === 'match, float, net'
                    ? 'Matched to the bag? Write what it is now.'
                    : 'As it was read last, or is set.'
                }
              />
              <QuantityField
                label="Water in the bag"
                quantity="volume"
                text={waterText}
                onChange={setWaterText}
                hint="By eye unless weighed; ± 40 %."
              />
            </div>
          </div>
          <HowMany
            label={`Bags of it for ${bag.tank!.code}`}
            one="this bag"
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
      )}
    </>
  );
}

/** A value as the house has it, not as it was rounded for the field. */
function asKnown(value: number | undefined, typed: string): Parsed {
  return value === undefined ? { ok: false, problem: 'not a number', typed } : { ok: true, value, typed };
}

function sayMinutes(minutes: number): string {
  return `${Math.round(minutes)} min`;
}
