// What the bench says: methods, why one is not to be had, what is wrong with an input, what would turn the order.
import type {
  Advice,
  FactOf,
  FactSource,
  Controls,
  InputFault,
  AcclimationMethod,
  NotOffered,
  Stress,
  StressName,
  SettleBy,
  Turn,
} from '#core/bench/index.ts';
import type { Quantity } from '#core/water/index.ts';
import type { Units } from '../data/units.ts';

/** What hands do, in one line. */
export const METHOD_WORDS: Record<AcclimationMethod, string> = {
  'float and net': 'Float closed, open, net out; the bag water goes to the drain',
  'match, float, net': 'Bring the tank to the bag’s salinity first, then float and net out',
  drip: 'Pour into a bucket and let tank water drip in',
  'fast siphon': 'Pour into a bucket, open airline for half an hour',
  'cup exchange': 'In the floated bag, a cup out and a cup in every few minutes',
  'pooled bucket': 'All bags of the lot into one bucket, siphon on and off',
  'long conversion': 'An overflowing bucket with air, opened up step by step over a day',
  'overnight conversion':
    'One steady drip for the night; the vessel overflows at the height of the bag’s water, with air, a watcher and a check half-way',
  straight: 'Cut and into the tank at once',
};

export const NOT_OFFERED_WORDS: Record<NotOffered, string> = {
  soft: 'a soft bag sinks',
  tub: 'an open tub cannot float',
  'nothing to match': 'tank and bag have the same salinity',
  'one bag': 'there is only one bag of this lot',
  'no conversion': 'no change of water that would need a day',
  'cannot match': 'the tank would have to change by more than half of its water, or by more than the fish on it tolerate',
  'bucket small': 'the bucket has no room for more water',
};

export const FAULT_WORDS: Record<InputFault['code'], string> = {
  aboveZero: 'must be more than nothing',
  notNegative: 'cannot be less than nothing',
  pHRange: 'must be between pH 4 and 10',
  bucketSmall: 'the bucket is smaller than the water in the bag',
  salinityRange: 'must be between 0 and 50 ppt',
  temperatureRange: 'must be between 2 and 40 °C',
  tankFresher: 'the tank is fresher than the water it would be changed with',
};

export const SOURCE_WORDS: Record<FactSource, string> = {
  measured: 'measured',
  stated: 'stated',
  estimated: 'estimated',
  calculated: 'calculated',
  'another bag': 'other bag',
  'its box': 'its box',
  'not known': 'not known',
};

/** Why the advised one of several. */
export const ADVICE_WORDS: Record<Extract<Advice, { is: 'advised' }>['why'], string> = {
  'least stressful': 'Least stressful',
  'least work': 'About equal; least work first',
  'second worst': 'About equal; smallest second-worst stress first',
  'only one within': 'The only one within tolerance',
};

/** What hands could change, in words. */
export function sayChange(change: Partial<Controls>, { say }: Units): string {
  const { air, ammoniaBinder, bucketL, dripMinutes, conversionHours } = change;
  return [
    ...(ammoniaBinder ? ['ammonia binder'] : []),
    ...(air && air !== 'none' ? [`${air} air`] : []),
    ...(bucketL ? [`a bucket of ${say('volume', bucketL)}`] : []),
    ...(dripMinutes ? [`${dripMinutes} min`] : []),
    ...(conversionHours ? [`${conversionHours} h`] : []),
  ].join(', ');
}

const FACT_WORDS: Record<string, string> = {
  waterL: 'water in the bag',
  temperature: 'temperature',
  salinity: 'salinity',
  alkalinity: 'alkalinity',
  hardness: 'hardness',
  pH: 'pH',
  tan: 'ammonia, total',
  lengthCm: 'length of the fish',
};
export const factWord = (path: FactOf | SettleBy): string => FACT_WORDS[path.split('.')[1]!] ?? path;
const QUANTITY: Record<string, Quantity> = { waterL: 'volume', tan: 'ammonia' };

export function sayFactValue(path: SettleBy, value: number, { say }: Units): string {
  const [, field] = path.split('.') as [string, string];
  if (field === 'lengthCm') return `${value.toFixed(1)} cm`;
  return say(QUANTITY[field] ?? (field as Quantity), value);
}

export const where = (path: SettleBy): string =>
  path.startsWith('tank') ? 'the tank’s ' : path.startsWith('bag') && path !== 'bag.waterL' ? 'the bag’s ' : 'the ';

export function sayTurn({ of, at, side, then }: Turn, units: Units): string {
  return `${where(of)}${factWord(of)} ${side} ${sayFactValue(of, at, units)}: then ${then ?? 'none is within tolerance'}`;
}

const STRESS_WORDS: Record<StressName, string> = {
  'temperature step': 'temperature step',
  'temperature rate': 'temperature, fastest hour',
  'salinity step': 'salinity, fastest ten minutes',
  'salinity rate': 'salinity, fastest hour',
  'settled pH step': 'lasting pH step',
  'hardness step': 'hardness step',
  'toxic ammonia peak': 'toxic ammonia, peak',
  'toxic ammonia exposure': 'toxic ammonia, exposure',
  'lowest oxygen': 'oxygen, lowest',
  'carbon dioxide': 'time in carbon dioxide',
};

export function sayStressFigure({ name, figure }: Stress, { sayStep, say }: Units): string {
  const signed = (text: string) => `${figure < 0 ? '−' : '+'}${text}`;
  switch (name) {
    case 'temperature step':
    case 'temperature rate':
      return signed(sayStep(Math.abs(figure)));
    case 'salinity step':
    case 'salinity rate':
      return signed(say('salinity', Math.abs(figure)));
    case 'settled pH step':
      return signed(Math.abs(figure).toFixed(1));
    case 'hardness step':
      return signed(say('hardness', Math.abs(figure)));
    case 'toxic ammonia peak':
      return `${figure.toFixed(2)} mg/L`;
    case 'toxic ammonia exposure':
      return `${figure.toFixed(2)} mg·h/L`;
    case 'lowest oxygen':
      return say('oxygen', figure);
    case 'carbon dioxide':
      return `${figure.toFixed(0)} mg/L`;
  }
}
export const stressWord = (name: StressName): string => STRESS_WORDS[name];

/** “Best in 9 of 10” of the simulations. */
export function sayShare(share: number): string {
  const tenths = Math.round(share * 10);
  return tenths === 10 ? 'best in nearly all' : tenths === 0 ? 'hardly ever best' : `best in ${tenths} of 10`;
}
