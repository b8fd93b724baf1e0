// What a lead may decide here, within bounds.
import {
  HOUSE_METHODS,
  type AmbientConditions,
  type BenchSettings,
  type MethodChoice,
  type HouseMethodClass,
  type HouseMethods,
} from '#core/bench/index.ts';
import { choice, finite } from '../basics/fields.ts';
import { ambient, schemaOf, type Shape } from '../basics/shapes.ts';

const methodsByClass = () =>
  schemaOf<Record<HouseMethodClass, MethodChoice>>({
    fresh: choice(HOUSE_METHODS),
    brackish: choice(HOUSE_METHODS),
    marine: choice(HOUSE_METHODS),
    invertebrates: choice(HOUSE_METHODS),
  });

export const benchSettings = (): Shape<BenchSettings> => ({
  floatWithinC: finite(0.1, 5).required(),
  houseMethods: schemaOf<HouseMethods>({ shortUnderH: finite(0, 72).required(), short: methodsByClass(), long: methodsByClass() }),
  ambient: schemaOf<AmbientConditions>(ambient()),
});
