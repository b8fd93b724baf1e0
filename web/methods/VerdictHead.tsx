// What is said of the bag, in front: measure first, follow this, not decided, or none within tolerance and what would help.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { BenchBag } from '#contract/views.ts';
import type { MethodResult, Bands, Controls, Verdict } from '#core/bench/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { readingEntry } from '../parts/readingDraft.ts';
import { ADVICE_WORDS, factWord, METHOD_WORDS, sayChange, sayShare, where } from '../words/bench.ts';
import css from './methods.module.scss';

type Props = {
  verdict: Verdict;
  bag: BenchBag;
  focus: MethodResult;
  /** Another than the advised one was tapped. */
  picked: boolean;
  bands?: Bands;
  says: string;
  onHelp: (change: Partial<Controls>) => void;
  /** From one that was tapped to what is said of the bag. */
  onBack: () => void;
};
const MEASURES_SHOWN = 2;

export function VerdictHead(props: Props) {
  const { verdict, bag, focus, picked, bands, says, onHelp, onBack } = props;
  const units = useUnits();
  if (verdict.is === 'measure first' && !picked) return <MeasureSalinity bag={bag} />;
  const share = bands?.best.find(({ method }) => method === focus.method)?.share;
  return (
    <div className={css.wayAnswer} aria-live="polite">
      <p className="label">{picked ? 'Instead' : labelOf(verdict)}</p>
      {!picked && verdict.is === 'none within' && <Helps helps={verdict.helps} onHelp={onHelp} />}
      {!picked && verdict.is === 'not decided' && (
        <p>
          {verdict.method} leads, but in fewer than half of the simulations.
          {verdict.measure.length > 0 &&
            ` Measure ${verdict.measure
              .slice(0, MEASURES_SHOWN)
              .map((path) => `${where(path)}${factWord(path)}`)
              .join(' or ')}.`}
        </p>
      )}
      <p className="big">{focus.method}</p>
      <p className={css.waySays}>{says}</p>
      {verdict.is === 'measure first' && (
        <Button variant="link" className="btn-quiet" onClick={onBack}>
          back to its salinity
        </Button>
      )}
      <p className="soft">
        {METHOD_WORDS[focus.method]}. {focus.handsOnMinutes} min of hands
        {focus.swapL > 0 && `, ${units.say('volume', Math.round(focus.swapL))} of the system changed first, for all that live on it`}.
        {share !== undefined && (
          <>
            {' '}
            <b className={css.wayShare}>{sayShare(share)}</b> simulations of the unmeasured values.
          </>
        )}
      </p>
    </div>
  );
}

function labelOf(verdict: Verdict): string {
  switch (verdict.is) {
    case 'advised':
      return ADVICE_WORDS[verdict.why];
    case 'not decided':
      return 'Not decided';
    case 'none within':
      return 'None is within tolerance. Nearest to it:';
    case 'measure first':
      return 'Measure first';
  }
}

function Helps({ helps, onHelp }: { helps: Extract<Verdict, { is: 'none within' }>['helps']; onHelp: Props['onHelp'] }) {
  const units = useUnits();
  if (helps.length === 0)
    return <p>Nothing at hand would bring one within. Choose a tank nearer to the bag, or bring the tank to it first.</p>;
  return (
    <p className="chips">
      {helps.map(({ change, method }) => (
        <Button key={JSON.stringify(change)} variant="plain" onClick={() => onHelp(change)}>
          With {sayChange(change, units)}: {method}
        </Button>
      ))}
    </p>
  );
}

/** One field, one tap to go on. */
function MeasureSalinity({ bag }: { bag: BenchBag }) {
  const units = useUnits();
  const { recordAction } = useActions();
  const [text, setText] = useState('');
  const temperatureC = bag.readings.temperature?.value ?? bag.stated.temperatureC;
  const read = units.read('salinity', text, temperatureC);
  const write = () => {
    if (!read.ok) return;
    const entry = readingEntry({ subject: { kind: 'bag', id: bag.bag }, quantity: 'salinity', method: 'meter' }, read);
    void recordAction(`${bag.label}: ${units.say('salinity', read.value)}`, entry);
  };
  return (
    <div className={css.wayAnswer}>
      <p className="label">Measure first</p>
      <p className="big">Salinity of {bag.label}</p>
      <p className={css.waySays}>
        Nobody measured or stated it, and what it may be is more than these fish tolerate at once. Open one live bag of the lot, read it in
        the first minute; its value serves the others.
      </p>
      <QuantityField label="Salinity in the bag" quantity="salinity" text={text} onChange={setText} optional />
      <div className="thumb">
        <ActButton pressKey="bench.act" disabled={!read.ok} onPress={write} hint="then the methods are compared for it">
          Write salinity
        </ActButton>
      </div>
    </div>
  );
}
