// A first-aid bath begun: clean water like the fish's own first, then what the label says. The amount is worked out from the label, never given.
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { tolerancesOf, type LotInput, type TankInput } from '#core/bench/index.ts';
import { CONDITIONS, type Condition } from '#core/dock/index.ts';
import {
  bathDose,
  BATH_CHECK_MIN,
  BATH_KINDS,
  BATH_MINUTES,
  LABEL_UNITS,
  LONGEST_BATH_MIN,
  MATCHED,
  type BathKind,
  type LabelUnit,
  type RunStarted,
} from '#core/runs/index.ts';
import { newId } from '../data/house.ts';
import { oxygenSolubility } from '#core/water/index.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayStep } from '../words/refusals.ts';
import type { Patient } from './patient.ts';

type Props = { patient: Patient; onBack: () => void };

export function BathForm({ patient, onBack }: Props) {
  const { person } = useMe();
  const units = useUnits();
  const navigate = useNavigate();
  const { attempt } = useOverrule();
  const { input, tank } = patient;
  const form = `bath ${patient.place} ${patient.lot}`;
  const [is, setIs] = useKept<BathKind>(form, 'is', 'dye');
  const [label, setLabel] = useKept(form, 'label', '');
  const [value, setValue] = useKept(form, 'value', '');
  const [unit, setUnit] = useKept<LabelUnit>(form, 'unit', 'mL for each 10 L');
  const [litres, setLitres] = useKept(form, 'litres', '');
  const [minutes, setMinutes] = useKept(form, 'minutes', String(BATH_MINUTES));
  const [some, setSome] = useKept(form, 'some', patient.n);
  const [condition, setCondition] = useKept<Condition>(form, 'condition', patient.condition);
  const [bathC, setBathC] = useKept(form, 'bathC', '');
  const [bathPpt, setBathPpt] = useKept(form, 'bathPpt', '');
  // Somebody may have taken some meanwhile: never more than are there.
  const n = Math.min(some, patient.n);
  /** Their own water; what nobody measured or stated is asked, not guessed. */
  const theirs = (of: 'temperature' | 'salinity'): string => {
    const { source, method } = patient.facts.find((fact) => fact.of === `bag.${of}`)!;
    const within = of === 'salinity' ? units.say('salinity', MATCHED.salinity) : units.sayStep(MATCHED.temperature);
    return source === 'estimated' || source === 'not known'
      ? 'Theirs: nobody has measured it. Measure it first.'
      : `Theirs: ${units.say(of, input.bag[of])}${source === 'stated' ? ', as stated' : ''}${method === 'on the bag' ? ', on the skin of the bag: read its water' : ''}; within ${within}.`;
  };
  const number = Number(value.replace(',', '.'));
  const time = Number(minutes);
  const water = units.read('volume', litres);
  const warmth = units.read('temperature', bathC);
  const salt = units.read('salinity', bathPpt, warmth.ok ? warmth.value : undefined);
  const dose =
    value.trim() !== '' && number > 0 && water.ok && Number.isFinite(number) ? bathDose({ value: number, unit }, water.value) : undefined;
  const ready = dose && water.ok && warmth.ok && salt.ok && label.trim() !== '' && time >= 1 && time <= LONGEST_BATH_MIN;
  const begin = () => {
    if (!ready || !water.ok || !warmth.ok || !salt.ok) return;
    const run = newId();
    const payload: RunStarted = {
      run,
      method: 'first-aid bath',
      lot: patient.lot,
      tank: tank.id,
      from: [{ place: patient.place, n }],
      vessel: { name: 'the bath', capacityL: water.value, overflow: 'no overflow' },
      start: {
        ...input.bag,
        waterL: water.value,
        gasL: 0,
        gas: 'air',
        temperature: warmth.value,
        salinity: salt.value,
        closedHours: 0,
        opening: { is: 'tub' },
        // Clean, and aired before the fish come.
        tan: 0,
        oxygen: oxygenSolubility({ temperature: warmth.value, salinity: salt.value }),
        foul: false,
        soft: false,
      },
      water: input.tank,
      of: { ...input.lot, n, bags: 1 },
      plan: [
        { do: 'air', level: 'gentle' },
        { do: 'wait', minutes: time },
      ],
      // A bath is over by its clock; what differs from the tank then is for the release to say.
      within: { salinity: 60, temperature: 30 },
      watcher: person.id,
      checkEveryMin: BATH_CHECK_MIN,
      bath: {
        is,
        label: label.trim(),
        dose: { value: number, unit },
        litres: water.value,
        minutes: time,
        condition,
        matched: {
          temperature: { bath: warmth.value, fish: input.bag.temperature },
          salinity: { bath: salt.value, fish: input.bag.salinity },
        },
      },
    };
    attempt({
      title: 'First-aid bath',
      doing: 'Begin',
      words: `Bath begun for ${n} ${patient.lotLabel}`,
      drafts: [{ kind: 'acclimation.started', payload }],
      onDone: () => {
        forgetKept(form);
        void navigate(`/bench?run=${run}`);
      },
    });
  };
  return (
    <div className="begin bath-form">
      <p className="soft tight">
        {patient.comesFrom}
        <Button variant="link" className="btn-quiet" onClick={onBack}>
          no bath
        </Button>
      </p>
      <p className="big">
        First-aid bath: <span className="num">{n}</span> {patient.lotLabel}
      </p>
      <Caution strong>
        First clean water with air, as warm and as salt as their own. Then the bath, in that water, with somebody beside it. Gloves; open a
        window; never mix products.
      </Caution>
      <div className="begin-switches">
        {patient.netted && patient.n > 1 && (
          <CountField label={`Of ${patient.n}, into the bath`} value={n} min={1} max={patient.n} onChange={setSome} />
        )}
        <Chips label="What it is" options={BATH_KINDS} value={is} onChange={setIs} odd={(one) => one !== 'dye'} />
        <Chips label="They look" options={CONDITIONS} value={condition} onChange={setCondition} odd={(one) => one !== 'fit'} />
      </div>
      {is !== 'dye' && <Caution>Harsh: only for fish in good shape. Weak fish get clean water, air, and at most a mild dye.</Caution>}
      <div className="begin-fields">
        <Form.Group className="field" controlId="bath-label">
          <Form.Label className="label">Name on the label</Form.Label>
          <Form.Control value={label} maxLength={80} onChange={(event) => setLabel(event.target.value)} />
        </Form.Group>
        <Form.Group className="field" controlId="bath-value">
          <Form.Label className="label">The label says</Form.Label>
          <Form.Control
            inputMode="decimal"
            value={value}
            maxLength={10}
            onChange={(event) => setValue(event.target.value)}
            isInvalid={value.trim() !== '' && !(number > 0)}
          />
        </Form.Group>
        <Form.Group className="field" controlId="bath-unit">
          <Form.Label className="label">of it</Form.Label>
          <Form.Select value={unit} onChange={(event) => setUnit(LABEL_UNITS.find((one) => one === event.target.value) ?? unit)}>
            {LABEL_UNITS.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Form.Select>
        </Form.Group>
        <QuantityField label="Water in the bath" quantity="volume" text={litres} onChange={setLitres} optional />
        <Form.Group className="field" controlId="bath-minutes">
          <Form.Label className="label">Minutes, by the label</Form.Label>
          <Form.Control
            inputMode="numeric"
            value={minutes}
            maxLength={3}
            onChange={(event) => setMinutes(event.target.value)}
            isInvalid={!(time >= 1 && time <= LONGEST_BATH_MIN)}
          />
        </Form.Group>
        <QuantityField
          label="The bath’s water"
          quantity="temperature"
          text={bathC}
          onChange={setBathC}
          optional
          hint={theirs('temperature')}
        />
        <QuantityField label="Its salinity" quantity="salinity" text={bathPpt} onChange={setBathPpt} optional hint={theirs('salinity')} />
      </div>
      {dose && (
        <p className="bath-note" role="status">
          <b className="num">
            {Number(dose.amount.toPrecision(3))} {dose.unit}
          </b>{' '}
          = {dose.arithmetic}.{' '}
          <span className="soft">The value is the label’s, as you entered it. Follow the label, the local rules and a veterinarian.</span>
        </p>
      )}
      {ready && warmth.ok && salt.ok && (
        <AfterBath water={{ temperature: warmth.value, salinity: salt.value }} tank={input.tank} code={tank.code} lot={input.lot} />
      )}
      <div className="thumb">
        <ActButton disabled={!ready} onPress={begin} hint={`out at once when one rolls or gasps; a check every ${BATH_CHECK_MIN} min`}>
          Begin the bath{time >= 1 ? `, ${time} min` : ''}
        </ActButton>
      </div>
    </div>
  );
}

type After = { water: { temperature: number; salinity: number }; tank: TankInput; code: string; lot: LotInput };

/** The other end: from the bath into the tank is a step too. */
function AfterBath({ water, tank, code, lot }: After) {
  const units = useUnits();
  const tolerances = tolerancesOf(lot);
  const ppt = tank.salinity - water.salinity;
  const degrees = tank.temperature - water.temperature;
  const salt = Math.abs(ppt) > (ppt > 0 ? tolerances.salinityStepUp : tolerances.salinityStepDown);
  if (!salt && Math.abs(degrees) <= tolerances.temperatureStep) return null;
  return (
    <Caution strong>
      Out of the bath into {code} is a step of{' '}
      {salt ? sayStep(ppt, (size) => units.say('salinity', size)) : sayStep(degrees, units.sayStep)}: more than they tolerate at once. Bring
      them nearer after the bath, before they are released.
    </Caution>
  );
}
