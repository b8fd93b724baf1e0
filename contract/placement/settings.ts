// What a lead may decide here, within bounds.
import { COST_CODES, type PlacementSettings, type PlaceRules } from '#core/placement/index.ts';
import { choice, closed, count, finite, list } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

export const placementSettings = (): Shape<PlacementSettings> => ({
  places: schemaOf<PlaceRules>({
    cmPerL: closed({ fresh: finite(0.1, 20).required(), brackish: finite(0.1, 20).required(), marine: finite(0.1, 20).required() }),
    heldDays: count(0, 365),
    leadOnly: list(choice(COST_CODES), { max: COST_CODES.length }).optional(),
  }),
});
