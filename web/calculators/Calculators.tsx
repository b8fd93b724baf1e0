// The drawer of sums, beside any station: type, read, the arithmetic below. What cannot be is said beside it and the last answer stays away.
import { Calculator } from 'lucide-react';
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Offcanvas from 'react-bootstrap/Offcanvas';
import { formatDay, houseDay } from '#core/time/index.ts';
import { houseNow } from '../data/clock.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { Caution } from '../parts/Caution.tsx';
import { problemOf } from '../parts/QuantityField.tsx';
import css from './calculators.module.scss';
import type { Outcome, Sum } from './sum.ts';
import { SUMS } from './table.ts';

export default function Calculators() {
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState(SUMS[0]!.title);
  useKey('calculators', () => setOpen((now) => !now), { inDialog: open });
  const sum = SUMS.find((sum) => sum.title === title)!;
  return (
    <>
      <Button variant="quiet" className="btn-quiet" title="Calculators" onClick={() => setOpen(true)}>
        <Calculator size={18} aria-hidden /> <span className="bar-word">Calculators</span> <Key name="calculators" />
      </Button>
      <Offcanvas show={open} onHide={() => setOpen(false)} placement="end" scroll aria-labelledby="sums-title" className={css.calculators}>
        <Offcanvas.Body>
          <h2 id="sums-title">Calculators</h2>
          <Form.Select aria-label="Which calculator" value={title} onChange={(event) => setTitle(event.target.value)}>
            {SUMS.map((sum) => (
              <option key={sum.title}>{sum.title}</option>
            ))}
          </Form.Select>
          <OneCalculator key={title} sum={sum} />
          <Button variant="plain" onClick={() => setOpen(false)}>
            Close
          </Button>
        </Offcanvas.Body>
      </Offcanvas>
    </>
  );
}

export function OneCalculator({ sum }: { sum: Sum }) {
  const id = useId();
  const units = useUnits();
  const { house } = useMe();
  const [texts, setTexts] = useState<Record<string, string>>(() => Object.fromEntries(sum.fields.map(({ name, start }) => [name, start])));
  const problems: Record<string, string | undefined> = {};
  const values: Record<string, number> = {};
  for (const { name, kind, options } of sum.fields) {
    const text = texts[name]!;
    if (options) continue;
    if (kind) {
      problems[name] = problemOf(kind, text, { units });
      const read = units.read(kind, text);
      values[name] = read.ok ? read.value : NaN;
    } else {
      values[name] = text.trim() === '' ? NaN : Number(text.replace(',', '.'));
      if (!Number.isFinite(values[name])) problems[name] = 'A number.';
    }
  }
  const dateIn = (days: number) => formatDay(houseDay(houseNow(), house.zone) + days);
  const outcome = Object.values(problems).some(Boolean)
    ? undefined
    : tryIt(() => sum.calculate({ ...values, chosen: texts } as never, units, dateIn));
  return (
    <div className={css.sum}>
      {sum.fields.map(({ name, label, kind, options }) => (
        <Form.Group key={name} controlId={`${id}-${name}`} className="field">
          <Form.Label className="label">
            {kind && kind !== 'pH' ? `${label}, ${units.unit(kind)} unless you say otherwise` : label}
          </Form.Label>
          {options ? (
            <Form.Select value={texts[name]} onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}>
              {options.map((option) => (
                <option key={option}>{option}</option>
              ))}
            </Form.Select>
          ) : (
            <Form.Control
              inputMode="decimal"
              autoComplete="off"
              value={texts[name]}
              isInvalid={problems[name] !== undefined}
              onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
            />
          )}
          {problems[name] && <span className="field-problem">{problems[name]}</span>}
        </Form.Group>
      ))}
      {sum.caution && <Caution>{sum.caution}</Caution>}
      <div className={css.sumSays} role="status">
        {outcome === undefined ? (
          <p className="soft">Give every number.</p>
        ) : typeof outcome === 'string' ? (
          <p className="warn">{outcome}</p>
        ) : (
          <>
            {outcome.lines.map((line, index) => (
              <p key={line} className={index === 0 ? 'big num' : 'num'}>
                {line}
              </p>
            ))}
            <p className="soft">{outcome.how}</p>
          </>
        )}
      </div>
    </div>
  );
}

/** What core refuses it refuses in words. */
function tryIt(calculate: () => Outcome): Outcome | string {
  try {
    return calculate();
  } catch (error) {
    if (error instanceof RangeError) return `This cannot be: ${error.message}.`;
    throw error;
  }
}
