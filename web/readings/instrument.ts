// The meter or test that was used last on this device: it is in the same hand the next time.
const KEPT = 'daily-crate-instrument';

export function keptInstrument(): string {
  try {
    return localStorage.getItem(KEPT) ?? '';
  } catch {
    return '';
  }
}

export function keepInstrument(name: string): void {
  try {
    localStorage.setItem(KEPT, name.trim());
  } catch {
    // It is typed again.
  }
}
