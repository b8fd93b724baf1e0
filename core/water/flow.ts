// How fast water runs through an airline: drops counted, millilitres caught, or calculated from head, bore and length.

/** Drops of an airline in a millilitre, ± 30 % until it was caught in a measure. A judgement. */
export const DROPS_PER_ML = 15;
export const DROPS_BAND = 0.3;

/** mL/min from drops counted in seconds, with its band. A RangeError without drops or time. @example flowFromDrops({ drops: 30, seconds: 60 }).mLPerMin === 2 */
export function flowFromDrops({ drops, seconds, perML = DROPS_PER_ML }: { drops: number; seconds: number; perML?: number }): {
  mLPerMin: number;
  low: number;
  high: number;
} {
  if (!(drops > 0 && seconds > 0 && perML > 0)) throw new RangeError('count drops and seconds above 0');
  const mLPerMin = ((drops / perML) * 60) / seconds;
  return { mLPerMin, low: mLPerMin * (1 - DROPS_BAND), high: mLPerMin * (1 + DROPS_BAND) };
}

const GRAVITY = 9.81;
/** Water at 25 °C. */
const DENSITY = 997;
const VISCOSITY = 0.00089;
/** Above this Reynolds number flow is turbulent. */
const LAMINAR_BELOW = 2000;
/** What is lost at the way in and out, in velocity heads. */
const ENDS = 1.5;

/**
 * Flow of a full siphon, mL/min, from head (m), bore (mm) and length (m): Hagen & Poiseuille below Re ≈ 2000, else Darcy & Weisbach with Blasius'
 * friction for smooth hose; losses at both ends counted. Right within a third; a measured rate replaces it. A RangeError on what is not above 0.
 */
export function siphonFlow({ headM, boreMm, lengthM }: { headM: number; boreMm: number; lengthM: number }): {
  mLPerMin: number;
  laminar: boolean;
} {
  if (!(headM > 0 && boreMm > 0 && lengthM > 0)) throw new RangeError('head, bore and length must be above 0');
  const bore = boreMm / 1000;
  const area = (Math.PI * bore * bore) / 4;
  const pressure = DENSITY * GRAVITY * headM;
  // 32·μ·L·v/d² + ends·ρ·v²/2 = ρ·g·h, solved for v.
  const a = (ENDS * DENSITY) / 2;
  const b = (32 * VISCOSITY * lengthM) / (bore * bore);
  let speed = (-b + Math.sqrt(b * b + 4 * a * pressure)) / (2 * a);
  const laminar = reynolds(speed, bore) < LAMINAR_BELOW;
  if (!laminar) {
    for (let turn = 0; turn < 40; turn += 1) {
      const friction = 0.3164 / Math.max(LAMINAR_BELOW, reynolds(speed, bore)) ** 0.25;
      speed = (speed + Math.sqrt((2 * GRAVITY * headM) / (ENDS + (friction * lengthM) / bore))) / 2;
    }
  }
  return { mLPerMin: speed * area * 1e6 * 60, laminar };
}

const reynolds = (speed: number, bore: number): number => (DENSITY * speed * bore) / VISCOSITY;
