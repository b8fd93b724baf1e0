// What a lead may decide here, within bounds.
import type { RunPolicy, RunSettings } from '#core/runs/index.ts';
import { count, finite } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

export const runSettings = (): Shape<RunSettings> => ({
  runs: schemaOf<RunPolicy>({
    equalPpt: finite(0.1, 5).required(),
    equalC: finite(0.1, 5).required(),
    longH: finite(0.25, 48).required(),
    checkEveryMin: count(5, 720),
    callAfterMin: count(1, 120),
    callLeadAfterMin: count(1, 240),
    ammoniaLine: finite(0.01, 5).required(),
    oxygenLine: finite(0.5, 10).required(),
    chilledByC: finite(0.5, 15).required(),
    settlingH: finite(0, 240).required(),
    sittingH: finite(0, 240).required(),
  }),
});
