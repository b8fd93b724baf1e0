// The house clock on this screen, its one owner here: this device's time plus what the server says is missing.
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { MeView } from '#contract/views.ts';
import { houseDay } from '#core/time/index.ts';

let offsetMs = 0;
let frozenAtMs: number | undefined;

export function houseNow(): number {
  return frozenAtMs ?? Date.now() + offsetMs;
}

/** Learnt at sign-in and when the page opens. `agoMs` = how old the answer is by now: half of the time that it took. */
export function setHouseClock({ nowMs, frozen }: MeView['clock'], agoMs = 0): void {
  frozenAtMs = frozen ? nowMs : undefined;
  // Instants are whole milliseconds, everywhere.
  offsetMs = Math.round(nowMs + agoMs - Date.now());
}

/** What the live stream says is as late as the way was long: only a clock that was moved, or this device's that was set, is followed. */
const MOVED_MS = 500;

export function hearHouseTime(nowMs: number): void {
  if (frozenAtMs !== undefined) frozenAtMs = nowMs;
  else if (Math.abs(nowMs - houseNow()) > MOVED_MS) offsetMs = nowMs - Date.now();
}

const LOOKS_AT_CLOCK_EVERY_MS = 3000;
const SET_MS = 1000;

/** Calls back when this device's own clock was set, or stood still in sleep: what the house says is asked anew. Gives the way to stop. */
export function onClockSet(listener: () => void): () => void {
  const apart = () => Date.now() - performance.now();
  let known = apart();
  const timer = setInterval(() => {
    const now = apart();
    if (Math.abs(now - known) < SET_MS) return;
    known = now;
    listener();
  }, LOOKS_AT_CLOCK_EVERY_MS);
  return () => clearInterval(timer);
}

/** The house time, told anew whenever it is a whole multiple of `everyMs`: all timers of all screens change at the same instants. */
export function useHouseNow(everyMs: number): number {
  const [now, setNow] = useState(houseNow);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const wait = () => {
      timer = setTimeout(
        () => {
          setNow(houseNow());
          wait();
        },
        everyMs - (houseNow() % everyMs),
      );
    };
    wait();
    return () => clearTimeout(timer);
  }, [everyMs]);
  return now;
}

const DAY_LOOKED_AT_EVERY_MS = 5_000;
const onDay = new Set<() => void>();
let dayTimer: ReturnType<typeof setInterval> | undefined;

/** One timer for all who wait for midnight. */
function waitForDay(listener: () => void): () => void {
  onDay.add(listener);
  dayTimer ??= setInterval(() => onDay.forEach((listener) => listener()), DAY_LOOKED_AT_EVERY_MS);
  return () => {
    onDay.delete(listener);
    if (onDay.size > 0) return;
    clearInterval(dayTimer);
    dayTimer = undefined;
  };
}

/** The house day; who asks is drawn anew when it is another, and not before. */
export const useHouseDay = (zone: string): number => useSyncExternalStore(waitForDay, () => houseDay(houseNow(), zone));
