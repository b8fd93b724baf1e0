// What a lead may decide here, within bounds.
import { SCHOOLS, type Around, type BenchSettings, type School, type SchoolClass, type Schools } from '#core/bench/index.ts';
import { choice, finite } from '../basics/fields.ts';
import { around, schemaOf, type Shape } from '../basics/shapes.ts';

const schoolsByClass = () =>
  schemaOf<Record<SchoolClass, School>>({
    fresh: choice(SCHOOLS),
    brackish: choice(SCHOOLS),
    marine: choice(SCHOOLS),
    invertebrates: choice(SCHOOLS),
  });

export const benchSettings = (): Shape<BenchSettings> => ({
  floatWithinC: finite(0.1, 5).required(),
  schools: schemaOf<Schools>({ shortUnderH: finite(0, 72).required(), short: schoolsByClass(), long: schoolsByClass() }),
  around: schemaOf<Around>(around()),
});
