// While the house is away: of when what is shown here is, and what a reload would cost.
import { useEffect, useState } from 'react';
import { houseNow } from '../data/clock.ts';
import { useFromBefore } from '../data/away.ts';
import { useTimes } from '../data/me.ts';
import { keepsShell } from '../offline/register.ts';

/** A line that breaks for a moment is not worth a word. */
const SAID_AFTER_MS = 4000;

export function AwayBar({ connected }: { connected: boolean }) {
  const { when } = useTimes();
  const fromBeforeMs = useFromBefore();
  const [lostAtMs, setLostAtMs] = useState<number>();
  useEffect(() => {
    if (connected) return;
    const atMs = houseNow();
    const timer = setTimeout(() => setLostAtMs(atMs), SAID_AFTER_MS);
    return () => {
      clearTimeout(timer);
      setLostAtMs(undefined);
    };
  }, [connected]);
  const ofMs = fromBeforeMs ?? lostAtMs;
  if (ofMs === undefined) return null;
  return (
    <p className="away-bar" role="status">
      <b>The house does not answer.</b> As it was seen {when(ofMs)}. What you enter is kept here and sent later.{' '}
      {!keepsShell() && <b>Do not reload this page: over plain http this browser cannot open it again without the house.</b>}
    </p>
  );
}
