// Who is signed in on this screen, with the house's name, zone and rules.
import { createContext, use, useMemo } from 'react';
import { kinds } from '#contract/kinds.ts';
import type { MeView } from '#contract/views.ts';
import type { Kind } from '#core/catalogue/index.ts';
import { atLeast, type Role } from '#core/roles/index.ts';
import { formatDay, formatTime, houseDay } from '#core/time/index.ts';
import { useHouseDay } from './clock.ts';

export const MeContext = createContext<MeView | undefined>(undefined);

export function useMe(): MeView {
  const me = use(MeContext);
  if (!me) throw new Error('a station was drawn before sign-in');
  return me;
}

/** May this person write all of these kinds? A screen offers what the house would take; which rank that needs stands with the kind alone. */
export function useMayWrite(...written: readonly Kind[]): boolean {
  const { role } = useMe().person;
  return written.every((kind) => atLeast(role, kinds[kind].minRole));
}

/** For what is no kind: who may overrule, or answer a call to the lead. */
export function useRank(needed: Role): boolean {
  return atLeast(useMe().person.role, needed);
}

/** Instants as this house writes them: `07:12` today, `Tue 3 Mar 07:12` on other days. */
export function makeTimes(zone: string, today: number) {
  return {
    time: (ms: number) => formatTime(ms, zone),
    when: (ms: number) => {
      const day = houseDay(ms, zone);
      return day === today ? formatTime(ms, zone) : `${formatDay(day)} ${formatTime(ms, zone)}`;
    },
  };
}

export function useTimes() {
  const { zone } = useMe().house;
  const today = useHouseDay(zone);
  return useMemo(() => makeTimes(zone, today), [zone, today]);
}
