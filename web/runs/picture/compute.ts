// What the worker calculates of one run: its course as it is followed, and where reading and calculating have parted.
import {
  follow,
  disagreementsOf,
  runFactsOf,
  standingOf,
  type Followed,
  type AcclimationRun,
  type Disagreement,
} from '#core/runs/index.ts';

export type RunQuestion = { run: AcclimationRun; now: number };
export type RunPicture = { followed: Followed; disagreements: Disagreement[] };

export function pictureOf({ run, now }: RunQuestion): RunPicture {
  const facts = runFactsOf(run);
  return {
    followed: follow(facts, now),
    disagreements: disagreementsOf(facts, { ammoniaBinder: standingOf(run).boundUntilMs !== undefined }),
  };
}
