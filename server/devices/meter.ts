// The bench meter that ships with the house, simulated: dipped into a run's vessel or a tank it shows what is truly there by the same
// physics, with its own noise, its error, and the drift of its probes. What it hides: how each vessel differs from the book.
import { METER, type MeterShown, type MeterSubject, type InstrumentType } from '#contract/devices.ts';
import { normal } from '#core/chance/index.ts';
import { AS_CALCULATED, trajectoryOf, REFERENCES_OF, runFactsOf, type VesselParameters, type FollowedQuantity } from '#core/runs/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { conductivityFromSalinity, type ReadingMethod } from '#core/water/index.ts';
import { makeAsk, number } from '../db/ask.ts';
import { findMeta, setMeta } from '../db/meta.ts';
import type { RunningHouse } from '../house/house.ts';
import { prepareKnown } from '../runs/known.ts';

/** What a probe shows too much for each hour since it was set right, and how unsteady it is. SI. */
const DRIFTS: Record<FollowedQuantity, { perH: number; noise: number; offset: number; decimals: number }> = {
  temperature: { perH: 0, noise: 0.05, offset: 0.1, decimals: 1 },
  salinity: { perH: 0.09, noise: 0.08, offset: 0, decimals: 1 },
  pH: { perH: -0.004, noise: 0.02, offset: 0.02, decimals: 2 },
  ammonia: { perH: 0, noise: 0, offset: 0, decimals: 2 },
  oxygen: { perH: -0.01, noise: 0.1, offset: 0, decimals: 1 },
};
/** Its probes drift no further than this many hours' worth. */
const WORST_H = 48;
/** What a strip's colour card has, mg/L N. */
const STRIP = [0, 0.1, 0.25, 0.5, 1, 2, 3, 5, 8, 12] as const;
/** The skin of a vessel lies between its water and the air, share of the way. */
const SKIN = 0.35;

type State = { setAtMs: Partial<Record<FollowedQuantity, number>>; dips: number };

/** Seeded by a text, in [0, 1): FNV-1a, then mixed. The same dip shows the same. */
function chanceOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1) hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193);
  hash = Math.imul(hash ^ (hash >>> 16), 0x45d9f3b);
  return ((hash ^ (hash >>> 16)) >>> 0) / 4_294_967_296;
}
const normalOf = (text: string): number => {
  let draw = 0;
  return normal(() => chanceOf(`${text} ${'ab'[draw++]}`));
};

/** How a vessel truly differs from the book; nobody may read it but the meter. */
export const truthOf = (run: string): VesselParameters => {
  const factor = (name: keyof VesselParameters, spread: number) => Math.exp(spread * normalOf(`${run} ${name}`));
  return {
    ...AS_CALCULATED,
    tau: factor('tau', 0.15),
    flow: factor('flow', 0.1),
    exchange: factor('exchange', 0.3),
    tan: factor('tan', 0.25),
    dic: factor('dic', 0.08),
  };
};

export type Meter = {
  read(asked: { subject: MeterSubject; quantity: FollowedQuantity; way: InstrumentType; now: number }): MeterShown | undefined;
  /** Dipped into its reference: what it shows there. */
  reference(quantity: FollowedQuantity, now: number): { shown: number; truth: number } | undefined;
  /** Set right at its reference. */
  setRight(quantity: FollowedQuantity, now: number): void;
};

export function makeMeter({ client, settings }: Pick<RunningHouse, 'client' | 'settings'>): Meter {
  const ask = makeAsk(client);
  const known = prepareKnown(client);
  const system = ask.get(
    { temperatureC: number, salinityPpt: number },
    'select temperature_c temperatureC, salinity_ppt salinityPpt from now_system where id = ?',
  );
  const state = (): State => JSON.parse(findMeta(client, 'device.meter') ?? '{"setAtMs":{},"dips":0}') as State;
  const keep = (next: State) => setMeta(client, 'device.meter', JSON.stringify(next));

  /** What is there, without any error. */
  function trulyAt(subject: MeterSubject, quantity: FollowedQuantity, now: number): number | undefined {
    if (subject.kind === 'run') {
      const [run] = known(subject.id);
      if (!run) return undefined;
      const { now: sample } = trajectoryOf({ ...runFactsOf(run), readings: [] }, { now, parameters: truthOf(run.run), pastOnly: true });
      return { temperature: sample.temperature, salinity: sample.salinity, pH: sample.pH, ammonia: sample.tan, oxygen: sample.oxygen }[
        quantity
      ];
    }
    const row = system(subject.id);
    if (!row) return undefined;
    return { temperature: row.temperatureC, salinity: row.salinityPpt, pH: row.salinityPpt > 5 ? 8.1 : 7.2, ammonia: 0, oxygen: 6.8 }[
      quantity
    ];
  }

  function errorOf(quantity: FollowedQuantity, { setAtMs, dips }: State, now: number): number {
    const { perH, noise, offset } = DRIFTS[quantity];
    const since = setAtMs[quantity];
    const hours = since === undefined ? 24 : Math.max(0, (now - since) / HOUR_MS);
    return offset + perH * Math.min(WORST_H, hours) + noise * normalOf(`${quantity} ${dips}`);
  }

  return {
    read({ subject, quantity, way, now }) {
      const truth = trulyAt(subject, quantity, now);
      if (truth === undefined) return undefined;
      const before = state();
      keep({ ...before, dips: before.dips + 1 });
      const { decimals } = DRIFTS[quantity];
      const written = (value: number, method: ReadingMethod, unit: string): MeterShown => {
        const shown = Number(Math.max(0, value).toFixed(decimals));
        return { quantity, value: shown, typed: `${shown} ${unit}`.trim(), method, instrument: METER, atMs: now };
      };
      if (quantity === 'ammonia') {
        const seen = truth * (1 + 0.12 * normalOf(`strip ${before.dips}`));
        const nearest = STRIP.reduce((best, step) => (Math.abs(step - seen) < Math.abs(best - seen) ? step : best));
        return written(nearest, 'test', 'mg/L N');
      }
      if (quantity === 'temperature' && way === 'infrared') {
        const skin = truth + SKIN * (settings().rules.ambient.roomC - truth) + 0.5 * normalOf(`skin ${before.dips}`);
        return written(skin, 'on the bag', 'C');
      }
      const value = truth + errorOf(quantity, before, now);
      if (quantity === 'salinity') {
        const shown = written(value, 'meter', 'ppt');
        // It measures conductivity, compensated to 25 °C, and says so; what it tells is the salinity of that.
        const salinity = Math.min(42, Math.max(0, shown.value));
        const mS = conductivityFromSalinity({ salinity, temperature: 25, reference: 'compensated25' });
        return { ...shown, typed: salinity >= 2 ? `${mS.toFixed(1)} mS comp` : shown.typed };
      }
      return written(
        value,
        quantity === 'temperature' ? 'in the water' : 'meter',
        quantity === 'temperature' ? 'C' : quantity === 'oxygen' ? 'mg/L' : '',
      );
    },
    reference(quantity, now) {
      const truth = REFERENCES_OF[quantity]?.truth;
      if (truth === undefined) return undefined;
      const before = state();
      keep({ ...before, dips: before.dips + 1 });
      return { shown: Number((truth + errorOf(quantity, before, now)).toFixed(DRIFTS[quantity].decimals)), truth };
    },
    setRight(quantity, now) {
      const before = state();
      keep({ ...before, setAtMs: { ...before.setAtMs, [quantity]: now } });
    },
  };
}
