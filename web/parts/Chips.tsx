// One of a few words, picked by one tap. Chosen is shown by weight and fill, and said to screen readers.
import Button from 'react-bootstrap/Button';
import type { ReactNode } from 'react';

type Props<T extends string> = {
  label: string;
  options: readonly T[];
  value: T | undefined;
  onChange: (value: T) => void;
  odd?: (option: T) => boolean;
  mark?: (option: T) => ReactNode;
};

export function Chips<T extends string>({ label, options, value, onChange, odd, mark }: Props<T>) {
  return (
    <div className="field">
      <span className="label">{label}</span>
      <div className="chips" role="group" aria-label={label}>
        {options.map((option) => (
          <Button
            key={option}
            variant={odd?.(option) ? 'odd' : 'plain'}
            className={option === value ? 'chip-on' : ''}
            aria-pressed={option === value}
            onClick={() => onChange(option)}
          >
            {mark?.(option)}
            {option}
          </Button>
        ))}
      </div>
    </div>
  );
}
