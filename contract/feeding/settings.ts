// What a lead may decide here, within bounds.
import type { FeedingSettings, HungryAfterDays } from '#core/feeding/index.ts';
import { days, schemaOf, type Shape } from '../basics/shapes.ts';

export const feedingSettings = (): Shape<FeedingSettings> => ({
  hungryAfterDays: schemaOf<HungryAfterDays>({ fry: days(), small: days(), other: days(), largePredator: days(), firstMarine: days() }),
});
