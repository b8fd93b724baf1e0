// What the worker reckons of one run: its course as it is followed, and where reading and reckoning have parted.
import { follow, partedOf, runFactsOf, standingOf, type Followed, type KnownRun, type Parted } from '#core/runs/index.ts';

export type RunQuestion = { run: KnownRun; now: number };
export type RunPicture = { followed: Followed; parted: Parted[] };

export function pictureOf({ run, now }: RunQuestion): RunPicture {
  const facts = runFactsOf(run);
  return { followed: follow(facts, now), parted: partedOf(facts, { binder: standingOf(run).boundUntilMs !== undefined }) };
}
