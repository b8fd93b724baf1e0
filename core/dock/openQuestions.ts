// What a supplier has still to be asked of a crate: what nobody stated is not known, and what is not known may kill at the opening.
import type { CrateFields } from './entries.ts';

export const CRATE_QUESTIONS = ['salinity', 'temperature', 'pH', 'lastMeal', 'caught', 'packedWith'] as const;
export type CrateQuestion = (typeof CRATE_QUESTIONS)[number];

/** In the order of harm. */
export function openQuestions({ stated, told = {} }: Pick<CrateFields, 'stated' | 'told'>): CrateQuestion[] {
  const open: Record<CrateQuestion, boolean> = {
    salinity: stated.salinityPpt === undefined,
    temperature: stated.temperatureC === undefined,
    pH: stated.pH === undefined,
    lastMeal: told.lastMeal === undefined,
    caught: told.caught === undefined,
    packedWith: told.packedWith === undefined,
  };
  return CRATE_QUESTIONS.filter((question) => open[question]);
}
