// How words are said to the one at this screen: instants in the house's zone, quantities in their own units.
import { useMemo } from 'react';
import { useTimes } from './me.ts';
import { useUnits, type Units } from './units.ts';

export type Voice = { when: (ms: number) => string; units: Units };

export function useVoice(): Voice {
  const { when } = useTimes();
  const units = useUnits();
  return useMemo(() => ({ when, units }), [when, units]);
}
