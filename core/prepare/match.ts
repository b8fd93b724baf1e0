// Match plan: a receiving system brought to the salinity of the bags before they come, and slowly back after it. Pure.
import { tolerancesOf, type LotInput } from '../bench/index.ts';
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { climb, swapLitres } from '../water/index.ts';

/** Who lives on the system; a kind that nobody knows is taken for delicate. `salinityPpt` = what it lives in. */
export type Resident = Pick<LotInput, 'tolerance' | 'invertebrate'> & { label: string; salinityPpt?: { min: number; max: number } };
/** So many litres out and as many of the other water in; then it stands at `toPpt`. */
export type SwapStep = { atMs: number; litres: number; toPpt: number };
export type MatchAsked = {
  /** Net litres of the whole system: the tanks on one water are one water. */
  volumeL: number;
  fromPpt: number;
  toPpt: number;
  /** What swaps upwards are made with, ppt; downwards it is plain water. */
  saltPpt: number;
  residents: readonly Resident[];
  now: number;
  /** The last swap and its reading are done by then. */
  readyByMs: number;
};
export type MatchPlan = {
  of: 'fresh' | 'salt';
  waterPpt: number;
  swaps: SwapStep[];
  /** Where it stands in time: short of `toPpt` when there were too few hours for what lives there. */
  reachesPpt: number;
  /** Largest change at once and in an hour, by who bears least; missing when nobody lives there. */
  limit?: { ppt: number; by: string };
  /** Who does not live at where it is brought. */
  outside: string[];
};

/** Between two swaps: each is mixed in and read. */
const APART_MS = HOUR_MS;
const ROUNDING = 1e-9;

/** Largest swap that all bear, in ppt an hour: a swap is a step, and one an hour is a rate. */
export function gentlest(residents: readonly Resident[], up: boolean): { ppt: number; by: string } | undefined {
  return residents
    .map((resident) => {
      const { salinityStepUp, salinityStepDown, salinityUpPerH, salinityDownPerH } = tolerancesOf(resident);
      return { ppt: up ? Math.min(salinityStepUp, salinityUpPerH) : Math.min(salinityStepDown, salinityDownPerH), by: resident.label };
    })
    .reduce<{ ppt: number; by: string } | undefined>((least, limit) => (least && least.ppt <= limit.ppt ? least : limit), undefined);
}

export const livesOutside = (residents: readonly Resident[], ppt: number): string[] => [
  ...new Set(residents.filter(({ salinityPpt: range }) => range && (ppt < range.min || ppt > range.max)).map(({ label }) => label)),
];

/**
 * The plan, or undefined when nothing is to be changed or the water at hand never gets there. Swaps are equal steps an hour apart, none larger than who lives there bears at
 * once or in an hour; the last one is done an hour before `readyByMs`, so that it is read. Too few hours: as far as it gets, never faster.
 * Source: mixing (science of the house, closed form); tolerances are house judgements.
 * @example matchPlan({ volumeL: 300, fromPpt: 32, toPpt: 28, saltPpt: 34, residents: [], now: 0, readyByMs: 36e5 * 9 })!.swaps[0]!.litres === 37.5
 */
export function matchPlan({ volumeL, fromPpt, toPpt, saltPpt, residents, now, readyByMs }: MatchAsked): MatchPlan | undefined {
  const gap = toPpt - fromPpt;
  const up = gap > 0;
  const waterPpt = up ? saltPpt : 0;
  // Water that is no saltier than where it is to be brought never gets it there.
  if (Math.abs(gap) < ROUNDING || (up ? saltPpt <= toPpt : toPpt <= 0)) return undefined;
  const limit = gentlest(residents, up);
  const wanted = limit ? Math.ceil(Math.abs(gap) / limit.ppt - ROUNDING) : 1;
  const hours = Math.max(0, Math.floor((readyByMs - now) / APART_MS));
  const steps = Math.min(wanted, hours);
  // In time the steps are equal; too late, each is as large as is borne.
  const size = steps < wanted ? (limit?.ppt ?? Math.abs(gap)) : Math.abs(gap) / wanted;
  const at = (index: number) => (index === wanted ? toPpt : fromPpt + Math.sign(gap) * size * index);
  return {
    of: up ? 'salt' : 'fresh',
    waterPpt,
    swaps: Array.from({ length: steps }, (_, index) => ({
      atMs: readyByMs - (steps - index) * APART_MS,
      litres: swapLitres({ volumeL, from: at(index), to: at(index + 1), with: waterPpt }),
      toPpt: at(index + 1),
    })),
    reachesPpt: at(steps),
    ...(limit ? { limit } : {}),
    outside: livesOutside(residents, at(steps)),
  };
}

/** Back to where it was, by the day: `afterH` = hours after the fish came. Empty when the water at hand never gets there. */
export function wayBack({
  volumeL,
  fromPpt,
  toPpt,
  saltPpt,
  pptPerDay,
}: {
  volumeL: number;
  fromPpt: number;
  toPpt: number;
  saltPpt: number;
  pptPerDay: number;
}): { afterH: number; litres: number; toPpt: number }[] {
  const up = toPpt > fromPpt;
  if (toPpt === fromPpt || (up && saltPpt <= toPpt) || (!up && toPpt <= 0)) return [];
  return climb({ volumeL, from: fromPpt, to: toPpt, perDay: pptPerDay, with: up ? saltPpt : 0 }).map(({ day, litres, to }) => ({
    afterH: (day * DAY_MS) / HOUR_MS,
    litres,
    toPpt: to,
  }));
}
