// Signs while fish are in a vessel: which stop it and what hands do now; which are to be expected then. Judged with the time since the start.
import type { Exit } from './exit.ts';
import { STOP_SIGNS, type RunAction, type RunMethod, type RunSign } from './entries.ts';
import type { RunPolicy } from './policy.ts';
import { isConversionMethod } from './sheet.ts';

/** What hands do now, in order. Words are the web's. */
export type DoNow =
  | 'air on'
  | 'ammonia binder in'
  | 'tank water in'
  | 'out now'
  | 'stop the drip'
  | 'slower'
  | 'clean matched water'
  | 'float the vessel'
  | 'read ammonia'
  | 'read oxygen'
  | 'back towards'
  | 'rest, then slower'
  | 'watch'
  | 'leave it';

export type Judged = { stops: boolean; doNow: DoNow[]; expected?: 'just after' | 'first day of a conversion' };
type Now = {
  method: RunMethod;
  minutes: number;
  /** Mg/L, as read or calculated; undefined while nobody knows. */
  nh3?: number;
  oxygen?: number;
  /** Whether they bear the step into the tank; undefined while nobody knows, and then they do not go. */
  exit?: Exit;
  airOn: boolean;
  ammoniaBinder: boolean;
  /** Water runs in. */ flowing: boolean;
};

/** What the house has decided about signs. */
export type SignLines = Pick<RunPolicy, 'ammoniaLine' | 'oxygenLine' | 'chilledByC' | 'settlingH' | 'sittingH'>;

const isStop = (sign: RunSign): boolean => (STOP_SIGNS as readonly string[]).includes(sign);

/** What a sign means in this vessel at this minute, and what to do. Toxic ammonia and oxygen mg/L, as read or calculated. */
export function judgeSign(sign: RunSign, now: Now, lines: SignLines): Judged {
  if (isStop(sign))
    return {
      stops: true,
      doNow: now.exit?.is === 'within' || now.method === 'first-aid bath' ? doNow(sign, now, lines) : turnBack(sign, now, lines),
    };
  const hours = now.minutes / 60;
  if (sign === 'sitting on the bottom' && isConversionMethod(now.method) && hours <= lines.sittingH)
    return { stops: false, doNow: ['leave it', 'watch'], expected: 'first day of a conversion' };
  if (sign !== 'sitting on the bottom' && hours <= lines.settlingH) return { stops: false, doNow: ['leave it'], expected: 'just after' };
  return { stops: false, doNow: ['read oxygen', 'read ammonia', 'watch'] };
}

/** The tank is too far off: out into it is what kills. What runs in stops; air, oxygen and ammonia are looked at; back to what they bore, rest, then slower. */
function turnBack(sign: RunSign, { nh3, airOn, ammoniaBinder, flowing, exit }: Now, lines: SignLines): DoNow[] {
  if (sign === 'chilled') return ['float the vessel', 'slower'];
  const poisoned = sign === 'ammonia over the line' || (nh3 !== undefined && nh3 >= lines.ammoniaLine);
  return [
    ...(flowing ? (['stop the drip'] as const) : []),
    ...(poisoned && !ammoniaBinder ? (['ammonia binder in'] as const) : []),
    ...(airOn ? [] : (['air on'] as const)),
    'read oxygen',
    'read ammonia',
    ...(exit?.is === 'over' && exit.back ? (['back towards'] as const) : []),
    'rest, then slower',
  ];
}

function doNow(sign: RunSign, { method, nh3, oxygen, airOn, ammoniaBinder, flowing }: Now, lines: SignLines): DoNow[] {
  if (method === 'first-aid bath') return ['clean matched water', ...(airOn ? [] : (['air on'] as const)), 'out now'];
  switch (sign) {
    case 'gasping at the surface':
    case 'lying and breathing fast':
      // Too little oxygen or burnt gills: which of the two, the numbers tell; air first where it is oxygen.
      if (nh3 !== undefined && nh3 >= lines.ammoniaLine)
        return [...(ammoniaBinder ? [] : (['ammonia binder in'] as const)), ...(airOn ? [] : (['air on'] as const)), 'out now'];
      return [
        ...(airOn ? [] : (['air on'] as const)),
        ...(oxygen === undefined || oxygen < lines.oxygenLine ? (['tank water in'] as const) : []),
        'read ammonia',
        'out now',
      ];
    case 'rolling':
      return [...(flowing ? (['stop the drip'] as const) : []), ...(airOn ? [] : (['air on'] as const)), 'clean matched water', 'out now'];
    case 'ammonia over the line':
      return [...(ammoniaBinder ? [] : (['ammonia binder in'] as const)), 'out now'];
    case 'oxygen low':
      return airOn ? ['tank water in', 'out now'] : ['air on', 'tank water in'];
    case 'chilled':
      return ['float the vessel', 'slower'];
    default:
      return ['watch'];
  }
}

/** What hands have then done, for what is an action of its own. */
export function actionFor(what: DoNow): RunAction | undefined {
  switch (what) {
    case 'air on':
      return { do: 'air', level: 'gentle' };
    case 'ammonia binder in':
      return { do: 'ammonia binder' };
    case 'float the vessel':
      return { do: 'float' };
    case 'stop the drip':
      return { do: 'flow', mLPerMin: 0, low: 0, high: 0, from: 'caught' };
    default:
      return undefined;
  }
}

/** Stop signs that the numbers themselves give, before any fish shows them. `at` = minutes since the start, of a sample. */
export function calculatedSigns(
  samples: readonly { minute: number; nh3: number; oxygen: number; temperature: number; where: string }[],
  tankC: number,
  lines: SignLines,
): { sign: RunSign; atMinute: number }[] {
  const first = (sign: RunSign, holds: (sample: (typeof samples)[number]) => boolean) => {
    const found = samples.find((sample) => sample.where === 'bucket' && holds(sample));
    return found ? [{ sign, atMinute: found.minute }] : [];
  };
  return [
    ...first('ammonia over the line', ({ nh3 }) => nh3 >= lines.ammoniaLine),
    ...first('oxygen low', ({ oxygen }) => oxygen < lines.oxygenLine),
    ...first('chilled', ({ temperature }) => temperature < tankC - lines.chilledByC),
  ];
}
