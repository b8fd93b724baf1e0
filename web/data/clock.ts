// The house clock on this screen, its one owner here: this device's time plus what the server says is missing.
import { useEffect, useState } from 'react';
import type { MeView } from '#contract/views.ts';

let offsetMs = 0;
let frozenAtMs: number | undefined;

export function houseNow(): number {
  return frozenAtMs ?? Date.now() + offsetMs;
}

/** Learnt at sign-in and whenever the live stream opens. */
export function setHouseClock({ nowMs, frozen }: MeView['clock']): void {
  frozenAtMs = frozen ? nowMs : undefined;
  offsetMs = nowMs - Date.now();
}

export function setClockOffset(ms: number): void {
  if (frozenAtMs === undefined) offsetMs = ms;
}

/** The house time, told anew every `everyMs`. */
export function useHouseNow(everyMs: number): number {
  const [now, setNow] = useState(houseNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(houseNow()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}
