// A stand-in for a label printer: it takes one label after the other, at a printer's pace, and its roll ends.

export const ROLL = 40;
/** Printed in so many ms: 34 mm at 85 mm/s. */
export const LABEL_MS = 400;

export type Printer<T> = { left: number; queue: readonly T[]; out: readonly T[]; state: 'idle' | 'printing' | 'no paper' };

export const newPrinter = <T>(): Printer<T> => ({ left: ROLL, queue: [], out: [], state: 'idle' });

/** Takes labels into its queue; it begins when it has paper. */
export function send<T>(printer: Printer<T>, labels: readonly T[]): Printer<T> {
  const queue = [...printer.queue, ...labels];
  return { ...printer, queue, state: queue.length === 0 ? 'idle' : printer.left === 0 ? 'no paper' : 'printing' };
}

/** One label later: the next one is out, or it stopped for want of paper with the rest kept. */
export function step<T>(printer: Printer<T>): Printer<T> {
  const [next, ...queue] = printer.queue;
  if (next === undefined) return { ...printer, state: 'idle' };
  if (printer.left === 0) return { ...printer, state: 'no paper' };
  const left = printer.left - 1;
  return { left, queue, out: [...printer.out, next], state: queue.length === 0 ? 'idle' : left === 0 ? 'no paper' : 'printing' };
}

/** A new roll is in: it goes on where it stopped. */
export function newRoll<T>(printer: Printer<T>): Printer<T> {
  return send({ ...printer, left: ROLL }, []);
}
