// One of a few words, picked by one tap. Chosen is shown by weight and fill, and said to screen readers.
import Button from 'react-bootstrap/Button';
import type { ReactNode } from 'react';

type Props<T extends string> = {
  label: string;
  /** What the group is called where that is more than its label; and what is drawn before the label. */
  name?: string;
  before?: ReactNode;
  options: readonly T[];
  /** One that is chosen, or several that stand. */
  value: T | readonly T[] | undefined;
  onChange: (value: T) => void;
  odd?: (option: T) => boolean;
  mark?: (option: T) => ReactNode;
};

export function Chips<T extends string>({ label, name, before, options, value, onChange, odd, mark }: Props<T>) {
  const isOn = (option: T) => (typeof value === 'object' ? value.includes(option) : option === value);
  return (
    <div className="field">
      <span className="label">
        {before}
        {label}
      </span>
      <div className="chips" role="group" aria-label={name ?? label}>
        {options.map((option) => (
          <Button
            key={option}
            variant={odd?.(option) ? 'odd' : 'plain'}
            className={isOn(option) ? 'chip-on' : ''}
            aria-pressed={isOn(option)}
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
