// What a lead may decide here, within bounds.
import type { QuarantinePolicies, QuarantineSettings } from '#core/quarantine/index.ts';
import { quarantinePolicy, schemaOf, type Shape } from '../basics/shapes.ts';

export const quarantineSettings = (): Shape<QuarantineSettings> => ({
  quarantine: schemaOf<QuarantinePolicies>({
    fresh: quarantinePolicy(),
    brackish: quarantinePolicy(),
    marine: quarantinePolicy(),
    invertebrates: quarantinePolicy(),
  }),
});
