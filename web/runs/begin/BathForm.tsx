// A first-aid bath begun: clean water like the fish's own first, then what the label says. The amount is worked out from the label, never given.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import { tolerancesOf, type LotInput, type TankInput } from '#core/bench/index.ts';
import { CONDITIONS } from '#core/dock/index.ts';
import { BATH_CHECK_MIN, BATH_KINDS } from '#core/runs/index.ts';
import { useMe } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { ActButton } from '../../parts/ActButton.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { CountField } from '../../parts/CountField.tsx';
import { forgetKept, useKept } from '../../parts/useKept.ts';
import { useOverrule } from '../../parts/useOverrule.tsx';
import { sayStep } from '../../words/refusals.ts';
import runsCss from '../runs.module.scss';
import { bathStarted, emptyBath, readBath, type BathFields as Fields } from './bathDraft.ts';
import { BathFields } from './BathFields.tsx';
import css from './begin.module.scss';
import type { Patient } from './patient.ts';

type Props = { patient: Patient; onBack: () => void };

export function BathForm({ patient, onBack }: Props) {
  const { person } = useMe();
  const units = useUnits();
  const navigate = useNavigate();
  const { attempt } = useOverrule();
  const { input, tank } = patient;
  const form = `bath ${patient.place} ${patient.lot}`;
  const [fields, setFields] = useKept<Fields>(form, 'fields', emptyBath(patient));
  const change = (more: Partial<Fields>) => setFields({ ...fields, ...more });
  const read = readBath(fields, patient, units);
  const { n, dose, ready, minutes } = read;
  const begin = () => {
    if (!ready) return;
    const payload = bathStarted({ patient, fields, read: { ...read, ready }, watcher: person.id });
    attempt({
      title: 'First-aid bath',
      doing: 'Begin',
      words: `Bath begun for ${n} ${patient.lotLabel}`,
      drafts: [{ kind: 'acclimation.started', payload }],
      onDone: () => {
        forgetKept(form);
        void navigate(`/bench?run=${payload.run}`);
      },
    });
  };
  return (
    <div className={clsx(css.begin, css.bathForm)}>
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
      <div className={css.beginSwitches}>
        {patient.netted && patient.n > 1 && (
          <CountField
            label={`Of ${patient.n}, into the bath`}
            value={n}
            min={1}
            max={patient.n}
            of={patient.n}
            onChange={(some) => change({ some })}
          />
        )}
        <Chips label="What it is" options={BATH_KINDS} value={fields.is} onChange={(is) => change({ is })} odd={(bath) => bath !== 'dye'} />
        <Chips
          label="They look"
          options={CONDITIONS}
          value={fields.condition}
          onChange={(condition) => change({ condition })}
          odd={(condition) => condition !== 'fit'}
        />
      </div>
      {fields.is !== 'dye' && (
        <Caution>Harsh: only for fish in good shape. Weak fish get clean water, air, and at most a mild dye.</Caution>
      )}
      <BathFields patient={patient} fields={fields} read={read} onChange={change} />
      {dose && (
        <p className={runsCss.bathNote} role="status">
          <b className="num">
            {Number(dose.amount.toPrecision(3))} {dose.unit}
          </b>{' '}
          = {dose.arithmetic}.{' '}
          <span className="soft">The value is the label’s, as you entered it. Follow the label, the local rules and a veterinarian.</span>
        </p>
      )}
      {ready && <AfterBath water={ready} tank={input.tank} code={tank.code} lot={input.lot} />}
      <div className="thumb">
        <ActButton disabled={!ready} onPress={begin} hint={`out at once when one rolls or gasps; a check every ${BATH_CHECK_MIN} min`}>
          Begin the bath{minutes >= 1 ? `, ${minutes} min` : ''}
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
