// A count without a keyboard: minus, number, plus. Announces itself as it changes.
import { useId } from 'react';

type Props = { label: string; value: number; onChange: (value: number) => void; min?: number; max?: number };

export function CountField({ label, value, onChange, min = 0, max = 9999 }: Props) {
  const id = useId();
  return (
    <div className="field">
      <span className="label" id={id}>
        {label}
      </span>
      <div className="count-field" role="group" aria-labelledby={id}>
        <button type="button" aria-label={`one ${label.toLowerCase()} fewer`} disabled={value <= min} onClick={() => onChange(value - 1)}>
          −
        </button>
        <output className="num" aria-live="polite">
          {value}
        </output>
        <button type="button" aria-label={`one ${label.toLowerCase()} more`} disabled={value >= max} onClick={() => onChange(value + 1)}>
          +
        </button>
      </div>
    </div>
  );
}
