// Entries of the kitchen, as the screens write them. No screen in here.
import type { KitchenLine, KitchenView } from '#contract/views.ts';
import { amountFor, type BatchBegun, type BatchStep, type MixFacts } from '#core/kitchen/index.ts';
import type { Draft } from '../data/house.ts';

/** Grams of each line by its key, as typed; nothing typed is what the sheet takes. */
export type Grams = Readonly<Record<string, number>>;
export const keyOf = ({ id, mix = '' }: Pick<KitchenLine, 'id' | 'mix'>): string => `${id} ${mix}`;
export const gramsOf = (line: KitchenLine, typed: Grams): number => typed[keyOf(line)] ?? (line.begunG > 0 ? 0 : line.takeG);

/** Of a line with medicine: its amount for these grams, by the label; undefined where it cannot be worked out. */
export function doseOf(line: KitchenLine, g: number, mix: MixFacts | undefined): number | undefined {
  if (!mix || g <= 0) return undefined;
  return amountFor(mix, { g, ...(line.dose?.fishG === undefined ? {} : { fishG: line.dose.fishG }) });
}

/** The lines with any grams. One whose medicine cannot be worked out is left out. */
export function batchLines({ lines, mixes }: Pick<KitchenView, 'lines' | 'mixes'>, typed: Grams): BatchBegun['lines'] {
  return lines.flatMap((line): BatchBegun['lines'] => {
    const g = gramsOf(line, typed);
    if (g <= 0) return [];
    if (line.mix === undefined) return [{ food: line.id, g }];
    const amount = doseOf(
      line,
      g,
      mixes.find(({ id }) => id === line.mix),
    );
    if (amount === undefined) return [];
    return [{ food: line.id, g, mix: { mix: line.mix, amount, ...(line.dose?.fishG === undefined ? {} : { fishG: line.dose.fishG }) } }];
  });
}

export const batchEntry = (
  lines: BatchBegun['lines'],
  { soak, ...ids }: { batch: string; forMs: number; soak: string },
): Draft | undefined =>
  lines.length === 0 ? undefined : { kind: 'batch.begun', payload: { ...ids, lines, ...(soak.trim() ? { soak: soak.trim() } : {}) } };

export const stepEntry = (batch: string, food: string, step: BatchStep): Draft => ({
  kind: 'batch.stepped',
  payload: { batch, food, step },
});
