// What a lead may decide here, within bounds.
import type { PrepareSettings } from '#core/prepare/index.ts';
import { finite } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

export const prepareSettings = (): Shape<PrepareSettings> => ({
  prepare: schemaOf<PrepareSettings['prepare']>({
    readWithinH: finite(1, 240).required(),
    readyBeforeH: finite(0, 48).required(),
    matchFromPpt: finite(0.2, 20).required(),
    climbPptPerDay: finite(0.1, 5).required(),
    saltPpt: finite(10, 50).required(),
    saltYield: finite(0.8, 2).required(),
    spareSaltL: finite(0, 5000).required(),
    firstAidL: finite(1, 500).required(),
  }),
});
