// How far a batch is: thawed, strained, soaked, ready, too old; by its own times and by what somebody did.
import type { FoodFacts } from '../feeding/index.ts';
import { HOUR_MS, MINUTE_MS } from '../time/index.ts';
import type { BatchStep } from './entries.ts';

export type FoodWay = Pick<FoodFacts, 'thawH' | 'strain' | 'soakMin'>;
export type StepDone = { step: BatchStep; atMs: number };
/** What its hands are wanted for next, and when; `old` = ready once, and kept for too long. */
export type LineNow =
  | { is: 'thawing' | 'soaking'; fromMs: number; untilMs: number }
  | { is: 'unstrained'; fromMs: number }
  | { is: 'ready'; fromMs: number; keepsUntilMs?: number }
  | { is: 'old'; fromMs: number }
  | { is: 'thrown away'; fromMs: number };

/** The steps of a food, in their order. */
export const stepsOf = ({ thawH, strain, soakMin }: FoodWay): BatchStep[] => [
  ...(thawH ? (['thawed'] as const) : []),
  ...(strain ? (['strained'] as const) : []),
  ...(soakMin ? (['soaked'] as const) : []),
];

/** Where one food of a batch stands at `now`. What thaws or soaks is done at its time, or when somebody says so before; straining waits for hands. Live food, and dry food that stays dry, do not grow old here. */
export function lineNow(
  way: FoodWay,
  { begunMs, done, keepsH }: { begunMs: number; done: readonly StepDone[]; keepsH: number },
  now: number,
): LineNow {
  const atOf = (step: BatchStep) => done.find((known) => known.step === step)?.atMs;
  const away = atOf('thrown away');
  if (away !== undefined) return { is: 'thrown away', fromMs: away };
  let fromMs = begunMs;
  let thawedMs: number | undefined;
  if (way.thawH) {
    const untilMs = begunMs + way.thawH * HOUR_MS;
    const said = atOf('thawed') ?? atOf('strained') ?? atOf('soaked');
    if (said === undefined && untilMs > now) return { is: 'thawing', fromMs, untilMs };
    thawedMs = fromMs = Math.min(said ?? untilMs, untilMs);
  }
  const old = () => thawedMs !== undefined && now > thawedMs + keepsH * HOUR_MS;
  if (way.strain) {
    const said = atOf('strained') ?? atOf('soaked');
    if (said === undefined) return old() ? { is: 'old', fromMs: thawedMs! + keepsH * HOUR_MS } : { is: 'unstrained', fromMs };
    fromMs = said;
  }
  if (way.soakMin) {
    const untilMs = fromMs + way.soakMin * MINUTE_MS;
    const said = atOf('soaked');
    if (said === undefined && untilMs > now) return { is: 'soaking', fromMs, untilMs };
    fromMs = Math.min(said ?? untilMs, untilMs);
    // Dry food that was soaked spoils as what was thawed does.
    thawedMs ??= fromMs;
  }
  if (old()) return { is: 'old', fromMs: thawedMs! + keepsH * HOUR_MS };
  return { is: 'ready', fromMs, ...(thawedMs === undefined ? {} : { keepsUntilMs: thawedMs + keepsH * HOUR_MS }) };
}

/** When thawing has to begin so that it is ready at the meal. */
export const beginBy = ({ thawH = 0, soakMin = 0, strain }: FoodWay, mealMs: number): number =>
  mealMs - thawH * HOUR_MS - soakMin * MINUTE_MS - (strain ? STRAIN_MIN * MINUTE_MS : 0);
const STRAIN_MIN = 5;
