// What hands did to a vessel beside its sheet: air turned, a binder, put afloat, a cup exchanged, poured off. The course follows it.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import { AIR_LEVELS, type AirLevel } from '#core/bench/index.ts';
import { standingOf } from '#core/runs/index.ts';
import { useUnits } from '../../data/units.ts';
import { Caution } from '../../parts/Caution.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { QuantityField } from '../../parts/QuantityField.tsx';
import { CAUTION_WORDS } from '../../words/runs.ts';
import { useRunAction } from '../useRunAction.ts';
import css from './steps.module.scss';

export function Also({ run }: { run: RunCard }) {
  const write = useRunAction(run);
  const [turnedUp, setTurnedUp] = useState(false);
  const { air, boundUntilMs } = standingOf(run);
  const turn = (level: AirLevel) => {
    if (level === air) return;
    setTurnedUp(AIR_LEVELS.indexOf(level) > AIR_LEVELS.indexOf(air));
    write({ do: 'air', level });
  };
  const { capacityL } = run.started.vessel;
  const isBath = run.started.bath !== undefined;
  const [says, why] = CAUTION_WORDS['air frees ammonia'];
  return (
    <div className={css.also}>
      <Chips label="Air, as it is" options={AIR_LEVELS} value={air} onChange={turn} />
      {turnedUp && boundUntilMs === undefined && !isBath && (
        <Caution>
          {says}: {why}.
        </Caution>
      )}
      {!isBath && (
        <details className={css.sheetAll}>
          <summary>Something else was done</summary>
          <div className={css.alsoActions}>
            <Button variant="plain" onClick={() => write({ do: 'ammonia binder' })}>
              {boundUntilMs === undefined ? 'Ammonia binder is in' : 'More ammonia binder is in'}
            </Button>
            <Button variant="plain" onClick={() => write({ do: 'float' })}>
              It is afloat in {run.tank.code}
            </Button>
          </div>
          <Amount
            label="Cup out, tank water in"
            mostL={capacityL}
            says={(amount) => `${amount} exchanged`}
            onDone={(litres) => write({ do: 'cup', litres })}
          />
          <Amount
            label="Poured off, left in it"
            mostL={capacityL}
            says={(amount) => `Poured off to ${amount}`}
            onDone={(toL) => write({ do: 'pour off', toL })}
          />
        </details>
      )}
    </div>
  );
}

type AmountProps = { label: string; mostL: number; says: (amount: string) => string; onDone: (litres: number) => void };

/** So much water, no more than the vessel holds, and what is then true. */
function Amount({ label, mostL, says, onDone }: AmountProps) {
  const units = useUnits();
  const [text, setText] = useState('');
  const read = units.read('volume', text);
  const over = read.ok && read.value > mostL;
  const litres = text.trim() !== '' && read.ok && read.value > 0 && !over ? read.value : undefined;
  return (
    <div className="pair">
      <QuantityField
        label={label}
        quantity="volume"
        text={text}
        onChange={setText}
        hint={over ? `It holds ${units.say('volume', mostL)}.` : undefined}
        optional
      />
      <Button
        variant="plain"
        disabled={litres === undefined}
        onClick={() => {
          onDone(litres!);
          setText('');
        }}
      >
        {litres === undefined ? 'How much?' : says(units.say('volume', litres))}
      </Button>
    </div>
  );
}
