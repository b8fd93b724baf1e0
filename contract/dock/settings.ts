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
  unpack: schemaOf<DockSettings['unpack']>({
    people: count(1, 50),
    buckets: count(1, 200),
    litresAPlace: finite(1, 10_000).required(),
    landMin: finite(0.1, 60).required(),
    putMin: finite(0.1, 60).required(),
    pourMin: finite(0.1, 60).required(),
    netMin: finite(0.1, 60).required(),
  }),
});
