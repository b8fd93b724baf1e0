// What happened to a run, in words and in order: actions, readings, signs, looks, hand-overs, fish that left it.
import { useMemo } from 'react';
import type { RunCard } from '#contract/views.ts';
import { useUnits, type Units } from '../../data/units.ts';
import { sayAction } from '../../words/runs.ts';

export type Happened = { key: string; atMs: number; by: string; says: string };

export function happenedTo({ events, readings, fewer }: Pick<RunCard, 'events' | 'readings' | 'fewer'>, units: Units): Happened[] {
  const all = [
    ...events.map((event): Happened => ({ key: event.entry, atMs: event.atMs, by: event.by, says: sayEvent(event, units) })),
    ...readings.map((reading): Happened => ({
      key: reading.entry,
      atMs: reading.atMs,
      by: reading.by,
      says: `${units.say(reading.quantity, reading.value)} read, ${reading.instrument ?? reading.method}`,
    })),
    ...fewer.map(({ entry, atMs, by, n, how }): Happened => ({
      key: `${entry} ${how}`,
      atMs,
      by,
      says: how === 'dead' ? `${n} dead, taken out` : `${n} released, the others stay`,
    })),
  ];
  return all.sort((a, b) => a.atMs - b.atMs);
}

function sayEvent(event: RunCard['events'][number], units: Units): string {
  switch (event.what) {
    case 'worked':
      return sayAction(event.did, units);
    case 'noticed':
      return `${event.n === undefined ? '' : `${event.n} `}${event.sign}${event.note ? `, ${event.note}` : ''}`;
    case 'checked':
      return event.wrong.length === 0
        ? 'checked, all in order'
        : `checked, not so: ${event.wrong.join(', ')}${event.note ? `, ${event.note}` : ''}`;
    case 'handed':
      return `handed over${event.note ? `: ${event.note}` : ''}`;
  }
}

export function useHappened(run: RunCard): Happened[] {
  const units = useUnits();
  return useMemo(() => happenedTo(run, units), [run, units]);
}
