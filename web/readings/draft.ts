// What was read of a system, as the entries that say so; and what of it is far from what was known, to be asked about before it counts.
import type { ReadingsView } from '#contract/views.ts';
import type { WaterType } from '#core/species/index.ts';
import { parseOnKit, QUANTITIES, USUAL_METHOD, type KitFacts, type Parsed, type Quantity } from '#core/water/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { readingEntry } from '../parts/readingDraft.ts';
import type { Instruments } from './instrument.ts';

/** What is read of tanks; the salt of fresh water and the hardness of sea water tell nobody anything. */
const READ: readonly Quantity[] = QUANTITIES.filter((quantity) => quantity !== 'volume');
export const quantitiesOf = (type: WaterType): Quantity[] =>
  READ.filter((quantity) => !(quantity === 'salinity' && type === 'fresh') && !(quantity === 'hardness' && type === 'marine'));

export type Typed = Partial<Record<Quantity, string>>;
type Read = { quantity: Quantity; read: Extract<Parsed, { ok: true }> };

/** As the test means it that it was read with; without one, in the person's own unit. */
export const readWith = (quantity: Quantity, text: string, given: { units: Units; temperatureC?: number; kit?: KitFacts }): Parsed =>
  given.kit?.form
    ? parseOnKit(given.kit, text, { temperatureC: given.temperatureC })
    : given.units.read(quantity, text, given.temperatureC);

/** All that was typed and can be read; undefined while one of them cannot. */
export function readTyped(
  typed: Typed,
  { units, temperatureC, kitOf }: { units: Units; temperatureC?: number; kitOf: (quantity: Quantity) => KitFacts | undefined },
): Read[] | undefined {
  const filled = Object.entries(typed).filter(([, text]) => text.trim() !== '') as [Quantity, string][];
  const read = filled.map(([quantity, text]) => ({
    quantity,
    read: readWith(quantity, text, { units, temperatureC, kit: kitOf(quantity) }),
  }));
  return read.every((reading): reading is Read => reading.read.ok) ? read : undefined;
}

/** Between two readings of a system this much is a slip of the pen, a probe in the air or an emergency: asked about. Judgements. */
const FAR: Partial<Record<Quantity, number>> = { temperature: 4, salinity: 4, pH: 0.8 };

export type FarOff = { quantity: Quantity; value: number; before: number };

/** The same of anything that was read, however it was entered. */
type ReadValue = { quantity: Quantity; read: { value: number } };

export function farOff(read: readonly ReadValue[], { system, readings }: Pick<ReadingsView, 'system' | 'readings'>): FarOff[] {
  const set: Partial<Record<Quantity, number>> = { temperature: system?.temperatureC, salinity: system?.salinityPpt };
  return read.flatMap(({ quantity, read: { value } }) => {
    const before = readings.find((known) => known.quantity === quantity)?.latest[0]?.value ?? set[quantity];
    const far = FAR[quantity];
    return before !== undefined && far !== undefined && Math.abs(value - before) > far ? [{ quantity, value, before }] : [];
  });
}

export const readingEntries = (
  system: string,
  read: readonly Read[],
  { instruments, kitOf }: { instruments: Instruments; kitOf: (quantity: Quantity) => KitFacts | undefined },
): Draft[] =>
  read.map(({ quantity, read: value }) => {
    const kit = kitOf(quantity);
    return readingEntry(
      {
        subject: { kind: 'system', id: system },
        quantity,
        method: quantity === 'volume' ? 'by eye' : USUAL_METHOD[quantity],
        ...(kit ? { kit: kit.id } : { instrument: instruments[quantity]?.trim() || undefined }),
      },
      value,
    );
  });

/** Where it goes, over the latest few: words beside the number. */
export function trendOf(latest: readonly { value: number }[], least: number): 'rising' | 'falling' | 'steady' | undefined {
  if (latest.length < 2) return undefined;
  const step = latest[0]!.value - latest.at(-1)!.value;
  return Math.abs(step) < least ? 'steady' : step > 0 ? 'rising' : 'falling';
}
