// What is known of bag and tank, side by side: each fact with where it came from, changed in place in any unit. What is typed is a reading.
import { clsx } from 'clsx';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { BenchBag } from '#contract/views.ts';
import type { Fact, InputFault } from '#core/bench/index.ts';
import { USUAL_METHOD, type Quantity, type ReadingMethod } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useUnits } from '../data/units.ts';
import { problemOf } from '../parts/QuantityField.tsx';
import { readingEntry } from '../parts/readingDraft.ts';
import { FAULT_WORDS, factWord, SOURCE_WORDS } from '../words/bench.ts';
import css from './methods.module.scss';

/** How a quantity typed here was come by. */
const HOW: Record<Quantity, ReadingMethod> = { ...USUAL_METHOD, temperature: 'folded', volume: 'weighed' };

type Props = { bag: BenchBag; facts: readonly Fact[]; faults: readonly InputFault[]; calculated: Partial<Record<Fact['of'], number>> };

export function Facts({ bag, facts, faults, calculated }: Props) {
  const side = (where: 'bag' | 'tank') => facts.filter(({ of }) => of.startsWith(`${where}.`));
  return (
    <div className={css.facts}>
      {(['bag', 'tank'] as const).map((where) => (
        <table key={where}>
          <caption>{where === 'bag' ? `In ${bag.label}` : `In ${bag.tank!.code}`}</caption>
          <tbody>
            {side(where).map((fact) => (
              <FactRow
                key={`${fact.of} ${fact.value} ${fact.source}`}
                fact={fact}
                bag={bag}
                fault={faults.find(({ field }) => field === fact.of)}
                calculated={calculated[fact.of]}
              />
            ))}
          </tbody>
        </table>
      ))}
    </div>
  );
}

function FactRow({ fact, bag, fault, calculated }: { fact: Fact; bag: BenchBag; fault?: InputFault; calculated?: number }) {
  const units = useUnits();
  const { recordAction } = useActions();
  const { of, quantity, value, source, method, low, high } = fact;
  // A middle of what may be is no value: what nobody knows is left empty, and its ends stand behind it.
  const shown = value === undefined || source === 'not known' ? '' : units.bare(quantity, value);
  const [text, setText] = useState(shown);
  const inBag = of.startsWith('bag.');
  const temperatureC = inBag ? (bag.readings.temperature?.value ?? bag.stated.temperatureC) : bag.system!.temperatureC;
  const problem = text === shown || text.trim() === '' ? undefined : problemOf(quantity, text, { units, temperatureC });
  const write = () => {
    if (text === shown || problem) return;
    if (text.trim() === '') return setText(shown);
    const read = units.read(quantity, text, temperatureC);
    if (!read.ok) return;
    const method = of === 'tank.temperature' ? 'in the water' : HOW[quantity];
    const subject = inBag ? { kind: 'bag' as const, id: bag.bag } : { kind: 'system' as const, id: bag.system!.id };
    const words = `${inBag ? bag.label : bag.tank!.code}: ${units.say(quantity, read.value)}`;
    void recordAction(words, readingEntry({ subject, quantity, method }, read));
  };
  const name = `${inBag ? bag.label : bag.tank!.code}, ${factWord(of)}, ${units.unit(quantity)}`;
  return (
    <tr className={clsx(source === 'measured' && css.fromMeasured)}>
      <th scope="row">{factWord(of)}</th>
      <td>
        <Form.Control
          className="num"
          aria-label={name}
          aria-describedby={problem || fault ? `${of}-says` : undefined}
          inputMode="decimal"
          autoComplete="off"
          placeholder={
            source === 'not known'
              ? `${units.bare(quantity, low!)}–${units.bare(quantity, high!)}?`
              : calculated === undefined
                ? ''
                : `≈ ${units.bare(quantity, calculated)}`
          }
          value={text}
          isInvalid={problem !== undefined || fault !== undefined}
          onChange={(event) => setText(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.stopPropagation();
              write();
            }
            if (event.key === 'Escape') setText(shown);
          }}
        />
        {(problem ?? fault) && (
          <span id={`${of}-says`} className="field-problem" role="alert">
            {problem ?? FAULT_WORDS[fault!.code]}
          </span>
        )}
      </td>
      <td className={clsx('soft', css.factUnit)}>{quantity === 'pH' ? '' : units.unit(quantity)}</td>
      <td className={css.factSource}>
        <Mark source={source} /> {SOURCE_WORDS[source]}
        {method === 'on the bag' && ', on the skin'}
      </td>
    </tr>
  );
}

/** Measured a full dot, stated a ring, another bag's a half dot, of its box a box, estimated a band, calculated a wave, not known a question: by shape beside the word. */
function Mark({ source }: { source: Fact['source'] }) {
  return (
    <svg viewBox="0 0 12 12" width="12" height="12" aria-hidden>
      {source === 'measured' && <circle cx="6" cy="6" r="4.5" fill="currentColor" />}
      {source === 'stated' && <circle cx="6" cy="6" r="4" fill="none" stroke="currentColor" strokeWidth="1.6" />}
      {source === 'estimated' && <rect x="1" y="3.5" width="10" height="5" fill="none" stroke="currentColor" strokeDasharray="2 1.4" />}
      {source === 'another bag' && (
        <path d="M6 1.5a4.5 4.5 0 0 1 0 9z M6 1.5a4.5 4.5 0 0 0 0 9" fill="none" stroke="currentColor" strokeWidth="1.6" />
      )}
      {source === 'its box' && <rect x="1.5" y="1.5" width="9" height="9" fill="none" stroke="currentColor" strokeWidth="1.6" />}
      {source === 'not known' && <path d="M3.5 4a2.5 2.5 0 1 1 2.5 2.8V8M6 10v1" fill="none" stroke="currentColor" strokeWidth="1.6" />}
      {source === 'calculated' && <path d="M1 7c2-4 3-4 5-1s3 3 5-1" fill="none" stroke="currentColor" strokeWidth="1.5" />}
    </svg>
  );
}
