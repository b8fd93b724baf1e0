// Shapes of an acclimation: its steps, what hands did, its bath.
import type { AnyObject, ISchema, ObjectSchema } from 'yup';
import { AIR_LEVELS, STEPS, type Step } from '#core/bench/index.ts';
import { CONDITIONS } from '#core/dock/index.ts';
import {
  BATH_KINDS,
  FLOW_FROM,
  LABEL_UNITS,
  LONGEST_BATH_MIN,
  RUN_ACTIONS,
  RUN_METHODS,
  type Bath,
  type RunAction,
  type RunMethod,
} from '#core/runs/index.ts';
import { choice, closed, finite, text } from '../basics/fields.ts';
import { degrees, litres, salinity, schemaOf } from '../basics/shapes.ts';

const minutes = (max = 14 * 1440) => finite(0, max).optional();
const mLPerMin = () => finite(0, 100_000).optional();
export const figure = () => finite(-1e6, 1e6).required();
export const METHODS: readonly RunMethod[] = [...RUN_METHODS, 'first-aid bath'];

/** One of several shapes, told apart by `do`: all fields may be left out, but each `do` has its own, no fewer and no more. */
function oneOf<T extends { do: string }>(
  names: readonly T['do'][],
  fields: Record<string, ISchema<unknown>>,
  wants: Partial<Record<T['do'], readonly string[]>>,
) {
  return closed<AnyObject>({ do: choice(names), ...fields }).test('fields', 'has not the fields of what it does', (value) => {
    if (typeof value.do !== 'string') return true;
    const given = Object.keys(value).filter((name) => name !== 'do' && value[name] !== undefined);
    const wanted = wants[value.do as T['do']] ?? [];
    return given.length === wanted.length && wanted.every((name) => given.includes(name));
  }) as unknown as ObjectSchema<T>;
}

export const step = () =>
  oneOf<Step>(
    STEPS,
    {
      minutes: minutes(),
      bags: finite(1, 500).integer().optional(),
      bucketL: finite(0.05, 100_000).optional(),
      toL: finite(0.01, 100_000).optional(),
      mLPerMin: mLPerMin(),
      litres: finite(0.01, 100_000).optional(),
      level: choice(AIR_LEVELS).optional(),
    },
    {
      wait: ['minutes'],
      float: ['minutes'],
      pool: ['bags'],
      pour: ['bucketL'],
      pourOff: ['toL'],
      run: ['mLPerMin', 'minutes'],
      cup: ['litres'],
      air: ['level'],
    },
  );

export const action = () =>
  oneOf<RunAction>(
    RUN_ACTIONS,
    {
      bucketL: finite(0.05, 100_000).optional(),
      toL: finite(0.01, 100_000).optional(),
      litres: finite(0.01, 100_000).optional(),
      level: choice(AIR_LEVELS).optional(),
      mLPerMin: mLPerMin(),
      low: mLPerMin(),
      high: mLPerMin(),
      from: choice(FLOW_FROM).optional(),
    },
    { pour: ['bucketL'], 'pour off': ['toL'], cup: ['litres'], air: ['level'], flow: ['mLPerMin', 'low', 'high', 'from'] },
  );

const pair = (schema: () => ISchema<unknown>) => closed({ bath: schema(), fish: schema() });
export const bath = () =>
  schemaOf<Bath>({
    is: choice(BATH_KINDS),
    label: text(80),
    dose: closed({ value: finite(0.0001, 100_000).required(), unit: choice(LABEL_UNITS) }),
    litres: litres(),
    minutes: finite(1, LONGEST_BATH_MIN).required(),
    condition: choice(CONDITIONS),
    matched: closed({ temperature: pair(degrees), salinity: pair(salinity) }),
  })
    .default(undefined)
    .optional();
export const everyMinutes = () => finite(1, 1440).optional();
