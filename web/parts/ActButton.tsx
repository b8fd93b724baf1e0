// The one main action of a card. It takes no press in its first moments: the next card comes up under the finger that
// pressed the last one, and a double tap must not land two bags or net out what was only just floated.
import { useEffect, useRef, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { Key } from '../keys/Key.tsx';
import type { KeyName } from '../keys/table.ts';
import { useKey } from '../keys/useKey.ts';

const SETTLE_MS = 350;
/** Where another page came up under the finger, longer: a slow double press is still one press. */
const SETTLE_AFTER_PAGE_MS = 700;
let page = { path: '', sinceMs: 0 };

/** What is left of the first moments, by how long this page is there. */
function settleMs(): number {
  const now = performance.now();
  if (page.path !== location.pathname) page = { path: location.pathname, sinceMs: now };
  return Math.max(SETTLE_MS, page.sinceMs === 0 ? 0 : page.sinceMs + SETTLE_AFTER_PAGE_MS - now);
}

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
    const timer = setTimeout(() => setSettled(true), settleMs());
    return () => clearTimeout(timer);
  }, []);
  // Where the button stays after its press, a second one on its heels is the same press.
  const button = useRef<HTMLButtonElement>(null);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const press = () => {
    if (resting.current !== undefined) return;
    // Said to who cannot see it (and to robots). Not `disabled`: that would let the focus fall.
    button.current?.setAttribute('aria-disabled', 'true');
    resting.current = setTimeout(() => {
      resting.current = undefined;
      button.current?.removeAttribute('aria-disabled');
    }, SETTLE_MS);
    onPress();
  };
  useEffect(() => () => clearTimeout(resting.current), []);
  // The same gate for the key: what may not be tapped yet may not be pressed either.
  useKey(pressKey ?? 'dock.land', press, { enabled: pressKey !== undefined && !disabled && settled, inFields: true });
  return (
    <Button
      ref={button}
      type={type}
      variant="act"
      className={`btn-act${settled ? '' : ' settling'}`}
      disabled={disabled || !settled}
      data-enter={pressKey ? 'act' : undefined}
      onClick={press}
      // A key that is held is one press, whatever the browser makes of it.
      onKeyDown={(event) => event.repeat && event.key === 'Enter' && event.preventDefault()}
    >
      {children}
      {hint !== undefined && (
        <small>
          {hint} {pressKey && <Key name={pressKey} />}
        </small>
      )}
    </Button>
  );
}
