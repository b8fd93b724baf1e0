// Marine crates come in less salt than the house keeps: the quarantine system is brought down to the bags before they are opened, and climbs back day by day.
import { SYSTEMS } from './rooms.ts';
import type { Teller } from './teller.ts';

/** Bags within so much of the system are let in as they are, ppt. */
const NEAR_ENOUGH = 0.9;
/** Matched to a little above the bags, and back up by so much a day. */
const ABOVE = 0.5;
const CLIMB_PER_DAY = 1;

export type Matching = {
  /** Brings the system down for bags of this salinity, where it stands too far above them. */
  matchTo(system: string, ppt: number | undefined, atMs: number): void;
  /** The morning's reading of every system that climbs back. */
  climb(atMs: number): void;
};

export function makeMatching(teller: Teller): Matching {
  const now = new Map<string, number>();
  const setTo = (system: string) => SYSTEMS.find((card) => card.system === system)!.salinityPpt;
  const read = (system: string, value: number, read: { atMs: number; who: string }) => {
    now.set(system, value);
    teller.tell(read.atMs, read.who, {
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'system', id: system },
        quantity: 'salinity',
        reading: { value, typed: `${value} ppt`, method: 'meter', source: 'measured' },
      },
    });
  };
  return {
    matchTo(system, ppt, atMs) {
      if (ppt === undefined || (now.get(system) ?? setTo(system)) - ppt <= NEAR_ENOUGH) return;
      read(system, ppt + ABOVE, { atMs, who: 'bram' });
    },
    climb(atMs) {
      for (const [system, value] of [...now])
        if (value < setTo(system))
          read(system, Math.min(setTo(system), Math.round((value + CLIMB_PER_DAY) * 10) / 10), { atMs, who: 'wim' });
    },
  };
}
