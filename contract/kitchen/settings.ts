// What a lead may decide of the kitchen, within bounds.
import type { KitchenRules, KitchenSettings } from '#core/kitchen/index.ts';
import { finite } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

const percent = () => finite(0, 50).required();

export const kitchenSettings = (): Shape<KitchenSettings> => ({
  kitchen: schemaOf<KitchenRules>({
    ordinaryPercent: percent(),
    quarantinePercent: percent(),
    conditioningPercent: percent(),
    firstDayPercent: percent(),
    fryPercent: percent(),
    thawedKeepsH: finite(0.5, 72).required(),
  }),
});
