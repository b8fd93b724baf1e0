// What a lead may decide here, within bounds.
import type { RoundSettings } from '#core/rounds/index.ts';
import { count } from '../basics/fields.ts';
import type { Shape } from '../basics/shapes.ts';

export const roundSettings = (): Shape<RoundSettings> => ({
  eveningFromHour: count(1, 23),
  missingAfterRounds: count(1, 20),
});
