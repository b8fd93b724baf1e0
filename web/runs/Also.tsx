// What hands did to a vessel beside its sheet: air turned, a binder, put afloat, a cup exchanged, poured off. The course follows it.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import { AIR_LEVELS, type AirLevel } from '#core/bench/carry.ts';
import { standingOf, type RunDeed } from '#core/runs/index.ts';
import { useDeeds } from '../data/deed.tsx';
import { useUnits } from '../data/units.ts';
import { capital } from '../frame/RunningStrip.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { CAUTION_WORDS, sayDeed } from '../words/runs.ts';

export function Also({ run }: { run: RunCard }) {
  const { doIt } = useDeeds();
  const units = useUnits();
  const [turnedUp, setTurnedUp] = useState(false);
  const [cup, setCup] = useState('');
  const [left, setLeft] = useState('');
  const { air, boundUntilMs } = standingOf(run);
  const write = (did: RunDeed) =>
    void doIt(`${capital(run.started.vessel.name)}: ${sayDeed(did, units)}`, { kind: 'run.worked', payload: { run: run.run, did } });
  const turn = (level: AirLevel) => {
    if (level === air) return;
    setTurnedUp(AIR_LEVELS.indexOf(level) > AIR_LEVELS.indexOf(air));
    write({ do: 'air', level });
  };
  const { holdsL } = run.started.vessel;
  const litres = (text: string) => {
    const read = units.read('volume', text);
    return text.trim() !== '' && read.ok && read.value > 0 && read.value <= holdsL ? read.value : undefined;
  };
  const tooMuch = (text: string) => {
    const read = units.read('volume', text);
    return read.ok && read.value > holdsL ? `It holds ${units.say('volume', holdsL)}.` : undefined;
  };
  const [cupL, leftL] = [litres(cup), litres(left)];
  const isBath = run.started.bath !== undefined;
  const [says, why] = CAUTION_WORDS['air frees ammonia'];
  return (
    <div className="also">
      <Chips label="Air, as it is" options={AIR_LEVELS} value={air} onChange={turn} />
      {turnedUp && boundUntilMs === undefined && !isBath && (
        <Caution>
          {says}: {why}.
        </Caution>
      )}
      {!isBath && (
        <details className="sheet-all">
          <summary>Something else was done</summary>
          <div className="also-deeds">
            <Button variant="plain" onClick={() => write({ do: 'binder' })}>
              Binder is in
            </Button>
            <Button variant="plain" onClick={() => write({ do: 'float' })}>
              It is afloat in {run.tank.code}
            </Button>
          </div>
          <div className="pair">
            <QuantityField label="Cup out, tank water in" quantity="volume" text={cup} onChange={setCup} hint={tooMuch(cup)} optional />
            <Button
              variant="plain"
              disabled={cupL === undefined}
              onClick={() => {
                write({ do: 'cup', litres: cupL! });
                setCup('');
              }}
            >
              {cupL === undefined ? 'How much?' : `${units.say('volume', cupL)} exchanged`}
            </Button>
          </div>
          <div className="pair">
            <QuantityField label="Poured off, left in it" quantity="volume" text={left} onChange={setLeft} hint={tooMuch(left)} optional />
            <Button
              variant="plain"
              disabled={leftL === undefined}
              onClick={() => {
                write({ do: 'pour off', toL: leftL! });
                setLeft('');
              }}
            >
              {leftL === undefined ? 'How much?' : `Poured off to ${units.say('volume', leftL)}`}
            </Button>
          </div>
        </details>
      )}
    </div>
  );
}
