// Shapes of what the computation is given of a bag, a tank and a lot, and of what was compared with it.
import { TOLERANCE_CLASSES } from '#core/species/index.ts';
import { boolean, type AnyObject, type ObjectSchema } from 'yup';
import {
  AIR_LEVELS,
  type BagInput,
  type BagOpening,
  type Compared,
  type Controls,
  type LotInput,
  type TankInput,
} from '#core/bench/index.ts';
import { choice, closed, count, finite, maybe, someOf } from './fields.ts';
import { ambient, centimetres, degrees, litres, range, salinity, schemaOf, type Shape } from './shapes.ts';

const pH = () => finite(4, 10);

const bagCondition = () =>
  closed<AnyObject>({ is: choice(['closed', 'opened', 'tub'] as const), hours: finite(0, 10_000).optional() }).test(
    'hours',
    'an opened bag says how many hours ago, the others do not',
    (value) => (value.is === 'opened') === (value.hours !== undefined),
  ) as unknown as ObjectSchema<BagOpening>;

/** What was compared when a method was chosen: with it the method is begun. */
export const compared = () =>
  maybe({
    controls: someOf({
      air: choice(AIR_LEVELS),
      ammoniaBinder: boolean().required(),
      floatFirst: boolean().required(),
      floatWithinC: finite(0.05, 10).required(),
      bucketL: finite(0.05, 100_000).required(),
      dripMinutes: finite(1, 2880).required(),
      dripMLPerMin: finite(0, 100_000).required(),
      siphonMinutes: finite(1, 2880).required(),
      siphonMLPerMin: finite(0, 100_000).required(),
      pourOffToL: finite(0.01, 100_000).required(),
      conversionHours: finite(1, 240).required(),
    } satisfies Shape<Controls>),
    opening: bagCondition(),
    fed: boolean().required(),
  }) as unknown as ObjectSchema<Compared | undefined>;

export const bagInput = () =>
  schemaOf<BagInput>({
    waterL: litres(),
    gasL: finite(0, 100_000).required(),
    gas: choice(['oxygen', 'air'] as const),
    temperature: degrees(),
    salinity: salinity(),
    alkalinity: finite(0, 50).required(),
    hardness: finite(0, 200).optional(),
    closedHours: finite(0, 10_000).required(),
    opening: bagCondition(),
    foul: boolean().required(),
    soft: boolean().required(),
    fed: boolean().required(),
    pH: pH().optional(),
    tan: finite(0, 200).optional(),
    oxygen: finite(0, 100).optional(),
  });

export const tankInput = () =>
  schemaOf<TankInput>({
    volumeL: litres(),
    temperature: degrees(),
    salinity: salinity(),
    alkalinity: finite(0, 50).required(),
    pH: pH().optional(),
    hardness: finite(0, 200).optional(),
    ...ambient(),
  });

export const lotInput = () =>
  schemaOf<LotInput>({
    n: count(1),
    lengthCm: centimetres(),
    massA: finite(0.0001, 10).required(),
    massB: finite(1, 5).required(),
    tolerance: choice(TOLERANCE_CLASSES),
    temperatureC: range(-5, 60).default(undefined).optional(),
    invertebrate: boolean().required(),
    euryhaline: boolean().required(),
    bags: count(1, 500),
  });
