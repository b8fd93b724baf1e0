// What the screens read of acclimations that run. Instants are UTC ms, quantities SI.
import type { Purpose } from '#core/room/index.ts';
import type { AcclimationRun, RunDue, RunMethod } from '#core/runs/index.ts';
import type { SpeciesAdded, WaterType } from '#core/species/index.ts';

export type RunEnd = { atMs: number; earlyMs?: number; lateMs?: number };

/** Sent by the pager stand-in. */
export type PageCard = { due: string; stage: number; to: string; toName: string; atMs: number };

export type RunCard = AcclimationRun & {
  run: string;
  /** Why its end cannot be calculated. */
  cannot?: string;
  method: RunMethod;
  lot: string;
  lotLabel: string;
  by: string;
  /** Alive in it by the records. */
  n: number;
  kind?: Pick<SpeciesAdded, 'is' | 'tolerance' | 'salinityPpt'>;
  tank: { id: string; code: string; purpose: Purpose; type: WaterType; system: string };
  /** What was poured in: `label` of bags, code of a tank. */
  from: { place: string; label: string; n: number }[];
  holdKnown: boolean;
  /** Its hold is open. */
  inQuarantine?: boolean;
  watcher?: { id: string; name: string };
  dues: RunDue[];
  /** Calculated with what was read until now. */
  end?: RunEnd;
  /** Its tank was changed or dosed since the run began. */
  tankTouched?: { what: string; atMs: number; by: string };
  pages: PageCard[];
};

/** The strip's word of a run. */
export type VesselTimer = {
  run: string;
  vessel: string;
  method: RunMethod;
  lotLabel: string;
  n: number;
  tankCode: string;
  startedAtMs: number;
  next: RunDue;
  paged?: string;
  /** Id and name of who watches it. */
  watcher?: string;
  watcherName?: string;
  /** Who began it. */
  by: string;
};
