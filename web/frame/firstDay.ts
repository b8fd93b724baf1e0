// How far the first day is on this device.
const KEY = 'daily-crate first day';
const OVER = 'over';
const listeners = new Set<() => void>();
let shown: number | undefined;
let isRead = false;

/** A browser that keeps nothing asks again at each reload, and no more. */
function read(): number | undefined {
  try {
    const kept = localStorage.getItem(KEY);
    if (kept === OVER) return undefined;
    const at = Number(kept ?? 0);
    return Number.isInteger(at) && at >= 0 ? at : 0;
  } catch {
    return 0;
  }
}

export const firstDay = {
  /** Counted from 0; undefined when it is over. */
  step: (): number | undefined => {
    if (!isRead) [shown, isRead] = [read(), true];
    return shown;
  },
  go: (step: number | undefined): void => {
    [shown, isRead] = [step, true];
    try {
      localStorage.setItem(KEY, step === undefined ? OVER : String(step));
    } catch {
      // Then it is over for this page.
    }
    listeners.forEach((listener) => listener());
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
};
