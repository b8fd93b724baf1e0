// Clean water about to be given: what is known of the bag's own, what was made, and the entries that they become.
import type { BagCard, CrateCard } from '#contract/views.ts';
import { LIKE_THEIRS, temperatureNow, USUAL_BAG_L } from '#core/bench/index.ts';
import type { Reading } from '#core/water/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { readingEntry } from '../parts/readingDraft.ts';

type Quantity = 'temperature' | 'salinity';
export const CLEAN_QUANTITIES = ['temperature', 'salinity'] as const;
/** Why a reading does not serve: 2 °C off is usual on the skin; the room, or the tank where it floats, has changed it since. */
export type Loose = 'skin' | 'long ago' | 'afloat';
export type Own = { value: number; from: 'read in it' | 'another bag of it' | 'stated'; loose?: Loose };
type Crate = Pick<CrateCard, 'stated' | 'bags'>;
type Now = { roomC: number; now: number };

function looseOf({ waterL = USUAL_BAG_L, afloat }: BagCard, read: NonNullable<BagCard['temperature']>, at: Now): Loose | undefined {
  if (read.method === 'on the bag') return 'skin';
  if (afloat) return 'afloat';
  const { low, high } = temperatureNow(read, { waterL, ...at });
  return high - low > LIKE_THEIRS.temperature ? 'long ago' : undefined;
}

/** Order of belief as everywhere: read here, read in another bag of the lot, its salinity as stated. How warm it was packed says nothing of now. */
export function ownOf(bag: BagCard, { stated, bags }: Crate, quantity: Quantity, at: Now): Own | undefined {
  // In clean water it is another's water that was read.
  const from = [bag, ...bags.filter((kin) => kin.bag !== bag.bag && kin.lot === bag.lot && !kin.clean && !kin.afloat)].find(
    (kin) => kin[quantity] !== undefined,
  );
  const read = from?.[quantity];
  if (!from || !read)
    return quantity === 'temperature' || stated.salinityPpt === undefined ? undefined : { value: stated.salinityPpt, from: 'stated' };
  const loose = quantity === 'temperature' ? looseOf(from, from.temperature!, at) : undefined;
  return { value: read.value, from: from === bag ? 'read in it' : 'another bag of it', ...(loose ? { loose } : {}) };
}

/** What is typed: of the bag, read now; of the clean water as made. Empty = as known, as theirs. */
export type CleanFields = { vessel: string; litres: string } & Record<`${'bag' | 'made'} ${Quantity}`, string>;
export const startClean = (units: Units): CleanFields => ({
  vessel: 'bucket',
  litres: units.bare('volume', 8),
  'bag temperature': '',
  'bag salinity': '',
  'made temperature': '',
  'made salinity': '',
});

export type CleanRead = {
  own: Record<Quantity, number | undefined>;
  /** Nobody read or stated it, or the reading does not serve any more: it is read first. */
  ask: Record<Quantity, boolean>;
  made: Record<Quantity, number | undefined>;
  /** Farther from theirs than water like theirs may be. */
  off: Quantity[];
  litres?: number;
  ready: boolean;
};

export function readClean(fields: CleanFields, known: Record<Quantity, Own | undefined>, units: Units): CleanRead {
  const typed = (name: `${'bag' | 'made'} ${Quantity}`, quantity: Quantity): number | 'wrong' | undefined => {
    if (fields[name].trim() === '') return undefined;
    const read = units.read(quantity, fields[name]);
    return read.ok ? read.value : 'wrong';
  };
  const each = <T>(make: (quantity: Quantity) => T): Record<Quantity, T> => ({
    temperature: make('temperature'),
    salinity: make('salinity'),
  });
  const number = (value: number | 'wrong' | undefined) => (value === 'wrong' ? undefined : value);
  const ask = each((quantity) => known[quantity] === undefined || known[quantity].loose !== undefined);
  const own = each((quantity) => number(typed(`bag ${quantity}`, quantity)) ?? (ask[quantity] ? undefined : known[quantity]!.value));
  const made = each((quantity) => number(typed(`made ${quantity}`, quantity)) ?? own[quantity]);
  const off = CLEAN_QUANTITIES.filter(
    (quantity) =>
      own[quantity] !== undefined && made[quantity] !== undefined && Math.abs(made[quantity] - own[quantity]) > LIKE_THEIRS[quantity],
  );
  const litres = units.read('volume', fields.litres);
  const isWrong = CLEAN_QUANTITIES.some(
    (quantity) => typed(`bag ${quantity}`, quantity) === 'wrong' || typed(`made ${quantity}`, quantity) === 'wrong',
  );
  const isKnown = CLEAN_QUANTITIES.every((quantity) => own[quantity] !== undefined);
  const ready = isKnown && !isWrong && litres.ok && fields.vessel.trim() !== '';
  return { own, ask, made, off, litres: litres.ok ? litres.value : undefined, ready };
}

/** What was read of the bag, then the water that its fish were given: measured where it was read in the vessel, else as it was meant to be. */
export function cleanEntries(bag: BagCard, fields: CleanFields, { read, units }: { read: CleanRead; units: Units }): Draft[] {
  const readings = CLEAN_QUANTITIES.flatMap((quantity): Draft[] => {
    const typed = units.read(quantity, fields[`bag ${quantity}`]);
    return typed.ok ? [readingEntry({ subject: { kind: 'bag', id: bag.bag }, quantity, method: 'in the water' }, typed)] : [];
  });
  const madeOf = (quantity: Quantity): Reading => {
    const typed = units.read(quantity, fields[`made ${quantity}`]);
    const value = read.made[quantity]!;
    return typed.ok
      ? {
          value,
          typed: typed.typed,
          method: 'in the water',
          source: 'measured',
          ...(typed.reference ? { reference: typed.reference } : {}),
        }
      : { value, typed: units.bare(quantity, value), method: 'in the water', source: 'stated' };
  };
  return [
    ...readings,
    {
      kind: 'cleanWater.given',
      payload: {
        bag: bag.bag,
        lot: bag.lot,
        n: bag.landed!.alive,
        vessel: fields.vessel.trim(),
        litres: read.litres!,
        temperature: madeOf('temperature'),
        salinity: madeOf('salinity'),
      },
    },
  ];
}
