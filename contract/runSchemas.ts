// Schemas of runs: fish brought to their tank in a vessel, by steps that take hands and time.
import { boolean, string, type AnyObject, type ISchema, type ObjectSchema } from 'yup';
import {
  AIR_LEVELS,
  STEPS,
  TOLERANCE_CLASSES,
  type BagInput,
  type BagState,
  type Compared,
  type Controls,
  type LotInput,
  type Step,
  type TankInput,
} from '#core/bench/index.ts';
import type { Payloads } from '#core/catalogue/index.ts';
import { CONDITIONS } from '#core/dock/index.ts';
import {
  BATH_KINDS,
  CHECKS,
  FLOW_FROM,
  LABEL_UNITS,
  LONGEST_BATH_MIN,
  OVERFLOWS,
  RUN_DEEDS,
  RUN_METHODS,
  RUN_RELEASE_BY,
  RUN_SIGNS,
  VESSEL_WATERS,
  type Bath,
  type LightsDimmed,
  type MeterChecked,
  type PageSent,
  type RunChecked,
  type RunDeed,
  type RunEntries,
  type RunHanded,
  type RunMethod,
  type RunNoticed,
  type RunReleased,
  type RunStarted,
  type RunWorked,
  type SideBySide,
  type Vessel,
} from '#core/runs/index.ts';
import { QUANTITIES } from '#core/water/index.ts';
import { choice, closed, count, finite, id, instant, list, maybe, note, someOf, text } from './fields.ts';
import { around, centimetres, degrees, litres, range, salinity, schemaOf, type Shape } from './shapes.ts';

const minutes = (max = 14 * 1440) => finite(0, max).optional();
const mLPerMin = () => finite(0, 100_000).optional();
const figure = () => finite(-1e6, 1e6).required();
const METHODS: readonly RunMethod[] = [...RUN_METHODS, 'first-aid bath'];

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

const step = () =>
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

const deed = () =>
  oneOf<RunDeed>(
    RUN_DEEDS,
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

const pH = () => finite(4, 10);
const bagState = () =>
  closed<AnyObject>({ is: choice(['closed', 'opened', 'tub'] as const), hours: finite(0, 10_000).optional() }).test(
    'hours',
    'an opened bag says how many hours ago, the others do not',
    (value) => (value.is === 'opened') === (value.hours !== undefined),
  ) as unknown as ObjectSchema<BagState>;

/** What was compared when a method was chosen: with it the method is begun. */
export const compared = () =>
  maybe({
    controls: someOf({
      air: choice(AIR_LEVELS),
      binder: boolean().required(),
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
    state: bagState(),
    fed: boolean().required(),
  }) as unknown as ObjectSchema<Compared | undefined>;

const bagInput = () =>
  schemaOf<BagInput>({
    waterL: litres(),
    gasL: finite(0, 100_000).required(),
    gas: choice(['oxygen', 'air'] as const),
    temperature: degrees(),
    salinity: salinity(),
    alkalinity: finite(0, 50).required(),
    hardness: finite(0, 200).optional(),
    closedHours: finite(0, 10_000).required(),
    state: bagState(),
    foul: boolean().required(),
    soft: boolean().required(),
    fed: boolean().required(),
    pH: pH().optional(),
    tan: finite(0, 200).optional(),
    oxygen: finite(0, 100).optional(),
  });
const tankInput = () =>
  schemaOf<TankInput>({
    volumeL: litres(),
    temperature: degrees(),
    salinity: salinity(),
    alkalinity: finite(0, 50).required(),
    pH: pH().optional(),
    hardness: finite(0, 200).optional(),
    ...around(),
  });
const lotInput = () =>
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
const pair = (of: () => ISchema<unknown>) => closed({ bath: of(), fish: of() });
const bath = () =>
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
const everyMinutes = () => finite(1, 1440).optional();

export const runSchemas: { [K in keyof RunEntries]: ObjectSchema<Payloads[K]> } = {
  'run.started': schemaOf<RunStarted>({
    run: id(),
    method: choice(METHODS),
    lot: id(),
    tank: id(),
    from: list(closed({ place: id(), n: count(1) }), { min: 1, max: 100 }),
    vessel: schemaOf<Vessel>({ name: text(60), holdsL: litres(), overflow: choice(OVERFLOWS) }),
    start: bagInput(),
    water: tankInput(),
    of: lotInput(),
    plan: list(step(), { max: 100 }),
    within: closed({ salinity: finite(0.01, 60).required(), temperature: finite(0.01, 30).required() }),
    watcher: string().max(64).optional(),
    checkEveryMin: everyMinutes(),
    bath: bath(),
  }),
  'run.worked': schemaOf<RunWorked>({ run: id(), line: finite(0, 100).integer().optional(), did: deed() }),
  'run.noticed': schemaOf<RunNoticed>({ run: id(), sign: choice(RUN_SIGNS), n: finite(1, 100_000).integer().optional(), note: note() }),
  'run.checked': schemaOf<RunChecked>({
    run: id(),
    fine: list(choice(CHECKS), { max: 20 }),
    wrong: list(choice(CHECKS), { max: 20 }),
    note: note(),
  }),
  'run.handed': schemaOf<RunHanded>({ run: id(), to: id(), checkEveryMin: everyMinutes(), note: note() }),
  'run.released': schemaOf<RunReleased>({
    run: id(),
    lot: id(),
    into: list(closed({ tank: id(), n: count(1) }), { max: 50 }),
    dead: count(),
    stay: count(1).optional(),
    by: choice(RUN_RELEASE_BY),
    water: choice(VESSEL_WATERS),
    side: list(schemaOf<SideBySide>({ quantity: choice(QUANTITIES), vessel: figure(), tank: figure(), instrument: text(60) }), { max: 10 }),
    figures: schemaOf<RunReleased['figures']>({
      nh3Peak: figure(),
      exposure: figure(),
      lowestOxygen: figure(),
      highestCo2: figure(),
      temperatureStep: figure(),
      salinityStep: figure(),
      settledStep: figure(),
      hardnessStep: finite(-1000, 1000).optional(),
      salinityUpPerH: figure(),
      salinityDownPerH: figure(),
      temperaturePerH: figure(),
      co2Rise: figure(),
      totalMinutes: figure(),
      tankWaterL: figure(),
    }),
    note: note(),
  }),
  'meter.checked': schemaOf<MeterChecked>({
    instrument: text(60),
    quantity: choice(QUANTITIES),
    shown: figure(),
    truth: figure(),
    adjusted: boolean().required(),
    note: note(),
  }),
  'lights.dimmed': schemaOf<LightsDimmed>({ tank: id(), untilMs: instant() }),
  'page.sent': schemaOf<PageSent>({ due: text(120), stage: count(1, 9), to: id(), says: text(200) }),
};
