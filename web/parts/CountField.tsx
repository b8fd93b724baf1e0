// A count by taps or typed: minus, number, plus. What is typed counts as soon as it can be; what cannot be is said, and gone when the field is left.
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { countShares } from './countShares.ts';

type Props = {
  label: string;
  value: number;
  onChange: (value: number) => void;
  min?: number;
  max?: number;
  /** Of so many: one, half, all but one and all are one tap. */
  of?: number;
};

export function CountField({ label, value, onChange, min = 0, max = 9999, of = 0 }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? String(value);
  const possible = (text: string) => /^\d+$/.test(text) && Number(text) >= min && Number(text) <= max;
  const step = (to: number) => {
    setTyped(undefined);
    onChange(to);
  };
  return (
    <div className="field">
      <span className="label" id={id}>
        {label}
      </span>
      <div className="count-field" role="group" aria-labelledby={id}>
        <button type="button" aria-label={`one ${label.toLowerCase()} fewer`} disabled={value <= min} onClick={() => step(value - 1)}>
          −
        </button>
        <input
          className="num"
          inputMode="numeric"
          autoComplete="off"
          aria-label={label}
          aria-invalid={!possible(shown)}
          aria-describedby={possible(shown) ? undefined : `${id}-range`}
          value={shown}
          maxLength={4}
          onFocus={(event) => event.target.select()}
          onChange={({ target }) => {
            setTyped(target.value);
            if (possible(target.value)) onChange(Number(target.value));
          }}
          onBlur={() => setTyped(undefined)}
        />
        <button type="button" aria-label={`one ${label.toLowerCase()} more`} disabled={value >= max} onClick={() => step(value + 1)}>
          +
        </button>
      </div>
      {countShares(of, { min }).length > 0 && (
        <div className="chips" role="group" aria-label={`${label}, of ${of}`}>
          {countShares(of, { min }).map(({ n, words }) => (
            <Button key={n} variant="plain" className={n === value ? 'chip-on' : ''} aria-pressed={n === value} onClick={() => step(n)}>
              {words}
            </Button>
          ))}
        </div>
      )}
      {!possible(shown) && (
        <p className="field-problem" role="alert" id={`${id}-range`}>
          A number from {min} to {max}.
        </p>
      )}
    </div>
  );
}
