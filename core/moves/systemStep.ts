// What fish that are netted from one system straight into another are asked to bear. By what is last known of both: one meter in both beats it.
import { TOLERANCES } from '../bench/index.ts';

type Known = { temperatureC: number; salinityPpt: number };
export type WaterStep = {
  /** There less here, °C and ppt. */
  temperatureC: number;
  salinityPpt: number;
  /** What ordinary fish do not bear at once, with what they do. Judgement, as on the bench. */
  beyond: { what: 'temperature' | 'salinity'; tolerance: number }[];
};

/** Below these nobody feels it. */
const LEAST = { temperatureC: 0.5, salinityPpt: 0.5 } as const;

/** The step between two systems, or nothing where they are as good as one. °C, ppt. */
export function systemStep(from: Known, to: Known): WaterStep | undefined {
  const temperatureC = to.temperatureC - from.temperatureC;
  const salinityPpt = to.salinityPpt - from.salinityPpt;
  if (Math.abs(temperatureC) < LEAST.temperatureC && Math.abs(salinityPpt) < LEAST.salinityPpt) return undefined;
  const { temperatureStep, salinityStepUp, salinityStepDown } = TOLERANCES.ordinary;
  const toleratedSalt = salinityPpt > 0 ? salinityStepUp : salinityStepDown;
  return {
    temperatureC,
    salinityPpt,
    beyond: [
      ...(Math.abs(salinityPpt) > toleratedSalt ? [{ what: 'salinity' as const, tolerance: toleratedSalt }] : []),
      ...(Math.abs(temperatureC) > temperatureStep ? [{ what: 'temperature' as const, tolerance: temperatureStep }] : []),
    ],
  };
}
