// What a lead may decide here, within bounds.
import { ROUTES_FOR, TRIAGE_FACTS, type DockSettings, type TriageRules } from '#core/dock/index.ts';
import { choice, count, finite } from '../basics/fields.ts';
import { schemaOf, type Shape } from '../basics/shapes.ts';

export const dockSettings = (): Shape<DockSettings> => ({
  lateAfterH: finite(0, 240).required(),
  longClosedH: finite(0, 240).required(),
  triage: schemaOf<TriageRules>(
    Object.fromEntries(TRIAGE_FACTS.map((fact) => [fact, choice(ROUTES_FOR[fact])])) as unknown as Shape<TriageRules>,
  ),
  cleanWaterMin: count(1, 240),
});
