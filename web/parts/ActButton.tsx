// The one main action of a card. It takes no press in its first moments: the next card comes up under the finger that
// pressed the last one, and a double tap must not land two bags or net out what was only just floated.
import { useEffect, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { Key } from '../keys/Key.tsx';
import type { KeyName } from '../keys/table.ts';
import { useKey } from '../keys/useKey.ts';

const SETTLE_MS = 350;

type Props = {
  onPress: () => void;
  disabled?: boolean;
  hint?: string;
  /** The key that does the same; not shown where there is no keyboard. */
  pressKey?: KeyName;
  type?: 'button' | 'submit';
  children: ReactNode;
};

export function ActButton({ onPress, disabled = false, hint, pressKey, type = 'button', children }: Props) {
  const [settled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), SETTLE_MS);
    return () => clearTimeout(timer);
  }, []);
  // The same gate for the key: what may not be tapped yet may not be pressed either.
  useKey(pressKey ?? 'dock.land', onPress, { enabled: pressKey !== undefined && !disabled && settled, inFields: true });
  return (
    <Button type={type} variant="act" className={`btn-act${settled ? '' : ' settling'}`} disabled={disabled || !settled} onClick={onPress}>
      {children}
      {hint !== undefined && (
        <small>
          {hint} {pressKey && <Key name={pressKey} />}
        </small>
      )}
    </Button>
  );
}
