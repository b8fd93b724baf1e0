// Readings of the vessel, or of its tank beside it: by hand or from the bench meter; what can hardly be is asked about before it is written.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { METER, type MeterSubject, type InstrumentType } from '#contract/devices.ts';
import type { RunCard } from '#contract/views.ts';
import { askOf, FOLLOWED_QUANTITIES, valueOf, type FollowedQuantity, type Followed } from '#core/runs/index.ts';
import { METHODS, type ReadingMethod } from '#core/water/index.ts';
import { useActions } from '../../actions/actions.tsx';
import { useMe } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { ActButton } from '../../parts/ActButton.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { QuantityField } from '../../parts/QuantityField.tsx';
import { readingEntry } from '../../parts/readingDraft.ts';
import { capital } from '../../words/text.ts';
import { dip, WAY_WORDS, WAYS } from './meter.ts';
import { MeterCheck } from './MeterCheck.tsx';
import css from './read.module.scss';

const USUAL: Record<FollowedQuantity, ReadingMethod> = {
  temperature: 'in the water',
  salinity: 'meter',
  pH: 'meter',
  ammonia: 'test',
  oxygen: 'meter',
};
const POSSIBLE: Record<FollowedQuantity, readonly ReadingMethod[]> = {
  temperature: ['in the water', 'on the bag'],
  salinity: ['meter', 'by eye', 'test'],
  pH: ['meter', 'test'],
  ammonia: ['test', 'meter'],
  oxygen: ['meter', 'test'],
};
const WHERE = ['vessel', 'tank'] as const;

export function Reads({ run, followed }: { run: RunCard; followed?: Followed }) {
  const { house } = useMe();
  const units = useUnits();
  const { recordAction } = useActions();
  const [quantity, setQuantity] = useState<FollowedQuantity>('salinity');
  const [where, setWhere] = useState<(typeof WHERE)[number]>('vessel');
  const [text, setText] = useState('');
  const [method, setMethod] = useState<ReadingMethod>(USUAL.salinity);
  const [meter, setMeter] = useState(METER);
  const [trouble, setTrouble] = useState<string>();
  const [sure, setSure] = useState(false);
  const subject: MeterSubject = where === 'vessel' ? { kind: 'run', id: run.run } : { kind: 'system', id: run.tank.system };
  const choose = (next: FollowedQuantity) => {
    setQuantity(next);
    setMethod(USUAL[next]);
    setText('');
    setSure(false);
  };
  const sample = followed?.now;
  const parsed = units.read(quantity, text, sample?.temperature);
  const calculated =
    where === 'vessel'
      ? sample && valueOf(sample, quantity)
      : { temperature: run.started.water.temperature, salinity: run.started.water.salinity }[quantity as 'temperature'];
  const asked = parsed.ok && calculated !== undefined && !sure ? askOf({ quantity, value: parsed.value, calculated }) : undefined;
  const take = async (way: InstrumentType) => {
    setTrouble(undefined);
    try {
      const shown = await dip(subject, quantity, way);
      setText(shown.typed);
      setMethod(shown.method);
      setMeter(shown.instrument);
      setSure(false);
    } catch {
      setTrouble('The meter does not answer. Read it yourself and type what it shows.');
    }
  };
  const write = (read: Extract<typeof parsed, { ok: true }>) => {
    const place = where === 'vessel' ? capital(run.started.vessel.name) : run.tank.code;
    const instrument = method === 'by eye' ? undefined : meter.trim() || METER;
    void recordAction(`${place}: ${units.say(quantity, read.value)}`, readingEntry({ subject, quantity, method, instrument }, read));
    setText('');
    setSure(false);
  };
  return (
    <div>
      <Chips label="Of" options={FOLLOWED_QUANTITIES} value={quantity} onChange={choose} />
      <div className={css.readsWhere}>
        <Chips label="Where" options={WHERE} value={where} onChange={setWhere} />
        {house.demo && <BenchMeter quantity={quantity} onTake={(way) => void take(way)} />}
      </div>
      {trouble && (
        <p className="field-problem" role="alert">
          {trouble}
        </p>
      )}
      <div className={css.readsFields}>
        <QuantityField
          label={capital(quantity)}
          quantity={quantity}
          text={text}
          onChange={setText}
          optional
          hint={calculated === undefined ? undefined : `Calculated ${units.say(quantity, calculated)}.`}
        />
        <HowRead quantity={quantity} method={method} meter={meter} onMethod={setMethod} onMeter={setMeter} />
      </div>
      {method === 'on the bag' && (
        <Caution>
          Read on its skin: it lies between the water and the room, often {units.sayStep(2)} off. The curve trusts it little.
        </Caution>
      )}
      {asked && parsed.ok && (
        <AskAgain
          quantity={quantity}
          value={parsed.value}
          calculated={calculated!}
          asked={asked}
          onMeant={setText}
          onSure={() => setSure(true)}
        />
      )}
      <div className="thumb">
        <ActButton
          pressKey="bench.act"
          disabled={!parsed.ok || asked !== undefined}
          onPress={() => parsed.ok && write(parsed)}
          hint={where === 'vessel' ? 'the curve follows it' : 'the same meter in both, one after the other'}
        >
          Write it down
        </ActButton>
      </div>
      <MeterCheck run={run} quantity={quantity} meter={meter.trim() || METER} />
    </div>
  );
}

/** The stand-in meter of a demo house. */
function BenchMeter({ quantity, onTake }: { quantity: FollowedQuantity; onTake: (way: InstrumentType) => void }) {
  return (
    <div className="field">
      <span className="label">From the bench meter</span>
      <div className="chips" role="group" aria-label="From the bench meter">
        {WAYS[quantity].map((way) => (
          <Button key={way} variant="plain" onClick={() => onTake(way)}>
            {WAY_WORDS[way]}
          </Button>
        ))}
      </div>
    </div>
  );
}

type HowProps = {
  quantity: FollowedQuantity;
  method: ReadingMethod;
  meter: string;
  onMethod: (method: ReadingMethod) => void;
  onMeter: (meter: string) => void;
};

function HowRead({ quantity, method, meter, onMethod, onMeter }: HowProps) {
  return (
    <>
      <Form.Group className="field" controlId="read-how">
        <Form.Label className="label">How</Form.Label>
        <Form.Select value={method} onChange={(event) => onMethod(METHODS.find((method) => method === event.target.value) ?? method)}>
          {POSSIBLE[quantity].map((readingMethod) => (
            <option key={readingMethod}>{readingMethod}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group className="field" controlId="read-meter">
        <Form.Label className="label">Which meter</Form.Label>
        <Form.Control value={meter} maxLength={60} onChange={(event) => onMeter(event.target.value)} />
      </Form.Group>
    </>
  );
}

type AskProps = {
  quantity: FollowedQuantity;
  value: number;
  calculated: number;
  asked: NonNullable<ReturnType<typeof askOf>>;
  onMeant: (typed: string) => void;
  onSure: () => void;
};

/** It can hardly be: was a digit slipped? */
function AskAgain({ quantity, value, calculated, asked, onMeant, onSure }: AskProps) {
  const units = useUnits();
  return (
    <div className={css.ask} role="alertdialog" aria-label="Is that right?">
      <p>
        {units.say(quantity, value)}, where {units.say(quantity, calculated)} is calculated
        {asked.meant === undefined ? ': is that right?' : `. Was ${asked.typed} meant, ${units.say(quantity, asked.meant)}?`}
      </p>
      <div className="chips">
        {asked.meant !== undefined && (
          <Button variant="plain" onClick={() => onMeant(asked.typed)}>
            {asked.typed}
          </Button>
        )}
        <Button variant="plain" onClick={onSure}>
          {units.say(quantity, value)} is right
        </Button>
      </div>
    </div>
  );
}
