// What hands can still change: the picture follows.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { AIR_LEVELS, STARTING_CONTROLS, type BagOpening, type Controls, type InputFault } from '#core/bench/index.ts';
import { useUnits } from '../data/units.ts';
import { FAULT_WORDS } from '../words/bench.ts';
import css from './methods.module.scss';

/** How the bag stands: what hands have done to it so far, and what the supplier says of its last meal. */
export type Standing = { opening: BagOpening; fed: boolean };
const STATES: readonly { says: string; opening: BagOpening }[] = [
  { says: 'closed', opening: { is: 'closed' } },
  { says: 'just opened', opening: { is: 'opened', hours: 0 } },
  { says: 'open 30 min', opening: { is: 'opened', hours: 0.5 } },
  { says: 'open 1 h', opening: { is: 'opened', hours: 1 } },
  { says: 'open 2 h', opening: { is: 'opened', hours: 2 } },
  { says: 'an open tub', opening: { is: 'tub' } },
];
const sayState = (opening: BagOpening) => STATES.find((state) => JSON.stringify(state.opening) === JSON.stringify(opening))!.says;

type Props = {
  /** It stands open on record: nobody says otherwise. */
  open?: boolean;
  standing: Standing;
  onStanding: (standing: Standing) => void;
  controls: Partial<Controls>;
  faults: readonly InputFault[];
  onChange: (controls: Partial<Controls>) => void;
};

const MINUTES = [30, 60, 90, 120] as const;
const HOURS = [12, 18, 24] as const;

export function Hands({ open = false, standing, onStanding, controls, faults, onChange }: Props) {
  const { read, bare, unit } = useUnits();
  const all = { ...STARTING_CONTROLS, ...controls };
  const set = (part: Partial<Controls>) => onChange({ ...controls, ...part });
  const bucket = faults.find(({ field }) => field === 'controls.bucketL');
  return (
    <div className={css.hands} role="group" aria-label="What can still be changed">
      {!open && (
        <Pick
          label="The bag is"
          options={STATES.map(({ says }) => says)}
          value={sayState(standing.opening)}
          onChange={(says) => onStanding({ ...standing, opening: STATES.find((state) => state.says === says)!.opening })}
        />
      )}
      <Switch label="Fed before" on={standing.fed} onChange={(fed) => onStanding({ ...standing, fed })} />
      <Pick label="Air" options={AIR_LEVELS} value={all.air} onChange={(air) => set({ air })} />
      <Switch label="Ammonia binder" on={all.ammoniaBinder} onChange={(ammoniaBinder) => set({ ammoniaBinder })} />
      <Switch label="Float first" on={all.floatFirst} onChange={(floatFirst) => set({ floatFirst })} />
      <Pick
        label="Drip for"
        options={MINUTES}
        say={(minutes) => `${minutes} min`}
        value={all.dripMinutes}
        onChange={(dripMinutes) => set({ dripMinutes })}
      />
      <Pick
        label="Convert in"
        options={HOURS}
        say={(hours) => `${hours} h`}
        value={all.conversionHours}
        onChange={(conversionHours) => set({ conversionHours })}
      />
      <Volume
        label={`Bucket, ${unit('volume')}`}
        value={bare('volume', all.bucketL)}
        wrong={bucket && FAULT_WORDS[bucket.code]}
        onChange={(text) => {
          const parsed = read('volume', text);
          if (parsed.ok) set({ bucketL: parsed.value });
        }}
      />
      <Volume
        label={`Keep, ${unit('volume')}`}
        value={controls.pourOffToL === undefined ? '' : bare('volume', controls.pourOffToL)}
        onChange={(text) => {
          if (text.trim() === '') return set({ pourOffToL: undefined });
          const parsed = read('volume', text);
          if (parsed.ok) set({ pourOffToL: parsed.value });
        }}
      />
      <Volume
        label="mL/min"
        value={controls.dripMLPerMin === undefined ? '' : String(controls.dripMLPerMin)}
        onChange={(text) => {
          const rate = Number(text.replace(',', '.'));
          set({ dripMLPerMin: text.trim() !== '' && rate > 0 && rate <= 5000 ? rate : undefined });
        }}
      />
    </div>
  );
}

type PickProps<T> = { label: string; options: readonly T[]; value: T; say?: (option: T) => string; onChange: (value: T) => void };

function Pick<T extends string | number>({ label, options, value, say = String, onChange }: PickProps<T>) {
  return (
    <label className={css.hand}>
      <span>{label}</span>
      <Form.Select value={value} onChange={(event) => onChange(options.find((option) => String(option) === event.target.value)!)}>
        {options.map((option) => (
          <option key={option} value={option}>
            {say(option)}
          </option>
        ))}
      </Form.Select>
    </label>
  );
}

function Switch({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <Button variant="plain" className={clsx(css.handSwitch, on && 'chip-on')} aria-pressed={on} onClick={() => onChange(!on)}>
      {label}
    </Button>
  );
}

function Volume({ label, value, wrong, onChange }: { label: string; value: string; wrong?: string; onChange: (text: string) => void }) {
  return (
    <label className={css.hand}>
      <span>{label}</span>
      <Form.Control
        defaultValue={value}
        inputMode="decimal"
        autoComplete="off"
        isInvalid={wrong !== undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {wrong && (
        <span className="field-problem" role="alert">
          {wrong}
        </span>
      )}
    </label>
  );
}
