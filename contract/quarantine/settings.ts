// What a lead may decide here, within bounds.
import type { HoldPolicies, QuarantineSettings } from '#core/quarantine/index.ts';
import { holdPolicy, schemaOf, type Shape } from '../basics/shapes.ts';

export const quarantineSettings = (): Shape<QuarantineSettings> => ({
  holds: schemaOf<HoldPolicies>({ fresh: holdPolicy(), brackish: holdPolicy(), marine: holdPolicy(), invertebrates: holdPolicy() }),
});
